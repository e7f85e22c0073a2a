import type { Luck } from "../../chance";
import type { Level } from "../../model/drill";
import type { TorqueFigure } from "../../quantity/torque-figure";
import type { TorqueUnit } from "../../quantity/torque-unit";
import { formatFigure } from "../../quantity/torque-words";
import type { Drill } from "../drill";

const SPOKEN: Readonly<Partial<Record<TorqueUnit, readonly string[]>>> = {
  "N.m": ["newton metres", "Nm", "newtons, newton metres I mean"],
  "lbf.ft": ["foot pounds", "pound feet", "foot-pounds"],
  "lbf.in": ["inch pounds", "inch-pounds"],
};

const SYMBOLS = ["N.m", "lbf.ft", "lbf.in"] as const;

/** How somebody tells it, with what is meant; harder from level to level. */
const TELLS: readonly ((luck: Luck) => { said: string; wants: TorqueFigure; why: string })[] = [
  (luck) => {
    const { value, unit, says, wants } = one(luck);
    return {
      said: `So then those two at the top, they get ${value} ${says}, and mind the clip beside it, that always breaks.`,
      wants: wants(value, unit),
      why: "One value.",
    };
  },
  (luck) => {
    const { value, unit, says, wants } = one(luck);
    return {
      said: `I did them to ${value + 6}, no hang on, that was the bracket. These were ${value} ${says}. I had the ${luck.whole(13, 19)} on it.`,
      wants: wants(value, unit),
      why: "He took the first one back, and the last number is a socket.",
    };
  },
  (luck) => {
    const { value, says, wants, unit } = one(luck);
    const degrees = luck.pick([60, 90, 120]);
    const first = wants(value, unit);
    if (first.form !== "value") throw new RangeError("A value was told.");
    return {
      said: `Right, ${value} ${says} first, all of them, and then you go round again with the long bar and give each one another ${degrees === 90 ? "quarter turn" : `${degrees} degrees`}. Not with the torque wrench.`,
      wants: { form: "procedure", moves: [first, { form: "angle", degrees }] },
      why: "A torque, and then an angle: never one number.",
    };
  },
  (luck) => {
    const { value, unit, says, wants } = one(luck);
    return {
      said: `On the older one they say ${value - 9}. Ours is the later engine, so it is ${value} ${says}, I looked it up twice. It breaks at about ${value * 2}, ask me how I know.`,
      wants: wants(value, unit),
      why: "The first is for another engine, the last is where it broke.",
    };
  },
  (luck) => {
    const unit = luck.pick(SYMBOLS);
    const low = luck.whole(12, 40);
    const high = low + luck.whole(4, 9);
    const torque = (value: number) => ({ value, unit, decimals: 0 });
    return {
      said: `The wrench went six, seven, nine, and anyway it wants something between ${low} and ${high} ${luck.pick(SPOKEN[unit] ?? [])}, and I am in the middle somewhere.`,
      wants: { form: "range", low: torque(low), high: torque(high) },
      why: "A range; the first numbers are what the wrench read on the way.",
    };
  },
];

function one(luck: Luck) {
  const unit = luck.pick(SYMBOLS);
  const value = unit === "lbf.in" ? luck.whole(60, 140) : luck.whole(18, 95);
  const wants = (of: number, as: TorqueUnit): TorqueFigure => ({
    form: "value",
    torque: { value: of, unit: as, decimals: 0 },
  });
  return { unit, value, says: luck.pick(SPOKEN[unit] ?? []), wants };
}

export const readDrill: Drill = {
  skill: "read",
  title: "The figure in the talk",
  about: "What is to be used of all the numbers that somebody says",
  task: (level: Level, luck) => {
    const { said, wants, why } = luck.pick(TELLS.slice(Math.max(0, level - 2), level))(luck);
    return {
      kind: "figure",
      asks: "Which figure does the plan get?",
      detail: "Type it with its unit, as you would into a plan.",
      said,
      unit: undefined,
      wants,
      within: [0, 0],
      why: `${why} It is ${formatFigure(wants)}.`,
    };
  },
};

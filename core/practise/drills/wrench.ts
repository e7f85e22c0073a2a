import type { Luck } from "../../chance";
import type { TorqueWrench } from "../../model/tool";
import { MODEL_VERSION } from "../../model/version";
import { formatBand } from "../../quantity/torque-band";
import { type TorqueUnit, toNm, torqueSymbol } from "../../quantity/torque-unit";
import { chooseWrench } from "../../torque/choose-wrench";
import { targetFor } from "../../torque/target";
import type { Drill } from "../drill";

type Owned = Pick<
  TorqueWrench,
  "name" | "works" | "drive" | "unit" | "min" | "max" | "step" | "gripLengthMm"
>;

/** Wrenches as they hang in garages. */
const RACK: readonly Owned[] = [
  {
    name: "2 to 10 N·m",
    works: "click",
    drive: "1/4",
    unit: "N.m",
    min: 2,
    max: 10,
    step: 0.1,
    gripLengthMm: 210,
  },
  {
    name: "5 to 25 N·m",
    works: "click",
    drive: "1/4",
    unit: "N.m",
    min: 5,
    max: 25,
    step: 0.25,
    gripLengthMm: 250,
  },
  {
    name: "20 to 110 N·m",
    works: "click",
    drive: "3/8",
    unit: "N.m",
    min: 20,
    max: 110,
    step: 1,
    gripLengthMm: 380,
  },
  {
    name: "40 to 210 N·m",
    works: "click",
    drive: "1/2",
    unit: "N.m",
    min: 40,
    max: 210,
    step: 1,
    gripLengthMm: 480,
  },
  {
    name: "0 to 140 N·m, beam",
    works: "beam",
    drive: "1/2",
    unit: "N.m",
    min: 0,
    max: 140,
    step: 5,
    gripLengthMm: 420,
  },
  {
    name: "10 to 80 lb·ft",
    works: "click",
    drive: "3/8",
    unit: "lbf.ft",
    min: 10,
    max: 80,
    step: 0.5,
    gripLengthMm: 380,
  },
  {
    name: "30 to 150 lb·in",
    works: "click",
    drive: "1/4",
    unit: "lbf.in",
    min: 30,
    max: 150,
    step: 1,
    gripLengthMm: 230,
  },
  {
    name: "50 to 250 lb·ft",
    works: "click",
    drive: "1/2",
    unit: "lbf.ft",
    min: 50,
    max: 250,
    step: 1,
    gripLengthMm: 560,
  },
];

const asTool = (owned: Owned): TorqueWrench => ({
  ...owned,
  kind: "torque wrench",
  id: owned.name,
  createdAt: "2026-01-01T00:00:00.000Z",
  updatedAt: "2026-01-01T00:00:00.000Z",
  schema: MODEL_VERSION,
  origin: "own",
});

export const wrenchDrill: Drill = {
  skill: "wrench",
  title: "Which wrench",
  about: "The one that is accurate there: from a fifth of its scale up, with a mark near",
  task: (level, luck) => {
    const unit: TorqueUnit = level < 3 ? "N.m" : luck.pick(["N.m", "lbf.ft"] as const);
    for (;;) {
      const task = asked(level, unit, luck);
      if (task) return task;
    }
  },
};

/** A figure for which of some wrenches one alone will do; undefined where this draw has none. */
function asked(level: number, unit: TorqueUnit, luck: Luck): ReturnType<Drill["task"]> | undefined {
  const value = luck.whole(unit === "N.m" ? 6 : 5, unit === "N.m" ? 140 : 100);
  const target = targetFor(toNm(value, unit));
  const rack = luck.shuffled(level < 3 ? RACK.slice(0, 4) : RACK).slice(0, level < 3 ? 3 : 4);
  const { usable, refused } = chooseWrench(rack.map(asTool), target, []);
  const [best] = usable;
  if (!best || usable.length > 1 || best.shareInside < 0.999) return undefined;
  return {
    kind: "pick",
    asks: `Which of these for ${value} ${torqueSymbol(unit)}?`,
    choices: rack.map(({ name }) => {
      const why = refused.find(({ wrench }) => wrench.name === name)?.why;
      return {
        says: name,
        isRight: why === undefined,
        why:
          why ??
          `Set to ${best.setting.value} ${torqueSymbol(best.setting.unit)} the bolt gets ${formatBand(best.bandNm, unit)}.`,
      };
    }),
  };
}

import type { Luck } from "../../chance";
import type { Level } from "../../model/drill";
import { shownTorque } from "../../quantity/shown";
import { type TorqueUnit, fromNm, toNm, torqueSymbol } from "../../quantity/torque-unit";
import { FASTENER_KINDS, type FastenerKind } from "../../thread/fastener-kind";
import { usualTorque } from "../../thread/likely";
import { plausibleBandNm } from "../../thread/sane";
import { formatThread, readThread } from "../../thread/thread";
import type { Drill } from "../drill";

const UNITS = ["N.m", "lbf.ft", "lbf.in", "kgf.m"] as const;

/** The top of a wrench that is marked in pound-inches. */
const MOST_LBF_IN = 250;

const BOLTS: readonly (readonly [thread: string, kind: FastenerKind, called: string])[] = [
  ["M6", "bolt or nut", "cover bolt"],
  ["M8", "bolt or nut", "bracket bolt"],
  ["M10", "bolt or nut", "mounting bolt"],
  ["M12", "bolt or nut", "arm bolt"],
  ["M12x1.5", "wheel bolt or nut", "wheel bolt"],
  ["M14x1.5", "plug", "drain plug"],
  ["M14x1.25", "spark or glow plug", "spark plug"],
  ["M8x1.25", "bleed screw", "bleed screw"],
];

export const unitDrill: Drill = {
  skill: "unit",
  title: "Which unit can it be",
  about: "A number without its unit, told by what the bolt can bear",
  slip: "sane",
  task: (level, luck) => {
    for (;;) {
      const task = asked(level, luck);
      if (task) return task;
    }
  },
};

/** A number that only one of the units makes right; undefined where this draw leaves it open. */
function asked(level: Level, luck: Luck): ReturnType<Drill["task"]> | undefined {
  const [name, kind, called] = luck.pick(BOLTS.slice(0, level + 3));
  const thread = readThread(name);
  const unit: TorqueUnit = luck.pick(UNITS.slice(0, level < 3 ? 3 : 4));
  const usual = usualTorque(thread, { kind, strength: "8.8" }).nm * luck.between(0.85, 1.15);
  const value = fromNm(usual, unit);
  // Nobody gives a wheel bolt in pound-inches: the wrenches for them end there.
  if (unit === "lbf.in" && value > MOST_LBF_IN) return undefined;
  const written = value < 10 ? value.toFixed(1) : value.toFixed(0);
  const band = plausibleBandNm(thread, { kind });
  // N·m and lb·ft lie so near each other that strength alone does not tell them apart.
  const offered =
    level < 4 || unit === "lbf.in" || unit === "kgf.m" ? UNITS.filter((one) => tellable(one, unit)) : [];
  const others = offered.filter((one) => one !== unit);
  const fits = (one: TorqueUnit) => {
    const nm = toNm(Number(written), one);
    return nm >= band[0] && nm <= band[1];
  };
  if (others.length < 2 || others.some(fits) || !fits(unit)) return undefined;
  const known = FASTENER_KINDS.indexOf(kind) === 0 ? formatThread(thread) : `${formatThread(thread)} ${kind}`;
  return {
    kind: "pick",
    asks: `“${called}: ${written}”. In which unit can that be?`,
    detail: `It is an ${known}.`,
    choices: luck.shuffled([unit, ...others]).map((one) => ({
      says: torqueSymbol(one),
      isRight: one === unit,
      why:
        one === unit
          ? `${written} ${torqueSymbol(unit)} are ${shownTorque(toNm(Number(written), unit), "N.m")}; such a one takes ${shownTorque(band[0], "N.m")} to ${shownTorque(band[1], "N.m")}.`
          : `${written} ${torqueSymbol(one)} would be ${shownTorque(toNm(Number(written), one), "N.m")}: ${toNm(Number(written), one) > band[1] ? "it would break" : "it would hold nothing"}.`,
    })),
  };
}

const NEIGHBOURS: readonly TorqueUnit[] = ["N.m", "lbf.ft"];
const tellable = (one: TorqueUnit, unit: TorqueUnit) =>
  one === unit || !(NEIGHBOURS.includes(one) && NEIGHBOURS.includes(unit));

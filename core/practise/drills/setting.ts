import type { Luck } from "../../chance";
import type { Level } from "../../model/drill";
import {
  roundedDown,
  convertTorque,
  formatTorque,
  type TorqueQuantity,
} from "../../quantity/torque-quantity";
import { type TorqueUnit, fromNm, toNm, torqueSymbol } from "../../quantity/torque-unit";
import { nearestMark } from "../../torque/nearest-mark";
import type { Drill } from "../drill";

interface Scale {
  unit: TorqueUnit;
  min: number;
  max: number;
  step: number;
  turn: number;
}

const SCALES: readonly Scale[] = [
  { unit: "N.m", min: 20, max: 110, step: 1, turn: 10 },
  { unit: "N.m", min: 40, max: 200, step: 1, turn: 20 },
  { unit: "lbf.ft", min: 10, max: 80, step: 0.5, turn: 5 },
  { unit: "N.m", min: 5, max: 25, step: 0.25, turn: 2.5 },
  { unit: "lbf.in", min: 40, max: 200, step: 1, turn: 10 },
];

/** The scale in reach at a level, and the unit of the figure. */
function chosen(level: Level, luck: Luck): { scale: Scale; given: TorqueUnit } {
  const scale = luck.pick(SCALES.slice(0, level));
  if (level < 3) return { scale, given: scale.unit };
  const given = luck.pick(
    (["N.m", "lbf.ft", "lbf.in", "kgf.m"] as const).filter((unit) => unit !== scale.unit),
  );
  return { scale, given };
}

export const settingDrill: Drill = {
  skill: "setting",
  title: "Set the wrench",
  about: "The scale and its ring, in its own unit or another, and no higher than a maximum",
  slip: "units",
  task: (level, luck) => {
    const { scale, given } = chosen(level, luck);
    const isMaximum = level >= 4 && luck.whole(0, 1) === 1;
    const aimed = luck.between(scale.min + (scale.max - scale.min) * 0.25, scale.max * 0.95);
    const onScale: TorqueQuantity = { value: Number(aimed.toFixed(0)), unit: scale.unit, decimals: 0 };
    const figure = given === scale.unit ? onScale : shownAs(onScale, given);
    const exact = fromNm(toNm(figure.value, figure.unit), scale.unit);
    const wants = nearestMark(exact, scale.unit, scale.step, {
      from: scale.min,
      way: isMaximum ? "down" : "nearest",
    });
    const converted =
      given === scale.unit
        ? ""
        : `${formatTorque(figure)} are ${exact.toFixed(1)} ${torqueSymbol(scale.unit)}. `;
    return {
      kind: "scale",
      asks: `Set ${isMaximum ? "at most " : ""}${formatTorque(figure)}`,
      detail: `This wrench is marked in ${torqueSymbol(scale.unit)}: a line for each ${scale.turn}, and the ring adds to it.`,
      ...scale,
      wants,
      isMaximum,
      why: `${converted}${isMaximum ? "The mark not above it" : "The nearest mark"} is ${formatTorque(wants)}.`,
    };
  },
};

/** A figure as a book would have it in another unit: rounded, and then the truth. */
function shownAs(quantity: TorqueQuantity, unit: TorqueUnit): TorqueQuantity {
  const other = convertTorque(quantity, unit);
  return { ...other, value: roundedDown(other.value, other.decimals) };
}

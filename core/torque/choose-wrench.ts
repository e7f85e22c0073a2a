import { InputError } from "../input-error";
import type { TorqueWrench } from "../model/tool";
import { type Band, shareWithin } from "../quantity/band";
import { type TorqueQuantity, formatTorque, quantityNm } from "../quantity/torque-quantity";
import { fromNm, toNm } from "../quantity/torque-unit";
import { type Adapter, type Lever, boltTorqueNm, leverRatio, wrenchTorqueNm } from "./adapter";
import { nearestMark, stepDecimals } from "./nearest-mark";
import type { TorqueTarget } from "./target";

/** Wrenches are certified from 20 % of full scale up (ISO 6789: measured at 20, 60 and 100 %). */
const LOWEST_SHARE_OF_SCALE = 0.2;

/** How far the hand may stray from the middle of the grip, mm; it matters only with an adapter on. */
const HAND_STRAY_MM = 10;

/** A wrench set for one pull, and what reaches the bolt. All torques in N·m unless they say otherwise. */
export interface WrenchSetting {
  wrench: TorqueWrench;
  /** What the wrench should read before rounding to its scale. */
  exactNm: number;
  /** The nearest mark it can be set to, in its own unit. */
  setting: TorqueQuantity;
  /** What the bolt gets if wrench and hand are perfect. */
  nominalNm: number;
  /** What the bolt may get: accuracy of the wrench and, with an adapter, the place of the hand. */
  bandNm: Band;
  /** The part of that band that lies within what was asked, 0 to 1. */
  shareInside: number;
}

export interface WrenchRefusal {
  wrench: TorqueWrench;
  /** A sentence: why this wrench cannot be used. */
  why: string;
}

export interface WrenchChoice {
  /** Best first. */
  usable: WrenchSetting[];
  refused: WrenchRefusal[];
}

/**
 * The wrench's claimed accuracy as a share of its setting: its own certificate where known, otherwise
 * ±4 %, or ±6 % where full scale is 10 N·m or less, and for a bending beam (ISO 6789-1:2017, type I class A).
 */
export function wrenchAccuracy(wrench: TorqueWrench): number {
  return (
    wrench.accuracy ?? (wrench.works === "beam" || toNm(wrench.max, wrench.unit) <= 10 + 1e-9 ? 0.06 : 0.04)
  );
}

/** Lowest and highest setting the accuracy is claimed for, in the wrench's own unit. */
export function accurateRange(wrench: TorqueWrench): Band {
  return [Math.max(wrench.min, wrench.max * LOWEST_SHARE_OF_SCALE), wrench.max];
}

/**
 * Sets one wrench for one target, after adapter correction.
 *
 * A value or the middle of a range goes to the nearest mark. A maximum goes to the highest mark whose
 * whole band stays at or below it. A mark outside what is asked is never a setting.
 * A wrench that has none, or on which the adapter cannot be used at all, is refused with the true reason.
 * Example: 40 N·m, 45 mm in line, a 380 mm wrench stepping
 * half a lb·ft → exact 35.765 N·m, set 26.5 lb·ft.
 */
export function setWrench(
  wrench: TorqueWrench,
  target: TorqueTarget,
  adapters: readonly Adapter[],
): WrenchSetting | WrenchRefusal {
  try {
    return settingOn(wrench, target, adapters);
  } catch (error) {
    if (error instanceof InputError) return { wrench, why: error.message };
    throw error;
  }
}

/** Any length: without an adapter the wrench's own cancels out. */
const ANY_GRIP_MM = 400;

/**
 * A wrench with what is between it and the bolt.
 * @throws InputError where an adapter is on and the grip was never measured: what reaches the bolt hangs on it.
 */
export function leverOf(
  { name, gripLengthMm }: Pick<TorqueWrench, "name" | "gripLengthMm">,
  adapters: readonly Adapter[],
): Lever {
  if (gripLengthMm === undefined && adapters.length > 0)
    throw new InputError(
      `With a crowfoot on, what to set hangs on how long the ${name} is. Measure from its square to the middle of its grip, and write it in the chest.`,
      "wrench",
    );
  return { gripLengthMm: gripLengthMm ?? ANY_GRIP_MM, adapters };
}

function settingOn(
  wrench: TorqueWrench,
  target: TorqueTarget,
  adapters: readonly Adapter[],
): WrenchSetting | WrenchRefusal {
  const lever = leverOf(wrench, adapters);
  const accuracy = wrenchAccuracy(wrench);
  const [, farRatio] = ratioBand(lever);
  const exactNm = target.isMaximum
    ? target.highNm / (farRatio * (1 + accuracy))
    : wrenchTorqueNm(target.aimNm, lever);
  const exact = fromNm(exactNm, wrench.unit);
  const range = accurateRange(wrench);
  const marks = marksNear(exact, wrench, target.isMaximum);
  const settings = marks
    .filter(({ value }) => value >= range[0] - 1e-9 && value <= range[1] + 1e-9)
    .map((setting): WrenchSetting => {
      const settingNm = quantityNm(setting);
      const bandNm = bandAtBolt(settingNm, accuracy, lever);
      return {
        wrench,
        exactNm,
        setting,
        nominalNm: boltTorqueNm(settingNm, lever),
        bandNm,
        shareInside: shareWithin(bandNm, [target.lowNm, target.highNm * (1 + 1e-9)]),
      };
    });
  // Set to a mark outside what was asked, or with all that may come of it outside, it would be wrong however
  // well it is pulled.
  const usable = settings.find(
    ({ nominalNm, shareInside }) =>
      nominalNm >= target.lowNm * (1 - 1e-9) && nominalNm <= target.highNm * (1 + 1e-9) && shareInside > 0,
  );
  return (
    usable ?? { wrench, why: whyNot(wrench, exact, range, marks, settings.length > 0 ? target : undefined) }
  );
}

/**
 * The marks of its scale on either side of a value, the nearest first; for a maximum only the one not above
 * it.
 */
function marksNear(exact: number, { unit, step, min }: TorqueWrench, isMaximum: boolean): TorqueQuantity[] {
  const below = nearestMark(exact, unit, step, { from: min, way: "down" });
  if (isMaximum) return [below];
  const nearest = nearestMark(exact, unit, step, { from: min });
  const other =
    nearest.value > below.value + step / 2
      ? below
      : nearestMark(below.value + step, unit, step, { from: min });
  return [nearest, other];
}

/**
 * What the bolt may get when a wrench of this accuracy is set to a torque, N·m: its accuracy, and with an
 * adapter
 * on the place of the hand, 10 mm either way.
 * @throws InputError as leverRatio. Example: 35.929, ±4 %, 380 mm with 45 in line → 38.47 to 41.91.
 */
export function bandAtBolt(settingNm: number, accuracy: number, lever: Lever): Band {
  const [least, most] = ratioBand(lever);
  return [settingNm * (1 - accuracy) * least, settingNm * (1 + accuracy) * most];
}

/**
 * Every wrench judged for one target: the usable ones, the largest share of the band inside first
 * (the narrower band where equal), and the refused ones with the reason.
 */
export function chooseWrench(
  wrenches: readonly TorqueWrench[],
  target: TorqueTarget,
  adapters: readonly Adapter[],
): WrenchChoice {
  const judged = wrenches.map((wrench) => setWrench(wrench, target, adapters));
  const usable = judged.filter((one): one is WrenchSetting => "setting" in one);
  usable.sort((a, b) => b.shareInside - a.shareInside || spread(a) - spread(b));
  return { usable, refused: judged.filter((one): one is WrenchRefusal => "why" in one) };
}

/**
 * What to borrow when no wrench will do: "one that reads 36 N·m between its lowest fifth and its top".
 * The range is told for the setting after adapter correction on a handle of the length given.
 * @throws InputError when the adapter cannot be used on such a handle.
 */
export function rangeToBorrow(
  target: TorqueTarget,
  adapters: readonly Adapter[],
  gripLengthMm = 400,
): { settingNm: number; smallestFullScaleNm: number; largestFullScaleNm: number } {
  const settingNm = target.aimNm / leverRatio({ gripLengthMm, adapters });
  return { settingNm, smallestFullScaleNm: settingNm, largestFullScaleNm: settingNm / LOWEST_SHARE_OF_SCALE };
}

/** Least and most lever ratio while the hand strays along the grip; both the same without an adapter. */
function ratioBand({ gripLengthMm, adapters }: Lever): Band {
  const stray = Math.min(HAND_STRAY_MM, gripLengthMm / 2);
  const ratios = [-stray, 0, stray].map((mm) => leverRatio({ gripLengthMm: gripLengthMm + mm, adapters }));
  return [Math.min(...ratios), Math.max(...ratios)];
}

function spread(setting: WrenchSetting): number {
  return setting.bandNm[1] - setting.bandNm[0];
}

/**
 * The true reason that a wrench cannot be set: its scale ends, it is not accurate there, or it has no mark
 * near.
 */
function whyNot(
  wrench: TorqueWrench,
  exact: number,
  [low, high]: Band,
  marks: readonly TorqueQuantity[],
  missed: TorqueTarget | undefined,
): string {
  const shown = (value: number) =>
    formatTorque({ value, unit: wrench.unit, decimals: stepDecimals(wrench.step) });
  const needed = formatTorque({
    value: exact,
    unit: wrench.unit,
    decimals: Math.max(stepDecimals(wrench.step), exact < 10 ? 2 : 1),
  });
  if (exact > high * (1 + 1e-9)) return `It would need ${needed}; the scale ends at ${shown(high)}.`;
  if (exact < wrench.min * (1 - 1e-9))
    return `It would need ${needed}; the scale starts at ${shown(wrench.min)}.`;
  if (exact < low * (1 - 1e-9))
    return `It would need ${needed}; it is only accurate from ${shown(low)} up, a fifth of its scale.`;
  const near = [...marks]
    .sort((a, b) => a.value - b.value)
    .map(formatTorque)
    .join(" and ");
  const asked = missed ? ", and none brings the bolt within what is asked" : "";
  return `It has no mark near ${needed}: next to it ${marks.length > 1 ? "are" : "is"} ${near}${asked}.`;
}

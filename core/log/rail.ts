import type { Replacement } from "../model/log";
import type { DistanceUnit } from "../quantity/distance";
import { formatDistance } from "../quantity/distance";
import type { VehicleLog } from "./vehicle-log";

/**
 * Something that hangs from the rail or stands above it. `tier` is the row of its label, 0 the nearest,
 * undefined where there is no room for words;
 * `labelX` is where its words begin.
 */
export interface RailMark {
  key: string;
  x: number;
  label: string;
  labelX: number;
  tier: number | undefined;
  /** The entry that it leads to; undefined for several in one place, and for what is due. */
  entryId: string | undefined;
  state: "done" | "overdue" | "soon" | "later";
}

/** An odometer rail laid out, in the units of the drawing: from its first reading to what is forecast. */
export interface Rail {
  first: { x: number; label: string };
  now: { x: number; label: string };
  end: { x: number };
  ticks: { x: number; label: string }[];
  hanging: RailMark[];
  due: RailMark[];
}

export interface RailSize {
  width: number;
  /** How wide a letter of a label is, on average. */
  letter: number;
  tiers: number;
}

/** So much of the rail, at the least, is for what is to come. */
const AHEAD_SHARE = 0.2;
/**
 * What is due farther ahead than this, as a share of what is behind, would leave what was replaced no room
 * for words.
 */
const AHEAD_MOST = 0.5;
/** Marks nearer than this are one: no finger or eye would part them. */
const APART = 5;
/** So wide is the label of a tick, with the room beside it, in letters. */
const TICK_LETTERS = 15;
const GAP = 10;

/**
 * Lays out one vehicle's rail: distance from left to right, what was replaced hanging under it, what is due
 * standing above it. Labels take the nearest row in which they do not touch another; where all are full the
 * mark stays without words. What is due far
 * ahead is left to the list of what is due.
 */
export function layOutRail(
  log: VehicleLog,
  replacements: readonly Replacement[],
  { width, letter, tiers }: RailSize,
): Rail | undefined {
  const { vehicle, mileage, nowKm, dues } = log;
  const firstKm = mileage.points[0]?.km;
  if (firstKm === undefined) return undefined;
  const unit = vehicle.distanceUnit;
  const ahead = dues.flatMap(({ key, dueAt, on, interval, state }) => {
    if (state === "unknown" || state === "snoozed" || !on) return [];
    const km = dueAt ? mileage.totalKm(dueAt, on.best) : (log.driving?.totalOn(on.best) ?? nowKm);
    return [{ km, mark: { key, label: interval.part, entryId: undefined, state } }];
  });
  const gone = Math.max(1, nowKm - firstKm);
  const near = ahead.filter(({ km }) => km <= nowKm + gone * AHEAD_MOST);
  const farthest = Math.max(nowKm, ...near.map(({ km }) => km));
  const endKm = Math.max(farthest + gone * 0.03, nowKm + (gone * AHEAD_SHARE) / (1 - AHEAD_SHARE));
  const x = (km: number) => ((Math.min(endKm, Math.max(firstKm, km)) - firstKm) / (endKm - firstKm)) * width;
  const room = (label: string) => label.length * letter;

  const hanging = inTiers(
    together(
      replacements
        .filter((one) => one.vehicleId === vehicle.id)
        .map((one) => ({
          key: one.id,
          x: x(mileage.totalKm(one.odometer, one.on)),
          label: one.part,
          entryId: one.id,
          state: "done" as const,
        }))
        .sort((a, b) => a.x - b.x),
    ),
    { width, tiers, room },
  );
  const due = inTiers(
    near.map(({ km, mark }) => ({ ...mark, x: x(km) })).sort((a, b) => a.x - b.x),
    { width, tiers: Math.min(tiers, 3), room },
  );
  return {
    first: { x: 0, label: formatDistance(mileage.shown(firstKm, unit)) },
    now: { x: x(nowKm), label: formatDistance(mileage.shown(nowKm, unit)) },
    end: { x: width },
    ticks: ticksOf(
      mileage,
      firstKm,
      endKm,
      unit,
      Math.max(2, Math.floor(width / (TICK_LETTERS * letter))),
    ).map(({ km, label }) => ({ x: x(km), label })),
    hanging,
    due,
  };
}

type Bare = Omit<RailMark, "tier" | "labelX">;

/** Marks in one place as one, with how many they are. */
function together(marks: Bare[]): Bare[] {
  const groups: Bare[][] = [];
  for (const mark of marks) {
    const group = groups.at(-1);
    if (group?.[0] && mark.x - group[0].x < APART) group.push(mark);
    else groups.push([mark]);
  }
  return groups.flatMap((group) => {
    const [first] = group;
    if (!first) return [];
    const labels = [...new Set(group.map(({ label }) => label))];
    return [
      group.length === 1
        ? first
        : {
            ...first,
            label:
              labels.length === 1 ? `${first.label} ×${group.length}` : `${first.label} +${group.length - 1}`,
          },
    ];
  });
}

function inTiers(
  marks: Bare[],
  { width, tiers, room }: { width: number; tiers: number; room: (label: string) => number },
): RailMark[] {
  const ends: number[] = Array.from({ length: tiers }, () => -Infinity);
  return marks.map((mark) => {
    const start = Math.min(mark.x, width - room(mark.label));
    const tier = start < 0 ? -1 : ends.findIndex((end) => end + GAP <= start);
    if (tier >= 0) ends[tier] = start + room(mark.label);
    return { ...mark, labelX: start, tier: tier < 0 ? undefined : tier };
  });
}

/** Round distances, as many as there is room for. */
function ticksOf(
  mileage: VehicleLog["mileage"],
  fromKm: number,
  toKm: number,
  unit: DistanceUnit,
  most: number,
): { km: number; label: string }[] {
  const from = mileage.shown(fromKm, unit).value;
  const to = mileage.shown(toKm, unit).value;
  if (to <= from) return [];
  const rough = (to - from) / most;
  const power = 10 ** Math.floor(Math.log10(rough));
  const step = [1, 2, 5, 10].map((times) => times * power).find((one) => one >= rough) ?? rough;
  const perKm = (toKm - fromKm) / (to - from);
  return Array.from(
    { length: Math.floor(to / step) - Math.ceil(from / step) + 1 },
    (_, i) => (Math.ceil(from / step) + i) * step,
  ).map((at) => ({
    km: fromKm + (at - from) * perKm,
    label: formatDistance({ value: at, unit }),
  }));
}

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
  /** The entry that it leads to, of several in one place the first; undefined for what is due. */
  entryId: string | undefined;
  state: "done" | "overdue" | "soon" | "later";
}

/** An odometer rail laid out, in the units of the drawing: from its first reading to what is forecast. */
export interface Rail {
  first: { x: number; label: string };
  now: { x: number; label: string };
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

/** What of the rail is looked at: shares of its whole length from 0 to 1. */
export interface RailView {
  from: number;
  to: number;
}
export const WHOLE_RAIL: RailView = { from: 0, to: 1 };
/** No nearer than this: a fiftieth of the rail fills it. */
const NEAREST = 0.02;

/**
 * The view drawn nearer or farther, so that what lies at `at` stays where it is; never beyond the ends. @param times
 * above 1 is nearer. @param at a share of the view, from 0 to 1.
 */
export function zoomed({ from, to }: RailView, times: number, at = 0.5): RailView {
  const held = from + (to - from) * at;
  const span = Math.min(1, Math.max(NEAREST, (to - from) / times));
  return within(held - span * at, span);
}

/** The view moved along by a share of itself; never beyond the ends. */
export const movedAlong = ({ from, to }: RailView, by: number): RailView =>
  within(from + (to - from) * by, to - from);

function within(from: number, span: number): RailView {
  const start = Math.min(Math.max(0, from), 1 - span);
  return { from: start, to: start + span };
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
 * standing above it. Labels take the nearest row in which they touch no other and no stem runs through them; where
 * there is none the mark stays without words. What is due far ahead is left to the list of what is due.
 */
export function layOutRail(
  log: VehicleLog,
  replacements: readonly Replacement[],
  { width, letter, tiers }: RailSize,
  { from, to }: RailView = WHOLE_RAIL,
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
  const x = (km: number) => {
    const share = (Math.min(endKm, Math.max(firstKm, km)) - firstKm) / (endKm - firstKm);
    return ((share - from) / (to - from)) * width;
  };
  const inView = ({ x: at }: { x: number }) => at >= -0.5 && at <= width + 0.5;
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
        .filter(inView)
        .sort((a, b) => a.x - b.x),
    ),
    { width, tiers, room },
  );
  const due = inTiers(
    near
      .map(({ km, mark }) => ({ ...mark, x: x(km) }))
      .filter(inView)
      .sort((a, b) => a.x - b.x),
    { width, tiers: Math.min(tiers, 4), room },
  );
  return {
    first: { x: 0, label: formatDistance(mileage.shown(firstKm, unit)) },
    now: { x: x(nowKm), label: formatDistance(mileage.shown(nowKm, unit)) },
    ticks: ticksOf(
      mileage,
      firstKm + from * (endKm - firstKm),
      firstKm + to * (endKm - firstKm),
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

/** A label that has its row: where its words and its stem are. */
interface Placed {
  start: number;
  end: number;
  stem: number;
  tier: number;
}

/** What is seen to first comes by its words first. */
const PRESSING = ["overdue", "soon", "later", "done"] as const satisfies readonly RailMark["state"][];

/**
 * Each label its row: below the stems that stand within its words, and above the words that its own stem stands within.
 * Where not all have room the pressing ones have it, and then those farthest along.
 */
function inTiers(
  marks: Bare[],
  { width, tiers, room }: { width: number; tiers: number; room: (label: string) => number },
): RailMark[] {
  const placed: Placed[] = [];
  const urgent = ({ state }: Bare) => PRESSING.indexOf(state);
  return [...marks]
    .sort((a, b) => urgent(a) - urgent(b) || b.x - a.x)
    .map((mark): RailMark => {
      const start = Math.min(mark.x, width - room(mark.label));
      const end = start + room(mark.label);
      const touching = placed.filter((one) => one.start < end + GAP && start < one.end + GAP);
      const row = Array.from({ length: tiers }, (_, tier) => tier).find((tier) =>
        touching.every(
          (one) =>
            one.tier !== tier &&
            (one.tier < tier || !isUnder(one.stem, start, end)) &&
            (one.tier > tier || !isUnder(mark.x, one.start, one.end)),
        ),
      );
      const tier = start < 0 ? undefined : row;
      if (tier !== undefined) placed.push({ start, end, stem: mark.x, tier });
      return { ...mark, labelX: start, tier };
    })
    .sort((a, b) => a.x - b.x);
}

/** Whether a stem stands within words, or so near that it seems to. */
const isUnder = (stem: number, start: number, end: number): boolean =>
  stem > start - GAP / 2 && stem < end + GAP / 2;

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

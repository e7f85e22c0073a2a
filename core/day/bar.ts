import type { DayPlan, Surroundings } from "../model/day-plan";
import { DAY_MIN, dayAt } from "./clock";
import type { DayTold } from "./day";
import { type Slot, type Timed, keepsOrder, movedTo, places, workDown } from "./schedule";
import { type Windows, within } from "./windows";
import { worldOf } from "./world";

/** Something drawn on the bar of one day: moments in minutes since the first midnight. */
export interface Piece {
  id: string;
  from: number;
  to: number;
}

/** One day of the bar. */
export interface BarDay {
  day: string;
  from: number;
  to: number;
  light: Windows;
  shop: Windows;
  /** One's own hands, and a helper's. */
  hands: readonly Piece[][];
  waits: Piece[];
  open: (Piece & { says: string })[];
  /** Where 50, 80 and 95 of 100 are over, as far as that is on this day. */
  finish: { p50: number; p80: number; p95: number } | undefined;
}

/**
 * Slots of a told day as a plan that was changed since would have them: at once, while the odds are reckoned anew.
 */
export function slotsFor(
  told: Pick<DayTold, "timed" | "begins">,
  plan: Pick<DayPlan, "startsOn" | "startsAt" | "pauses" | "helper">,
  around: Surroundings,
  live: boolean,
): Slot[] {
  return workDown(told.timed, worldOf(plan, around, live ? told.begins : undefined));
}

/** A goal no further off the end than so many minutes is drawn. */
const GOAL_NEAR = 150;

/** The bar of a day: one row for each calendar day that anything is done on. */
export function barOf(told: DayTold, slots: readonly Slot[]): BarDay[] {
  const finite = slots.filter(({ from, over }) => Number.isFinite(from) && Number.isFinite(over));
  const at = new Map(finite.map((slot) => [slot.id, slot]));
  const last = Math.max(told.begins, ...finite.map(({ over }) => over));
  const ends = Math.max(last, Number.isFinite(told.p80) ? told.p80 : last);
  const first = Math.min(...finite.map(({ from }) => from), last);
  const open = told.open.flatMap(({ says, from, to, opening }) => {
    const [begin, end] = [at.get(told.all[from] ?? ""), at.get(told.all[to] ?? "")];
    return end ? [{ id: opening, says, from: begin?.from ?? told.begins, to: end.over }] : [];
  });
  const days = Math.floor((ends - 1e-6) / DAY_MIN) - Math.floor(first / DAY_MIN) + 1;
  return Array.from({ length: days }, (_, i) => Math.floor(first / DAY_MIN) + i).flatMap((day): BarDay[] => {
    const whole: Windows = [[day * DAY_MIN, (day + 1) * DAY_MIN]];
    const cut = <T extends Piece>(pieces: readonly T[]): T[] =>
      pieces.flatMap((piece) => {
        const [from, to] = [Math.max(piece.from, day * DAY_MIN), Math.min(piece.to, (day + 1) * DAY_MIN)];
        return to > from ? [{ ...piece, from, to }] : [];
      });
    const hands = Array.from({ length: told.helper.length > 0 ? 2 : 1 }, (_, person) =>
      cut(
        finite
          .filter(({ people, from, to }) => people.includes(person) && to > from)
          .flatMap(({ id, from, to }) =>
            within([[from, to]], person === 0 ? told.hands : told.helper).map(([start, end]) => ({
              id,
              from: start,
              to: end,
            })),
          ),
      ),
    );
    const waits = cut(finite.map(({ id, to, over }) => ({ id, from: to, to: over })));
    const all = [...hands.flat(), ...waits];
    if (all.length === 0) return [];
    const isOn = (moment: number) => moment > day * DAY_MIN && moment <= (day + 1) * DAY_MIN;
    // A goal that is hours off would only make the rest small.
    const ending = Math.max(Number.isFinite(told.p95) ? told.p95 : 0, last);
    const marks = [
      told.p50,
      told.p80,
      told.p95,
      ...(told.goal.at <= ending + GOAL_NEAR ? [told.goal.at] : []),
    ].filter(isOn);
    const hour = (moment: number, up: boolean) => (up ? Math.ceil : Math.floor)(moment / 60) * 60;
    return [
      {
        day: dayAt(told.zero, day * DAY_MIN),
        from: hour(Math.min(...all.map(({ from }) => from)), false),
        to: Math.min((day + 1) * DAY_MIN, hour(Math.max(...all.map(({ to }) => to), ...marks) + 1, true)),
        light: within(told.light, whole),
        shop: within(told.shop, whole),
        hands,
        waits,
        open: cut(open),
        finish: isOn(told.p80) ? { p50: told.p50, p80: told.p80, p95: told.p95 } : undefined,
      },
    ];
  });
}

/**
 * An order with one activity put where it was dropped, or as near to it as what it needs allows.
 * @returns undefined where it stays. `heldBy` is what keeps it from going all the way.
 */
export function dropped(
  timed: readonly Timed[],
  from: number,
  to: number,
): { order: string[] | undefined; heldBy: string | undefined } {
  const allowed = places(timed, from);
  const place = allowed.reduce((best, one) => (Math.abs(one - to) < Math.abs(best - to) ? one : best), from);
  const activity = timed[from];
  const held = place === to ? undefined : nextTo(timed, activity, to < from);
  if (place === from) return { order: undefined, heldBy: held };
  const order = movedTo(timed, from, place);
  return { order: keepsOrder(order) ? order.map(({ id }) => id) : undefined, heldBy: held };
}

/** The nearest that an activity needs, or that needs it. */
function nextTo(timed: readonly Timed[], activity: Timed | undefined, up: boolean): string | undefined {
  if (!activity) return undefined;
  const needs = new Set(activity.after.map(({ id }) => id));
  return up
    ? timed.findLast(({ id }) => needs.has(id))?.id
    : timed.find(({ after }) => after.some(({ id }) => id === activity.id))?.id;
}

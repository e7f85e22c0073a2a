import type { FollowUp } from "../model/log";
import { type Distance, convertDistance, formatDistance } from "../quantity/distance";
import { type DayBand, type Driving, firstOf } from "./mileage/driving";
import type { Mileage } from "./mileage/mileage";

/** A follow-up, and the day by which it is owed as far as that can be told. */
export interface Owed {
  followUp: FollowUp;
  /** Undefined where it is owed at a distance and the driving is not known. */
  on: DayBand | undefined;
  left: Distance | undefined;
  reached: boolean;
}

/**
 * When a follow-up is owed: on its day, or on the day that its distance is reached, whichever comes first.
 */
export function owedOf(
  followUp: FollowUp,
  mileage: Mileage,
  driving: Driving | undefined,
  today: string,
): Owed {
  const { dueOn, dueAt } = followUp;
  const total = dueAt && mileage.totalKm(dueAt, today);
  const now = driving?.totalOn(today) ?? mileage.points.at(-1)?.km;
  const byDistance = total === undefined ? undefined : driving?.dayAt(total);
  const on = firstOf(dueOn, byDistance);
  const left =
    dueAt && total !== undefined && now !== undefined
      ? convertDistance({ value: total - now, unit: "km" }, dueAt.unit)
      : undefined;
  return {
    followUp,
    on,
    left,
    reached: (left !== undefined && left.value <= 0) || (dueOn !== undefined && dueOn <= today),
  };
}

/** When it is owed, in words: "on 2026-12-04", "at 62 000 km". */
export function dueWords({ dueOn, dueAt }: FollowUp, formatDay: (day: string) => string): string {
  const says = [
    ...(dueOn === undefined ? [] : [`on ${formatDay(dueOn)}`]),
    ...(dueAt ? [`at ${formatDistance(dueAt)}`] : []),
  ];
  return says.length === 0 ? "no day yet" : says.join(" or ");
}

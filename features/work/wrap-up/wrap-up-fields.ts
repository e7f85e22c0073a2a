import { z } from "zod";
import { daysAfter, daysBetween } from "@/core/day";
import { ifTyped, typed } from "@/core/form";
import { LONGEST_WARRANTY_MONTHS, type Part, type Route } from "@/core/model/job";
import type { Reading } from "@/core/model/vehicle";
import type { followUpsFrom } from "@/core/plan/after-the-work";
import type { Distance, DistanceUnit } from "@/core/quantity/distance";
import { type Money, priceText, readPrice } from "@/core/quantity/money";
import { wholeWithin } from "@/core/quantity/number-within";
import { readDay, readOwnOdometer } from "../../shared/odometer/read-reading";

/**
 * What is typed at the wrap-up: the reading and the day, and by id or kind the price and warranty of parts
 * and when follow-ups are due.
 */
export type WrapUpFields = { odometer: string; on: string } & Record<string, string>;

type FollowUpDraft = ReturnType<typeof followUpsFrom>[number];

/** What the fields start as: the last reading, the prices and warranties of the plan, the usual distances. */
export function wrapUpFields(
  route: Route,
  latest: Pick<Reading, "distance"> | undefined,
  proposals: readonly FollowUpDraft[],
  today: string,
): WrapUpFields {
  const prices = route.parts.flatMap(({ id, priceMinor, warrantyMonths }) => [
    [`price ${id}`, priceText(priceMinor)],
    [`warranty ${id}`, warrantyMonths === undefined ? "" : String(warrantyMonths)],
  ]);
  const after = proposals.map(({ kind, dueAt, dueOn }) => [
    `after ${kind}`,
    String(dueAt ? dueAt.value - (latest?.distance.value ?? 0) : daysBetween(today, dueOn ?? today)),
  ]);
  return {
    odometer: latest ? String(latest.distance.value) : "",
    on: today,
    lesson: "",
    noticed: "",
    ...Object.fromEntries(prices),
    ...Object.fromEntries(after),
  } as WrapUpFields;
}

interface Around {
  route: Route;
  /** Ids of parts and kinds of follow-ups that are left out. */
  dropped: ReadonlySet<string>;
  unit: DistanceUnit;
  today: string;
  followUps: (odometer: Distance, on: string) => FollowUpDraft[];
  money: Money;
}

export interface WrapUpRead {
  odometer: Distance;
  on: string;
  fitted: { part: Part; priceMinor: number | undefined; warrantyMonths: number | undefined }[];
  followUps: FollowUpDraft[];
}

/**
 * What is typed at the wrap-up makes: a reading and a day; of each part that was fitted its price and
 * warranty; of each follow-up when it is due.
 */
export function wrapUpForm({
  route,
  dropped,
  unit,
  today,
  followUps,
  money,
}: Around): z.ZodType<WrapUpRead, WrapUpFields> {
  const parts = route.parts.filter(({ id }) => !dropped.has(id));
  const owed = followUps({ value: 0, unit }, today).filter(({ kind }) => !dropped.has(kind));
  const price = ifTyped((text) => readPrice(text, money));
  const warranty = ifTyped(wholeWithin("The warranty", 1, LONGEST_WARRANTY_MONTHS, " months"));
  return z
    .object({
      odometer: typed((text) => ({ value: readOwnOdometer(text, unit), unit })),
      on: typed((text) => readDay(text, today)),
      ...Object.fromEntries(
        parts.flatMap(({ id }) => [[`price ${id}`, price] as const, [`warranty ${id}`, warranty] as const]),
      ),
      ...Object.fromEntries(
        owed.map(
          ({ kind, dueAt }) =>
            [`after ${kind}`, typed(wholeWithin(dueAt ? "The distance" : "The days", 1, 100_000))] as const,
        ),
      ),
    })
    .transform(({ odometer, on, ...said }) => {
      const numbers: Readonly<Record<string, unknown>> = said;
      const number = (name: string) => (typeof numbers[name] === "number" ? numbers[name] : undefined);
      return {
        odometer,
        on,
        fitted: parts.map((part) => ({
          part,
          priceMinor: number(`price ${part.id}`),
          warrantyMonths: number(`warranty ${part.id}`),
        })),
        followUps: followUps(odometer, on)
          .filter(({ kind }) => !dropped.has(kind))
          .map((one): FollowUpDraft => {
            const after = number(`after ${one.kind}`) ?? 0;
            if (one.dueAt) return { ...one, dueAt: { value: odometer.value + after, unit } };
            return { ...one, dueOn: daysAfter(on, after) };
          }),
      };
    });
}

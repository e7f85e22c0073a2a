import { addDays, format, parseISO } from "date-fns";
import { fieldReader, ifTyped } from "@/core/field-reader";
import { InputError } from "@/core/input-error";
import type { Part, Route } from "@/core/model/job";
import type { followUpsFrom } from "@/core/plan/after-the-work";
import type { Distance, DistanceUnit } from "@/core/quantity/distance";
import { readPrice } from "@/core/quantity/money";
import { readNumber } from "@/core/quantity/read-number";
import { readDay, readOwnOdometer } from "../../shared/odometer/read-reading";
import type { WrapUpFields } from "./WrapUpLines";

type FollowUpDraft = ReturnType<typeof followUpsFrom>[number];

interface Around {
  route: Route;
  /** Ids of parts and kinds of follow-ups that are left out. */
  dropped: ReadonlySet<string>;
  unit: DistanceUnit;
  today: string;
  followUps: (odometer: Distance, on: string) => FollowUpDraft[];
}

interface WrapUpRead {
  odometer: Distance;
  on: string;
  fitted: { part: Part; priceMinor: number | undefined; warrantyMonths: number | undefined }[];
  followUps: FollowUpDraft[];
}

/** Reads what was typed at the wrap-up, or says what is wrong at each field. */
export function readWrapUp(fields: WrapUpFields, { route, dropped, unit, today, followUps }: Around): WrapUpRead | { errors: Partial<Record<string, string>> } {
  const { read, errors, failed } = fieldReader<string>();
  const value = read("odometer", () => readOwnOdometer(fields.odometer, unit));
  const on = read("on", () => readDay(fields.on, today));
  const fitted = route.parts
    .filter(({ id }) => !dropped.has(id))
    .map((part) => ({
      part,
      priceMinor: read(`price ${part.id}`, () => ifTyped(fields[`price ${part.id}`] ?? "", (text) => readPrice(text))),
      warrantyMonths: read(`warranty ${part.id}`, () => ifTyped(fields[`warranty ${part.id}`] ?? "", (text) => whole(text, "The warranty", 240))),
    }));
  const odometer = { value: value ?? 0, unit };
  const owed = (on === undefined ? [] : followUps(odometer, on))
    .filter(({ kind }) => !dropped.has(kind))
    .map((one): FollowUpDraft => {
      const after = read(`after ${one.kind}`, () => whole(fields[`after ${one.kind}`] ?? "", one.dueAt ? "The distance" : "The days", 100_000)) ?? 0;
      if (one.dueAt) return { ...one, dueAt: { value: odometer.value + after, unit } };
      return { ...one, dueOn: format(addDays(parseISO(on ?? today), after), "yyyy-MM-dd") };
    });
  if (failed() || value === undefined || on === undefined) return { errors };
  return { odometer, on, fitted, followUps: owed };
}

function whole(text: string, what: string, most: number): number {
  const { value } = readNumber(text, what);
  if (!Number.isInteger(value) || value < 1 || value > most) throw new InputError(`${what}: a whole number from 1 to ${most}.`);
  return value;
}

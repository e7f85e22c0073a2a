import { z } from "zod";
import { ifTyped, line, lineIfTyped, oneOf, oneOfIfSaid, textIfTyped, typed } from "@/core/form";
import type { QuickEntry } from "@/core/log/table/quick-entry";
import { MOST_PARTS } from "@/core/model/job";
import type { Replacement } from "@/core/model/log";
import { PLACES, SYSTEMS } from "@/core/model/place";
import type { Draft } from "@/core/model/record";
import type { Vehicle } from "@/core/model/vehicle";
import type { Distance, DistanceUnit } from "@/core/quantity/distance";
import { type Money, priceText, readPrice } from "@/core/quantity/money";
import { wholeWithin } from "@/core/quantity/number-within";
import { readOdometer } from "@/core/quantity/read-odometer";
import { SIDES } from "@/core/side";
import { withoutUndefined } from "@/core/without-undefined";
import { readDay } from "../../shared/odometer/read-reading";

/** An entry as it is typed. */
export interface EntryFields {
  vehicleId: string;
  part: string;
  place: string;
  system: string;
  odometer: string;
  on: string;
  count: string;
  price: string;
  partNumber: string;
  hand: string;
  warrantyUntil: string;
  quote: string;
  note: string;
}
type EntryDraft = Draft<Replacement>;

const EMPTY = { partNumber: "", hand: "", warrantyUntil: "", quote: "", note: "" };

/** What a line said, as fields; what it did not say is left empty, but for the day, which is today. */
export function fieldsOfLine(
  said: QuickEntry,
  { id: vehicleId, distanceUnit: unit }: Pick<Vehicle, "id" | "distanceUnit">,
  today: string,
): EntryFields {
  return {
    ...EMPTY,
    vehicleId,
    part: said.part ?? "",
    place: said.place ?? "",
    system: said.system ?? "",
    odometer: said.odometer ? odometerText(said.odometer, unit) : "",
    on: said.on ?? (said.asks.some(({ about }) => about === "day") ? "" : today),
    count: String(said.count),
    price: priceText(said.priceMinor),
  };
}

export function fieldsOfEntry(one: Replacement, unit: DistanceUnit): EntryFields {
  return {
    vehicleId: one.vehicleId,
    part: one.part,
    place: one.place,
    system: one.system,
    odometer: odometerText(one.odometer, unit),
    on: one.on,
    count: String(one.count),
    price: priceText(one.priceMinor),
    partNumber: one.partNumber ?? "",
    hand: one.hand ?? "",
    warrantyUntil: one.warrantyUntil ?? "",
    quote: priceText(one.quoteMinor),
    note: one.note ?? "",
  };
}

/** The entry that the fields make. */
export function entryForm(
  fields: EntryFields,
  vehicles: readonly Vehicle[],
  today: string,
  jobId: string | undefined,
  money: Money,
): z.ZodType<EntryDraft, EntryFields> {
  const own = vehicles.find(({ id }) => id === fields.vehicleId)?.distanceUnit ?? "km";
  return z
    .object({
      vehicleId: oneOf(
        vehicles.map(({ id }) => id),
        "Choose the vehicle.",
      ),
      part: line("What was replaced?"),
      place: oneOf(PLACES, "Choose where it sits."),
      system: oneOf(SYSTEMS, "Choose the system."),
      odometer: typed((text) => readOdometer(text, own)),
      on: typed((text) => readDay(text, today)),
      count: typed(wholeWithin("The count", 1, MOST_PARTS)),
      price: ifTyped((text) => readPrice(text, money)),
      partNumber: lineIfTyped,
      hand: oneOfIfSaid(SIDES),
      warrantyUntil: ifTyped((day) => day),
      quote: ifTyped((text) => readPrice(text, money)),
      note: textIfTyped,
    })
    .transform(({ price: priceMinor, quote: quoteMinor, ...said }) =>
      withoutUndefined({ ...said, jobId, priceMinor, quoteMinor }),
    );
}

/** The number alone where it is in the vehicle's own unit, which stands in the field. */
function odometerText({ value, unit }: Distance, own: DistanceUnit): string {
  return unit === own ? String(value) : `${value} ${unit}`;
}

/** The unit typed behind the number; the log keeps each reading in the unit it was read in. */
export function unitOf(odometer: string): "km" | "mi" | undefined {
  const said = /(km|kilomet|mi)/i.exec(odometer)?.[1]?.toLowerCase();
  if (said === undefined) return undefined;
  if (said.startsWith("k")) return "km";
  return "mi";
}

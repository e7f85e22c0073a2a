import { ifTyped, requireText } from "@/core/field-reader";
import { type fieldReader } from "@/core/field-reader";
import { InputError } from "@/core/input-error";
import type { QuickEntry } from "@/core/log/table/quick-entry";
import type { Replacement } from "@/core/model/log";
import { PLACES, type Place, SYSTEMS, type System } from "@/core/model/place";
import type { Draft } from "@/core/model/record";
import type { Vehicle } from "@/core/model/vehicle";
import type { Distance, DistanceUnit } from "@/core/quantity/distance";
import { readPrice } from "@/core/quantity/money";
import { readNumber } from "@/core/quantity/read-number";
import { readOdometer } from "@/core/quantity/read-odometer";
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
export type EntryDraft = Draft<Replacement>;

const money = (minor: number | undefined) => (minor === undefined ? "" : (minor / 100).toFixed(2));
const EMPTY = { partNumber: "", hand: "", warrantyUntil: "", quote: "", note: "" };

/** What a line said, as fields; what it did not say is left empty, but for the day, which is today. */
export function fieldsOfLine(said: QuickEntry, { id: vehicleId, distanceUnit: unit }: Pick<Vehicle, "id" | "distanceUnit">, today: string): EntryFields {
  return {
    ...EMPTY,
    vehicleId,
    part: said.part ?? "",
    place: said.place ?? "",
    system: said.system ?? "",
    odometer: said.odometer ? odometerText(said.odometer, unit) : "",
    on: said.on ?? (said.asks.some(({ about }) => about === "day") ? "" : today),
    count: String(said.count),
    price: money(said.priceMinor),
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
    price: money(one.priceMinor),
    partNumber: one.partNumber ?? "",
    hand: one.hand ?? "",
    warrantyUntil: one.warrantyUntil ?? "",
    quote: money(one.quoteMinor),
    note: one.note ?? "",
  };
}

/** The entry that the fields make; undefined when one of them could not be read, and then the reader has its sentence. */
export function readEntry(
  fields: EntryFields,
  { read, failed }: ReturnType<typeof fieldReader<keyof EntryFields>>,
  vehicles: readonly Vehicle[],
  today: string,
  jobId: string | undefined,
): EntryDraft | undefined {
  const vehicle = read("vehicleId", () => chosen(vehicles, fields.vehicleId));
  const part = read("part", () => requireText(fields.part, "What was replaced?"));
  const place = read("place", () => oneOf<Place>(PLACES, fields.place, "Choose where it sits."));
  const system = read("system", () => oneOf<System>(SYSTEMS, fields.system, "Choose the system."));
  const odometer = read("odometer", () => readOdometer(fields.odometer, vehicle?.distanceUnit ?? "km"));
  const on = read("on", () => readDay(fields.on, today));
  const count = read("count", () => readCount(fields.count));
  const priceMinor = read("price", () => ifTyped(fields.price, readPrice));
  const quoteMinor = read("quote", () => ifTyped(fields.quote, readPrice));
  if (failed() || !vehicle || part === undefined || !place || !system || odometer === undefined || on === undefined || count === undefined) return undefined;
  return {
    vehicleId: vehicle.id,
    ...(jobId === undefined ? {} : { jobId }),
    part,
    place,
    system,
    odometer,
    on,
    count,
    ...(priceMinor === undefined ? {} : { priceMinor }),
    ...(quoteMinor === undefined ? {} : { quoteMinor }),
    ...(fields.partNumber.trim() === "" ? {} : { partNumber: fields.partNumber.trim().slice(0, 200) }),
    ...(fields.hand === "left" || fields.hand === "right" ? { hand: fields.hand } : {}),
    ...(fields.warrantyUntil === "" ? {} : { warrantyUntil: fields.warrantyUntil }),
    ...(fields.note.trim() === "" ? {} : { note: fields.note.trim().slice(0, 20_000) }),
  };
}

/** The number alone where it is in the vehicle's own unit, which stands in the field. */
function odometerText({ value, unit }: Distance, own: DistanceUnit): string {
  return unit === own ? String(value) : `${value} ${unit}`;
}

/** The unit typed behind the number; the log keeps each reading in the unit it was read in. */
export function unitOf(odometer: string): "km" | "mi" | undefined {
  const said = /(km|kilomet|mi)/i.exec(odometer)?.[1]?.toLowerCase();
  return said === undefined ? undefined : said.startsWith("k") ? "km" : "mi";
}

function chosen(vehicles: readonly Vehicle[], id: string): Vehicle {
  const vehicle = vehicles.find((one) => one.id === id);
  if (!vehicle) throw new InputError("Choose the vehicle.");
  return vehicle;
}

function oneOf<T extends string>(all: readonly T[], said: string, otherwise: string): T {
  const found = all.find((one) => one === said);
  if (!found) throw new InputError(otherwise);
  return found;
}

function readCount(text: string): number {
  const { value } = readNumber(text, "The count");
  if (!Number.isInteger(value) || value < 1 || value > 99) throw new InputError("A whole number from 1 to 99.");
  return value;
}

import { format, isValid, parse } from "date-fns";
import { fitting } from "../../form";
import { InputError, orSentence } from "../../input-error";
import { MOST_PARTS } from "../../model/job";
import type { Replacement } from "../../model/log";
import { PLACES, SYSTEMS, type System } from "../../model/place";
import { type Draft, LONGEST_LINE, LONGEST_TEXT } from "../../model/record";
import type { Vehicle } from "../../model/vehicle";
import type { DistanceUnit } from "../../quantity/distance";
import { type Money, priceText, readPrice } from "../../quantity/money";
import { wholeWithin } from "../../quantity/number-within";
import { readOdometer } from "../../quantity/read-odometer";
import { readQuickEntry } from "./quick-entry";

interface Column {
  name: string;
  /** Other names that it goes by in tables made elsewhere. */
  also: RegExp;
  write: (entry: Replacement, vehicle: string, money: Money) => string;
}

/**
 * The columns of the log as a table, in the order they are written. How each is read, `readRow` says below:
 * most hang on others.
 */
const COLUMNS = [
  { name: "vehicle", also: /^(?:vehicle|car|auto)$/i, write: (_, vehicle) => vehicle },
  { name: "part", also: /^(?:part|item|what|description|component|replaced)s?$/i, write: ({ part }) => part },
  {
    name: "part number",
    also: /number|^(?:ref|sku|part no\.?)$/i,
    write: ({ partNumber }) => partNumber ?? "",
  },
  { name: "count", also: /^(?:count|qty|quantity|pieces)$/i, write: ({ count }) => String(count) },
  { name: "place", also: /^(?:place|position|where|side|location)$/i, write: ({ place }) => place },
  { name: "system", also: /^(?:system|group|category)$/i, write: ({ system }) => system },
  {
    name: "odometer",
    also: /odo|mileage|reading|^(?:km|miles|at)$/i,
    write: ({ odometer }) => String(odometer.value),
  },
  { name: "unit", also: /unit/i, write: ({ odometer }) => odometer.unit },
  { name: "day", also: /date|^(?:day|on|when)$/i, write: ({ on }) => on },
  { name: "price", also: /price|cost|paid|amount/i, write: ({ priceMinor }) => priceText(priceMinor) },
  { name: "quote", also: /quote|workshop/i, write: ({ quoteMinor }) => priceText(quoteMinor) },
  {
    name: "currency",
    also: /currency|^money$/i,
    write: ({ priceMinor, quoteMinor }, _, { currency }) =>
      priceMinor === undefined && quoteMinor === undefined ? "" : currency,
  },
  { name: "hand", also: /^hand$/i, write: ({ hand }) => hand ?? "" },
  { name: "warranty until", also: /warranty|guarantee/i, write: ({ warrantyUntil }) => warrantyUntil ?? "" },
  { name: "note", also: /note|comment|remark/i, write: ({ note }) => note ?? "" },
] as const satisfies readonly Column[];
export type LogColumn = (typeof COLUMNS)[number]["name"];
export const LOG_COLUMNS: readonly LogColumn[] = COLUMNS.map(({ name }) => name);

/** The log as rows, the names of the columns first. */
export function logRows(
  replacements: readonly Replacement[],
  vehicles: readonly Vehicle[],
  money: Money,
): string[][] {
  const names = new Map(vehicles.map(({ id, name }) => [id, name]));
  const rows = [...replacements]
    .sort((a, b) => a.on.localeCompare(b.on))
    .map((one) => COLUMNS.map(({ write }) => write(one, names.get(one.vehicleId) ?? "", money)));
  return [[...LOG_COLUMNS], ...rows];
}

/**
 * Which of our columns each column of a table seems to be; each of ours once, undefined for one that is left
 * out.
 */
export function guessColumns(heads: readonly string[]): (LogColumn | undefined)[] {
  const taken = new Set<LogColumn>();
  const exact = heads.map((head) => LOG_COLUMNS.find((column) => column === head.trim().toLowerCase()));
  exact.forEach((column) => column && taken.add(column));
  return heads.map((head, i) => {
    const own =
      exact[i] ?? COLUMNS.find(({ name, also }) => !taken.has(name) && also.test(head.trim()))?.name;
    if (own) taken.add(own);
    return own;
  });
}

/** How days are written in a table. */
export const DAY_FORMS = ["yyyy-MM-dd", "d.M.yyyy", "d/M/yyyy", "M/d/yyyy", "d MMM yyyy"] as const;
export type DayForm = (typeof DAY_FORMS)[number];

/**
 * The forms in which every day of a column can be read; more than one where it stays open which number is the
 * month.
 */
export function dayFormsOf(days: readonly string[]): DayForm[] {
  const said = days.map((day) => day.trim()).filter((day) => day !== "");
  return DAY_FORMS.filter((form) => said.every((day) => readDayAs(day, form) !== undefined));
}

function readDayAs(day: string, form: DayForm): string | undefined {
  const read = parse(day, form, new Date(2000, 0, 1));
  return isValid(read) && read.getFullYear() > 1884 && read.getFullYear() < 2201
    ? format(read, "yyyy-MM-dd")
    : undefined;
}

export interface Matching {
  columns: readonly (LogColumn | undefined)[];
  dayForm: DayForm;
  /** The vehicle of rows that name none. */
  vehicleId: string;
  /** The system of rows that name none and whose part does not tell. */
  system: System;
  /** What prices here are in. */
  money: Money;
}

/** What a row of a table comes to: an entry, or what is wrong with it. */
export type ReadRow = { row: number; draft: Draft<Replacement> } | { row: number; wrong: string };

/** Reads the rows under the heads. Row numbers count the heads as 1, as a spreadsheet does. */
export function readLogRows(
  rows: readonly (readonly string[])[],
  matching: Matching,
  vehicles: readonly Vehicle[],
  today: string,
): ReadRow[] {
  return rows.map((cells, i) =>
    orSentence<ReadRow>(
      () => ({ row: i + 2, draft: readRow(cells, matching, vehicles, today) }),
      (wrong) => ({ row: i + 2, wrong }),
    ),
  );
}

function readRow(
  cells: readonly string[],
  { columns, dayForm, vehicleId, system: otherwise, money }: Matching,
  vehicles: readonly Vehicle[],
  today: string,
): Draft<Replacement> {
  const cell = (column: LogColumn): string => cells[columns.indexOf(column)]?.trim() ?? "";
  const named = cell("vehicle").toLowerCase();
  const vehicle =
    named === ""
      ? vehicles.find(({ id }) => id === vehicleId)
      : vehicles.find(({ name, id }) => name.toLowerCase() === named || id === cell("vehicle"));
  if (!vehicle)
    throw new InputError(
      named === ""
        ? "It names no vehicle. Choose one for such rows."
        : `There is no vehicle "${cell("vehicle")}" in the Garage. Add it first, or choose one.`,
    );
  const part = cell("part");
  if (part === "") throw new InputError("It has no part.");
  const on = readDayAs(cell("day"), dayForm);
  if (on === undefined)
    throw new InputError(cell("day") === "" ? "It has no day." : `"${cell("day")}" is no day as ${dayForm}.`);
  if (on > today) throw new InputError(`${on} is still to come.`);
  const unitSaid = cell("unit").toLowerCase();
  const unit = distanceUnitSaid(unitSaid, vehicle);
  if (!unit) throw new InputError(`"${cell("unit")}" is no unit of distance: km or mi.`);
  // In a table a mark before three digits sets off thousands, as in all its rows.
  const odometer = readOdometer(
    cell("odometer").replace(/(?<=\d)[ ,.\u00a0\u2009\u202f](?=\d{3}(?!\d))/g, ""),
    unit,
  );
  const guess = readQuickEntry(`${part} ${cell("place")}`, unit, today);
  const place =
    cell("place") === ""
      ? guess.place
      : (PLACES.find((one) => one === cell("place").toLowerCase()) ?? guess.place);
  if (!place)
    throw new InputError(
      cell("place") === ""
        ? "It does not say where the part sits."
        : `"${cell("place")}" is none of: ${PLACES.join(", ")}.`,
    );
  const system =
    cell("system") === ""
      ? (guess.system ?? otherwise)
      : SYSTEMS.find((one) => one === cell("system").toLowerCase());
  if (!system) throw new InputError(`"${cell("system")}" is none of: ${SYSTEMS.join(", ")}.`);
  const count = cell("count") === "" ? 1 : wholeWithin("The count", 1, MOST_PARTS)(cell("count"));
  const hand = cell("hand").toLowerCase();
  if (hand !== "" && hand !== "left" && hand !== "right") throw new InputError("A hand is left or right.");
  const until = cell("warranty until") === "" ? undefined : readDayAs(cell("warranty until"), dayForm);
  if (cell("warranty until") !== "" && !until)
    throw new InputError(`"${cell("warranty until")}" is no day as ${dayForm}.`);
  const currency = cell("currency").toUpperCase();
  // A price that has its currency beside it says it itself.
  const price = (column: "price" | "quote") =>
    readPrice(/^[\d\s.,]+$/.test(cell(column)) ? `${currency} ${cell(column)}` : cell(column), money);
  return {
    vehicleId: vehicle.id,
    part: fitting(part, LONGEST_LINE),
    ...(cell("part number") === "" ? {} : { partNumber: fitting(cell("part number"), LONGEST_LINE) }),
    count,
    place,
    system,
    odometer,
    on,
    ...(cell("price") === "" ? {} : { priceMinor: price("price") }),
    ...(cell("quote") === "" ? {} : { quoteMinor: price("quote") }),
    ...(hand === "" ? {} : { hand }),
    ...(until === undefined ? {} : { warrantyUntil: until }),
    ...(cell("note") === "" ? {} : { note: fitting(cell("note"), LONGEST_TEXT) }),
  };
}

function distanceUnitSaid(unitSaid: string, vehicle: Vehicle): DistanceUnit | undefined {
  if (unitSaid === "") return vehicle.distanceUnit;
  if (unitSaid.startsWith("k")) return "km";
  if (unitSaid.startsWith("mi")) return "mi";
  return undefined;
}

/** What makes two entries the same one, whatever their ids: brought in twice they would count twice. */
export function entryKey({
  vehicleId,
  on,
  place,
  part,
  odometer,
}: Pick<Replacement, "vehicleId" | "on" | "place" | "part" | "odometer">): string {
  return `${vehicleId} ${on} ${place} ${part.toLowerCase()} ${odometer.value}`;
}

import { GENERAL_ADVICE } from "../general-advice";
import { inMarkdown } from "../markdown";
import type { Job } from "../model/job";
import type { Measurement, Replacement } from "../model/log";
import type { Reading, Vehicle } from "../model/vehicle";
import { formatDistance } from "../quantity/distance";
import { type Money, formatPrice } from "../quantity/money";

/** What a history may tell beside part, place, day and odometer, which it always tells. */
export const HISTORY_FIELDS = [
  "prices",
  "part numbers",
  "notes",
  "measurements",
  "readings",
  "which job",
] as const;
export type HistoryField = (typeof HISTORY_FIELDS)[number];

export interface HistoryTable {
  title: string;
  heads: string[];
  rows: string[][];
}

export interface History {
  title: string;
  /** What it covers and what it leaves out, in sentences. */
  says: string[];
  tables: HistoryTable[];
}

interface Records {
  replacements: readonly Replacement[];
  measurements: readonly Measurement[];
  readings: readonly Reading[];
  jobs: readonly Job[];
}

/**
 * A vehicle's history for somebody who buys it: only the chosen fields, and it says itself what it is made
 * from and what it cannot know. Nothing that is in the log is left out but by field. @param on the local
 * calendar day.
 */
export function historyOf(
  vehicle: Vehicle,
  records: Records,
  fields: ReadonlySet<HistoryField>,
  on: string,
  money: Money,
): History {
  const own = <T extends { vehicleId: string; on: string }>(all: readonly T[]) =>
    all.filter(({ vehicleId }) => vehicleId === vehicle.id).sort((a, b) => a.on.localeCompare(b.on));
  const replacements = own(records.replacements);
  const readings = own(records.readings);
  const columns = columnsOf(records.jobs, money).filter(({ field }) => !field || fields.has(field));
  const tables: (HistoryTable & { field?: HistoryField })[] = [
    {
      title: "Replaced",
      heads: columns.map(({ head }) => head),
      rows: replacements.map((one) => columns.map(({ cell }) => cell(one))),
    },
    measuredTable(own(records.measurements)),
    readingsTable(readings),
  ];
  return {
    title: [vehicle.name, vehicle.year, vehicle.engine].filter(Boolean).join(", "),
    says: saysOf(replacements, readings, fields, on),
    tables: tables
      .filter(({ field, rows }) => !field || (fields.has(field) && rows.length > 0))
      .map(({ title, heads, rows }) => ({ title, heads, rows })),
  };
}

/** A column of what was replaced; told only where its field is chosen, if it has one. */
interface Column {
  head: string;
  field?: HistoryField;
  cell: (one: Replacement) => string;
}

const columnsOf = (jobs: readonly Job[], money: Money): Column[] => [
  { head: "Day", cell: ({ on }) => on },
  { head: "Odometer", cell: ({ odometer }) => formatDistance(odometer) },
  { head: "Part", cell: ({ part, count }) => (count > 1 ? `${count} × ${part}` : part) },
  { head: "Place", cell: ({ place }) => place },
  { head: "Part number", field: "part numbers", cell: ({ partNumber }) => partNumber ?? "" },
  {
    head: "Price of parts",
    field: "prices",
    cell: ({ priceMinor }) => (priceMinor === undefined ? "" : formatPrice(priceMinor, money)),
  },
  { head: "Note", field: "notes", cell: ({ note }) => note ?? "" },
  {
    head: "Job",
    field: "which job",
    cell: ({ jobId }) =>
      jobId === undefined
        ? "entered by hand"
        : (jobs.find(({ id }) => id === jobId)?.title ?? "a job no longer kept"),
  },
];

function saysOf(
  replacements: readonly Replacement[],
  readings: readonly Reading[],
  fields: ReadonlySet<HistoryField>,
  on: string,
): string[] {
  const span = [...replacements, ...readings].map((one) => one.on).sort();
  const leftOut = HISTORY_FIELDS.filter((field) => !fields.has(field)).join(", ") || "nothing";
  return [
    `Kept by the owner; ${replacements.length} replacements${span.length > 0 ? ` from ${span[0]} to ${span.at(-1)}` : ""}. Written on ${on}.`,
    ...readings
      .filter(({ newOdometer }) => newOdometer)
      .map(
        (one) =>
          `The odometer was changed on ${one.on}; the new one began at ${formatDistance(one.distance)}.`,
      ),
    `Work that nobody wrote down is not in it. Left out by choice: ${leftOut}.`,
  ];
}

const measuredTable = (measurements: readonly Measurement[]) => ({
  field: "measurements" as const,
  title: "Measured",
  heads: ["Day", "Odometer", "What", "Where", "Value", "Limit"],
  rows: measurements.map(({ on, odometer, what, at, value, unit, least, most }) => [
    on,
    formatDistance(odometer),
    what,
    at ?? "",
    `${value} ${unit}`,
    limitWords(least, unit, most),
  ]),
});

const readingsTable = (readings: readonly Reading[]) => ({
  field: "readings" as const,
  title: "Odometer",
  heads: ["Day", "Reading"],
  rows: readings.map(({ on, distance, newOdometer }) => [
    on,
    `${formatDistance(distance)}${newOdometer ? ", new odometer" : ""}`,
  ]),
});

function limitWords(least: number | undefined, unit: string, most: number | undefined): string {
  if (least !== undefined) return `at least ${least} ${unit}`;
  if (most !== undefined) return `at most ${most} ${unit}`;
  return "";
}

/**
 * A history as Markdown; a cell's own bars, line breaks and markup are kept from making a table or a link of
 * their own.
 */
export function historyMarkdown({ title, says, tables }: History): string {
  const row = (cells: string[]) => `| ${cells.map(inMarkdown).join(" | ")} |`;
  return [
    `# ${inMarkdown(title)}`,
    ...says.map(inMarkdown),
    ...tables.map(({ title, heads, rows }) =>
      [`## ${title}\n`, row(heads), `| ${heads.map(() => "---").join(" | ")} |`, ...rows.map(row)].join("\n"),
    ),
    `_${GENERAL_ADVICE}_\n`,
  ].join("\n\n");
}

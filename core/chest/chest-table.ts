import { InputError } from "../input-error";
import { type Tool, toolSchema } from "../model/tool";
import { MODEL_VERSION } from "../model/version";
import { formatHeadSize, readHeadSize } from "../quantity/read-head-size";
import { readNumber } from "../quantity/read-number";
import type { ToolDraft } from "./missing";

/** The columns of a chest as a table. A row has what matters for its kind; the rest is empty. */
export const CHEST_COLUMNS = [
  "kind",
  "name",
  "drive",
  "from",
  "to",
  "size",
  "form",
  "deep",
  "impact",
  "points",
  "flare",
  "offsetMm",
  "lengthMm",
  "works",
  "unit",
  "min",
  "max",
  "step",
  "accuracy",
  "gripLengthMm",
  "checkedOn",
  "ratio",
  "efficiency",
  "count",
  "ratingPerStandKg",
  "ratingKg",
  "lowestMm",
  "highestMm",
  "left",
  "leftUnit",
  "set",
  "lentTo",
  "priceMinor",
] as const;
type Column = (typeof CHEST_COLUMNS)[number];

const YES_NO: readonly Column[] = ["deep", "impact", "flare"];
const TEXT: readonly Column[] = [
  "kind",
  "name",
  "drive",
  "from",
  "to",
  "form",
  "works",
  "unit",
  "checkedOn",
  "set",
  "lentTo",
];

/** A chest as rows, the names of the columns first. */
export function chestRows(tools: readonly Tool[]): string[][] {
  return [[...CHEST_COLUMNS], ...tools.map((tool) => CHEST_COLUMNS.map((column) => cellOf(tool, column)))];
}

function cellOf(tool: Tool, column: Column): string {
  if (column === "size") return "head" in tool ? formatHeadSize(tool.head) : "";
  if (column === "left" || column === "leftUnit")
    return tool.kind === "consumable" ? String(column === "left" ? tool.left.value : tool.left.unit) : "";
  const value: unknown = (tool as Record<string, unknown>)[column];
  if (value === undefined) return "";
  if (typeof value === "boolean") {
    if (value) return "yes";
    return "no";
  }
  return String(value);
}

/**
 * The tools of a table whose first row names its columns, in any order; columns that are not known are left.
 * All or nothing: @throws InputError naming the row and the column of the first thing wrong.
 */
export function readChestRows(rows: readonly (readonly string[])[]): ToolDraft[] {
  const [head, ...body] = rows;
  const columns = head?.map((name) => name.trim().toLowerCase()) ?? [];
  if (!columns.includes("kind"))
    throw new InputError(
      `The first row has to name the columns; one of them is “kind”. The others: ${CHEST_COLUMNS.slice(1).join(", ")}.`,
    );
  if (body.length === 0) throw new InputError("There is no tool under the names of the columns.");
  if (body.length > 5000)
    throw new InputError(`That is ${body.length} tools; a chest takes up to 5000 at once.`);
  return body.map((row, i) =>
    readRow((column) => (row[columns.indexOf(column.toLowerCase())] ?? "").trim(), i + 2),
  );
}

function readRow(cell: (column: Column) => string, row: number): ToolDraft {
  const where = (column: Column, error: unknown) => {
    if (!(error instanceof InputError)) throw error;
    return new InputError(`Row ${row}, ${column}: ${error.message}`);
  };
  const read = <T>(column: Column, how: (text: string) => T): T | undefined => {
    const text = cell(column);
    if (text === "") return undefined;
    try {
      return how(text);
    } catch (error) {
      throw where(column, error);
    }
  };
  const fields: Record<string, unknown> = {};
  for (const column of CHEST_COLUMNS) {
    const value =
      column === "size" || column === "left" || column === "leftUnit"
        ? undefined
        : read(column, (text): unknown => {
            if (TEXT.includes(column)) return text;
            if (YES_NO.includes(column)) return readYes(text);
            return readPlainNumber(text);
          });
    if (value !== undefined) fields[column] = value;
  }
  const size = read("size", (text) => readHeadSize(text));
  if (size) fields.head = size;
  const left = read("left", (text) => readPlainNumber(text));
  if (left !== undefined) fields.left = { value: left, unit: cell("leftUnit") };
  const stamp = {
    id: "row",
    createdAt: "2000-01-01T00:00:00.000Z",
    updatedAt: "2000-01-01T00:00:00.000Z",
    schema: MODEL_VERSION,
    origin: "own",
  };
  const result = toolSchema.safeParse({ ...stamp, name: fields.name ?? fields.kind, ...fields });
  if (!result.success) {
    const [issue] = result.error.issues;
    throw new InputError(
      `Row ${row}${issue?.path.length ? `, ${issue.path.join(" ")}` : ""}: ${issue?.message ?? "it could not be read"}.`,
    );
  }
  const {
    id: _id,
    createdAt: _made,
    updatedAt: _changed,
    schema: _schema,
    origin: _origin,
    ...draft
  } = result.data;
  return draft as ToolDraft;
}

function readYes(text: string): boolean {
  if (/^(?:yes|y|true|1|x)$/i.test(text)) return true;
  if (/^(?:no|n|false|0)$/i.test(text)) return false;
  throw new InputError(`“${text}” is neither yes nor no.`);
}

/**
 * A number of a table. A point before three digits sets off thousands in one country's tables and decimals in
 * another's. @throws InputError asking which.
 */
function readPlainNumber(text: string): number {
  const either = /^(\d{1,3})\.(\d{3})$/.exec(text.trim());
  if (either)
    throw new InputError(
      `“${text.trim()}” could be ${either[1]}${either[2]} or ${Number(text)}. Write ${either[1]}${either[2]}, or ${Number(text)}.`,
    );
  return readNumber(text, "The number").value;
}

import Papa from "papaparse";
import { InputError } from "@/core/input-error";

/** No table that is brought in here has nearly as many. */
const MOST_COLUMNS = 200;

/**
 * What a spreadsheet would run instead of show, behind whatever it passes over (spaces, line ends, signs that nobody
 * sees), in the wide letters of East Asia too; and what is guarded already, so that a guard is always taken off again.
 */
const FORMULA = /^'*[\s\p{Cc}\p{Cf}]*[=+\-@\uFF1D\uFF0B\uFF0D\uFF20]|^'*[\t\r]/u;

/**
 * Rows as CSV (RFC 4180); a cell that a spreadsheet would take for a formula is guarded with an apostrophe.
 */
export function writeCsv(rows: readonly (readonly string[])[]): string {
  return Papa.unparse(
    rows.map((row) => row.map((cell) => (FORMULA.test(cell) ? `'${cell}` : cell))),
    { newline: "\r\n", quotes: (cell) => /[;\t]/.test(String(cell)) },
  );
}

/**
 * The rows of a CSV text, its separator found out; the guard before a formula is taken off again.
 * @throws InputError for a text that is no table.
 */
export function readCsv(text: string): string[][] {
  if (text.trim() === "") throw new InputError("The file is empty.");
  if (text.includes("\u0000"))
    throw new InputError("The file is not text. Save the table as CSV and try again.");
  const table = text.replace(/^\uFEFF/, "").trim();
  const { data, errors } = Papa.parse<string[]>(table, {
    skipEmptyLines: "greedy",
    delimiter: separatorOf(table),
  });
  const broken = errors.find(({ type }) => type === "Quotes");
  if (broken)
    throw new InputError(
      `In row ${(broken.row ?? 0) + 1} a quotation mark is not closed. Mend the row and try again.`,
    );
  if ((data[0]?.length ?? 0) > MOST_COLUMNS)
    throw new InputError(
      `The table has more than ${MOST_COLUMNS} columns: it is not a log or a chest. Save only the columns that are wanted.`,
    );
  return data.map((row) =>
    row.map((cell) => (cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell)),
  );
}

/** The separator that the first row has most of, outside its quotation marks; a comma where it has none. */
function separatorOf(table: string): string {
  const bare = table.replace(/"(?:[^"]|"")*"/g, "");
  const [first = ""] = bare.split(/\r?\n/);
  const most = [",", ";", "\t"]
    .map((separator) => ({ separator, count: first.split(separator).length - 1 }))
    .sort((a, b) => b.count - a.count)[0];
  return most && most.count > 0 ? most.separator : ",";
}

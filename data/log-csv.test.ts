import { execFileSync } from "node:child_process";
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import Papa from "papaparse";
import { EUROS } from "@/core/__fixtures__/money";
import { guessColumns, logRows, readLogRows } from "@/core/log/table/log-table";
import { demoHousehold } from "@/demo/household";
import { readCsv, writeCsv } from "./csv";

const { replacements, vehicles } = demoHousehold("2026-11-24");
const [first, ...rest] = replacements;
if (!first) throw new Error("The demo has no log.");
/**
 * What a spreadsheet would trip over: formulas, quotes, separators, line breaks, letters beyond ASCII, zeros
 * in front.
 */
const AWKWARD = [
  "=1+1",
  '+HYPERLINK("x")',
  "@SUM(A1)",
  "-2",
  'He said "so"',
  "a,b;c\td",
  "Grüße, 5 N·m",
  "007",
];

const log = [
  ...AWKWARD.map((note, i) => ({
    ...first,
    id: `awkward-${i}`,
    part: `Part ${note}`,
    partNumber: note,
    note: `${note}\nsecond line`,
  })),
  ...rest,
];

const rows = logRows(log, vehicles, EUROS);
const csv = `\ufeff${writeCsv(rows)}`;

const OFFICE = ["/usr/bin/soffice", "/usr/bin/libreoffice"].find((path) => existsSync(path));

test("the log as CSV comes back the same, and nothing in it would be run as a formula", () => {
  expect(readCsv(csv)).toEqual(rows);
  const { data, errors } = Papa.parse<string[]>(csv.slice(1), { delimiter: "," });
  expect(errors).toEqual([]);
  expect(data.map((row) => row.length)).toEqual(data.map(() => rows[0]?.length));
  expect(data.flat().filter((cell) => /^[=+\-@\t\r]/.test(cell))).toEqual([]);
  expect(csv.split("\r\n").length).toBeGreaterThan(log.length);
});

test("brought in again it makes the same entries", () => {
  const [heads = [], ...read] = readCsv(csv);
  const drafts = readLogRows(
    read,
    { columns: guessColumns(heads), dayForm: "yyyy-MM-dd", vehicleId: "", system: "engine", money: EUROS },
    vehicles,
    "2026-11-24",
  );
  expect(drafts.filter((one) => "wrong" in one)).toEqual([]);
  const bare = [...log]
    .sort((a, b) => a.on.localeCompare(b.on))
    .map(({ id: _id, createdAt: _c, updatedAt: _u, schema: _s, origin: _o, jobId: _j, ...draft }) => draft);
  expect(drafts.map((one) => "draft" in one && one.draft)).toEqual(bare);
});

// Where a spreadsheet is at hand, it opens the file and writes it again.
(OFFICE ? test : test.skip)(
  "a spreadsheet opens it with every cell as it was, and what it saves comes in again",
  () => {
    const folder = mkdtempSync(join(tmpdir(), "vest-pocket-office-"));
    try {
      writeFileSync(join(folder, "log.csv"), csv);
      // Comma, quote, UTF-8, from the first row; every column as text is left to the spreadsheet itself.
      const filter = "44,34,76,1";
      execFileSync(
        OFFICE ?? "",
        [
          "--headless",
          `-env:UserInstallation=file://${folder}/profile`,
          `--infilter=Text - txt - csv (StarCalc):${filter}`,
          "--convert-to",
          `csv:Text - txt - csv (StarCalc):${filter}`,
          "--outdir",
          join(folder, "out"),
          join(folder, "log.csv"),
        ],
        { stdio: "ignore", timeout: 100_000 },
      );
      const again = readCsv(readFileSync(join(folder, "out", "log.csv"), "utf8"));
      const number = (cell: string) => (/^0*\d+(?:\.\d+)?$/.test(cell) ? String(Number(cell)) : cell);
      expect(again.map((row) => row.map(number))).toEqual(rows.map((row) => row.map(number)));
      const drafts = readLogRows(
        again.slice(1),
        {
          columns: guessColumns(again[0] ?? []),
          dayForm: "yyyy-MM-dd",
          vehicleId: "",
          system: "engine",
          money: EUROS,
        },
        vehicles,
        "2026-11-24",
      );
      expect(drafts.filter((one) => "wrong" in one)).toEqual([]);
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  },
  120_000,
);

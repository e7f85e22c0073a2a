import type { TorqueFigure } from "../quantity/torque-figure";
import { type TorqueUnit, torqueSymbol } from "../quantity/torque-unit";
import type { Group, SaidSize } from "./group";
import type { Span } from "./heard";
import { type Family, marksOf } from "./mention";
import { sizeAt } from "./scan-size";
import { torqueAt } from "./scan-torque";
import { USUAL } from "./size-words";
import { HEADS } from "./vocabulary";
import { wordsOf } from "./words";
import { torqueUnitAt } from "./written-torque";

/** What the columns of a table of fasteners hold. */
type Column = "name" | "size" | "torque" | "count" | "note";

interface Cell extends Span {
  says: string;
}

/** Between two cells: a bar, a tab, a semicolon, or a gap as wide as only a column leaves. */
const BETWEEN = /\s*[|\t;]\s*|\s{3,}/g;

const HEADING: readonly (readonly [column: Column, words: RegExp])[] = [
  [
    "torque",
    /^(?:torque|figure|spec|tighten(?:ing)?|n[·. ]?m|newton.*|ft.?lbs?|lbs?.?ft|in.?lbs?|lbs?.?in|kgf?.?m)\b/i,
  ],
  ["size", /^(?:size|head|socket|spanner|wrench|key|bit|tool|hex|af|mm)\b/i],
  ["count", /^(?:count|qty|quantity|how many|number|no|nos|pcs|pieces|off|x|×|#)\.?$/i],
  ["name", /^(?:what|bolts?|nuts?|fasteners?|fixings?|where|part|item|name|position)\b/i],
  ["note", /^(?:notes?|remarks?|comments?|other|how)\b/i],
];

interface Table extends Span {
  columns: Column[];
  /** What the torques are in where a cell does not say. */
  unit: TorqueUnit | undefined;
  rows: Cell[][];
}

function cellsOf(line: string, from: number): Cell[] {
  const cells: Cell[] = [];
  let at = 0;
  for (const { index, 0: gap } of [...line.matchAll(BETWEEN), { index: line.length, 0: "" }]) {
    const says = line.slice(at, index).trim();
    const start = from + at + line.slice(at).search(/\S|$/);
    // A bar at the edge begins or ends the line, and no cell.
    const isEdge = says === "" && (at === 0 || index === line.length);
    if (!isEdge) cells.push({ says, start, end: start + says.length });
    at = index + gap.length;
  }
  return cells;
}

const columnOf = ({ says }: Cell): Column | undefined => HEADING.find(([, words]) => words.test(says))?.[0];

/** Every table of a text whose first row says which column has the heads or the torques. */
function tablesIn(text: string): Table[] {
  const tables: Table[] = [];
  let open: Table | undefined;
  let at = 0;
  for (const line of text.split("\n")) {
    const cells = cellsOf(line, at);
    const end = at + line.length;
    at = end + 1;
    if (open && cells.length > 1 && /^[\s|:=-]+$/.test(line)) continue;
    if (open && cells.length > 1) {
      open.rows.push(cells);
      open.end = end;
      continue;
    }
    open = undefined;
    const columns = cells.map(columnOf);
    const holds = columns.filter((column) => column === "size" || column === "torque");
    if (cells.length < 2 || holds.length === 0 || columns.filter(Boolean).length < 2) continue;
    const ofTorque = cells[columns.indexOf("torque")]?.says ?? "";
    open = {
      start: end - line.length,
      end,
      columns: columns.map((column) => column ?? "note"),
      unit: wordsOf(ofTorque)
        .map((_, n) => torqueUnitAt(wordsOf(ofTorque), n)?.unit)
        .find(Boolean),
      rows: [],
    };
    tables.push(open);
  }
  return tables.filter(({ rows }) => rows.length > 0);
}

/** The head that a cell names, "T30", "17 x5": a bare number is one across flats in millimetres. */
function headIn({ says, start, end }: Cell): SaidSize | undefined {
  // "10 mm deep": what kind of socket, and not how deep a hole is.
  const words = wordsOf(says.replace(/\b(?:deep|long|short|thin|socket)\b/gi, ""));
  const said = words.map((_, n) => sizeAt(words, n)).find((size) => size?.kind === "head");
  const span = { start, end };
  if (said?.kind === "head") return { head: said.head, span, doubtful: /\?/.test(says) };
  const bare = Number(/^\d{1,2}(?:[.,]5)?(?=\s|\(|$)/.exec(says)?.[0].replace(",", "."));
  return USUAL.has(bare)
    ? { head: { profile: "hexagon", unit: "mm", size: bare }, span, doubtful: /\?/.test(says) }
    : undefined;
}

/** The torque of a cell, in the unit that it says or its column does; undefined where neither does. */
function figureIn({ says }: Cell, unit: TorqueUnit | undefined): TorqueFigure | undefined {
  const inUnit = (name: string) =>
    says.replace(/\d+(?:[.,]\d+)?(?:\s*[-–]\s*\d+(?:[.,]\d+)?)?/, `$& ${name}`);
  const read = (said: string) => torqueAt(wordsOf(said), 0)?.figure;
  return read(says) ?? (unit && read(inUnit(torqueSymbol(unit))));
}
const USUAL_UNITS = ["N.m", "lbf.ft", "lbf.in"] as const satisfies readonly TorqueUnit[];
const TIMES = /(?:^|\s)(?:(\d{1,2})\s*[x×]|[x×]\s*(\d{1,2}))(?=\s|$|[,)])/i;
const countIn = (says: string): number | undefined => {
  const found = TIMES.exec(says);
  return found ? Number(found[1] ?? found[2]) : undefined;
};

const TOLD: readonly (readonly [trait: string, words: RegExp])[] = [
  ["single-use", /\bnew (?:bolts?|nuts?|ones?|screws?)\b|\bonce only\b|\bsingle[- ]use\b|\breplace\b/i],
  ["hand tight", /^(?:by )?hand(?:[- ]?tight)?$|^fingers?$/i],
  ["snug", /^(?:snug|nip(?: up)?|firm)$/i],
  ["left-hand thread", /\bleft[- ]hand/i],
  ["threadlocker, medium strength", /\bthread ?lock/i],
  ["anti-seize", /\banti[- ]?seize|copper (?:grease|paste)/i],
  ["on the ground", /\bon (?:the ground|its wheels)\b/i],
];

function groupOf({ columns, unit }: Table, cells: readonly Cell[]): Group | undefined {
  const at = (column: Column) => cells[columns.indexOf(column)];
  const named = at("name") ?? cells[columns.findIndex((column) => column === "note")];
  const [size, torque, counted] = [at("size"), at("torque"), at("count")];
  if (!named || named.says === "") return undefined;
  const count =
    Number(/^\d{1,2}(?=\s*(?:[x×]|$))/.exec(counted?.says ?? "")?.[0] ?? Number.NaN) ||
    [named, size].map((cell) => countIn(cell?.says ?? "")).find(Boolean);
  const says = named.says
    .replace(TIMES, " ")
    .replace(/\([^)]*\)/g, " ")
    .toLowerCase();
  const words = wordsOf(says).flatMap(({ text }) => (/^[a-zà-ÿ-]+$/.test(text) ? [text] : []));
  const head = words.findLast((word) => HEADS[word]);
  const family: Family = (head && HEADS[head]) || "bolt";
  const undo = size && headIn(size);
  const figure = torque && figureIn(torque, unit);
  // A bare number may be in any of them: that is asked.
  const inSomeUnit = torque && !figure ? USUAL_UNITS.flatMap((one) => figureIn(torque, one) ?? []) : [];
  const traits = cells.flatMap((cell) =>
    TOLD.flatMap(([trait, told]) => (told.test(cell.says) ? [trait] : [])),
  );
  if (!undo && !figure && inSomeUnit.length === 0 && traits.length === 0) return undefined;
  return {
    name: [...words, ...(head ? [] : [(count ?? 1) > 1 ? "bolts" : "bolt"])].join(" "),
    aliases: [],
    family,
    marks: new Set(marksOf(words.filter((word) => !HEADS[word]))),
    topic: [],
    count,
    perSide: false,
    undo,
    doUp: undefined,
    hold: undefined,
    figures:
      figure && torque
        ? [{ figure, span: { start: torque.start, end: torque.end }, doubtful: /\?/.test(torque.says) }]
        : [],
    ...(inSomeUnit.length > 0 ? { inSomeUnit } : {}),
    traits: new Set(traits),
    spans: [{ start: named.start, end: named.end }],
    first: -1,
    last: -1,
    figuredAt: -1,
    clauses: new Set(),
  };
}

/**
 * The fasteners that stand in tables of a text, a row each, and the text with blanks where they stood: every other
 * letter keeps its place.
 */
export function withoutTables(text: string): { rest: string; groups: Group[] } {
  let rest = text;
  const groups = tablesIn(text).flatMap((table) => {
    const read = table.rows.flatMap((cells) => groupOf(table, cells) ?? []);
    // A list of tools in columns stays for those who read lists.
    if (read.length > 0)
      rest =
        rest.slice(0, table.start) +
        rest.slice(table.start, table.end).replace(/[^\n]/g, " ") +
        rest.slice(table.end);
    return read;
  });
  return { rest, groups };
}

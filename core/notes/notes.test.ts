import fc from "fast-check";
import { formatHeadSize } from "../quantity/read-head-size";
import { formatFigure } from "../quantity/torque-words";
import { PASSAGES, type Passage, UNSEEN } from "./__fixtures__/passages";
import type { NotesRead } from "./notes-read";
import { readNotes } from "./read-notes";

const standing = <T extends { struck: boolean }>(list: T[]) => list.filter(({ struck }) => !struck);
const sizesOf = (read: NotesRead) => standing(read.sizes).map(({ head }) => formatHeadSize(head));
const figuresOf = (read: NotesRead): [string, string][] =>
  standing(read.figures).map(({ figure, fastener }) => [formatFigure(figure), fastener === undefined ? "loose" : (read.fasteners[fastener]?.name ?? "?")]);
const number = (figure: string) => figure.replace(/ (?:N·m|lb·ft|lb·in|kgf·m)/g, "");
const sameFastener = (found: string, wanted: string) => found === wanted || (wanted !== "loose" && found !== "loose" && (found.endsWith(wanted) || wanted.endsWith(found)));

/** How many of two lists go together, each once. */
function matched<T>(found: readonly T[], wanted: readonly T[], same: (a: T, b: T) => boolean): [T, T][] {
  const left = [...found];
  return wanted.flatMap((one): [T, T][] => {
    const at = left.findIndex((other) => same(other, one));
    return at < 0 ? [] : [[left.splice(at, 1)[0] ?? one, one]];
  });
}

interface Score {
  score: Record<"sizes, precision" | "sizes, recall" | "figures, precision" | "figures, recall" | "units" | "attachments", number>;
  missed: string[];
}

function scoreOf(passages: readonly Passage[]): Score {
  const sizes = { found: 0, wanted: 0, right: 0 };
  const figures = { found: 0, wanted: 0, right: 0, unit: 0, attached: 0 };
  const missed: string[] = [];
  for (const passage of passages) {
    const read = readNotes(passage.text);
    const [foundSizes, foundFigures] = [sizesOf(read), figuresOf(read)];
    const rightSizes = matched(foundSizes, passage.sizes, (a, b) => a === b);
    const rightNumbers = matched(foundFigures, passage.figures, ([a], [b]) => number(a) === number(b));
    const rightUnits = rightNumbers.filter(([[a], [b]]) => a === b);
    const attached = rightUnits.filter(([[, a], [, b]]) => sameFastener(a, b));
    sizes.found += foundSizes.length;
    sizes.wanted += passage.sizes.length;
    sizes.right += rightSizes.length;
    figures.found += foundFigures.length;
    figures.wanted += passage.figures.length;
    figures.right += rightNumbers.length;
    figures.unit += rightUnits.length;
    figures.attached += attached.length;
    const whole = rightSizes.length === Math.max(passage.sizes.length, foundSizes.length) && attached.length === Math.max(passage.figures.length, foundFigures.length);
    if (!whole) missed.push(`${passage.text}\n    read ${JSON.stringify([foundSizes, foundFigures])}\n  wanted ${JSON.stringify([passage.sizes, passage.figures])}`);
  }
  const share = (right: number, of: number) => (of === 0 ? 1 : right / of);
  return {
    missed,
    score: {
      "sizes, precision": share(sizes.right, sizes.found),
      "sizes, recall": share(sizes.right, sizes.wanted),
      "figures, precision": share(figures.right, figures.found),
      "figures, recall": share(figures.right, figures.wanted),
      units: share(figures.unit, figures.right),
      attachments: share(figures.attached, figures.unit),
    },
  };
}

function print(what: string, passages: readonly Passage[], { score, missed }: Score): void {
  const said = Object.entries(score).map(([of, value]) => `${of} ${value.toFixed(3)}`);
  process.stdout.write(`The note reader on ${passages.length} ${what}: ${said.join("; ")}.\n${process.env.SHOW_MISSED ? `${missed.join("\n")}\n` : ""}`);
}

test("the corpus is read well enough: sizes, figures, units and what each figure speaks of", () => {
  const all = [...PASSAGES, ...UNSEEN];
  print("passages it was tuned on", PASSAGES, scoreOf(PASSAGES));
  print("passages it was not", UNSEEN, scoreOf(UNSEEN));
  const { score } = scoreOf(all);
  expect(all.length).toBeGreaterThanOrEqual(60);
  for (const what of ["sizes, precision", "sizes, recall", "figures, precision", "figures, recall"] as const) expect([what, score[what] > 0.95]).toEqual([what, true]);
  expect(score.units).toBeGreaterThan(0.98);
  expect(score.attachments).toBeGreaterThan(0.85);
});

test.each([
  ["I think the plate bolts are 40 Nm", true],
  ["the plate bolts are 40 Nm", false],
  ["the plate bolts are 40 Nm?", true],
])("%p is doubtful: %p", (text, doubtful) => {
  expect(readNotes(text).figures[0]?.doubtful).toBe(doubtful);
});

test("a correction strikes the earlier and keeps the later, with what it speaks of", () => {
  const { sizes, figures, fasteners } = readNotes("The bracket bolts are a 16. Sorry, that is a 17 not a 16. 40 Nm, no wait, 45 Nm.");
  expect(sizes.map(({ head, struck }) => [formatHeadSize(head), struck])).toEqual([
    ["16 mm", true],
    ["17 mm", false],
    ["16 mm", true],
  ]);
  expect(figures.map(({ figure, struck }) => [formatFigure(figure), struck])).toEqual([
    ["40 N·m", true],
    ["45 N·m", false],
  ]);
  expect(fasteners[figures[1]?.fastener ?? -1]?.name).toBe("bracket bolts");
  expect(fasteners[0]?.head?.size).toBe(17);
  expect(readNotes("four subframe bolts, they're a 20, sorry, that is a 21 not a 20, and 120 Nm").fasteners[0]?.head?.size).toBe(21);
});

test("what is said of a fastener beside its size and figure", () => {
  const [one] = readNotes(
    "Four subframe bolts, 21 mm, new ones every time, blue threadlocker, start them by hand, in a cross, final torque on the ground, hold the nut with an 18 spanner.",
  ).fasteners;
  expect(one).toMatchObject({
    name: "subframe bolts",
    count: 4,
    singleUse: true,
    byHand: true,
    cross: true,
    onTheGround: true,
    locking: "threadlocker, medium strength",
    counterHold: { size: 18 },
  });
  expect(readNotes("manifold studs M8 with copper grease").fasteners[0]).toMatchObject({ thread: "M8", threadIs: "anti-seize" });
  expect(readNotes("Red threadlocker on the plate screws").fasteners[0]).toMatchObject({ locking: "threadlocker, high strength" });
});

test("drives are drives, extensions are lengths, and tools, consumables and parts are found", () => {
  const read = readNotes(
    "Half inch drive, 3/8 ratchet, a six inch extension, torque wrench, brake cleaner, rags. New cover gasket and new spark plugs. Never open it hot. Undo the cover.",
  );
  expect(read.drives.map(({ drive }) => drive)).toEqual(["1/2", "3/8"]);
  expect(read.extensions.map(({ mm }) => mm)).toEqual([152.39999999999998]);
  expect(read.sizes).toEqual([]);
  expect(read.tools.map(({ name }) => name)).toContain("Torque wrench");
  expect(read.consumables.map(({ name }) => name)).toEqual(expect.arrayContaining(["Brake cleaner", "Rags"]));
  expect(read.parts.map(({ name }) => name)).toEqual(["Cover gasket", "Spark plugs"]);
  expect(read.cautions.map(({ says }) => says)).toEqual(["Never open it hot"]);
  expect(read.steps.map(({ says }) => says)).toEqual(["Undo the cover"]);
});

test("every span lies in the text, and any text at all is read without a fault", () => {
  const voices = fc
    .array(
      fc.constantFrom(
        "four",
        "15",
        "mil",
        "bolts",
        "40",
        "Nm",
        "foot",
        "pounds",
        "not",
        "a",
        "17",
        "sorry",
        ",",
        ".",
        "then",
        "inch",
        "and",
        "half",
        "3/8-16",
        "M10x1.25",
        "T40",
        "°",
        "the",
        "first to",
        "max",
        "\n",
        "½",
      ),
      { maxLength: 25 },
    )
    .map((words) => words.join(" "));
  fc.assert(
    fc.property(fc.oneof(voices, fc.string()), (text) => {
      const read = readNotes(text);
      for (const list of [read.sizes, read.figures, read.fasteners, read.drives, read.extensions, read.tools, read.consumables, read.parts, read.cautions, read.steps]) {
        for (const { span } of list) expect(span.start >= 0 && span.end <= text.length && span.start < span.end).toBe(true);
      }
      for (const { fastener } of read.figures) if (fastener !== undefined) expect(read.fasteners[fastener]).toBeDefined();
    }),
    { numRuns: 600 },
  );
});

test.each<[string, string, boolean]>([
  ["The cover bolts are 25 ± 3 Nm.", "22 to 28 N·m", false],
  ["Drain plug 30 Nm (22 lb ft), new washer.", "30 N·m", false],
  ["Head bolts 20 Nm + 2 x 90° and done.", "20 N·m + 90° + 90°", false],
  ["Bracket bolts 50 Nm / 37 lb ft.", "50 N·m", false],
  ["Drain plug 30 Nm (42 lb ft), new washer.", "30 N·m", true],
])("written with marks, “%s” is read as in a field: %s, in doubt %p", (text, figure, doubtful) => {
  const { figures } = readNotes(text);
  expect(figures.map((one) => [formatFigure(one.figure), one.doubtful])).toEqual([[figure, doubtful]]);
});

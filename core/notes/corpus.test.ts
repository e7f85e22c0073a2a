import { readFileSync, readdirSync } from "node:fs";
import { basename, join } from "node:path";
import { type Answers, scoreNotes } from "./__fixtures__/score";
import { asAnswers } from "./as-answers";
import { withoutMarks } from "./marks/without-marks";
import { readStory } from "./story";

const narrationsIn = (folder: string) =>
  readdirSync(join(__dirname, "__fixtures__", folder))
    .filter((name) => name.endsWith(".json"))
    .map((name) => join(__dirname, "__fixtures__", folder, name))
    .map((path) => ({
      id: basename(path, ".json"),
      text: readFileSync(path.replace(".json", ".txt"), "utf8"),
      answers: JSON.parse(readFileSync(path, "utf8")) as Answers,
    }));
const NARRATIONS = narrationsIn("corpus");
/** Never looked at while the reader was built: what it makes of people it has not met. */
const UNSEEN = ["21"];

test("long narrations are read this well, and no worse from one change to the next", () => {
  const { share, leaks, slipsInvented, fixes } = scoreNotes(NARRATIONS, (text) => asAnswers(readStory(text)));
  const unseen = scoreNotes(
    NARRATIONS.filter(({ id }) => UNSEEN.includes(id)),
    (text) => asAnswers(readStory(text)),
  );
  const line = (score: typeof share) =>
    Object.entries(score)
      .map(([what, value]) => `${what} ${value.toFixed(2)}`)
      .join(", ");
  process.stdout.write(
    `24 narrations: ${line(share)}; ${leaks} taken that were not to be used, ${fixes.toFixed(1)} fixes each.\nOne of them unseen: ${line(unseen.share)}; ${unseen.fixes.toFixed(1)} fixes each.\n`,
  );
  const atLeast = {
    groups: 0.91,
    whole: 0.8,
    count: 0.92,
    undo: 0.92,
    figure: 0.95,
    traits: 0.78,
    steps: 0.67,
    phase: 0.87,
    tools: 0.8,
    consumables: 0.72,
    parts: 0.79,
    waits: 0.78,
    measures: 0.74,
    cautions: 0.49,
  } as const;
  for (const [what, least] of Object.entries(atLeast))
    expect([what, share[what as keyof typeof atLeast] >= least]).toEqual([what, true]);
  expect(leaks).toBe(0);
  expect([slipsInvented, share.slips]).toEqual([0, 1]);
  expect(fixes).toBeLessThan(1.6);
  expect(unseen.share.groups).toBeGreaterThan(0.72);
  expect(unseen.share.steps).toBeGreaterThan(0.5);
});

test("short ones in many voices, each written down with its answers before it was first read", () => {
  const { share, leaks, slipsInvented, fixes } = scoreNotes(narrationsIn("voices"), (text) =>
    asAnswers(readStory(text)),
  );
  expect([share.groups >= 0.9, share.whole >= 0.78, share.figure >= 0.92, share.undo >= 0.84]).toEqual([
    true,
    true,
    true,
    true,
  ]);
  expect([leaks, slipsInvented]).toEqual([0, 0]);
  expect(fixes).toBeLessThan(1.4);
});

/**
 * Written down with their answers before they were first read, as voices are, and mended less: what a telling
 * costs that nobody has met.
 */
test("captions, memos and notes as they are pasted", () => {
  const { share, leaks, slipsInvented, fixes } = scoreNotes(narrationsIn("captions"), (text) =>
    asAnswers(readStory(text)),
  );
  expect([share.groups >= 0.88, share.figure >= 0.92, share.undo >= 0.88]).toEqual([true, true, true]);
  expect([leaks, slipsInvented]).toEqual([0, 0]);
  expect(fixes).toBeLessThan(1.7);
});

test("the same voices without their marks and capitals, and with their lines broken", () => {
  const voices = narrationsIn("voices");
  const fixesOf = (form: (text: string) => string) =>
    scoreNotes(voices, (text) => asAnswers(readStory(form(text)))).fixes;
  const prose = (text: string, form: (text: string) => string) =>
    text.split("\n").filter((line) => line.length > 110).length * 2 >= text.split("\n").filter(Boolean).length
      ? form(text)
      : text;
  expect(fixesOf((text) => prose(text, (one) => withoutMarks(one).text))).toBeLessThan(2.8);
  expect(fixesOf((text) => prose(text, (one) => one.replace(/(?=.{60})(.{1,42}) /g, "$1\n")))).toBeLessThan(
    1.8,
  );
});

test("no step is torqued to a figure that none of the fasteners has in the end", () => {
  const wrong = [...NARRATIONS, ...narrationsIn("voices")].flatMap(({ id, text }) => {
    const { fasteners, steps = [] } = asAnswers(readStory(text));
    const figures = fasteners.map(({ figure }) => figure ?? "");
    return steps
      .filter((step) => step.do === "torque" && / to [\d]/.test(step.what))
      .filter(({ what }) => !figures.some((figure) => figure !== "" && what.endsWith(` to ${figure}`)))
      .map(({ what }) => `${id}: ${what}`);
  });
  expect(wrong).toEqual([]);
});

test("what need not come off may well be loosened: it stays a fastener of the job", () => {
  const named = (text: string) => readStory(text).fasteners.map(({ name }) => name);
  expect(
    named(
      "The bracket has three 13 mm bolts, you don't have to remove them, just slacken them. Then the cover, two 10 mm bolts.",
    ),
  ).toHaveLength(2);
  expect(
    named(
      "The bracket has three 13 mm bolts, but you don't need to touch them. Then the cover, two 10 mm bolts.",
    ),
  ).toEqual(["cover bolts"]);
});

test.each([
  [
    "a plug's figure on no bolt before it",
    "Four 5/16 bolts hold the strap. 17 foot pounds on those. Check the oil, the plug's at the side, that plug's 30 foot pounds.",
    ["strap bolts 17 lb·ft", "plug 30 lb·ft"],
  ],
  [
    "a sensor that is screwed in has its own figure",
    "The heat shield has three 10 mm bolts. The oxygen sensor itself is 22 mm. Sensor out. New one in by hand. It's 45 newton metres. Shield on, bolts 10 newton metres.",
    ["heat shield bolts 10 N·m", "oxygen sensor 45 N·m"],
  ],
  [
    "numbers alone are figures once their bolts are known, and no counts and heads",
    "Undo the two drop link nuts, 16 mm. Undo the four arm bolts, 18 mm. Back in. Arm bolts 90 newton metres. Drop link, fifty.",
    ["drop link nuts 50 N·m", "arm bolts 90 N·m"],
  ],
  [
    "some of a lot and the rest in one breath, and no figure for like heads of something else",
    "The shroud has four 10 mm bolts. Fan belt off. Pulley three bolts, 12 mm. The pump has eight bolts. Six are 10 and two are 12. Pump off. Face cleaned. New gasket on. Pump on. 10s to 9 Nm, 12s to 20. Pulley bolts 12 Nm.",
    ["shroud bolts", "pulley bolts 12 N·m", "pump bolts 9 N·m", "20 N·m"],
  ],
])("%s", (_, text, wanted) => {
  const said = asAnswers(readStory(text)).fasteners.map(({ name, figure }) =>
    `${name} ${figure ?? ""}`.trim(),
  );
  for (const one of wanted) expect(said).toContainEqual(expect.stringContaining(one.replace(/^plug /, "")));
  expect(said).toHaveLength(wanted.length);
});

test("a figure told by nothing but its number is asked about", () => {
  const { fasteners } = readStory(
    "Undo the two drop link nuts, 16 mm. Undo the four arm bolts, 18 mm. Back in. Arm bolts 90 newton metres. Drop link, fifty.",
  );
  expect(Object.fromEntries(fasteners.map(({ name, doubtful }) => [name, doubtful]))).toEqual({
    "drop link nuts": true,
    "arm bolts": false,
  });
});

test("what is told twice is one step, and a cover is none of its bolts", () => {
  const steps = readStory(
    "Undo the three cover bolts, 10 mm. Take the cover off. Take the old gasket out. New gasket on. Fit the gasket dry. Cover on. New bolts in, 9 Nm. Fill it up. Fill it with four litres of oil.",
  ).steps.map(({ says, what }) => `${says} ${what}`);
  expect(steps.filter((step) => /gasket dry|new gasket/.test(step))).toHaveLength(1);
  expect(steps.filter((step) => /^fill/.test(step))).toHaveLength(1);
  expect(steps.some((step) => /\bcover$/.test(step) && /^(?:remove|undo)/.test(step))).toBe(true);
  expect(steps.filter((step) => /^fit .*bolts/.test(step))).toEqual([]);
});

test("of two tellings of one deed one step stays, and what is left loose is no less a fastener", () => {
  const read = readStory(
    "Undo the cover bolts, 10 mm. Take the old gasket out. New gasket on. Fit the gasket. Leave the two rear bolts loose for now, 13 mm. Cover bolts 9 Nm.",
  );
  expect(read.steps.filter(({ says, what }) => says === "fit" && /gasket/.test(what))).toHaveLength(1);
  expect(read.fasteners.map(({ name }) => name)).toContainEqual(expect.stringContaining("rear gasket bolts"));
  const left = readStory("Leave the four bolts behind the hub alone. Undo the two cover bolts, 10 mm.");
  expect(left.fasteners.map(({ name }) => name)).toEqual(["cover bolts"]);
});

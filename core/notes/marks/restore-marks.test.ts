import { readFileSync } from "node:fs";
import { join } from "node:path";
import { termsOf } from "../terms";
import { withMarks } from "./restore-marks";
import { withoutMarks } from "./without-marks";

/** As `scripts/train-marks.ts` keeps back: nothing was learnt from these. */
const KEPT_BACK = ["05", "10", "14", "20"].map((name) =>
  readFileSync(join(__dirname, "../__fixtures__/speech", `${name}.txt`), "utf8"),
);

const said = (text: string) =>
  withMarks(termsOf(text))
    .map(({ text: word }) => word)
    .join(" ");

describe("marks that speech was taken down without", () => {
  test("are put back where the writer had them, in tellings that nothing was learnt from", () => {
    let [right, wrong, missed] = [0, 0, 0];
    for (const text of KEPT_BACK) {
      const { terms, marks } = withoutMarks(text);
      const marked = withMarks(terms);
      let word = 0;
      let before = false;
      for (const term of marked) {
        if (/^[.,]$/.test(term.text)) {
          before = true;
          continue;
        }
        if (before && marks[word]) right++;
        else if (before) wrong++;
        else if (marks[word]) missed++;
        before = false;
        word++;
      }
    }
    expect(right / (right + wrong)).toBeGreaterThan(0.75);
    expect(right / (right + missed)).toBeGreaterThan(0.45);
  });

  test("take no place in the text, and take no word away", () => {
    const { terms } = withoutMarks(KEPT_BACK[0] ?? "");
    const marked = withMarks(terms);
    expect(marked.filter(({ tag }) => tag !== "mark")).toEqual(terms.filter(({ tag }) => tag !== "mark"));
    expect(marked.filter(({ text }) => /^[.,]$/.test(text)).every(({ start, end }) => start === end)).toBe(
      true,
    );
  });

  test("are not set in what has them, nor in a few words", () => {
    const text =
      "Take the two bolts out, they are thirteen. Then the cover lifts off, and the gasket with it.";
    expect(said(text).match(/[.,]/g)).toHaveLength(4);
    expect(said("cover off four bolts ten mil then the gasket")).not.toMatch(/[.,]/);
  });

  test("part no number from its unit, nor a place from what it tells apart", () => {
    const text =
      "so the front two are fifteen millimeter and the back two are thirteen millimeter and when it goes together the front ones get thirty five foot pounds and the back ones get twenty two newton metres and that is all there is to it";
    expect(said(text)).not.toMatch(
      /(?:fifteen|thirteen|five|two) [.,] (?:millimeter|foot|newton)|the (?:front|back) [.,]/,
    );
  });
});

test("a text without its marks knows where they stood", () => {
  const { text, terms, marks } = withoutMarks("Two bolts, 1.5 turns. Then - slowly - out!");
  expect(text).toBe("two bolts 1.5 turns then  slowly  out");
  expect(terms.map(({ text: word }, at) => [word, marks[at]])).toEqual([
    ["two", 0],
    ["bolts", 0],
    ["1.5", 1],
    ["turns", 0],
    ["then", 2],
    ["slowly", 1],
    ["out", 1],
  ]);
});

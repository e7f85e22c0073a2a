import { readFileSync, readdirSync } from "node:fs";
import { join } from "node:path";
import { asAnswers } from "./as-answers";
import { readStory } from "./story";
import { unwrapped } from "./unwrapped";

/** Breaks the lines of a text so that none is longer, as captions and old mail do. */
const wrapped = (text: string, width: number) =>
  text.replace(new RegExp(`(?=.{${width + 20}})(.{1,${width}})[ ]`, "g"), "$1\n");

describe("lines that were broken to fit", () => {
  const captions =
    "so the pump is held by the\nthree bolts that go into the\nbracket and those are\nthirteen";

  test("run on, and every letter keeps its place", () => {
    expect(unwrapped(captions)).toBe(captions.replaceAll("\n", " "));
  });

  test("run on over the times they were shown at, alone on their lines", () => {
    const timed =
      "0:01\nso the pump is held by the\n0:04\nthree bolts that go into the\n0:07\nbracket and those are\n0:09\nthirteen";
    const flowing = unwrapped(timed);
    expect(flowing).toHaveLength(timed.length);
    expect(flowing.replace(/\s+/g, " ")).toContain(
      "held by the three bolts that go into the bracket and those are thirteen",
    );
  });

  test("run on by twos where each has a number, a time and an empty line of its own", () => {
    const numbered =
      "1\n00:00:01,000 --> 00:00:03,000\nso the pump is held by the\n\n2\n00:00:03,000 --> 00:00:05,000\nthree bolts that go into the\n\n3\n00:00:05,000 --> 00:00:07,000\nbracket and those are\n\n4\n00:00:07,000 --> 00:00:09,000\nthirteen";
    expect(unwrapped(numbered).replace(/\s+/g, " ")).toContain("by the three bolts that go into the bracket");
  });

  test.each([
    ["a list", "- wheel bolts 17 mm\n- caliper bolts 15 mm\n- hose bracket, a ten"],
    ["numbered steps", "1. Take the cover off\n2. Undo the bolts of the\n3. Pull it"],
    ["notes, a thing a line", "wheel bolts 17\ncaliper off, two 15s\npads out\nclean it"],
    ["paragraphs", "Take the wheel off.\n\nThen the caliper."],
  ])("%s stays as it is", (_, text) => {
    expect(unwrapped(text)).toBe(text);
  });

  test("a paragraph that ends before the edge ends there still", () => {
    const prose =
      "Take the wheel off and put it under the sill of the\ncar, where it stops it from coming down on the way to\nthe floor.\nThen the caliper, which is held by two bolts and the\nbracket of the hose.";
    expect(unwrapped(prose).split("\n")).toEqual([
      "Take the wheel off and put it under the sill of the car, where it stops it from coming down on the way to the floor.",
      "Then the caliper, which is held by two bolts and the bracket of the hose.",
    ]);
  });
});

test("a telling reads the same, however its lines are broken", () => {
  const folder = join(__dirname, "__fixtures__/speech");
  const told = readdirSync(folder).sort().slice(0, 8);
  const fasteners = (text: string) => asAnswers(readStory(text)).fasteners;
  const different = told.filter((name) => {
    const text = readFileSync(join(folder, name), "utf8");
    return JSON.stringify(fasteners(wrapped(text, 44))) !== JSON.stringify(fasteners(text));
  });
  expect(different.length).toBeLessThanOrEqual(1);
});

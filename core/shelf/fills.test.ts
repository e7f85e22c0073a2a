import { proposalsFrom } from "../notes/proposals";
import { readStory } from "../notes/story";
import { blanksOf } from "./blanks";
import { fillsFrom } from "./fills";
import { planFromSheet, usualAnswers } from "./plan-from-sheet";
import { sheetNamed } from "./shelf";

let made = 0;
const padsBlanks = (answers = {}) => {
  const sheet = sheetNamed("pads-and-discs");
  if (!sheet) throw new Error("no sheet");
  const [route] = planFromSheet(sheet, { ...usualAnswers(sheet), ...answers }, () => `id-${made++}`).routes;
  if (!route) throw new Error("no route");
  return blanksOf(route);
};
const told = (text: string) => {
  const { said, spare } = fillsFrom(proposalsFrom(readStory(text)).rows, padsBlanks());
  return {
    said: Object.fromEntries(
      [...said].map(([{ kind, what }, all]) => [`${what}: ${kind}`, all.map(({ typed }) => typed)]),
    ),
    spare,
  };
};

test("a narration fills the sheet's blanks, by what it calls them", () => {
  expect(
    told(
      "Crack the wheel nuts, 19 mm. The slide bolts are 13 mm and go back to 35 Nm. Carrier bolts 18 mm, 115 Nm. Wheel nuts 120 Nm on the ground.",
    ).said,
  ).toEqual({
    "Wheel bolts or nuts: torque": ["120 N·m"],
    "Wheel bolts or nuts: size": ["19 mm"],
    "Caliper slide pin bolts: torque": ["35 N·m"],
    "Caliper slide pin bolts: size": ["13 mm"],
    "Caliper carrier bolts: torque": ["115 N·m"],
    "Caliper carrier bolts: size": ["18 mm"],
  });
});

test("what fits two alike, or nothing, fills none and is said to be over", () => {
  const { said, spare } = told("The caliper bolts get 40 Nm. The fan bracket bolts are 10 mm.");
  expect(said).toEqual({});
  expect(spare).toHaveLength(2);
});

test("words that contradict themselves fill in nothing by themselves: both are there to choose from", () => {
  const [rows] = [proposalsFrom(readStory("Carrier bolts 18 mm, 115 Nm.")).rows];
  const twice = [
    ...rows,
    ...rows.map((row) => (row.kind === "fastener" ? { ...row, torque: "150 N·m" } : row)),
  ];
  const torques = [...fillsFrom(twice, padsBlanks()).said].filter(([{ kind }]) => kind === "torque");
  expect(torques.map(([, all]) => all.map(({ typed }) => typed))).toEqual([["115 N·m", "150 N·m"]]);
});

test("a limit is filled in with its side, and never in another unit", () => {
  const limits = (text: string) =>
    [...fillsFrom(proposalsFrom(readStory(text)).rows, padsBlanks({ discs: "pads" })).said]
      .filter(([{ kind }]) => kind === "limit")
      .map(([, all]) => all.map(({ typed }) => typed));
  expect(limits("The disc's thickness must be 22 mm at least.")).toEqual([["at least 22 mm"]]);
  expect(limits("The disc's thickness must be 0.87 in at least.")).toEqual([]);
});

test("a head and a figure told under two names, and put together, are both in doubt", () => {
  const rows = proposalsFrom(
    readStory("The slide bolts get 35 Nm. The guide bolts are 13 mm, undo them first."),
  ).rows;
  const all = [...fillsFrom(rows, padsBlanks()).said].flatMap(([{ kind }, said]) =>
    said.map(({ typed, doubtful }) => ({ kind, typed, doubtful })),
  );
  expect(all).toEqual([
    { kind: "torque", typed: "35 N·m", doubtful: true },
    { kind: "size", typed: "13 mm", doubtful: true },
  ]);
});

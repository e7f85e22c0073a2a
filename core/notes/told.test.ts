import { readFileSync } from "node:fs";
import { join } from "node:path";
import type { Route } from "../model/job";
import { formatHeadSize } from "../quantity/read-head-size";
import { formatFigure } from "../quantity/torque-words";
import { applyProposals } from "./apply-proposals";
import { proposalsFrom } from "./proposals";
import { readStory } from "./story";

const EMPTY: Route = { id: "r", name: "By the book", steps: [], fasteners: [], parts: [] };

/** The plan that a telling becomes before anybody has corrected it, and what it asks. */
function planOf(name: string) {
  const text = readFileSync(join(__dirname, "__fixtures__/jobs", `${name}.txt`), "utf8");
  const { rows, questions } = proposalsFrom(readStory(text));
  let made = 0;
  const route = applyProposals(EMPTY, rows, { newId: () => `n${++made}`, text });
  return {
    asks: questions.map(({ asks }) => asks),
    steps: route.steps.map(({ phase, title }) => `${phase}: ${title}`),
    fasteners: route.fasteners.map(({ name: called, count, sizeToUndo, figure }) =>
      [
        `${count} × ${called}`,
        sizeToUndo && formatHeadSize(sizeToUndo),
        figure && formatFigure(figure).replace(/\u202f|\u2009|\u00a0/g, " "),
      ]
        .filter(Boolean)
        .join(", "),
    ),
  };
}

/** Written before the reader saw them, in six voices; what it made of them then is what these hold against. */
test("what is slackened on the ground comes before the vehicle goes up, and each bolt has what was said of it", () => {
  const { steps, fasteners } = planOf("track-joint");
  expect(steps).toEqual([
    "make safe: Slacken the wheel nuts on the ground",
    "make safe: Raise the car onto stands",
    "take apart: Wheel off",
    "take apart: Count the exposed threads",
    "take apart: Put a paint mark on the rod",
    "take apart: Crack the lock nut",
    "take apart: Pull the split pin",
    "take apart: Take the castle nut off",
    "take apart: Unscrew the joint counting the turns",
    "look closely: Compare the old one with the new",
    "put back: Screw the new one on 17 and a half turns",
    "put back: Joint into the arm",
    "put back: Torque castle nut",
    "put back: New pin",
    "put back: Torque lock nut",
    "put back: Wheel on",
    "put back: Wheel nuts, all by hand",
    "put back: Lower the car",
    "put back: Torque wheel nuts",
    "prove it: Later: Get the tracking checked",
  ]);
  expect(fasteners).toEqual([
    "5 × Wheel nuts, 19 mm, 100 lb·ft",
    "1 × Lock nut, 22 mm, 40 lb·ft",
    "1 × Castle nut, 19 mm, 25 to 35 lb·ft",
  ]);
});

test("in one breath: hoses come off where they are told to, and go back where that is told", () => {
  const { steps, asks } = planOf("radiator");
  expect(asks).toEqual([]);
  const at = (title: string) => steps.indexOf(title);
  expect(at("take apart: Top hose off")).toBeGreaterThan(at("take apart: Squeeze the spring clamps"));
  expect(at("put back: Fill the system with six litres fifty fifty")).toBeGreaterThan(
    at("put back: Close the drain tap"),
  );
  expect(steps).not.toContain("put back: Top hose off");
});

test.each<[string, string[]]>([
  [
    "window-lift",
    [
      "1 × Window screw, cross-head 2",
      "9 × Panel clips around the edge",
      "2 × Bolts holding the glass, 10 mm, 9 N·m",
      "5 × Regulator nuts, 8 mm, 7 N·m",
      "3 × Motor screws, T20",
    ],
  ],
  [
    "wiper-linkage",
    [
      // How many arms there are nobody said.
      "1 × Wiper arm nut, 13 mm, 18 N·m",
      "6 × Push clips",
      "2 × Scuttle trim bolt, T30",
      "3 × Linkage bolts, 10 mm, 10 N·m",
      "3 × Motor bolts, 10 mm, 9 N·m",
      "1 × Crank nut, 13 mm, 22 N·m",
    ],
  ],
  ["plugs", ["1 × Spark plugs, 16 mm, 18 N·m", "4 × Coil bolts, 8 mm, 8 N·m"]],
  [
    "pads",
    // The bleeder is told to be left alone; the wheel's were not counted.
    ["2 × Guide pin bolts, 13 mm, 26 lb·ft", "1 × Wheel bolt, 80 lb·ft"],
  ],
  [
    "coolant-hose",
    [
      "6 × Undertray bolts, T25, T25, 4 N·m",
      "2 × Undertray bolts, 10 mm, 10 mm, 8 N·m",
      "1 × Clamp at the radiator, 7 mm",
      "1 × Clamp at the thermostat, 3 N·m",
      "1 × Bleed screw, hand tight",
    ],
  ],
  ["diff-oil", ["1 × Filler plug, 26 lb·ft", "1 × Drain plug, 24 mm, 30 lb·ft"]],
])("%s: each fastener once, with its own figure and nobody else's", (name, fasteners) => {
  expect(planOf(name).fasteners).toEqual(fasteners);
});

test("a filler plug that is said to come first does", () => {
  expect(planOf("diff-oil").steps.filter((step) => /plug/.test(step) && /^take/.test(step))).toEqual([
    "take apart: Remove filler plug",
    "take apart: Remove drain plug",
  ]);
});

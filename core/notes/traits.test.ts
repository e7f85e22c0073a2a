import { readStory } from "./story";

test.each<[trait: string, text: string, has: boolean]>([
  ["single-use", "Pinch bolt, 18 mm, comes out. New arm in. The pinch bolt must be new, 60 Nm.", true],
  ["single-use", "Bracket nuts, two, 10 mm. Don't reuse the grommets. Bracket nuts 8 Nm.", false],
  ["by hand first", "Cover bolts, six, 10 mm. Cover on, get a couple of threads in each. 9 Nm.", true],
  [
    "at ride height",
    "Bush bolt is a 21. New bush in. Bush bolt 110 Nm, but not until the car's on its wheels.",
    true,
  ],
  [
    "at ride height",
    "Arm bolt is a 21. New arm in. Jack it until the car just lifts, then the arm bolt, 110 Nm.",
    true,
  ],
  ["by hand first", "Regulator nuts, five, 10 mm. New one in, 5 nuts start all, 8 Nm.", true],
  [
    "threadlocker, medium strength",
    "Two caliper bolts, 17 mm. Caliper back on, 105 Nm and a little bit of blue on the threads.",
    true,
  ],
  ["left-hand thread", "The fan nut is a 36 and it's a left hand thread.", true],
  [
    "left-hand thread",
    "The fan nut is a 36 and it's a left hand, no wait, it's not, it's a right hand thread.",
    false,
  ],
])("%s: “%s” %s", (trait, text, has) => {
  expect(readStory(text).fasteners[0]?.traits.includes(trait)).toBe(has);
});

test("as long as the car stands at its height, what gets its figure there is tightened so, but for what has no rubber", () => {
  const { fasteners } = readStory(
    "The front pivot is one bolt, 18 mm. The rear pivot is one bolt, 21 mm. The hose bracket has one bolt, 10 mm. Arm out, arm in. So with it at that height, first the front pivot bolt, 52 Nm. And the rear pivot bolt, 110 Nm. Hose bracket bolt 8 Nm.",
  );
  expect(fasteners.map(({ undo, traits }) => [undo?.size, traits.includes("at ride height")])).toEqual([
    [18, true],
    [21, true],
    [10, false],
  ]);
});

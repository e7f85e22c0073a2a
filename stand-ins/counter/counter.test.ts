import fc from "fast-check";
import { readChest } from "@/core/chest/read-chest";
import { counterAnswerSchema, counterAskSchema, type Wanted } from "@/core/model/offer";
import { askCounter } from "./counter";
import { SHELF } from "./shelf";

const wanted: Wanted[] = [
  {
    key: "part p",
    is: "part",
    what: "Starter motor",
    amount: { value: 1, unit: "pieces" },
    withIt: ["hardware h New: Bolts"],
  },
  {
    key: "hardware h New: Bolts",
    is: "hardware",
    what: "New: Bolts",
    amount: { value: 4, unit: "pieces" },
    withIt: [],
  },
  {
    key: "hardware h Split pin for Bolts",
    is: "hardware",
    what: "Split pin for Bolts",
    amount: { value: 4, unit: "pieces" },
    withIt: [],
  },
  {
    key: "tool slide hammer",
    is: "special tool",
    what: "Slide hammer",
    amount: { value: 1, unit: "pieces" },
    withIt: [],
  },
  { key: "supply odd paste g", is: "supply", what: "Odd paste", amount: { value: 7, unit: "g" }, withIt: [] },
  {
    key: "supply brake cleaner mL",
    is: "supply",
    what: "Brake cleaner",
    amount: { value: 400, unit: "mL" },
    withIt: [],
  },
];

test("a few hundred offers, the same whenever the same is asked, others from another seed", () => {
  const answer = askCounter({ wanted });
  expect(answer.offers.length).toBeGreaterThan(300);
  expect(askCounter({ wanted })).toEqual(answer);
  expect(askCounter({ wanted }, 21)).not.toEqual(answer);
  expect(new Set(answer.offers.map(({ id }) => id)).size).toBe(answer.offers.length);
  expect(new Set(answer.offers.map(({ kind }) => kind))).toEqual(
    new Set(["single", "set", "pack", "part", "kit", "hire"]),
  );
});

test("every line on the shelf reads as the tools it stands for", () => {
  for (const { title, holds } of SHELF)
    for (const line of readChest(holds.join("\n")))
      expect({ title, why: "why" in line ? line.why : undefined }).toEqual({ title, why: undefined });
});

test("what is known by name has its price, its core, its box and its hire", () => {
  const { offers } = askCounter({ wanted });
  const titled = (start: string) => offers.filter(({ title }) => title.startsWith(start));
  const starters = titled("Starter motor");
  expect(starters.map(({ kind }) => kind)).toEqual(["part", "part", "kit", "kit", "kit", "kit"]);
  expect(starters.every(({ coreMinor = 0 }) => coreMinor > 0)).toBe(true);
  expect(starters[0]?.leavesOut).toEqual(["the hardware that has to be new"]);
  expect(starters[2]?.answers).toContainEqual({ key: "hardware h New: Bolts", amount: 99 });
  expect(titled("Slide hammer").map(({ kind, depositMinor = 0 }) => [kind, depositMinor > 0])).toEqual([
    ["single", false],
    ["hire", true],
  ]);
  expect(titled("Odd paste").map(({ answers }) => answers[0]?.amount)).toEqual([4, 12]);
  // What stands on the shelf by name is not offered a second time.
  expect(titled("Brake cleaner").every(({ holds }) => holds.length > 0)).toBe(true);
});

test("whatever is asked that may be asked, the answer is one that may be given", () => {
  const name = fc
    .oneof(
      fc.string({ minLength: 1, maxLength: 200 }),
      fc.string({ minLength: 180, maxLength: 200, unit: "grapheme" }),
    )
    .filter((text) => text.trim() !== "" && text.length <= 200);
  const ask = fc.record({
    wanted: fc.array(
      fc.record({
        key: name,
        is: fc.constantFrom("part" as const, "hardware" as const, "supply" as const, "special tool" as const),
        what: name,
        amount: fc.record({
          value: fc.oneof(
            fc.integer({ min: 0, max: 1_000_000 }),
            fc.double({ min: 0, max: 1e6, noNaN: true }),
          ),
          unit: fc.constantFrom("mL" as const, "g" as const, "pieces" as const),
        }),
        withIt: fc.array(name, { maxLength: 2 }),
      }),
      { maxLength: 5 },
    ),
  });
  fc.assert(
    fc.property(ask, (asked) => {
      expect(counterAnswerSchema.safeParse(askCounter(counterAskSchema.parse(asked))).success).toBe(true);
    }),
    { numRuns: 60 },
  );
});

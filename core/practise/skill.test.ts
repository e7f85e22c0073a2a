import fc from "fast-check";
import { Rating, createEmptyCard, fsrs } from "ts-fsrs";
import { luckOf } from "../chance";
import type { DrillDone, Grade, Level } from "../model/drill";
import { chanceOfRight, estimateOf, nextLevel, surenessOf } from "./skill";
import { spacedOf } from "./spaced";

type Told = Pick<DrillDone, "level" | "grade">;

/** Somebody of a true ability, drilled at the level that each time is asked for. */
function drilled(truth: number, seed: number, count = 30): Told[] {
  const luck = luckOf(seed, "learner");
  const done: Told[] = [];
  for (let i = 0; i < count; i++) {
    const level = nextLevel("pull", estimateOf("pull", done));
    done.push({ level, grade: luck.between(0, 1) < chanceOfRight(truth, level, "pull") ? "right" : "wrong" });
  }
  return done;
}

test("within 30 drills the estimate comes to a learner's truth, and its band holds it nineteen times of twenty", () => {
  let held = 0;
  let off = 0;
  const truths = Array.from({ length: 100 }, (_, i) => -2 + (i % 20) * 0.2);
  for (const [seed, truth] of truths.entries()) {
    const { ability, band } = estimateOf("pull", drilled(truth, seed));
    if (truth >= band[0] - 0.05 && truth <= band[1] + 0.05) held++;
    off += Math.abs(ability - truth);
  }
  expect(held).toBeGreaterThanOrEqual(90);
  expect(off / truths.length).toBeLessThan(0.6);
  const wide = (count: number) => {
    const { band } = estimateOf("pull", drilled(0, 7, count));
    return band[1] - band[0];
  };
  expect(wide(30)).toBeLessThan(wide(0) / 2);
});

test("one more right never lowers it, one more wrong never raises it (property)", () => {
  const told = fc.array(
    fc.record({
      level: fc.constantFrom<Level>(1, 2, 3, 4, 5),
      grade: fc.constantFrom<Grade>("right", "near", "wrong"),
    }),
    { maxLength: 20 },
  );
  fc.assert(
    fc.property(told, fc.constantFrom<Level>(1, 2, 3, 4, 5), (done, level) => {
      const more = (grade: Grade) => estimateOf("ring", [...done, { level, grade }]).ability;
      expect(more("right")).toBeGreaterThanOrEqual(more("near") - 1e-9);
      expect(more("near")).toBeGreaterThanOrEqual(more("wrong") - 1e-9);
    }),
    { numRuns: 60 },
  );
});

test("drills get harder as it grows, and easier when they were too hard", () => {
  const all = (grade: Grade, level: Level) => Array.from({ length: 12 }, () => ({ level, grade }));
  expect(nextLevel("pull", estimateOf("pull", []))).toBe(1);
  expect(nextLevel("pull", estimateOf("pull", all("right", 3)))).toBeGreaterThanOrEqual(4);
  expect(nextLevel("pull", estimateOf("pull", all("wrong", 3)))).toBe(1);
  expect(surenessOf(estimateOf("pull", []))).toBe("not known yet");
  expect(surenessOf(estimateOf("pull", all("right", 4)))).toBe("sure");
  expect(surenessOf(estimateOf("pull", all("wrong", 2)))).toBe("shaky");
  expect(chanceOfRight(0, 3, "ring")).toBeCloseTo(0.51);
  // What can be guessed tells less.
  expect(estimateOf("unit", all("right", 3)).ability).toBeLessThan(
    estimateOf("ring", all("right", 3)).ability,
  );
});

const day = (n: number, hour = 12) => new Date(Date.UTC(2026, 0, 1 + n, hour)).toISOString();

test("a skill comes back as the package's own scheduling has it", () => {
  const scheduler = fsrs({ enable_fuzz: false, enable_short_term: false });
  const once = scheduler.next(createEmptyCard(new Date(day(0))), new Date(day(0)), Rating.Good).card;
  const twice = scheduler.next(once, new Date(day(4)), Rating.Again).card;
  const done = [
    { createdAt: day(0), grade: "right" as const },
    { createdAt: day(4), grade: "wrong" as const },
  ];
  expect(spacedOf(done.slice(0, 1), day(0))?.dueAt).toBe(once.due.toISOString());
  expect(spacedOf(done, day(4))?.dueAt).toBe(twice.due.toISOString());
  expect(spacedOf([], day(0))).toBeUndefined();
});

test("what was shaky comes back in days, what was right later each time; nothing is as sure as it was", () => {
  const after = (grade: Grade) =>
    Date.parse(spacedOf([{ createdAt: day(0), grade }], day(0))?.dueAt ?? "") - Date.parse(day(0));
  expect(after("wrong")).toBeLessThan(after("near"));
  expect(after("near")).toBeLessThan(after("right"));
  expect(after("wrong")).toBeLessThanOrEqual(2 * 86_400_000);
  const right = [0, 3, 14].map((n) => ({ createdAt: day(n), grade: "right" as const }));
  const due = right.map((_, i) => Date.parse(spacedOf(right.slice(0, i + 1), day(0))?.dueAt ?? ""));
  const gaps = due.map((at, i) => at - Date.parse(right[i]?.createdAt ?? ""));
  expect(gaps[1]).toBeGreaterThan(gaps[0] ?? 0);
  expect(gaps[2]).toBeGreaterThan(gaps[1] ?? 0);
  const still = (n: number) => spacedOf(right, day(n))?.still ?? 0;
  expect(still(15)).toBeGreaterThan(still(60));
});

test("a day counts once, by its last drill; with anything wrong in it, it was a hard one", () => {
  const mixed = [
    { createdAt: day(0, 9), grade: "wrong" as const },
    { createdAt: day(0, 10), grade: "right" as const },
  ];
  const hard = spacedOf([{ createdAt: day(0, 10), grade: "near" }], day(0))?.dueAt;
  expect(spacedOf(mixed, day(0))?.dueAt).toBe(hard);
});

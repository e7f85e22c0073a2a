import fc from "fast-check";
import type { Decide } from "../model/decide";
import { judgeCauses, nextCheck } from "./decide";
import type { Topic } from "./topic";
import { TOPICS } from "./topics";

const blank: Decide = { results: {}, own: [], measured: [] };
const topic = (id: string): Topic => {
  const found = TOPICS.find((one) => one.id === id);
  if (!found) throw new Error(id);
  return found;
};

test("every topic is whole: causes to tell apart, results that add up to certainty, and words of its own", () => {
  expect(new Set(TOPICS.map(({ id }) => id)).size).toBe(TOPICS.length);
  for (const { causes, checks } of TOPICS) {
    expect(causes.length).toBeGreaterThan(1);
    for (const { id, results, tells, how } of checks) {
      expect([id, how.length > 20 && how.length < 200 && how.endsWith(".")]).toEqual([id, true]);
      for (const cause of causes) {
        const told = tells[cause.id];
        expect([id, cause.id, told?.length]).toEqual([id, cause.id, results.length]);
        expect([id, cause.id, told?.reduce((sum, one) => sum + one, 0)]).toEqual([
          id,
          cause.id,
          expect.closeTo(1, 9),
        ]);
      }
    }
  }
});

test("a check under a raised wheel says stands, one on a hot or running engine says what to keep clear of", () => {
  const all = TOPICS.flatMap(({ checks }) => checks);
  const said = (ask: string) => all.filter((check) => check.ask.includes(ask)).map(({ how }) => how);
  for (const how of [...said("Wheel up"), ...said("Rock it held")]) expect(how).toMatch(/\bstands?\b/);
  for (const how of said("while cranking there are")) expect(how).toContain("off belts and fan");
  expect(said("cap off")).toEqual([expect.stringContaining("a hot cap sprays")]);
  expect(said("After a drive, one wheel")).toEqual([expect.stringContaining("never on it")]);
});

test("Bayes by hand: a hum that changes with the swing", () => {
  // 5 · 0.85, 4 · 0.15, 1 · 0.1 of 4.95 in all.
  const [first, second] = judgeCauses(topic("hum"), {
    ...blank,
    results: { steer: "changes with the swing" },
  });
  expect([first?.name, second?.name]).toEqual(["Wheel bearing", "Tyres worn in steps"]);
  expect(first?.chance).toBeCloseTo(4.25 / 4.95, 9);
  expect(first?.evidenceFor).toEqual([
    "Swing gently left and right at speed. The hum: changes with the swing",
  ]);
  expect(second?.evidenceAgainst).toHaveLength(1);
});

test("the next check is the one that separates the two likeliest, and is never one that was made", () => {
  const next = nextCheck(topic("hum"), blank);
  expect(next?.between).toEqual(["Wheel bearing", "Tyres worn in steps"]);
  expect(next?.check.id).toBe("tread");
  expect(nextCheck(topic("hum"), { ...blank, results: { tread: "even" } })?.check.id).not.toBe("tread");
  const all = Object.fromEntries(topic("hum").checks.map(({ id, results }) => [id, results[0] ?? ""]));
  expect(nextCheck(topic("hum"), { ...blank, results: all })).toBeUndefined();
});

test("a cause of one's own stands among the others, moved by its own evidence", () => {
  const own = (more: Partial<Decide["own"][number]>) =>
    judgeCauses(topic("oil"), {
      ...blank,
      own: [{ id: "mine", name: "Spilt when filling", for: [], against: [], ...more }],
    }).find(({ id }) => id === "mine");
  expect(own({})?.chance).toBeCloseTo(3.125 / 15.625, 9);
  expect(own({ for: ["filled yesterday"] })?.chance ?? 0).toBeGreaterThan(own({})?.chance ?? 1);
  expect(own({ against: ["months ago"] })?.chance ?? 1).toBeLessThan(own({})?.chance ?? 0);
});

test("chances always add up to one, whatever was found, and a result that speaks for a cause never makes it less likely", () => {
  for (const one of TOPICS) {
    const results = fc.record(
      Object.fromEntries(
        one.checks.map(({ id, results: can }) => [id, fc.constantFrom("", ...can, "nonsense")]),
      ),
    );
    fc.assert(
      fc.property(results, (found) => {
        const judged = judgeCauses(one, { ...blank, results: found });
        expect(judged.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9);
      }),
    );
    for (const check of one.checks) {
      for (const result of check.results) {
        const before = judgeCauses(one, blank);
        for (const cause of judgeCauses(one, { ...blank, results: { [check.id]: result } })) {
          if (cause.evidenceFor.length > 0)
            expect(cause.chance).toBeGreaterThan(before.find(({ id }) => id === cause.id)?.chance ?? 1);
        }
      }
    }
  }
});

import fc from "fast-check";
import type { Step } from "../model/job";
import { boundBy, brokenBy, comesBefore, loopsIn, sortSteps } from "./order";

const step = (id: string, more: Partial<Step> = {}): Step => ({
  id,
  title: id,
  phase: "take apart",
  kind: "do",
  stance: "on the ground",
  cautions: [],
  ...more,
});

const ids = (steps: readonly Step[] | undefined) => steps?.map(({ id }) => id).join("");

test("steps come after what they need, and otherwise stay where they are", () => {
  expect(ids(sortSteps([step("a"), step("b", { needs: ["d"] }), step("c"), step("d")]))).toBe("acdb");
  expect(ids(sortSteps([step("a"), step("b"), step("c")]))).toBe("abc");
});

test("what is moved past a lead comes after the lead is off, and before nothing else", () => {
  const steps = [
    step("knuckle", { movesPast: ["sensor lead"] }),
    step("lead", { takesOff: ["Sensor lead"] }),
    step("on", { putsBack: ["sensor lead"] }),
  ];
  expect(sortSteps(steps)?.map(({ id }) => id)).toEqual(["lead", "knuckle", "on"]);
  expect(brokenBy(steps)).toMatchObject({ step: { id: "knuckle" }, needs: { id: "lead" } });
  expect(brokenBy(sortSteps(steps) ?? [])).toBeUndefined();
});

test("a loop is named with its steps", () => {
  const steps = [
    step("a", { needs: ["c"] }),
    step("b", { needs: ["a"] }),
    step("c", { needs: ["b"] }),
    step("d"),
  ];
  expect(sortSteps(steps)).toBeUndefined();
  expect(loopsIn(steps).map((loop) => [...loop].map(({ id }) => id).sort())).toEqual([["a", "b", "c"]]);
  expect(loopsIn([step("a", { needs: ["a"] })]).map(ids)).toEqual(["a"]);
});

test("always a valid order when one exists; otherwise always a loop, and every loop a true one", () => {
  const names = ["a", "b", "c", "d", "e", "f", "g"];
  const some = fc.array(fc.record({ from: fc.constantFrom(...names), to: fc.constantFrom(...names) }), {
    maxLength: 10,
  });
  fc.assert(
    fc.property(some, (arrows) => {
      const steps = names.map((id) =>
        step(id, { needs: [...new Set(arrows.filter(({ to }) => to === id).map(({ from }) => from))] }),
      );
      const sorted = sortSteps(steps);
      const loops = loopsIn(steps);
      if (sorted) {
        expect(loops).toEqual([]);
        expect(brokenBy(sorted)).toBeUndefined();
        expect([...sorted].map(({ id }) => id).sort()).toEqual(names);
        return;
      }
      expect(loops.length).toBeGreaterThan(0);
      const before = comesBefore(steps);
      for (const loop of loops)
        loop.forEach(({ id }, i) =>
          expect(before.get(loop[(i + 1) % loop.length]?.id ?? "")?.has(id)).toBe(true),
        );
    }),
    { numRuns: 500 },
  );
});

test("a loop's steps follow one another as they wait", () => {
  const steps = [step("a", { needs: ["b"] }), step("b", { needs: ["a"] })];
  const [loop] = loopsIn(steps);
  expect(loop).toHaveLength(2);
});

test("a thousand steps that each take off and put back the same thing are looked over at once, and a few loops told", () => {
  const steps = Array.from({ length: 1000 }, (_, i) => ({
    id: `s${i}`,
    title: `Hose ${i}`,
    phase: "take apart" as const,
    kind: "do" as const,
    stance: "on the ground" as const,
    cautions: [],
    takesOff: ["hose"],
    putsBack: ["hose"],
  }));
  expect(loopsIn(steps).length).toBeLessThanOrEqual(20);
  expect(sortSteps(steps)).toBeUndefined();
  // Each waits for the first few that take it off, not for all the others.
  expect(Math.max(...[...comesBefore(steps).values()].map(({ size }) => size))).toBeLessThanOrEqual(8);
});

test("what a step cannot pass is told through however many lie between", () => {
  const steps = [
    step("a"),
    step("b", { needs: ["a"] }),
    step("c", { needs: ["b"] }),
    step("d"),
    step("e", { needs: ["c"] }),
  ];
  expect(boundBy(steps, "c")).toEqual(
    new Map([
      ["e", "after"],
      ["b", "before"],
      ["a", "before"],
    ]),
  );
  expect(boundBy(steps, "d").size).toBe(0);
  // In a ring each comes before the other: that is what is said.
  expect(boundBy([step("a", { needs: ["b"] }), step("b", { needs: ["a"] })], "a")).toEqual(
    new Map([["b", "before"]]),
  );
});

test("in any plan what is bound is just what moving it past would break", () => {
  fc.assert(
    fc.property(
      fc.array(fc.array(fc.nat(7), { maxLength: 2 }), { minLength: 2, maxLength: 8 }),
      fc.nat(7),
      (needs, at) => {
        const steps = needs.map((of, i) =>
          step(`s${i}`, { needs: of.filter((one) => one < i).map((one) => `s${one}`) }),
        );
        const id = `s${at % steps.length}`;
        const bound = boundBy(steps, id);
        for (const [other, way] of bound) {
          const [first, last] = way === "before" ? [other, id] : [id, other];
          const swapped = [...steps.filter((one) => one.id !== first && one.id !== last)];
          const lastStep = steps.find((one) => one.id === last);
          const firstStep = steps.find((one) => one.id === first);
          if (!lastStep || !firstStep) throw new Error("no such step");
          expect(brokenBy([lastStep, ...swapped, firstStep])).toBeDefined();
        }
      },
    ),
  );
});

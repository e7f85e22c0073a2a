import type { Job, Step } from "../model/job";
import type { Work } from "../model/work";
import { leaning, lessonWords, pastsOf, withLessons } from "./lessons";

const at = (minute: number) => ({
  at: new Date(Date.UTC(2026, 2, 7, 9, minute)).toISOString(),
  on: "2026-03-07",
});

const step = (id: string, title: string, more: Partial<Step> = {}): Step => ({
  id,
  title,
  phase: "take apart",
  kind: "do",
  stance: "on the ground",
  cautions: [],
  ...more,
});

const job = {
  id: "j",
  state: "done",
  doneOn: "2026-03-07",
  routes: [
    { id: "r", name: "A", steps: [step("a", "Lid off"), step("b", "Union off")], fasteners: [], parts: [] },
  ],
  chosenRouteId: "r",
} as unknown as Job;

/** Lid off at 6; a union that was seized from 6 to 20, its heat tried for 10 of them, off at 24. */
const work = {
  id: "w",
  jobId: "j",
  routeId: "r",
  events: [
    { ...at(0), type: "safety", tick: "ground", stance: "front up" },
    { ...at(6), type: "step", stepId: "a" },
    { ...at(10), type: "trouble", troubleId: "t", stepId: "b", kind: "seized", about: "brake union" },
    { ...at(20), type: "tried", troubleId: "t", stepId: "b", rung: "heat", worked: true },
    { ...at(24), type: "step", stepId: "b" },
  ],
} as unknown as Work;

test("only what was done with Work running is a past", () => {
  expect(pastsOf([job, { ...job, id: "other" }], [work])).toEqual([{ job, work }]);
  expect(pastsOf([{ ...job, state: "planned" }], [work])).toEqual([]);
});

test("how it went, in a few words", () => {
  expect(lessonWords({ job, work })).toBe("24 min; brake union seized, heat did it");
});

test("a mean leans on what was thought: (1 · 16 + 3 · 8) / 4 = 10", () => {
  expect(leaning(8, [16])).toBe(10);
  expect(leaning(8, [])).toBe(8);
  expect(leaning(8, [16, 16, 16])).toBe(12);
});

test("a plan made again knows the times and troubles of the time before, by the title of each step", () => {
  const fresh = {
    id: "new",
    name: "A",
    fasteners: [],
    parts: [],
    steps: [
      step("x", "Lid off", { minutes: { least: 1, usual: 2, most: 4 } }),
      step("y", "Union off", {
        detail: "A flare spanner.",
        troubles: [{ kind: "rounded", young: 4, old: 40 }],
      }),
      step("z", "Something else", { minutes: { usual: 5 } }),
    ],
  };
  const [lid, union, other] = withLessons(fresh, [{ job, work }]).steps;
  // 6 min seen once, 2 planned: (6 + 3 · 2) / 4.
  expect(lid?.minutes).toEqual({ least: 1, usual: 3, most: 6 });
  // 8 min of hands at it: the ten on the ladder are the trouble's.
  expect(union?.minutes).toEqual({ usual: 8 });
  expect(union?.detail).toBe("A flare spanner. Met before: brake union seized, heat did it.");
  expect(union?.troubles).toEqual([
    { kind: "rounded", young: 3, old: 30 },
    { kind: "seized", young: 25, old: 25 },
  ]);
  expect(other).toEqual(fresh.steps[2]);
  expect(withLessons(fresh, [])).toBe(fresh);
});

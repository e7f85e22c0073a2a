import { step as written } from "@/demo/authoring";
import { demoHousehold } from "@/demo/household";
import { coverAll } from "../kit/kit";
import type { Job, Step } from "../model/job";
import { chosenRoute, withRoute } from "../plan/chosen-route";
import { pastsOf } from "../shelf/lessons";
import { type Around, activitiesOf } from "./activity";
import { expectedMinutes, learntFrom, plannedMinutes } from "./expect";
import { keepsOrder } from "./schedule";

const TODAY = "2026-11-28";
const household = demoHousehold(TODAY);
const jobOf = (id: string): Job => {
  const job = household.jobs.find((one) => one.id === id);
  if (!job) throw new Error(`no ${id}`);
  return job;
};
const learnt = learntFrom([]);

function around(job: Job, more: Partial<Around> = {}): Around {
  const vehicle = household.vehicles.find(({ id }) => id === job.vehicleId);
  if (!vehicle) throw new Error("no vehicle");
  const lines = coverAll(chosenRoute(job), household.tools, { vehicle, thisYear: 2026 });
  const { tools } = household;
  return { job, vehicle, tools, lines, due: new Map(), replacements: [], learnt, today: TODAY, ...more };
}

const step = (id: string, title: string, { kind = "do", ...more }: Partial<Step> = {}): Step =>
  written(id, "take apart", kind, title, more);
const withSteps = (steps: Step[]): Job => {
  const job = jobOf("demo-starter");
  return withRoute(job, { ...chosenRoute(job), steps, fasteners: [], parts: [] });
};
const befores = (job: Job, more: Partial<Around> = {}) =>
  Object.fromEntries(activitiesOf(around(job, more)).map(({ id, after }) => [id, after]));

test("every job of the demo is activities in an order that keeps what needs what", () => {
  for (const job of household.jobs) {
    const activities = activitiesOf(around(job));
    expect(activities).toHaveLength(chosenRoute(job).steps.length);
    expect(keepsOrder(activities)).toBe(true);
  }
});

test("a side keeps its own order, and what is of neither waits for both", () => {
  const job = withSteps([
    step("up", "Up on stands", { kind: "raise" }),
    step("l1", "Wheel off, left"),
    step("l2", "Drum off, left"),
    step("r1", "Wheel off, right"),
    step("down", "Down again", { kind: "lower" }),
  ]);
  const ids = (after: readonly { id: string }[] | undefined) => after?.map(({ id }) => id);
  const after = befores(job);
  expect([ids(after.l1), ids(after.l2), ids(after.r1)]).toEqual([["up"], ["l1"], ["up"]]);
  expect(ids(after.down)).toEqual(["l2", "r1"]);
});

test("what needs a wait waits for it; where nobody says so, all behind it does", () => {
  const soak = step("soak", "Penetrant", { wait: { minutes: 30, until: "it has crept in" } });
  const said = befores(
    withSteps([soak, step("a", "Guard off"), step("b", "Bolts out", { needs: ["soak"] })]),
  );
  expect(said.a).toEqual([{ id: "soak", waited: false }]);
  expect(said.b).toContainEqual({ id: "soak", waited: true });
  const unsaid = befores(withSteps([soak, step("a", "Guard off")]));
  expect(unsaid.a).toEqual([{ id: "soak", waited: true }]);
});

test("side by side, one side no longer waits for the other; raising and what is of both still do", () => {
  const job = withSteps([
    step("l1", "Shoes off, left"),
    step("l2", "Shoes on, left"),
    step("r1", "Shoes off, right", { needs: ["l2"] }),
  ]);
  expect(befores(job).r1).toEqual([{ id: "l2", waited: true }]);
  expect(befores(job, { sideBySide: true }).r1).toEqual([]);
});

test("steps that wait for each other are told, and not put in some order", () => {
  const job = withSteps([step("a", "A", { needs: ["b"] }), step("b", "B", { needs: ["a"] })]);
  expect(() => activitiesOf(around(job))).toThrow("wait for each other");
});

test("a trouble is likelier on what is old, and less on what was renewed since", () => {
  const often = [{ kind: "seized" as const, young: 5, old: 45 }];
  const job = withSteps([step("a", "Track rod end off, left", { troubles: often })]);
  const [activity] = activitiesOf(around(job));
  const renewed = household.replacements[0];
  if (!renewed) throw new Error("the demo has a log");
  const [since] = activitiesOf(
    around(job, {
      replacements: [
        {
          ...renewed,
          vehicleId: job.vehicleId,
          part: "Track rod end",
          place: "left front",
          on: "2025-05-01",
        },
      ],
    }),
  );
  // Another part of the same system is no reason to hope.
  const [fluid] = activitiesOf(
    around(job, {
      replacements: [{ ...renewed, vehicleId: job.vehicleId, part: "Track rod boot", on: "2025-05-01" }],
    }),
  );
  expect(fluid?.branches[0]?.chance).toBeCloseTo(0.45);
  const [other] = activitiesOf(
    around(job, {
      replacements: [
        {
          ...renewed,
          vehicleId: job.vehicleId,
          part: "Track rod end",
          place: "right front",
          on: "2025-05-01",
        },
      ],
    }),
  );
  expect(activity?.branches[0]?.chance).toBeCloseTo(0.45);
  expect(since?.branches[0]?.chance).toBeCloseTo(0.05);
  expect(other?.branches[0]?.chance).toBeCloseTo(0.45);
  expect(activity?.branches[0]?.here.length).toBeGreaterThan(0);
});

test("what the kit lacks stands at the step that first wants it, what is on its way with its day", () => {
  const job = jobOf("demo-starter");
  const got = around(job);
  const part = got.lines.find(({ need }) => need.kind === "part");
  if (!part) throw new Error("the starter has a part");
  const missing = activitiesOf(got).flatMap(({ lacks }) => lacks);
  expect(missing).toContain(part.name);
  const ordered = activitiesOf({
    ...got,
    lines: got.lines.map((line) =>
      line.key === part.key ? { ...line, cover: { kind: "on order", says: "" } } : line,
    ),
    due: new Map([[part.key, "2026-12-02"]]),
  });
  expect(ordered.flatMap(({ lacks }) => lacks)).not.toContain(part.name);
  expect(ordered.flatMap(({ delivered }) => delivered ?? [])).toEqual([
    { on: "2026-12-02", what: part.name },
  ]);
});

test("a step without a time has the usual of its kind, more for more bolts", () => {
  const fasteners = chosenRoute(jobOf("demo-starter")).fasteners;
  const undo = (count: number) =>
    plannedMinutes(step("a", "A", { kind: "undo", count }), { fasteners }).usual;
  expect([undo(1), undo(6)]).toEqual([2, 7]);
  expect(plannedMinutes(step("a", "A", { minutes: { usual: 10 } }), { fasteners })).toEqual({
    least: 6,
    usual: 10,
    most: 22,
  });
});

test("one's own past leans a step towards how it went, less what is one's own pace", () => {
  const pasts = pastsOf(household.jobs, household.works);
  const own = learntFrom(pasts);
  expect(own.speed.jobs).toBe(1);
  const [past] = pasts;
  if (!past) throw new Error("the demo has a finished job");
  const route = chosenRoute(past.job);
  for (const one of route.steps) {
    const [planned, expected] = [plannedMinutes(one, route).usual, expectedMinutes(one, route, own).usual];
    const seen = own.took.get(one.title.toLowerCase())?.[0];
    if (seen !== undefined) expect(expected).toBeCloseTo((seen + 3 * planned) / 4);
  }
});

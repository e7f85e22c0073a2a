import { demoHousehold } from "@/demo/household";
import { EUROS } from "../__fixtures__/money";
import type { Fastener, Job, Route, Step } from "../model/job";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { bendsToBeQuicker, compareRoutes } from "./compare-routes";
import { usuallyOpen } from "./usually-open";

const demo = demoHousehold("2026-11-24");
const [vehicle] = demo.vehicles;
const [planned] = demo.jobs;
if (!vehicle || !planned) throw new Error("The demo has lost its car or its jobs.");

const step = (title: string, more: Partial<Step> = {}): Step => ({
  id: title,
  title,
  phase: "take apart",
  kind: "do",
  stance: "on the ground",
  cautions: [],
  ...more,
});
const routeOf = (more: Partial<Route>): Route => ({
  id: "r",
  name: "By the book",
  steps: [],
  fasteners: [],
  parts: [],
  ...more,
});
const lies = (...titles: string[]) =>
  usuallyOpen(routeOf({ steps: titles.map((title) => step(title)) })).map(({ name }) => name);

test.each([
  ["Drive shaft out of the gearbox", ["Shaft seal"]],
  ["Lower arm out, left", ["Bushes of the arm"]],
  ["Drain the coolant at the plug", ["Coolant hoses"]],
  ["Caliper aside on a hook", ["Slide pins and their boots"]],
  ["Seat out", []],
  ["Caliper bolts, 14 mm", []],
])("%s bares %j", (title, names) => {
  expect(lies(title)).toEqual(names);
});

test("what is on the list of parts, or noted as lying open, is not proposed; nor what only goes back", () => {
  const shaft = step("Drive shaft out");
  const seal = { id: "p", name: "Shaft seal, left", place: "left front" as const, count: 1 };
  expect(usuallyOpen(routeOf({ steps: [shaft], parts: [seal] }))).toEqual([]);
  const bare = { id: "b", name: "Shaft seal", place: "left front" as const, minutesNow: 5, minutesLater: 90 };
  expect(usuallyOpen(routeOf({ steps: [shaft], laysBare: [bare] }))).toEqual([]);
  expect(usuallyOpen(routeOf({ steps: [{ ...shaft, phase: "put back" }] }))).toEqual([]);
});

const bolt = (more: Partial<Fastener> = {}): Fastener => ({
  id: "f",
  name: "Mount bolts",
  count: 2,
  figure: readTorqueFigure("50 Nm"),
  source: "vehicle maker",
  ...more,
});
const jobWith = (...routes: Route[]): Job => ({
  ...planned,
  routes: routes.map((route, i) => ({ ...route, id: `r${i}` })),
  chosenRouteId: "r0",
  answers: [],
});

test("figures, what they rest on, waits and the hands' time stand apart in a comparison", () => {
  const careful = routeOf({
    steps: [step("Soak", { minutes: { usual: 5 }, wait: { minutes: 60, until: "it has crept in" } })],
    fasteners: [bolt(), bolt({ id: "g", name: "Bracket nut", figure: undefined })],
  });
  const quick = routeOf({
    name: "From memory",
    steps: [step("Undo", { minutes: { usual: 10 } })],
    fasteners: [bolt({ source: "memory" })],
  });
  const rows = compareRoutes(jobWith(careful, quick), vehicle, [], EUROS);
  const of = (what: string) => rows.find((row) => row.what === what);
  expect(of("Hands at it, usually")).toMatchObject({
    values: ["0 h 05 min", "0 h 10 min"],
    better: [true, false],
  });
  expect(of("Waits")).toMatchObject({ values: ["1 h 00 min", "none"], better: [false, true] });
  expect(of("Figures")).toMatchObject({ values: ["1 of 2", "1 of 1"], better: [false, true] });
  expect(of("They are from")).toMatchObject({
    values: ["1 vehicle maker", "1 memory"],
    better: [true, false],
  });
});

test("the quicker way is warned of where it bends what a maker asks and another does not", () => {
  const straight = routeOf({
    steps: [step("Undo", { minutes: { usual: 60 } })],
    fasteners: [bolt({ singleUse: true })],
  });
  const bent = routeOf({
    name: "The short way",
    steps: [step("Undo", { minutes: { usual: 30 } })],
    fasteners: [bolt({ singleUse: true, reuseReason: "none to be had" })],
  });
  expect(bendsToBeQuicker(jobWith(straight, bent), vehicle, [])).toBe(
    "“The short way” is quicker, and bends what the maker asks: mount bolts used again.",
  );
  // Slower and no cheaper, nobody is tempted; nor where every way bends it.
  const slow = { ...bent, steps: [step("Undo", { minutes: { usual: 90 } })] };
  expect(bendsToBeQuicker(jobWith(straight, slow), vehicle, [])).toBeUndefined();
  expect(bendsToBeQuicker(jobWith(bent, bent), vehicle, [])).toBeUndefined();
});

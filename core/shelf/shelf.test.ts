import { InputError } from "../input-error";
import { kitFor } from "../kit/kit";
import { type Job, type Route, routeSchema } from "../model/job";
import type { Work } from "../model/work";
import { mirrorState } from "../plan/mirror";
import { secondLook } from "../plan/second-look/second-look";
import { formatFigure } from "../quantity/torque-words";
import { doneSteps, missingSafetyTicks, nextBolt, openStep, tickBolt, tickSafety } from "../work/progress";
import { isUp } from "../work/stopping";
import { currentTask, finishTask } from "../work/tasks";
import { leftOvers } from "../work/tray";
import { type Blank, blanksOf, fillBlank } from "./blanks";
import { asksOf, planFromSheet, usualAnswers } from "./plan-from-sheet";
import { type Answers, type Sheet, sheetSchema } from "./sheet";
import { SHELF, sheetNamed } from "./shelf";

const counter = () => {
  let n = 0;
  return () => `id-${n++}`;
};

/** Every combination of answers to a sheet's questions. */
function variantsOf(sheet: Sheet): Answers[] {
  return asksOf(sheet).reduce<Answers[]>(
    (all, { id, answers }) => all.flatMap((one) => answers.map((answer) => ({ ...one, [id]: answer.id }))),
    [{}],
  );
}

const VARIANTS = SHELF.flatMap((sheet) =>
  variantsOf(sheet).map((answers) => [sheet.name, Object.values(answers).join(" "), sheet, answers] as const),
);

const jobOf = (sheet: Sheet, route: Route): Job =>
  ({
    id: "job",
    schema: 13,
    origin: "demo",
    createdAt: "2026-01-01T00:00:00.000Z",
    updatedAt: "2026-01-01T00:00:00.000Z",
    vehicleId: "v",
    title: sheet.title,
    system: sheet.system,
    state: "planned",
    routes: [route],
    chosenRouteId: route.id,
  }) as unknown as Job;

const vehicle = {
  id: "v",
  name: "Car",
  kerbWeightKg: 1300,
  frontShare: 0.6,
  year: 2012,
  driven: "front",
  torqueUnit: "N.m",
} as never;

/** What only says that something is still to be looked up. */
const BLANKS = new Set(["no-figure", "no-size", "doubted-size", "no-limit", "no-source"]);

test.each(VARIANTS)(
  "%s, %s: a plan with nothing against it but its blanks",
  (_name, _variant, sheet, answers) => {
    expect(sheetSchema.parse(sheet)).toEqual(sheet);
    for (const route of planFromSheet(sheet, answers, counter()).routes) {
      routeSchema.parse(route);
      const found = secondLook(jobOf(sheet, route), route, vehicle, []).filter(
        ({ rule }) => !BLANKS.has(rule.id) && !(rule.id === "hand-it-over" && /\bat home$/i.test(route.name)),
      );
      expect(found.map(({ rule, says }) => `${rule.id}: ${says}`)).toEqual([]);
      const { unmirrored, orphaned, renamed } = mirrorState(route);
      expect([...unmirrored, ...orphaned, ...renamed].map(({ title }) => title)).toEqual([]);
      if (!route.name.startsWith("Handed over"))
        expect(kitFor(route, [], { vehicle }).total).toBeGreaterThan(0);
    }
  },
);

const TICKS = ["ground", "chocks", "stands", "shake"] as const;

/** Works a route from the first step to the last, one minute a tap, as somebody would who does all it says. */
function workedThrough(route: Route): Work {
  let work = { id: "w", jobId: "job", routeId: route.id, events: [] } as unknown as Work;
  for (let taps = 0; doneSteps(work).size < route.steps.length; taps++) {
    if (taps > 2000) throw new Error(`The work had no end at "${openStep(work, route)?.title}".`);
    const moment = { at: new Date(Date.UTC(2026, 0, 5, 8, taps)).toISOString(), on: "2026-01-05" };
    const step = openStep(work, route);
    if (!step) break;
    const [tick] = missingSafetyTicks(work, route, step, moment.on);
    const fastener = route.fasteners.find(({ id }) => id === step.fastenerId);
    const bolt = currentTask(work, step) === "hands" ? nextBolt(work, step, fastener) : undefined;
    if (tick) work = tickSafety(work, tick, step.stance, moment);
    else if (step.kind === "raise" && TICKS.some((one) => !ticked(work, one)))
      for (const one of TICKS) work = tickSafety(work, one, step.stance, moment);
    else if (bolt) work = tickBolt(work, step.id, bolt.stage, bolt.bolt, moment, { by: "wrench" });
    else work = finishTask(work, route, step, currentTask(work, step), moment, "good");
  }
  return work;
}

const ticked = (work: Work, tick: string) =>
  work.events.some((event) => event.type === "safety" && event.tick === tick);

test.each(VARIANTS)(
  "%s, %s: worked through, all is back on, down and renewed",
  (_name, _variant, sheet, answers) => {
    for (const route of planFromSheet(sheet, answers, counter()).routes) {
      const work = workedThrough(route);
      expect(leftOvers(work, route).map(({ key }) => key)).toEqual([]);
      expect(isUp(work, route)).toBe(false);
      const kinds = (id: string) =>
        route.steps.filter(({ fastenerId }) => fastenerId === id).map(({ kind }) => kind);
      for (const { id, name, singleUse } of route.fasteners) {
        if (kinds(id).includes("undo"))
          expect([name, kinds(id)]).toEqual([name, expect.arrayContaining(["torque"])]);
        if (singleUse) expect(route.parts.map(({ renews }) => renews)).toContain(id);
      }
    }
  },
);

test("what is better handed over is so unless it is planned at home, and then waits for a reason", () => {
  const ways = SHELF.flatMap((sheet) =>
    planFromSheet(sheet, usualAnswers(sheet), counter()).routes.map((route) => {
      const found = secondLook(jobOf(sheet, route), route, vehicle, []);
      return {
        name: `${sheet.name}: ${route.name}`,
        asks: found.some(({ rule }) => rule.id === "hand-it-over"),
      };
    }),
  );
  expect(ways.filter(({ asks }) => asks).map(({ name }) => name)).toEqual([
    "strut-assembly: New strut, the spring swapped over at home",
    "fuel-filter: At home",
  ]);
});

test("what is a list in a step's form has no semicolon in one of its lines", () => {
  const lines = SHELF.flatMap(({ phases }) =>
    Object.values(phases)
      .flat()
      .flatMap(({ cautions = [], takesOff = [], putsBack = [], movesPast = [], routing = [] }) => [
        ...cautions,
        ...takesOff,
        ...putsBack,
        ...movesPast,
        ...routing,
      ]),
  );
  expect(lines.filter((line) => line.includes(";"))).toEqual([]);
});

test("a sheet asks only what changes its plan", () => {
  const idle = SHELF.flatMap((sheet) =>
    sheet.asks.flatMap(({ id, answers }) => {
      const plans = answers.map((one) => {
        const said = { ...usualAnswers(sheet), [id]: one.id };
        // Ids are counted, so that two plans of the same lines are the same.
        return JSON.stringify(planFromSheet(sheet, said, counter()));
      });
      return new Set(plans).size < answers.length ? [`${sheet.name}: ${id}`] : [];
    }),
  );
  expect(idle).toEqual([]);
});

test("a sheet has no maker's figure: no torque, no limit", () => {
  for (const { fasteners, phases } of SHELF) {
    for (const { by } of Object.values(fasteners))
      expect(by === undefined || !/\d\s*(?:N|lb|kg)/i.test(by)).toBe(true);
    for (const { measure } of Object.values(phases).flat())
      expect(Object.keys(measure ?? {})).not.toContain("least");
  }
});

test("what is left to look up is listed once for both sides, and filled in on both", () => {
  const sheet = sheetNamed("pads-and-discs");
  if (!sheet) throw new Error("no sheet");
  const [route] = planFromSheet(sheet, { ...usualAnswers(sheet), discs: "pads" }, counter()).routes;
  if (!route) throw new Error("no route");
  const said = (one: Route) => blanksOf(one).map(({ kind, what }) => `${kind}: ${what}`);
  expect(said(route)).toEqual([
    "torque: Wheel bolts or nuts",
    "torque: Caliper slide pin bolts",
    "limit: disc's thickness",
    "size: Wheel bolts or nuts",
    "size: Caliper slide pin bolts",
  ]);
  const typed: Record<string, string> = { torque: "35 Nm", limit: "at least 20,4", size: "13" };
  const full = blanksOf(route).reduce(
    (now, blank) => fillBlank(now, blank, typed[blank.kind] ?? "", { source: "vehicle maker" }),
    route,
  );
  expect(said(full)).toEqual([]);
  expect(full.fasteners.map(({ figure }) => figure && formatFigure(figure))).toEqual(Array(4).fill("35 N·m"));
  expect(
    full.fasteners.every(({ source, sizeDoubtful }) => source === "vehicle maker" && !sizeDoubtful),
  ).toBe(true);
  expect(full.steps.flatMap(({ measure }) => measure?.least ?? [])).toEqual([20.4, 20.4]);
  const doubted = fillBlank(route, blanksOf(route)[0] as Blank, "110 Nm", { doubtful: true });
  expect(doubted.fasteners.filter(({ doubtful }) => doubtful).map(({ name }) => name)).toEqual([
    "Wheel bolts or nuts, left",
    "Wheel bolts or nuts, right",
  ]);
  expect(() => fillBlank(route, blanksOf(route)[0] as Blank, "tight")).toThrow(InputError);
});

test("one side is planned where one is asked for, and the title says which axle", () => {
  const sheet = sheetNamed("pads-and-discs");
  if (!sheet) throw new Error("no sheet");
  expect(planFromSheet(sheet, { ...usualAnswers(sheet), axle: "rear" }, counter()).title).toBe(
    "Rear brake pads and discs",
  );
  const oneSided: Sheet = { ...sheet, sides: "ask" };
  expect(asksOf(oneSided).at(-1)?.asks).toBe("Which side?");
  const left = planFromSheet(oneSided, { ...usualAnswers(oneSided), side: "left" }, counter()).routes[0];
  expect(left?.steps.filter(({ title }) => title.endsWith(", right"))).toEqual([]);
  expect(left?.parts.find(({ name }) => name === "Brake disc")?.place).toBe("left front");
});

import type { Route, Step } from "../../model/job";
import { SYSTEMS } from "../../model/place";
import type { Tool } from "../../model/tool";
import { TROUBLE_KINDS } from "../../model/trouble";
import { MODEL_VERSION } from "../../model/version";
import type { Work } from "../../model/work";
import { readHeadSize } from "../../quantity/read-head-size";
import { LADDERS, ladderFor, laddersFor } from "./ladders";
import {
  lessonOf,
  meetTrouble,
  nextRung,
  openTrouble,
  rungsFor,
  type Trouble,
  troubleNeeds,
  troubleSubjects,
  troublesOf,
  tryRung,
  withNeeds,
  withRenewal,
} from "./trouble";

const stamp = {
  createdAt: "2026-01-01T00:00:00.000Z",
  updatedAt: "2026-01-01T00:00:00.000Z",
  schema: MODEL_VERSION,
  origin: "own" as const,
};

const moment = { at: "2026-11-23T10:00:00.000Z", on: "2026-11-23" };
const fresh: Work = { ...stamp, id: "w", jobId: "j", routeId: "r", events: [] };
const step: Step = {
  id: "s",
  title: "Bleed, right",
  phase: "put back",
  kind: "torque",
  stance: "rear up",
  cautions: [],
  fastenerId: "bleed",
  putsBack: ["hose"],
};

const route: Route = {
  id: "r",
  name: "r",
  steps: [step],
  fasteners: [{ id: "bleed", name: "Bleed screw, right", count: 1 }],
  parts: [
    { id: "l", name: "Cylinder", place: "left rear", count: 1 },
    { id: "p", name: "Cylinder", place: "right rear", count: 1 },
  ],
};

test.each(TROUBLE_KINDS)(
  "%s has a ladder: from mild to drastic, ending where it stops, on every system",
  (kind) => {
    for (const system of SYSTEMS) {
      const { rungs } = ladderFor(kind, system);
      expect(rungs.length).toBeGreaterThan(2);
      expect(rungs.at(-1)?.stops).toBe(true);
      expect(rungs.slice(0, -1).some(({ stops }) => stops)).toBe(false);
      expect(new Set(rungs.map(({ id }) => id)).size).toBe(rungs.length);
    }
  },
);

test("nothing is heated where fluid or fuel is near, and no thread that stops or steers the vehicle is mended", () => {
  for (const { kind } of LADDERS) {
    const said = (system: (typeof SYSTEMS)[number]) =>
      ladderFor(kind, system)
        .rungs.map(({ does }) => does)
        .join(" ");
    expect(said("brakes")).not.toMatch(/\bheat the|weld|thread insert/i);
    expect(said("ignition and fuel")).not.toMatch(/\bheat the|weld/i);
    expect(said("steering and suspension")).not.toMatch(/thread insert/i);
  }
});

test("drilling, hammering and pulling ask for eye protection", () => {
  for (const { rungs } of LADDERS)
    for (const { does, cautions } of rungs)
      if (/\bdrill|hammer|puller\b/i.test(does))
        expect([does, cautions.join()]).toEqual([does, expect.stringContaining("Eye protection")]);
});

test("a trouble is climbed rung by rung, is over when one did it, and can be told afterwards", () => {
  let work = meetTrouble(
    fresh,
    { troubleId: "t", stepId: "s", kind: "snapped", about: "Bleed screw, right" },
    moment,
  );
  const [first, second] = ladderFor("snapped", "brakes").rungs;
  const open = () => {
    const trouble = openTrouble(work, "s");
    if (!trouble) throw new Error("It is over.");
    return trouble;
  };
  expect(nextRung(open(), "brakes")).toEqual(first);
  work = tryRung(work, open(), first?.id ?? "", false, moment);
  expect(nextRung(open(), "brakes")).toEqual(second);
  work = tryRung(work, open(), second?.id ?? "", true, moment);
  expect(openTrouble(work, "s")).toBeUndefined();
  expect(troublesOf(work)).toMatchObject([
    { kind: "snapped", solvedBy: second?.id, tried: [{ worked: false }, { worked: true }] },
  ]);
  const all = ladderFor("snapped", "brakes").rungs.reduce(
    (now, { id }) => tryRung(now, { ...open0, id: "t" }, id, false, moment),
    meetTrouble(fresh, { troubleId: "t", stepId: "s", kind: "snapped", about: "x" }, moment),
  );
  const exhausted = openTrouble(all, "s");
  expect(exhausted && nextRung(exhausted, "brakes")).toBeUndefined();
});

const open0 = {
  id: "t",
  stepId: "s",
  kind: "snapped" as const,
  about: "x",
  on: "2026-11-23",
  tried: [],
  solvedBy: undefined,
};

test("a rung that is not for this one is passed over without having been tried, and the lesson names what was", () => {
  const met = meetTrouble(
    fresh,
    { troubleId: "t", stepId: "s", kind: "rounded inside", about: "Cover screw" },
    moment,
  );
  const [soaked, bit, up] = ladderFor("rounded inside", "engine").rungs;
  let work = tryRung(met, open0, soaked?.id ?? "", "not for this", moment);
  work = tryRung(work, open0, bit?.id ?? "", false, moment);
  work = tryRung(work, open0, up?.id ?? "", true, moment);
  const [trouble] = troublesOf(work);
  expect(trouble && lessonOf(trouble)).toBe(
    "Cover screw: rounded inside; “next up” did it, after fresh bit.",
  );
});

test("a head gripped from outside does not go round inside, and one with a recess not outside", () => {
  const kinds = (size?: string) =>
    laddersFor(
      size === undefined ? undefined : { id: "f", name: "f", count: 1, sizeToUndo: readHeadSize(size) },
    ).map(({ kind }) => kind);
  expect(kinds("13")).toContain("rounded");
  expect(kinds("13")).not.toContain("rounded inside");
  expect(kinds("6 mm key")).toContain("rounded inside");
  expect(kinds("6 mm key")).not.toContain("rounded");
  expect(kinds()).toEqual(LADDERS.map(({ kind }) => kind));
});

test("what a rung needs is looked for in the chest; lent out or used up is not there", () => {
  const [, soak] = ladderFor("seized", "engine").rungs;
  if (!soak) throw new Error("no rung");
  const can = (more: object): Tool[] => [
    { ...stamp, id: "c", kind: "consumable", name: "Penetrant", left: { value: 100, unit: "mL" }, ...more },
  ];
  expect(troubleNeeds(soak, can({}))).toMatchObject([{ owned: { id: "c" } }]);
  expect(troubleNeeds(soak, can({ lentTo: "next door" }))).toMatchObject([{ owned: undefined }]);
  expect(troubleNeeds(soak, can({ left: { value: 0, unit: "mL" } }))).toMatchObject([{ owned: undefined }]);
});

test("what is missing goes on the plan's lists once; what has snapped is renewed, on its own side", () => {
  let n = 0;
  const newId = () => `n${n++}`;
  const needs = [
    { name: "Locking pliers", find: /x/ },
    { name: "Penetrant", find: /x/, amount: { value: 50, unit: "mL" as const } },
  ];
  const listed = withNeeds(route, needs, newId);
  expect(listed.specialTools).toMatchObject([{ name: "Locking pliers", days: 1 }]);
  expect(listed.supplies).toMatchObject([{ name: "Penetrant", amount: { value: 50, unit: "mL" } }]);
  expect(withNeeds(listed, needs, newId)).toBe(listed);
  const renewed = withRenewal(route, "snapped", "Bleed screw, right", step, newId);
  expect(renewed.parts.at(-1)).toMatchObject({
    name: "Bleed screw, right",
    place: "right rear",
    count: 1,
    renews: "bleed",
  });
  expect(withRenewal(renewed, "stripped", "Bleed screw, right", step, newId)).toBe(renewed);
  expect(withRenewal(route, "seized", "Bleed screw, right", step, newId)).toBe(route);
  expect(withRenewal(route, "snapped", step.title, step, newId)).toBe(route);
});

test("trouble can be about the step's fastener, what it takes off, or a part of its side", () => {
  expect(troubleSubjects(route, step, route.fasteners[0])).toEqual([
    "Bleed screw, right",
    "hose",
    "Bleed, right",
    "Cylinder",
  ]);
  expect(troubleSubjects(route, { ...step, title: "Cylinder out" }, undefined)).toEqual([
    "hose",
    "Cylinder",
    "Cylinder out",
  ]);
});

test("a slide hammer that lies in the chest is tried first; where there is none it has its place on the ladder", () => {
  const stuck: Trouble = {
    id: "t",
    stepId: "s",
    kind: "stuck on its seat",
    about: "Drum",
    on: "2026-11-23",
    tried: [],
    solvedBy: undefined,
  };
  const hammer: Tool = { ...stamp, id: "h", kind: "special tool", name: "Slide hammer" };
  expect(nextRung(stuck, "brakes", [hammer])?.id).toBe("slide hammer");
  expect(nextRung(stuck, "brakes", [{ ...hammer, lentTo: "a neighbour" }])?.id).toBe(
    nextRung(stuck, "brakes")?.id,
  );
  expect(nextRung(stuck, "brakes")?.id).not.toBe("slide hammer");
  expect(rungsFor(stuck, "brakes", [hammer])).toHaveLength(rungsFor(stuck, "brakes", []).length);
});

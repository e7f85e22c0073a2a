import fc from "fast-check";
import type { Fastener, Job, Route, Step } from "../model/job";
import { MODEL_VERSION } from "../model/version";
import { SAFETY_TICKS, type Work } from "../model/work";
import { beforeYouDrive, followUpsFrom } from "../plan/after-the-work";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { clockWasSetBack, takeBack, withEvent } from "./event";
import {
  doneSteps,
  finishStep,
  lostSafetyTicks,
  missingSafetyTicks,
  nextBolt,
  noteReading,
  openStep,
  outOfTurn,
  readingAt,
  stepAfter,
  tickBolt,
  tickSafety,
  tickedBolts,
  untickBolt,
} from "./progress";
import { safetyWords } from "./safety-words";
import { trayOf } from "./tray";
import { replacementFrom } from "./wrap-up";

const step = (id: string, kind: Step["kind"], more: Partial<Step> = {}): Step => ({
  id,
  title: id,
  phase: "put back",
  kind,
  stance: "on the ground",
  cautions: [],
  ...more,
});

const bolts: Fastener = {
  id: "bolts",
  name: "Bolts",
  count: 4,
  figure: readTorqueFigure("20 Nm then 40 Nm"),
  pattern: { layout: "circle" },
};

const up = { stance: "rear up" as const };
const route: Route = {
  id: "r",
  name: "r",
  parts: [{ id: "p", name: "Shoes", place: "left rear", count: 2, priceMinor: 1740 }],
  fasteners: [bolts],
  steps: [
    step("raise", "raise", up),
    step("undo", "undo", { ...up, fastenerId: "bolts" }),
    step("torque", "torque", { ...up, fastenerId: "bolts" }),
    step("lower", "lower", up),
    step("look", "look"),
  ],
};

const stamp = {
  createdAt: "2026-01-01T00:00:00.000Z",
  updatedAt: "2026-01-01T00:00:00.000Z",
  schema: MODEL_VERSION,
  origin: "own" as const,
};

const fresh: Work = { ...stamp, id: "w", jobId: "j", routeId: "r", events: [] };
const monday = { at: "2026-11-23T10:00:00.000Z", on: "2026-11-23" };
const find = (id: string): Step => {
  const found = route.steps.find((one) => one.id === id);
  if (!found) throw new Error(id);
  return found;
};

const ticked = SAFETY_TICKS.reduce((work, tick) => tickSafety(work, tick, "rear up", monday), fresh);

test("no step on a raised vehicle opens before all four ticks; a step on the ground needs none", () => {
  expect(missingSafetyTicks(fresh, route, find("undo"), monday.on)).toEqual(SAFETY_TICKS);
  expect(missingSafetyTicks(fresh, route, find("look"), monday.on)).toEqual([]);
  expect(
    missingSafetyTicks(tickSafety(fresh, "ground", "rear up", monday), route, find("undo"), monday.on),
  ).toEqual(["chocks", "stands", "shake"]);
  expect(missingSafetyTicks(ticked, route, find("undo"), monday.on)).toEqual([]);
});

test("the ticks go with the day, with lowering, and do not count for another end", () => {
  expect(missingSafetyTicks(ticked, route, find("undo"), "2026-11-24")).toEqual(SAFETY_TICKS);
  const lowered = finishStep(ticked, route, "lower", monday);
  expect(missingSafetyTicks(lowered, route, find("undo"), monday.on)).toEqual(SAFETY_TICKS);
  expect(missingSafetyTicks(takeBack(lowered), route, find("undo"), monday.on)).toEqual([]);
  expect(missingSafetyTicks(ticked, route, step("front", "do", { stance: "front up" }), monday.on)).toEqual(
    SAFETY_TICKS,
  );
});

test("it is known whether ticks were lost or never set", () => {
  expect(lostSafetyTicks(fresh, route, "rear up", monday.on)).toBe(false);
  expect(lostSafetyTicks(tickSafety(fresh, "ground", "rear up", monday), route, "rear up", monday.on)).toBe(
    false,
  );
  expect(lostSafetyTicks(ticked, route, "rear up", "2026-11-24")).toBe(true);
  expect(lostSafetyTicks(finishStep(ticked, route, "lower", monday), route, "rear up", monday.on)).toBe(true);
});

test("bolts go in their pattern, every bolt at one pass before the next pass", () => {
  let work = ticked;
  const seen: string[] = [];
  for (let next = nextBolt(work, find("torque"), bolts); next; next = nextBolt(work, find("torque"), bolts)) {
    seen.push(`${next.stage}:${next.bolt}`);
    work = tickBolt(work, "torque", next.stage, next.bolt, monday);
  }
  expect(seen).toEqual(["0:1", "0:3", "0:2", "0:4", "1:1", "1:3", "1:2", "1:4"]);
});

test("a bolt ticked twice counts once; one ticked out of turn is not asked for again", () => {
  const work = tickBolt(tickBolt(ticked, "torque", 0, 4, monday), "torque", 0, 4, monday);
  expect(tickedBolts(work, "torque", 0)).toEqual([4]);
  expect(nextBolt(work, find("torque"), bolts)).toEqual({ stage: 0, bolt: 1 });
});

test("finishing opens the next step that is not done; after the last none is open", () => {
  const first = finishStep(fresh, route, "raise", monday);
  expect(openStep(first, route)?.id).toBe("undo");
  const skipped = finishStep({ ...first, openStepId: "look" }, route, "look", monday);
  expect(openStep(skipped, route)?.id).toBe("undo");
  const all = route.steps.reduce((work, { id }) => finishStep(work, route, id, monday), fresh);
  expect(all.openStepId).toBeUndefined();
  expect(doneSteps(all).size).toBe(route.steps.length);
  expect(finishStep(all, route, "look", monday).events).toEqual(all.events);
});

test("a bolt ticked out of turn is said; its tick can be taken off again, and what was read stays known", () => {
  const order = [1, 3, 2, 4];
  expect(outOfTurn(order, [])).toBeUndefined();
  expect(outOfTurn(order, [1, 3])).toBeUndefined();
  expect(outOfTurn(order, [1, 4])).toEqual({ bolt: 4, expected: 3 });
  expect(outOfTurn(order, [1, 4, 3])).toBeUndefined();
  const read = withEvent(ticked, {
    ...monday,
    type: "reading",
    stepId: "torque",
    stage: 0,
    bolt: 3,
    reading: { value: 20, unit: "N.m", decimals: 0 },
    boltNm: 20,
    by: "hand",
  });
  const off = untickBolt(tickBolt(read, "torque", 0, 3, monday), "torque", 0, 3);
  expect(tickedBolts(off, "torque", 0)).toEqual([]);
  expect(readingAt(off, "torque", 0, 3)?.boltNm).toBe(20);
  expect(readingAt(off, "torque", 1, 3)).toBeUndefined();
  expect(untickBolt(off, "torque", 0, 3)).toBe(off);
  const reading = {
    stepId: "torque",
    stage: 0,
    bolt: 2,
    reading: { value: 20, unit: "N.m" as const, decimals: 0 },
    boltNm: 20,
    by: "wrench" as const,
  };
  expect(tickedBolts(noteReading(off, reading, true, monday), "torque", 0)).toEqual([2]);
  expect(tickedBolts(noteReading(off, reading, false, monday), "torque", 0)).toEqual([]);
});

test("what waits is passed over while something else can be done, and come back to in the end", () => {
  const soak = step("soak", "do", { wait: { minutes: 20, until: "it has crept in" } });
  const held = step("held", "do", { needs: ["soak"] });
  const waiting: Route = { ...route, steps: [soak, held, step("free", "do")] };
  const begun = withEvent(fresh, { ...monday, type: "task", stepId: "soak", task: "hands" });
  expect(stepAfter(begun, waiting, "soak")?.id).toBe("free");
  const free = finishStep(begun, waiting, "free", monday);
  expect(free.openStepId).toBe("soak");
  expect(finishStep(free, waiting, "soak", monday).openStepId).toBe("held");
});

test("a clock that was set back is noticed", () => {
  expect(clockWasSetBack(ticked, "2026-11-23T09:59:00.000Z")).toBe(false);
  expect(clockWasSetBack(ticked, "2026-11-23T09:50:00.000Z")).toBe(true);
  expect(clockWasSetBack(fresh, "2020-01-01T00:00:00.000Z")).toBe(false);
});

test("whatever was done, taking back as often leaves nothing done", () => {
  const action = fc.oneof(
    fc.record({ do: fc.constant("bolt" as const), bolt: fc.integer({ min: 1, max: 4 }) }),
    fc.record({
      do: fc.constant("finish" as const),
      id: fc.constantFrom("raise", "undo", "torque", "lower"),
    }),
    fc.record({ do: fc.constant("safety" as const), tick: fc.constantFrom(...SAFETY_TICKS) }),
  );
  fc.assert(
    fc.property(fc.array(action, { maxLength: 30 }), (actions) => {
      const end = actions.reduce((work, one) => {
        if (one.do === "bolt") return tickBolt(work, "torque", 0, one.bolt, monday);
        return one.do === "finish"
          ? finishStep(work, route, one.id, monday)
          : tickSafety(work, one.tick, "rear up", monday);
      }, fresh);
      const back = end.events.reduce((work) => takeBack(work), end);
      expect(back.events).toEqual([]);
      expect(takeBack(back)).toBe(back);
    }),
  );
});

test("the tray counts what is out and what is back", () => {
  const out = finishStep(ticked, route, "undo", monday);
  expect(trayOf(ticked, route)).toEqual([]);
  expect(trayOf(out, route)).toMatchObject([{ out: 4, back: 0 }]);
  expect(trayOf(tickBolt(out, "torque", 0, 1, monday), route)).toMatchObject([{ out: 4, back: 1 }]);
  expect(trayOf(finishStep(out, route, "torque", monday), route)).toMatchObject([{ out: 4, back: 4 }]);
});

test("with the rear up, the chocks' words say that the parking brake holds nothing", () => {
  expect(safetyWords("chocks", "rear up").why).toContain("holds nothing");
  expect(safetyWords("chocks", "front up").ask).toContain("Rear wheels");
  expect(safetyWords("stands", "all up").ask).toContain("not the jack");
});

const job: Job = {
  ...stamp,
  id: "j",
  vehicleId: "v",
  title: "Shoes",
  system: "brakes",
  state: "under way",
  routes: [route],
  chosenRouteId: "r",
};

const km = { value: 148_210, unit: "km" as const };

test("a replaced part goes to the log with its place, reading and day", () => {
  expect(
    replacementFrom(
      job,
      { id: "p", name: "Shoes", place: "left rear", count: 2, priceMinor: 1740, hand: "left" },
      { priceMinor: 1690, warrantyMonths: 24, note: undefined },
      km,
      "2026-11-24",
    ),
  ).toEqual({
    vehicleId: "v",
    jobId: "j",
    part: "Shoes",
    place: "left rear",
    count: 2,
    hand: "left",
    priceMinor: 1690,
    warrantyUntil: "2028-11-24",
    system: "brakes",
    odometer: km,
    on: "2026-11-24",
  });
});

test("wheels off bring a recheck in the vehicle's own distance; what is opened brings the rest", () => {
  const wheels: Route = { ...route, fasteners: [{ ...bolts, role: "wheel" }] };
  expect(followUpsFrom(job, wheels, km, "2026-11-24")).toMatchObject([
    { kind: "recheck torque", dueAt: { value: 148_290, unit: "km" } },
    { kind: "bed in", dueAt: { value: 148_510, unit: "km" } },
  ]);
  expect(followUpsFrom(job, wheels, { value: 1000, unit: "mi" }, "2026-11-24")[0]).toMatchObject({
    dueAt: { value: 1050, unit: "mi" },
  });
  const steering: Route = { ...route, parts: [], fasteners: [{ ...bolts, name: "Track rod end nuts" }] };
  expect(followUpsFrom(job, steering, km, "2026-11-24")).toMatchObject([{ kind: "alignment" }]);
  expect(beforeYouDrive(wheels)).toEqual(
    expect.arrayContaining([
      "Pump the brake pedal until it is hard.",
      "Wheel bolts at their torque, on the ground.",
    ]),
  );
  expect(beforeYouDrive(route).join()).not.toContain("line was opened");
  expect(beforeYouDrive({ ...route, fasteners: [{ ...bolts, name: "Bleed screw" }] }).join()).toContain(
    "line was opened",
  );
});

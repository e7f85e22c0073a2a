import type { Fastener, Job, Route, Step } from "../model/job";
import { MODEL_VERSION } from "../model/version";
import type { Work, WorkEvent } from "../model/work";
import { sortSteps } from "../order/order";
import { runsOf } from "../order/runs";
import { beforeYouDrive, followUpsFrom } from "../plan/after-the-work";
import { oneSided, twinOf, withOtherSide } from "../plan/sides";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { sideOf } from "../side";
import { withEvent } from "./event";
import { compare, howItSat, isComparison } from "./how-it-sat";
import { measuredIn, sidesCompared } from "./measured";
import { photosOf } from "./photos";
import { doneSteps, finishStep, skipStep, stepsDone } from "./progress";
import { rollWarning } from "./safety-words";
import { spokenBolt, spokenNext, spokenStep } from "./spoken";
import { isUp, standingNotes, whyNotToDrive } from "./stopping";
import { currentTask, finishTask, tasksOf } from "./tasks";
import { formatMinutes, secondSideFaster, stepMinutes, workTimes } from "./times";
import { doneByFeel, reachedWords, torquesReached } from "./torques-reached";
import { leaveOff, leftOvers, nameCompartment, trayOf } from "./tray";
import { countHalfTurn, halfTurns, halfTurnsToGo } from "./turns-counted";
import { formatLeft, heldUpBy, runningWaits, waitState } from "./waits";
import { checksToDo, lessonsFrom, measurementsFrom } from "./wrap-up";

const stamp = {
  createdAt: "2026-01-01T00:00:00.000Z",
  updatedAt: "2026-01-01T00:00:00.000Z",
  schema: MODEL_VERSION,
  origin: "own" as const,
};

const step = (id: string, kind: Step["kind"], more: Partial<Step> = {}): Step => ({
  id,
  title: id,
  phase: "take apart",
  kind,
  stance: "on the ground",
  cautions: [],
  ...more,
});

const back = { phase: "put back" as const };
const routeOf = (steps: Step[], fasteners: Fastener[] = [], parts: Route["parts"] = []): Route => ({
  id: "r",
  name: "r",
  steps,
  fasteners,
  parts,
});

const fresh: Work = { ...stamp, id: "w", jobId: "j", routeId: "r", events: [] };
const at = (minute: number) => ({
  at: new Date(Date.UTC(2026, 10, 23, 10, minute)).toISOString(),
  on: "2026-11-23",
});

const withAll = (...events: WorkEvent[]) => events.reduce(withEvent, fresh);
const bolts: Fastener = {
  id: "bolts",
  name: "Bolts",
  count: 4,
  figure: readTorqueFigure("40 Nm"),
  pattern: { layout: "circle" },
};

test.each([
  ["undo", {}, ["hands"]],
  ["do", { wait: { minutes: 5, until: "dry" } }, ["hands", "wait"]],
  ["look", {}, ["look"]],
  ["look", { photo: true }, ["mark"]],
  ["look", { measure: { what: "width", unit: "mm" } }, ["measure"]],
  ["look", { wait: { minutes: 5, until: "cold" } }, ["hands", "wait"]],
  ["undo", { photo: true, mark: "how it faces" }, ["mark", "hands"]],
  ["count", { mark: "a paint mark" }, ["hands"]],
] as const)("a step to %s, %j, is the tasks %j", (kind, more, tasks) => {
  expect(tasksOf(step("s", kind, more as Partial<Step>))).toEqual(tasks);
});

test("tasks are done one after another; the last one finishes the step, with what was found", () => {
  const look = step("look", "look");
  const soak = step("soak", "do", { photo: true, wait: { minutes: 20, until: "it has crept in" } });
  const route = routeOf([soak, look]);
  let work = fresh;
  for (const task of ["mark", "hands", "wait"] as const) {
    expect(currentTask(work, soak)).toBe(task);
    work = finishTask(work, route, soak, task, at(1));
    // Pressed twice, the next task is not passed over.
    if (task !== "wait") expect(finishTask(work, route, soak, task, at(1))).toBe(work);
  }
  expect(work.openStepId).toBe("look");
  expect(currentTask(work, soak)).toBe("wait");
  expect(finishTask(work, route, look, "look", at(2), "watch").events.at(-1)).toMatchObject({
    type: "step",
    stepId: "look",
    found: "watch",
  });
});

test("a wait runs by the clock whatever happens to the app, is over to the second, and a clock set back is said", () => {
  const soak = step("soak", "do", { wait: { minutes: 20, until: "it has crept in" } });
  const glue = step("glue", "do", { wait: { minutes: 5, until: "it is dry" } });
  const route = routeOf([soak, glue]);
  const begun = finishTask(finishTask(fresh, route, soak, "hands", at(0)), route, glue, "hands", at(2));
  const [first, second] = runningWaits(begun, route);
  expect([first?.step.id, second?.step.id]).toEqual(["glue", "soak"]);
  if (!second) throw new Error("no wait");
  const ms = (minute: number, seconds = 0) => Date.UTC(2026, 10, 23, 10, minute, seconds);
  expect(waitState(second, ms(5))).toEqual({ kind: "running", leftMs: 15 * 60_000 });
  expect(waitState(second, ms(19, 59)).kind).toBe("running");
  expect(waitState(second, ms(20)).kind).toBe("over");
  expect(waitState(second, ms(-30)).kind).toBe("clock changed");
  expect(
    runningWaits(finishTask(begun, route, soak, "wait", at(21)), route).map((one) => one.step.id),
  ).toEqual(["glue"]);
});

test.each([
  [1, "0:01"],
  [59_001, "1:00"],
  [725_000, "12:05"],
  [3_725_000, "1:02:05"],
])("%d ms left is %s", (ms, says) => expect(formatLeft(ms)).toBe(says));

test("what needs a waiting step, through others too, is held up by it", () => {
  const route = routeOf([
    step("a", "do"),
    step("b", "do", { needs: ["a"] }),
    step("c", "do", { needs: ["b"] }),
    step("d", "do"),
  ]);
  expect(heldUpBy(route, new Set(["a"]))).toEqual(new Set(["a", "b", "c"]));
});

test("turns counted off are the turns to be counted on; never below none", () => {
  const nut: Fastener = { id: "nut", name: "Nut", count: 1 };
  const off = step("off", "count", { fastenerId: "nut" });
  const on = step("on", "count", { ...back, fastenerId: "nut" });
  const route = routeOf([off, on], [nut]);
  const counted = [1, 1, 1, -1, 1].reduce(
    (work, by) => countHalfTurn(work, "off", by as 1 | -1, at(0)),
    countHalfTurn(fresh, "off", -1, at(0)),
  );
  expect(halfTurns(counted, "off")).toBe(3);
  expect(halfTurnsToGo(counted, route, on)).toBe(3);
  expect(halfTurnsToGo(counted, route, off)).toBeUndefined();
  expect(halfTurnsToGo(fresh, route, on)).toBeUndefined();
  expect(trayOf(finishStep(counted, route, "off", at(1)), route)).toMatchObject([
    { name: "Nut", out: 1, back: 0 },
  ]);
});

test("left is held against right; the last value at a place counts", () => {
  expect(sidesCompared(203.2, 203.6, "mm")).toBe("Right 0.4 mm more than left.");
  expect(sidesCompared(3, 3, "mm")).toBe("Left and right are the same.");
  expect(sidesCompared(3, undefined, "mm")).toBeUndefined();
  const work = withAll(
    { ...at(0), type: "measured", stepId: "m", place: "left", value: 1 },
    { ...at(1), type: "measured", stepId: "m", place: "left", value: 2 },
  );
  expect([...measuredIn(work, "m")]).toEqual([["left", 2]]);
});

const job: Job = {
  ...stamp,
  id: "j",
  vehicleId: "v",
  title: "Shoes",
  system: "brakes",
  state: "under way",
  routes: [routeOf([])],
  chosenRouteId: "r",
};

test("measures go to the log with the place they were taken at, or the side that the step speaks of", () => {
  const route = routeOf([
    step("m", "look", { measure: { what: "width", unit: "mm", most: 204, places: ["left"] } }),
    step("n", "look", { title: "Lining, right", measure: { what: "lining", unit: "mm" } }),
  ]);
  const work = withAll(
    { ...at(0), type: "measured", stepId: "m", place: "left", value: 203 },
    { ...at(0), type: "measured", stepId: "n", value: 3 },
  );
  const km = { value: 1000, unit: "km" as const };
  expect(measurementsFrom(job, route, work, km, "2026-11-23")).toMatchObject([
    { what: "width", at: "left", value: 203, most: 204, odometer: km },
    { what: "lining", at: "right", value: 3 },
  ]);
});

const sided = routeOf(
  [
    step("up", "raise"),
    step("off", "undo", { title: "Wheel off, left", fastenerId: "bolts" }),
    step("old", "do", { title: "Old part out, left", needs: ["off"] }),
    step("fit", "do", { ...back, title: "New part in, left" }),
  ],
  [{ ...bolts, name: "Wheel bolts" }],
  [{ id: "p", name: "Cylinder", place: "left rear", count: 1 }],
);

test("the other side is known by its title, and made where the plan has only one", () => {
  expect([sideOf("Wheel off, left"), sideOf("both left and right"), sideOf("bright")]).toEqual([
    "left",
    undefined,
    undefined,
  ]);
  expect(oneSided(sided).map(({ id }) => id)).toEqual(["off", "old", "fit"]);
  let n = 0;
  const both = withOtherSide(sided, () => `n${n++}`);
  expect(both.steps.map(({ title }) => title)).toEqual([
    "up",
    "Wheel off, left",
    "Old part out, left",
    "New part in, left",
    "Wheel off, right",
    "Old part out, right",
    "New part in, right",
  ]);
  const [right, old] = [both.steps[4], both.steps[5]];
  // The right is opened when the left is in, also once the steps are sorted.
  expect(right?.needs).toEqual(["fit"]);
  expect(sortSteps(both.steps)?.map(({ id }) => id)).toEqual(both.steps.map(({ id }) => id));
  expect(old?.needs).toEqual([right?.id]);
  expect(both.fasteners.map(({ name }) => name)).toEqual(["Wheel bolts", "Wheel bolts, right"]);
  expect(both.fasteners[1]?.id).toBe(right?.fastenerId);
  expect(both.parts.map(({ place }) => place)).toEqual(["left rear", "right rear"]);
  expect(oneSided(both)).toEqual([]);
  expect(withOtherSide(both, () => "x")).toBe(both);
  expect(right && twinOf(both, right)?.id).toBe("off");
});

test("while something soaks that still has to come off, nothing is put back after it", () => {
  const route = routeOf(
    [
      step("soak", "do", { title: "Penetrant on", wait: { minutes: 30, until: "it has crept in" } }),
      step("off", "undo", { title: "Pinch bolt out", fastenerId: "bolts", needs: ["soak"] }),
      step("hose", "do", { title: "Hose aside" }),
      step("in", "do", { ...back, title: "New arm in" }),
      step("tight", "torque", { ...back, title: "Pinch bolt", fastenerId: "bolts" }),
      step("down", "lower", back),
    ],
    [bolts],
  );
  expect(heldUpBy(route, new Set(["soak"]))).toEqual(new Set(["soak", "off", "in", "tight", "down"]));
  // Nothing that still comes off waits for it: what cures on the way back holds only what needs it.
  const curing = routeOf([
    step("seal", "do", { ...back, title: "Sealant on", wait: { minutes: 30, until: "it has cured" } }),
    step("fill", "do", { ...back, title: "Oil in", needs: ["seal"] }),
    step("lid", "do", { ...back, title: "Lid on" }),
  ]);
  expect(heldUpBy(curing, new Set(["seal"]))).toEqual(new Set(["seal", "fill"]));
});

test("both sides go up and come down together, and each is finished before the other is opened", () => {
  const route = routeOf(
    [
      step("crack", "do", { title: "Crack the wheel bolts, left" }),
      step("up", "raise", { stance: "front up" }),
      step("off", "undo", {
        title: "Wheel off, left",
        fastenerId: "bolts",
        facing: "arrow to the left, clockwise",
      }),
      step("on", "hand-start", { ...back, title: "Wheel on, left", fastenerId: "bolts" }),
      step("down", "lower", back),
      step("tight", "torque", { ...back, title: "Wheel bolts tight, left", fastenerId: "bolts" }),
    ],
    [{ ...bolts, name: "Wheel bolts, left" }],
    [{ id: "p", name: "Split pin", place: "underneath", count: 1, renews: "bolts" }],
  );
  let n = 0;
  const both = withOtherSide(route, () => `n${n++}`);
  expect(both.steps.map(({ title }) => title)).toEqual([
    "Crack the wheel bolts, left",
    "Crack the wheel bolts, right",
    "up",
    "Wheel off, left",
    "Wheel on, left",
    "Wheel off, right",
    "Wheel on, right",
    "down",
    "Wheel bolts tight, left",
    "Wheel bolts tight, right",
  ]);
  expect(both.steps[5]?.facing).toBe("arrow to the right, anticlockwise");
  // A pin belongs to its nut, wherever it is said to be: the other nut has its own.
  expect(both.parts.map(({ renews }) => renews)).toEqual(both.fasteners.map(({ id }) => id));
  expect(runsOf(both.steps).map(({ phase }) => phase)).toEqual([
    "take apart",
    "put back",
    "take apart",
    "put back",
  ]);
});

test("time from tap to tap belongs to the later step; a long gap is a pause", () => {
  const work = withAll(
    { ...at(0), type: "step", stepId: "up" },
    { ...at(10), type: "step", stepId: "off" },
    { ...at(25), type: "step", stepId: "old" },
    { ...at(325), type: "step", stepId: "fit" },
  );
  expect([...stepMinutes(work, sided)]).toEqual([
    ["off", 10],
    ["old", 15],
  ]);
  expect(workTimes(work, sided)).toMatchObject({ totalMin: 25, sides: { left: 25, right: 0 } });
  expect([formatMinutes(48.4), formatMinutes(125)]).toEqual(["48 min", "2 h 05 min"]);
});

const through = routeOf(
  [
    step("off", "undo", { fastenerId: "bolts", takesOff: ["Sensor lead"] }),
    step("lower", "lower", back),
    step("on", "torque", { ...back, fastenerId: "bolts", putsBack: ["sensor lead"] }),
  ],
  [bolts],
);

const find = (id: string) => through.steps.find((one) => one.id === id) as Step;

test("left over is what is off, comes back in no step ahead, and has no reason yet; leads count too", () => {
  const off = finishStep(fresh, through, "off", at(0));
  expect(trayOf(off, through).map(({ name, out, back: on }) => [name, out, on])).toEqual([
    ["Bolts", 4, 0],
    ["Sensor lead", 1, 0],
  ]);
  expect(leftOvers(off, through, find("lower"))).toEqual([]);
  const without = { ...through, steps: through.steps.slice(0, 2) };
  expect(leftOvers(off, without, find("lower")).map(({ key }) => key)).toEqual(["bolts", "sensor lead"]);
  const answered = leaveOff(off, "bolts", "a new one is on instead", at(1));
  expect(leftOvers(answered, without).map(({ key }) => key)).toEqual(["sensor lead"]);
  expect(leftOvers(finishStep(off, through, "on", at(2)), through)).toEqual([]);
  expect(trayOf(nameCompartment(off, "bolts", "red lid", at(1)), through)[0]?.compartment).toBe("red lid");
});

test("let down with a wheel's bolts not even started is left over, though they are tightened on the ground", () => {
  const wheel = routeOf(
    [
      step("off", "undo", { fastenerId: "bolts" }),
      step("start", "hand-start", { ...back, fastenerId: "bolts" }),
      step("lower", "lower", back),
      step("tight", "torque", { ...back, fastenerId: "bolts" }),
    ],
    [bolts],
  );
  const lower = wheel.steps[2] as Step;
  const off = finishStep(fresh, wheel, "off", at(0));
  expect(leftOvers(off, wheel, lower).map(({ key }) => key)).toEqual(["bolts"]);
  expect(leftOvers(finishStep(off, wheel, "start", at(1)), wheel, lower)).toEqual([]);
});

test("why it must not be driven is told from what is off, loose or up; the note stands until the job is done", () => {
  const route = routeOf(
    [
      step("raise", "raise"),
      step("off", "undo", { fastenerId: "bolts" }),
      step("start", "hand-start", { ...back, fastenerId: "bolts" }),
      step("on", "torque", { ...back, fastenerId: "bolts" }),
      step("lower", "lower", back),
    ],
    [bolts],
  );
  const done = (...ids: string[]) => ids.reduce((work, id) => finishStep(work, route, id, at(0)), fresh);
  expect(whyNotToDrive(fresh, route)).toBeUndefined();
  expect(whyNotToDrive(done("raise", "off"), route)).toBe("off: Bolts; it stands on stands");
  expect(whyNotToDrive(done("raise", "off", "start"), route)).toBe("not tight: on; it stands on stands");
  expect(whyNotToDrive(done("raise", "off", "start", "on", "lower"), route)).toBeUndefined();
  expect([isUp(done("raise"), route), isUp(done("raise", "lower"), route)]).toEqual([true, false]);
  const works = [{ ...fresh, doNotDrive: "no brakes" }];
  expect(standingNotes([job], works, "v")).toMatchObject([{ because: "no brakes" }]);
  expect(standingNotes([{ ...job, state: "done" }], works, "v")).toEqual([]);
  expect(standingNotes([job], works, "another")).toEqual([]);
});

test("the torque that was really used: read, set, by spanner, by feel or not known; never the plan's figure copied", () => {
  const tick = (bolt: number, how: object = {}): WorkEvent => ({
    ...at(0),
    type: "bolt",
    stepId: "on",
    stage: 0,
    bolt,
    ...how,
  });
  const read = (bolt: number, boltNm: number): WorkEvent => ({
    ...at(0),
    type: "reading",
    stepId: "on",
    stage: 0,
    bolt,
    reading: { value: boltNm, unit: "N.m", decimals: 1 },
    boltNm,
    by: "wrench",
  });
  const said = (...events: WorkEvent[]) =>
    torquesReached(withAll(...events), through).map((one) => reachedWords(one, "N.m"));
  expect(torquesReached(fresh, through)).toEqual([]);
  expect(said(tick(1), read(3, 12), read(3, 41.2), tick(3))).toEqual([
    "40 N·m asked; read 41.2 N·m; 1 not known",
  ]);
  const set = { value: 29.5, unit: "lbf.ft" as const, decimals: 1 };
  const wrench = { by: "wrench", set, boltNm: 40 };
  expect(said(tick(1, wrench), tick(2, wrench))).toEqual([
    "40 N·m asked; set to 29.5 lb·ft, 40.0 N·m at the bolt",
  ]);
  expect(
    said(tick(1, { by: "spanner" }), tick(2, { by: "feel" }), tick(3, { by: "another wrench", set })),
  ).toEqual(["40 N·m asked; 1 by spanner; 1 by feel; 1 with another wrench at 29.5 lb·ft"]);
  expect(doneByFeel(withAll(tick(1, { by: "feel" })), through)).toEqual(["bolts"]);
  expect(doneByFeel(withAll(tick(1, wrench)), through)).toEqual([]);
});

test("a step that is left out is over, and has moved nothing: what it would have put back is still off", () => {
  const left = skipStep(withAll(), through, "on", "sheared off", at(1));
  expect(doneSteps(left).has("on")).toBe(true);
  expect(stepsDone(left).has("on")).toBe(false);
  expect(left.events.at(-1)).toMatchObject({ type: "step", skipped: "sheared off" });
  expect(skipStep(left, through, "on", "again", at(2))).toBe(left);
});

test("how it sat comes back with what it was known by, once, and with what was answered", () => {
  const photographed = step("photo", "do", { title: "Photograph the bracket", photo: true });
  const off = step("off", "undo", { fastenerId: "bolts", mark: "paint across the head", facing: "arrow up" });
  const start = step("start", "hand-start", { ...back, fastenerId: "bolts" });
  const on = step("on", "torque", { ...back, fastenerId: "bolts" });
  const fit = step("fit", "do", {
    ...back,
    title: "Bracket back on",
    mirrorOf: { stepId: "photo", title: "x" },
  });
  const route = routeOf([photographed, off, fit, start, on], [bolts]);
  const work = withAll({ ...at(0), type: "photo", stepId: "photo", photoId: "p1" });
  expect(howItSat(work, route, fit)).toMatchObject({ photoIds: ["p1"], lines: [], compared: undefined });
  expect(howItSat(work, route, start)).toMatchObject({
    lines: ["Marked: paint across the head", "It faced: arrow up"],
  });
  // Said once: the torque comes after the start by hand.
  expect(howItSat(work, route, on)).toBeUndefined();
  expect(howItSat(work, route, off)).toBeUndefined();
  const told = compare(work, "fit", "cannot tell", at(1));
  expect(howItSat(told, route, fit)?.compared).toBe("cannot tell");
  expect(beforeYouDrive(route, told).join()).toContain("Bracket back on: nobody could tell");
  expect(isComparison(step("Compare the pump with the old one", "look"))).toBe(true);
  expect(isComparison(step("Old seals out", "do"))).toBe(false);
});

test("what was done up by feel, left out or used again is asked before driving and followed up", () => {
  const wheel = routeOf(
    [step("on", "torque", { ...back, fastenerId: "bolts", title: "Wheel bolts" })],
    [{ ...bolts, name: "Wheel bolts", role: "wheel", singleUse: true, reuseReason: "shop shut" }],
  );
  const felt = withAll({ ...at(0), type: "bolt", stepId: "on", stage: 0, bolt: 1, by: "feel" });
  expect(beforeYouDrive(wheel, felt).join()).toContain("done up by feel. A torque wrench on them");
  expect(beforeYouDrive(wheel).join()).not.toContain("by feel");
  const owed = followUpsFrom(job, wheel, { value: 0, unit: "km" }, "2026-11-24", felt).map(
    ({ text }) => text,
  );
  expect(owed.join()).toContain("a torque wrench on what was done up by feel: wheel bolts");
  expect(owed.join()).toContain("Renew what is single-use and was used again: wheel bolts");
  const skipped = skipStep(fresh, wheel, "on", "no socket", at(0));
  expect(beforeYouDrive(wheel, skipped).join()).toContain("left out, because “no socket”");
  const up = routeOf([step("up", "raise", { stance: "front up" })]);
  expect(beforeYouDrive(up)[0]).toContain("no step of the plan does it");
});

test("checks are ticked one by one; lessons are what was written down and what went wrong", () => {
  const work = withAll(
    { ...at(0), type: "checked", check: "a" },
    { ...at(0), type: "trouble", stepId: "on", troubleId: "t", kind: "snapped", about: "Bleed screw" },
    { ...at(0), type: "tried", stepId: "on", troubleId: "t", rung: "stub", worked: false },
    { ...at(0), type: "tried", stepId: "on", troubleId: "t", rung: "new carrier", worked: true },
    { ...at(0), type: "noted", as: "lesson", text: "springs last" },
    { ...at(0), type: "noted", as: "noticed", text: "boot cracked" },
    { ...at(0), type: "photo", stepId: "on", photoId: "p1" },
  );
  expect(checksToDo(work, ["a", "b"])).toEqual(["b"]);
  expect(lessonsFrom(work)).toEqual([
    "Bleed screw: snapped; “new carrier” did it, after stub.",
    "springs last",
  ]);
  expect(photosOf(work, "on")).toEqual(["p1"]);
});

test("a large nut on a driven axle says which way the vehicle wants to roll, both ways round", () => {
  const undo = step("u", "undo", { title: "Axle nut off, left" });
  expect(rollWarning(undo, "Axle nut, left", 240)).toBe(
    "Turning this nut, with its right-hand thread, drives the vehicle forward: chock against rolling forward.",
  );
  expect(rollWarning({ ...undo, kind: "torque" }, "Axle nut, left", 240)).toContain("backward");
  expect(rollWarning({ ...undo, title: "Axle nut off, right" }, "Axle nut, right", 240)).toContain(
    "backward",
  );
  // A left-hand nut is undone the other way round.
  expect(rollWarning(undo, "Axle nut, left", 240, true)).toBe(
    "Turning this nut, with its left-hand thread, drives the vehicle backward: chock against rolling backward.",
  );
  expect(rollWarning({ ...undo, kind: "torque" }, "Axle nut, left", 240, true)).toContain("forward");
  expect(rollWarning(undo, "Wheel bolts, left", 110)).toBeUndefined();
  expect(rollWarning(undo, "Axle nut, left", 20)).toBeUndefined();
});

test("time waited and time spent out of trouble are told apart from hands at it", () => {
  const soak = step("soak", "do", { wait: { minutes: 20, until: "it has crept in" } });
  const route = routeOf([soak, step("off", "undo")]);
  const work = withAll(
    { ...at(0), type: "step", stepId: "start" },
    { ...at(5), type: "task", stepId: "soak", task: "hands" },
    { ...at(25), type: "step", stepId: "soak" },
    { ...at(27), type: "trouble", stepId: "off", troubleId: "t", kind: "seized", about: "Bolt" },
    { ...at(37), type: "tried", stepId: "off", troubleId: "t", rung: "heat", worked: true },
    { ...at(40), type: "step", stepId: "off" },
  );
  expect(workTimes(work, route)).toMatchObject({ totalMin: 40, waitedMin: 20, troubleMin: 10 });
});

test("what is read aloud says the unit in words, the setting once, and stops a raised step first", () => {
  const torque = {
    kind: "torque" as const,
    target: { aimNm: 40, lowNm: 36, highNm: 44, isMaximum: false },
    given: { value: 40, unit: "N.m" as const, decimals: 0 },
    label: "",
  };
  expect(spokenBolt(torque, { value: 26.5, unit: "lbf.ft", decimals: 1 }, bolts, 2)).toBe(
    "Set the wrench to 26.5 pound feet. Bolt 2 of 4.",
  );
  expect(spokenNext(torque, undefined, bolts, 3)).toBe("Next, bolt 3 of 4. Again 40 newton metres.");
  expect(spokenNext({ kind: "snug", label: "" }, undefined, bolts, 4)).toBe("The last one.");
  expect(spokenBolt(torque, undefined, { ...bolts, count: 1 }, 1)).toBe("The bolt needs 40 newton metres.");
  expect(spokenBolt({ kind: "angle", angleDeg: 90, label: "" }, undefined, bolts, 1)).toContain("90 degrees");
  expect(spokenStep(step("Drum off", "do", { cautions: ["Springs let go."] }), "hands", true)).toContain(
    "Stop",
  );
  expect(spokenStep(step("Drum off", "do", { cautions: ["Springs let go."] }), "hands", false)).toBe(
    "Drum off. Careful: Springs let go.",
  );
});

test("the side that was begun later is held against the first, faster or slower", () => {
  const route = routeOf([step("drum, left", "do"), step("drum, right", "do")]);
  const took = (first: string, minutes: number, second: string, more: number) =>
    secondSideFaster(
      withAll(
        { ...at(0), type: "step", stepId: "start" },
        { ...at(minutes), type: "step", stepId: first },
        { ...at(minutes + more), type: "step", stepId: second },
      ),
      route,
    );
  expect(took("drum, left", 40, "drum, right", 25)).toEqual({ side: "right", byMin: 15 });
  expect(took("drum, right", 20, "drum, left", 30)).toEqual({ side: "left", byMin: -10 });
  expect(took("drum, right", 20, "drum, left", 0)).toBeUndefined();
});

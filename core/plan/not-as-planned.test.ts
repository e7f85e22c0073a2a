import type { Fastener, Route, Step } from "../model/job";
import { readHeadSize } from "../quantity/read-head-size";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { foundHead, reachedWith, reallyIs, takenAside } from "./not-as-planned";

const step = (id: string, more: Partial<Step> = {}): Step => ({
  id,
  title: id,
  phase: "take apart",
  kind: "do",
  stance: "front up",
  cautions: [],
  ...more,
});
const bolts: Fastener = {
  id: "f",
  name: "Bracket bolts",
  count: 2,
  sizeToUndo: readHeadSize("13"),
  sizeDoubtful: true,
  figure: readTorqueFigure("25 Nm"),
};
const off = step("off", { kind: "undo", fastenerId: "f" });
const on = step("on", { kind: "torque", phase: "put back", fastenerId: "f" });
const down = step("down", { kind: "lower", phase: "put back", stance: "on the ground" });
const route: Route = {
  id: "r",
  name: "By the book",
  parts: [],
  fasteners: [bolts],
  steps: [off, on, down, step("drive", { phase: "prove it", stance: "on the ground" })],
};
const titles = (one: Route) => one.steps.map(({ title }) => title);

test("what is in the way comes aside before the step and goes back behind its way back, while the car is still up", () => {
  const aside = takenAside(route, off, "heat shield", ["a", "b"]);
  expect(titles(aside)).toEqual(["Heat shield aside", "off", "on", "Heat shield back", "down", "drive"]);
  expect(aside.steps[3]).toMatchObject({
    mirrorOf: { stepId: "a" },
    putsBack: ["heat shield"],
    stance: "front up",
  });
  expect(titles(takenAside(route, on, "hose", ["a", "b"]))).toEqual([
    "off",
    "Hose aside",
    "on",
    "Hose back",
    "down",
    "drive",
  ]);
  // Nothing puts the step back: before it is let down.
  const alone = { ...route, steps: [step("look"), down] };
  expect(titles(takenAside(alone, alone.steps[0] as Step, "tray", ["a", "b"]))).toEqual([
    "Tray aside",
    "look",
    "Tray back",
    "down",
  ]);
});

test("a head of another size is written down for the way it is met on, and is in doubt no more", () => {
  const coming = foundHead(route, "f", off, readHeadSize("15")).fasteners[0];
  expect(coming).toMatchObject({ sizeToUndo: readHeadSize("15") });
  expect(coming).not.toHaveProperty("sizeDoubtful");
  expect(foundHead(route, "f", on, readHeadSize("T40")).fasteners[0]).toMatchObject({
    sizeToUndo: readHeadSize("13"),
    sizeToDoUp: readHeadSize("T40"),
  });
});

test("where the wrench does not get on, a crowfoot does with its offset, or nothing but a spanner", () => {
  const crow = reachedWith(route, "f", { access: "crowfoot only", offsetMm: 40, angleDeg: 90 });
  expect(crow.fasteners[0]).toMatchObject({
    access: "crowfoot only",
    adapter: { offsetMm: 40, angleDeg: 90 },
  });
  const spanner = reachedWith(crow, "f", { access: "spanner only" }).fasteners[0];
  expect(spanner).toMatchObject({ access: "spanner only" });
  expect(spanner).not.toHaveProperty("adapter");
});

test("a step is put right where one stands: its words, its time, its figure, whose source is to be said anew", () => {
  const sourced = { ...route, fasteners: [{ ...bolts, source: "memory" as const, doubtful: true }] };
  const is = reallyIs(
    sourced,
    { ...on, detail: "from below", minutes: { usual: 5 } },
    {
      title: "Bracket bolts, from above",
      detail: undefined,
      minutes: { usual: 12 },
      figure: readTorqueFigure("21 Nm"),
    },
  );
  expect(is.steps[1]).toEqual({ ...on, title: "Bracket bolts, from above", minutes: { usual: 12 } });
  expect(is.fasteners[0]).toEqual({ ...bolts, figure: readTorqueFigure("21 Nm") });
  expect(
    reallyIs(sourced, on, { title: "on", detail: "x", minutes: undefined, figure: undefined }).fasteners,
  ).toEqual(sourced.fasteners);
});

import fc from "fast-check";
import { demoHousehold } from "@/demo/household";
import { EUROS } from "../__fixtures__/money";
import { type Fastener, type Route, type Step, routeSchema } from "../model/job";
import { readHeadSize } from "../quantity/read-head-size";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { compareRoutes } from "./compare-routes";
import { copyJob, copyRoute, otherSide } from "./copy-job";
import { jobSheetMarkdown, readJobSheet, writeJobSheet } from "./job-sheet";
import { differencesOf, mirrorState, mirrorTitle, syncMirror } from "./mirror";

const step = (id: string, more: Partial<Step> = {}): Step => ({
  id,
  title: `${id} off`,
  phase: "take apart",
  kind: "do",
  stance: "on the ground",
  cautions: [],
  ...more,
});

const bolts: Fastener = {
  id: "f",
  name: "Cover bolts",
  count: 4,
  sizeToUndo: readHeadSize("15"),
  sizeToDoUp: readHeadSize("E12"),
  figure: readTorqueFigure("40 Nm"),
  pattern: { layout: "circle" },
  tightened: "on the ground",
  locking: "threadlocker, medium strength",
};

const route: Route = {
  id: "r",
  name: "By the book",
  fasteners: [bolts],
  parts: [{ id: "p", name: "Cover bolts, new", place: "engine", count: 4, renews: "f" }],
  steps: [
    step("lead", { takesOff: ["sensor lead"] }),
    step("cover", { kind: "undo", fastenerId: "f" }),
    step("plate"),
  ],
};

const counter = () => {
  let made = 0;
  return () => `n${++made}`;
};

const titles = (one: Route) => one.steps.map(({ title }) => title);

test("what goes back in fuller words is a way back; the other side's is none", () => {
  const steps = [
    step("arm", { title: "Arm out" }),
    step("joint", { title: "Pry the ball joint out of the knuckle" }),
    step("wheel", { title: "Wheel off, left" }),
  ];
  const back = (title: string) => step(title, { title, phase: "put back" });
  const left = (...titles: string[]) =>
    mirrorState({ ...route, fasteners: [], steps: [...steps, ...titles.map(back)] }).unmirrored.map(
      ({ id }) => id,
    );
  expect(left("New arm in", "Ball joint into the knuckle", "Wheel on, left, bolts by hand")).toEqual([]);
  expect(left("New arm in", "Wheel on, right")).toEqual(["joint", "wheel"]);
});

test("what cannot be put right again says why, once, and asks for no way back; what was loaded is so going in", () => {
  const cut: Route = {
    ...route,
    fasteners: [],
    steps: [
      step("notch", { title: "Cut a notch in the nut", noWayBack: "the nut is renewed" }),
      step("spring", { title: "Springs off", loaded: "the long spring" }),
    ],
  };
  expect(mirrorState(cut).unmirrored.map(({ id }) => id)).toEqual(["spring"]);
  const [, , back] = syncMirror(cut, counter()).steps;
  expect(back).toMatchObject({ title: "Springs on", loaded: "the long spring" });
});

test("what only helps something off has no way back; a new one of what came out is one", () => {
  const steps = [
    "Squeeze the tab",
    "Mark the rod",
    "Blow the holes out",
    "Pull the split pin",
    "Intake pipe off",
  ];
  const left = (...back: string[]) =>
    mirrorState({
      ...route,
      fasteners: [],
      steps: [
        ...steps.map((title) => step(title, { title })),
        ...back.map((title, i) => step(`b${i}`, { title, phase: "put back" })),
      ],
    }).unmirrored.map(({ title }) => title);
  expect(left()).toEqual(["Pull the split pin", "Intake pipe off"]);
  expect(left("New pin")).toEqual(["Intake pipe off"]);
  steps.push("Unscrew the joint counting the turns");
  expect(left("New pin", "Intake pipe on", "Screw the new one on 17 turns")).toEqual([]);
});

test.each([
  ["Intake pipe off", "Intake pipe on"],
  ["Starter out", "Starter in"],
  ["Undo the cover", "Do up the cover"],
  ["Unplug the sensor", "Plug in the sensor"],
  ["Remove the plate", "Refit the plate"],
  ["Coils unplugged and out", "Coils in and plugged"],
  ["Outer joint out of the knuckle", "Outer joint into the knuckle"],
  ["Pull the shaft out of the gearbox", "Put the shaft into the gearbox"],
  ["Lever the cover off the studs", "Put the cover onto the studs"],
  ["Pull the drum off, left", "Put the drum on, left"],
  ["Drop the tank out", "Put the tank in"],
  ["Caliper aside on its hook", "Caliper back on its hook"],
  ["Open the bonnet", "Close the bonnet"],
  ["Prise out the clip", "Put in the clip"],
  ["Pull the split pin", "Put the split pin back"],
  ["Lower the subframe", "Put the subframe back"],
  ["Move the earth strap out of the way", "Put the earth strap back"],
  ["Peel back the sheet", "Press back the sheet"],
  ["Unplugged the two switches", "Plug in the two switches"],
  ["Something odd", "Back: Something odd"],
])("%p is put right by %p", (apart, back) => {
  expect(mirrorTitle(apart)).toBe(back);
});

test("the way back is the way there reversed, with bolts by hand first, and needs nothing more afterwards", () => {
  const whole = syncMirror(route, counter());
  expect(titles(whole).slice(3)).toEqual(["plate on", "cover on, by hand", "cover on", "lead on"]);
  expect(whole.steps[6]?.putsBack).toEqual(["sensor lead"]);
  expect(routeSchema.safeParse(whole).error).toBeUndefined();
  expect(mirrorState(whole)).toEqual({ unmirrored: [], orphaned: [], renamed: [] });
  expect(syncMirror(whole, counter())).toEqual(whole);
});

test("each difference on the way back is told", () => {
  const whole = syncMirror(route, counter());
  expect(differencesOf(whole, whole.steps[5] ?? step("x"))).toEqual([
    "new ones",
    "E12 instead of 15 mm",
    "threadlocker, medium strength",
    "40 N·m",
    "in a cross",
    "final torque on the ground",
  ]);
  expect(differencesOf(whole, whole.steps[4] ?? step("x"))).toContain("three turns by hand");
  expect(differencesOf(whole, whole.steps[0] ?? step("x"))).toEqual([]);
});

test("when the first half changes, the second follows and keeps what was edited in it", () => {
  const whole = syncMirror(route, counter());
  const edited: Route = {
    ...whole,
    steps: whole.steps.map((one) =>
      one.title === "plate on"
        ? { ...one, title: "Plate on, arrow to the front", cautions: ["Arrow to the front"] }
        : one,
    ),
  };
  const renamed: Route = {
    ...edited,
    steps: edited.steps.map((one) => (one.id === "lead" ? { ...one, title: "Front lead off" } : one)),
  };
  expect(titles(syncMirror(renamed, counter()))).toContain("Front lead on");
  // A new step in the middle of the first half gets its way back in the right place.
  const more: Route = {
    ...edited,
    steps: [...edited.steps.slice(0, 2), step("hose"), ...edited.steps.slice(2)],
  };
  expect(titles(syncMirror(more, counter())).slice(4)).toEqual([
    "Plate on, arrow to the front",
    "hose on",
    "cover on, by hand",
    "cover on",
    "lead on",
  ]);
  // A step taken out of the first half takes its untouched way back with it, and leaves an edited one.
  const fewer: Route = { ...edited, steps: edited.steps.filter(({ id }) => id !== "plate" && id !== "lead") };
  const after = syncMirror(fewer, counter());
  expect(titles(after)).toContain("Plate on, arrow to the front");
  expect(titles(after)).not.toContain("lead on");
  expect(mirrorState(after).orphaned).toEqual([]);
});

test("the second half is always whole after syncing, whatever was taken out, and nothing edited is lost", () => {
  fc.assert(
    fc.property(fc.subarray(["lead", "cover", "plate"]), fc.subarray([3, 4, 5, 6]), (kept, touched) => {
      const whole = syncMirror(route, counter());
      const edited = {
        ...whole,
        steps: whole.steps.map((one, i) => (touched.includes(i) ? { ...one, title: `my own ${i}` } : one)),
      };
      const cut = {
        ...edited,
        steps: edited.steps.filter(({ id, phase }) => phase !== "take apart" || kept.includes(id)),
      };
      const after = syncMirror(cut, counter());
      expect(mirrorState(after).unmirrored).toEqual([]);
      expect(mirrorState(after).orphaned).toEqual([]);
      for (const i of touched) expect(titles(after)).toContain(`my own ${i}`);
    }),
  );
});

const demo = demoHousehold("2026-11-24");
const starter = demo.jobs.find(({ id }) => id === "demo-starter");
const drover = demo.vehicles.find(({ id }) => id === "demo-drover");

test("the two starter routes differ in time, in what is under the car and in tools, with the better marked", () => {
  if (!starter || !drover) throw new Error("no starter job");
  const rows = compareRoutes(starter, drover, demo.tools, EUROS);
  const of = (what: string) => rows.find((row) => row.what === what);
  expect(of("Hands at it, usually")?.values).toEqual(["2 h 11 min", "2 h 26 min"]);
  expect(of("Hands at it, usually")?.better).toEqual([true, false]);
  expect(of("Under a raised car")?.better).toEqual([false, true]);
  expect(of("Parts")?.better).toEqual([false, false]);
  for (const row of rows) expect([row.what, row.values.length, row.better.length]).toEqual([row.what, 2, 2]);
});

test("a copied job has ids of its own and the same plan; mirrored it is the other side's", () => {
  const brake = demo.jobs.find(({ id }) => id === "demo-brake-shoes");
  if (!brake) throw new Error("no brake job");
  const newId = counter();
  const copy = copyJob(brake, newId);
  const [old] = brake.routes;
  const [made] = copy.routes;
  if (!old || !made) throw new Error("no route");
  expect(routeSchema.safeParse(made).error).toBeUndefined();
  expect(titles(made)).toEqual(titles(old));
  expect(made.steps.some(({ id }) => old.steps.some((one) => one.id === id))).toBe(false);
  expect(copy.chosenRouteId).toBe(made.id);
  const twice = copyRoute(copyRoute(old, newId, true), newId, true);
  expect(titles(twice)).toEqual(titles(old));
  expect(copyRoute(old, newId, true).parts.map(({ place }) => place)).toEqual(
    old.parts.map(({ place }) => otherSide(place)),
  );
  expect(otherSide("Left bright side, RIGHT")).toBe("Right bright side, LEFT");
});

test("a job sheet goes out without anything personal and comes in again the same", () => {
  if (!starter) throw new Error("no starter job");
  const text = writeJobSheet({
    ...starter,
    notes: "my own words",
    answers: [{ rule: "no-source", about: "x", because: "mine", on: "2026-11-24" }],
  });
  for (const mine of ["demo-drover", "my own words", "mine", "13900", "SM-4406", "2026-12-05"])
    expect(text).not.toContain(mine);
  const sheet = readJobSheet(text);
  expect(sheet.routes.map(titles)).toEqual(starter.routes.map(titles));
  const markdown = jobSheetMarkdown(starter);
  expect(markdown).toContain("| 2 × Starter bolts | 14 mm | M10 | 32 lb·ft (32 pound-feet (43.4 N·m)) |");
  expect(markdown).toContain("- [ ] Battery earth lead off first: **Earth lead off first, on last.**");
});

test("a sheet of an older version is brought up", () => {
  if (!starter) throw new Error("no starter job");
  const old = writeJobSheet(starter).replace(/"version": \d+/, '"version": 1');
  expect(readJobSheet(old).routes.map(titles)).toEqual(starter.routes.map(titles));
});

test.each([
  ["{", "breaks off"],
  ["[]", "not a job sheet"],
  ['{"format":"vest-pocket household"}', "not a job sheet"],
  ['{"format":"vest-pocket job sheet"}', "which version"],
  ['{"format":"vest-pocket job sheet","version":99}', "reads up to version"],
  ['{"format":"vest-pocket job sheet","version":3,"title":"x"}', "damaged. In system"],
  [
    '{"format":"vest-pocket job sheet","version":3,"title":"x","system":"brakes","chosenRouteId":"b","routes":[{"id":"a","name":"A","steps":[],"fasteners":[],"parts":[]}]}',
    "chosen route",
  ],
])("the sheet %s is refused: %s", (text, says) => {
  expect(() => readJobSheet(text)).toThrow(says);
});

test("what soaks or cools has nothing to be put back; what was counted off is counted on", () => {
  const soaked = {
    ...route,
    steps: [
      step("soak", { wait: { minutes: 20, until: "it has crept in" } }),
      step("nut", { kind: "count", title: "Nut slackened" }),
    ],
  };
  expect(mirrorState(soaked).unmirrored.map(({ id }) => id)).toEqual(["nut"]);
  expect(syncMirror(soaked, counter()).steps.at(-1)).toMatchObject({
    kind: "count",
    phase: "put back",
    mirrorOf: { stepId: "nut" },
  });
});

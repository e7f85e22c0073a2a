import { readForm } from "@/core/form";
import { type Fastener, type Step, fastenerSchema, stepSchema } from "@/core/model/job";
import { demoHousehold } from "@/demo/household";
import { type FastenerFields, fastenerFields, fastenerForm } from "./fasteners/fastener-fields";
import { type StepFields, stepFields, stepForm } from "./steps/step-fields";

const routes = demoHousehold("2026-11-24").jobs.flatMap((job) => job.routes);
const readFastener = (fields: FastenerFields, id: string, before?: Fastener) =>
  readForm(fastenerForm(fields, id, before), fields);
const readStep = (fields: StepFields, id: string, before?: Step) =>
  readForm(stepForm(fields, id, before), fields);
const typed = (more: Partial<FastenerFields>) =>
  readFastener({ ...fastenerFields(undefined), name: "Bolts", ...more }, "id");

test("every fastener of the demo comes back the same from its own form", () => {
  for (const fastener of routes.flatMap((route) => route.fasteners)) {
    expect(readFastener(fastenerFields(fastener), fastener.id, fastener)).toEqual({ value: fastener });
  }
});

test("every step of the demo comes back the same from its own form", () => {
  for (const step of routes.flatMap((route) => route.steps)) {
    expect(readStep(stepFields(step, "prove it"), step.id, step)).toEqual({ value: step });
  }
});

test("a fastener with everything typed is one that the model allows", () => {
  const result = typed({
    count: "5",
    size: "17",
    sizeToDoUp: "E12",
    torque: "50 Nm + 90°",
    thread: "3/8-16",
    source: "parts maker",
    condition: "oiled",
    layout: "row",
    crowfoot: true,
    offset: "1,5 in",
    angle: "90°",
    doubtful: true,
    singleUse: true,
    reuseReason: "none to be had",
    role: "wheel",
    note: "note",
  });
  if ("errors" in result) throw new Error(JSON.stringify(result.errors));
  expect(fastenerSchema.parse(result.value)).toEqual(result.value);
  expect(result.value.adapter?.offsetMm).toBeCloseTo(38.1, 9);
  expect(result.value.adapter?.angleDeg).toBe(90);
  expect(result.value.pattern).toMatchObject({ layout: "points", points: { length: 5 } });
});

test.each<[Partial<FastenerFields>, string, string]>([
  [{ name: "" }, "name", "Say what it holds"],
  [{ count: "2.5" }, "count", "a whole number from 1 to 64"],
  [{ count: "0" }, "count", "a whole number"],
  [{ size: "M10" }, "size", "M10 is a thread"],
  [{ torque: "40" }, "torque", "no unit"],
  [{ thread: "10 mm" }, "thread", "not a thread"],
  [{ crowfoot: true, offset: "" }, "offset", "is empty"],
  [{ crowfoot: true, offset: "45", angle: "200" }, "angle", "between 0 (in line) and 180"],
])("%j is said at its field", (more, field, says) => {
  const result = typed(more);
  expect("errors" in result && result.errors).toEqual({ [field]: expect.stringContaining(says) });
});

test("without its tick, what stands in the crowfoot's fields is left out", () => {
  expect(typed({ crowfoot: false, offset: "nonsense" })).toMatchObject({ value: { name: "Bolts" } });
});

test("a drawn pattern is kept while the count is, and drawn as a row when it changes", () => {
  const drawn = routes
    .flatMap((route) => route.fasteners)
    .find(({ pattern }) => pattern?.layout === "points");
  if (!drawn) throw new Error("the demo has drawn bolts");
  const fields = fastenerFields(drawn);
  expect(readFastener(fields, drawn.id, drawn)).toMatchObject({ value: { pattern: drawn.pattern } });
  expect(readFastener({ ...fields, count: "3" }, drawn.id, drawn)).toMatchObject({
    value: { pattern: { points: [{ y: 0 }, { y: 0 }, { y: 0 }] } },
  });
});

test("a step says what is wrong, and parts its cautions by semicolons", () => {
  const fields = {
    ...stepFields(undefined, "take apart"),
    title: "Shoes off",
    caution: " Springs let go ; dust;; ",
    minutes: "12,5",
  };
  const result = readStep(fields, "id");
  if ("errors" in result) throw new Error(JSON.stringify(result.errors));
  expect(stepSchema.parse(result.value)).toEqual({
    id: "id",
    title: "Shoes off",
    phase: "take apart",
    kind: "do",
    stance: "on the ground",
    cautions: ["Springs let go", "dust"],
    minutes: { usual: 12.5 },
  });
  expect(readStep({ ...fields, title: "", minutes: "-1" }, "id")).toEqual({
    errors: {
      title: expect.stringContaining("Say what is done"),
      minutes: expect.stringContaining("between 0 and"),
    },
  });
});

test("a step in full comes back the same from its own form, and what is half said is asked for", () => {
  const step = {
    id: "s",
    title: "Knuckle down",
    phase: "take apart" as const,
    kind: "do" as const,
    stance: "front up" as const,
    cautions: [],
    needs: ["a"],
    takesOff: ["sensor lead", "vent hose"],
    putsBack: ["clip"],
    movesPast: ["sensor lead"],
    mark: "how it faced",
    wait: { minutes: 30, until: "it has soaked" },
    measure: { what: "disc", unit: "mm", least: 20.4 },
    count: 2,
    hands: 2,
    vehicleIs: "in gear, steering left",
    photo: true,
    applies: [
      { what: "grease" as const, on: "splines" as const },
      { what: "threadlocker" as const, on: "threads" as const },
    ],
    facing: "lip inward",
    routing: ["crank", "tensioner"],
    leaves: "finger tight" as const,
    loaded: "the coil spring",
    heldUp: "a jack with a board",
    noWayBack: "the clip breaks",
    mends: "no-bleed plan",
    mirrorOf: { stepId: "a", title: "Knuckle up" },
    slips: [{ id: "p", slip: "adapter", typed: { offset: "45" } }],
  };
  expect(readStep(stepFields(step, "prove it"), "s", step)).toEqual({ value: step });
  expect(stepSchema.safeParse(step).success).toBe(true);
  const wrong = readStep(
    {
      ...stepFields(step, "prove it"),
      waitUntil: "",
      measureMost: "10",
      measureWhat: "",
      count: "1.5",
      hands: "9",
    },
    "s",
  );
  expect(wrong).toMatchObject({
    errors: {
      waitUntil: expect.stringContaining("waited for"),
      measureMost: expect.stringContaining("Swap"),
      measureWhat: expect.stringContaining("what is measured"),
      count: expect.stringContaining("whole number"),
      hands: expect.stringContaining("from 1 to 4"),
    },
  });
});

test.each([
  ["grease", "Say where the grease goes"],
  ["butter on splines", "“butter”".replace(/[“”]/g, '"')],
  ["oil on the moon", "is none of threads"],
])("%s is no way of putting it on, and says so", (applies, says) => {
  const fields = { ...stepFields(undefined, "put back"), title: "Joint in", applies };
  expect(readStep(fields, "s")).toEqual({ errors: { applies: expect.stringContaining(says) } });
});

test("a size alone is a tool on the other end; a way alone needs no size", () => {
  const held = (fields: Partial<FastenerFields>) => {
    const result = typed(fields);
    if ("errors" in result) throw new Error(JSON.stringify(result.errors));
    return result.value.counterHold;
  };
  expect(held({ counterHold: "17" })).toMatchObject({ by: "on the other end", size: { size: 17 } });
  expect(held({ holdBy: "bar in the disc" })).toEqual({ by: "bar in the disc" });
  expect(held({})).toBeUndefined();
});

test("what is half said of a wait or a measure is asked for, and not left out", () => {
  const fields = { ...stepFields(undefined, "take apart"), title: "Soak it" };
  expect(readStep({ ...fields, waitUntil: "it has soaked", measurePlaces: "left; right" }, "s")).toEqual({
    errors: {
      waitMinutes: expect.stringContaining("about how long"),
      measureWhat: expect.stringContaining("what is measured"),
    },
  });
});

test("a fastener in full comes back the same from its own form", () => {
  const result = typed({
    threadIs: "oiled",
    locking: "split pin",
    counterHold: "17",
    holdBy: "key through the middle",
    tightened: "on the ground",
    access: "by feel",
    strength: "10.9",
    length: "45",
    into: "aluminium",
    figure: "40 Nm",
  } as Partial<FastenerFields>);
  if ("errors" in result) throw new Error(JSON.stringify(result.errors));
  expect(fastenerSchema.safeParse(result.value).success).toBe(true);
  expect(readFastener(fastenerFields(result.value), "id", result.value)).toEqual(result);
  expect(typed({ length: "-4", counterHold: "nothing" })).toMatchObject({
    errors: { length: expect.stringContaining("between 1 and 2000 mm"), counterHold: expect.any(String) },
  });
});

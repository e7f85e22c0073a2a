import type { Part } from "../model/job";
import type { KitRecord } from "../model/kit";
import type { Vehicle } from "../model/vehicle";
import { MODEL_VERSION } from "../model/version";
import { readHeadSize } from "../quantity/read-head-size";
import { bolts, owned, routeOf, step, WRENCH } from "./__fixtures__/owned";
import { isCalled } from "./cover/by-name";
import { kitFor } from "./kit";
import { isCovered } from "./needs/need";
import { readSupply } from "./needs/read-supply";
import { coverSupply, formatAmount, usualSupplies } from "./needs/supply-needs";
import { kitSheet, sheetText } from "./sheet/kit-sheet";
import { byDrive, byStep, matOf } from "./sheet/mat";

const stamp = {
  id: "x",
  createdAt: "2026-01-01T00:00:00.000Z",
  updatedAt: "2026-01-01T00:00:00.000Z",
  schema: MODEL_VERSION,
  origin: "own" as const,
};

const car: Vehicle = {
  ...stamp,
  name: "Car",
  year: 2020,
  distanceUnit: "km",
  torqueUnit: "N.m",
  kerbWeightKg: 1310,
  frontShare: 0.59,
  wheelbaseMm: 2640,
};

const record: KitRecord = { ...stamp, jobId: "job", laidOut: [], got: [], typed: [], wishes: { own: [] } };
const part = (more: Partial<Part> = {}): Part => ({
  id: "mount",
  name: "Mount",
  place: "engine",
  count: 1,
  ...more,
});

const by = (kit: ReturnType<typeof kitFor>) =>
  Object.fromEntries(kit.lines.map(({ key, cover }) => [key, cover.kind]));

test("a bolt to a figure needs its socket, a bar and a pull; an empty plan needs nothing", () => {
  const kit = kitFor(routeOf([bolts("16", "40 Nm")]), owned(WRENCH, "3/8 socket 16"), {
    vehicle: car,
    thisYear: 2026,
  });
  expect(by(kit)).toEqual({ "socket 16 mm": "owned", "bar bolts": "missing", "torque bolts 0": "owned" });
  expect([kit.ready, kit.total]).toEqual([2, 3]);
  expect(kitFor(routeOf([]), [])).toEqual({ lines: [], ready: 0, total: 0 });
});

test("a figure that cannot be right is looked up before anything is chosen by it", () => {
  const kit = kitFor(routeOf([bolts("10", "106 lb ft")]), owned(WRENCH, "3/8 socket 10", "3/8 ratchet 200"));
  expect(by(kit)).toEqual({ "socket 10 mm": "owned", "torque bolts 0": "look up" });
  expect(kit.lines.filter(isCovered)).toHaveLength(1);
});

test("single-use hardware is new: in a part's box, the part itself, on its own, or with a reason not at all", () => {
  const single = bolts("16", "40 Nm", { singleUse: true });
  const hardware = (more: Partial<Part>, fastener = single) =>
    by(kitFor(routeOf([fastener], { parts: [part(more)] }), []))["hardware bolts New: Bolts"];
  expect(hardware({})).toBe("missing");
  expect(hardware({ holds: ["bolts"] })).toBe("in the box");
  expect(hardware({ renews: "bolts" })).toBeUndefined();
  expect(hardware({}, { ...single, reuseReason: "measured, still short" })).toBeUndefined();
  const pinned = by(
    kitFor(
      routeOf([bolts("19", "60 Nm", { locking: "split pin" })], { parts: [part({ leavesOut: ["Sleeve"] })] }),
      [],
    ),
  );
  expect(pinned).toMatchObject({
    "hardware bolts Split pin for Bolts": "missing",
    "hardware Sleeve": "missing",
    "part mount": "missing",
  });
});

test("what was noted as in hand or on order is, whatever the chest has", () => {
  const route = routeOf([], { parts: [part(), part({ id: "seal", name: "Seal" })] });
  const noted: KitRecord = {
    ...record,
    got: [
      { key: "part mount", how: "on order", from: "the corner", due: "2026-12-01" },
      { key: "part seal", how: "in hand" },
    ],
  };
  const kit = kitFor(route, [], { record: noted });
  expect(kit.lines.map(({ cover }) => cover)).toEqual([
    { kind: "on order", says: "On order from the corner, due 2026-12-01." },
    { kind: "in hand" },
  ]);
});

test("what is used up is met by what is left of it, all or nothing, and never by another strength", () => {
  const route = routeOf(
    [
      bolts("13", "20 Nm", { locking: "threadlocker, medium strength", count: 30 }),
      bolts("13", "20 Nm", { id: "b", threadIs: "anti-seize" }),
    ],
    {
      supplies: [
        { id: "f", name: "Brake fluid", amount: { value: 400, unit: "mL" }, lost: 300 },
        { id: "r", name: "Rags", amount: { value: 4, unit: "pieces" } },
      ],
    },
  );
  const kit = kitFor(route, owned("brake fluid 500 mL", "rag 9 pieces", "high threadlocker 50 mL"));
  expect(by(kit)).toMatchObject({
    "supply brake fluid mL": "missing",
    "supply rags pieces": "owned",
    "supply threadlocker, medium strength mL": "missing",
    "supply anti-seize paste g": "missing",
    "tool catch pan": "missing",
  });
  const fluid = kit.lines.find(({ key }) => key === "supply brake fluid mL");
  expect(fluid?.cover).toMatchObject({
    says: "700 mL needed, 300 mL of it lost on the way; only 500 mL left.",
  });
  // A tenth of a millilitre a thread: 30 threads take 3.
  expect(kit.lines.find(({ key }) => key.includes("medium"))?.need).toMatchObject({
    amount: { value: 3, unit: "mL" },
  });
  expect(isCalled("Threadlocker", "Threadlocker, medium strength")).toBe(false);
  expect(isCalled("Brake fluid, blue", "brake fluids")).toBe(true);
});

test("amounts are told in the unit they are thought of in", () => {
  expect([
    formatAmount({ value: 7200, unit: "mL" }),
    formatAmount({ value: 400, unit: "mL" }),
    formatAmount({ value: 1, unit: "pieces" }),
    formatAmount({ value: 1500, unit: "g" }),
  ]).toEqual(["7.2 L", "400 mL", "1 piece", "1.5 kg"]);
  expect(
    coverSupply(
      { kind: "supply", name: "Rags", amount: { value: 4, unit: "pieces" }, lost: 0 },
      { ...emptyChest(), ofKind: (() => owned("rags 500 g")) as never },
    ),
  ).toMatchObject({ kind: "missing", says: expect.stringContaining("Rags is counted in g") });
  expect(
    usualSupplies("brakes", { ...car, fluids: [{ name: "Coolant", capacityMl: 6000 }] }, [
      { name: "rags" },
    ]).map(({ name }) => name),
  ).toEqual(["Brake cleaner", "Brake grease", "Coolant"]);
});

function emptyChest() {
  return {
    tools: [],
    lent: [],
    ofKind: () => [],
    onHead: () => [],
    between: () => [],
    remember: ((_: string, how: () => unknown) => how()) as never,
    chain: () => ({}) as never,
  };
}

test("raised, it needs stands that hold, a jack that lifts, and chocks for what stays down", () => {
  const up = { stance: "rear up" as const };
  const route = routeOf([], {
    steps: [
      step("raise", "raise", up),
      step("work", "do", { ...up, cautions: ["Brake dust: wet it down. Eye protection on."] }),
    ],
  });
  const lifting = (...lines: string[]) => by(kitFor(route, owned(...lines), { vehicle: car }));
  expect(
    lifting("2 stands 1500 kg each", "jack 2000 kg", "wheel chocks", "safety glasses", "dust mask"),
  ).toEqual({
    "lifting stands 0": "owned",
    "lifting jack 1": "owned",
    "lifting wheel chocks 2": "owned",
    "protection Eye protection": "owned",
    "protection Dust mask": "owned",
  });
  // 1310 · 0.41 · 1.1 = 591 kg at the rear.
  expect(lifting("2 stands 250 kg each", "jack 500 kg")).toMatchObject({
    "lifting stands 0": "missing",
    "lifting jack 1": "missing",
    "lifting wheel chocks 2": "missing",
    "protection Eye protection": "missing",
  });
  expect(lifting("jack 500 kg lent to next door")).toMatchObject({ "lifting jack 1": "missing" });
  const all = kitFor(
    routeOf([], { steps: [step("raise", "raise", { stance: "all up" })] }),
    owned("4 stands 1500 kg each", "jack 2000 kg"),
    { vehicle: car },
  );
  expect(all.lines.map(({ key }) => key)).toEqual(["lifting stands 0", "lifting jack 1"]);
});

test("the mat has each tool once, where it is first used, with the socket that fits its drive", () => {
  const route = routeOf([bolts("16", "40 Nm"), bolts("10", "30 Nm", { id: "b", name: "Others" })], {
    parts: [part()],
  });
  const kit = kitFor(
    route,
    owned(WRENCH, "1/4 socket 10", "3/8 socket 10", "3/8 socket 16", "3/8 ratchet 400"),
    { vehicle: car, thisYear: 2026 },
  );
  const items = matOf(kit.lines);
  expect(items.map(({ tool, lines: [line] }) => tool?.name ?? line?.name)).toEqual([
    "16 mm socket",
    "3/8 in ratchet, 400 mm",
    "10 mm socket",
    "3/8 in torque wrench",
    "Mount",
  ]);
  expect(items.find(({ tool }) => tool?.name === "10 mm socket")?.tool).toMatchObject({ drive: "3/8" });
  expect(items.find(({ tool }) => tool?.kind === "torque wrench")?.lines).toHaveLength(2);
  expect(byStep(items, route).map(({ title }) => title)).toEqual([
    "1. undo bolts",
    "2. undo b",
    "3. tighten bolts",
  ]);
  expect(byDrive(items).map(({ title, items: own }) => [title, own.length])).toEqual([
    ["3/8 in", 4],
    ["Parts", 1],
  ]);
  expect(items.map(({ gap }) => gap)).toEqual([false, false, false, false, true]);
});

test("a fastener of no known size has its line in the kit, unless no tool ever turns it", () => {
  const bare = (name: string, more = {}) => ({ id: name, name, count: 1, ...more });
  const route = routeOf([
    bare("Bracket bolts"),
    bare("Push clips"),
    bare("Wing nut", { figure: { form: "hand tight" as const } }),
    bolts("13", undefined),
  ]);
  const kit = kitFor(route, owned("1/2 socket 13"), { vehicle: car });
  const unknown = kit.lines.filter(({ need }) => need.kind === "size");
  expect(unknown.map(({ name, cover }) => [name, cover.kind])).toEqual([
    ["Bracket bolts: size not known", "look up"],
  ]);
});

test("the sheet says size, figure, setting, order and what to mind; as text and as Markdown", () => {
  const fastener = bolts("16", "40 Nm", {
    pattern: { layout: "circle" },
    adapter: { offsetMm: 45, angleDeg: 0 },
    counterHold: { by: "on the other end" as const, size: readHeadSize("17") },
    locking: "threadlocker, medium strength",
  });
  const route = routeOf([fastener, bolts("10", "106 lb ft", { id: "wrong" })], {
    parts: [part({ count: 2 })],
  });
  const job = {
    ...stamp,
    vehicleId: "x",
    title: "The job",
    system: "brakes" as const,
    state: "planned" as const,
    routes: [route],
    chosenRouteId: "route",
  };
  const sheet = kitSheet(
    job,
    route,
    car,
    kitFor(route, owned("torque wrench 3/8 10-75 lb ft by 0.5 grip 380", "3/8 crowfoot 16 offset 45"), {
      vehicle: car,
    }),
  );
  expect(sheet.settings).toMatchObject([
    {
      what: "Bolts",
      size: "16 mm",
      figure: "40 N·m",
      set: ["26.5 lb·ft on 3/8 in torque wrench, 45 mm crowfoot in line with the handle"],
      order: "1 3 2 4",
    },
    { set: ["look it up first"], cautions: [expect.stringContaining("106 lb·ft would break")] },
  ]);
  const text = sheetText(sheet, "text");
  expect(text).toContain(
    "- 4 × Bolts: 16 mm; 40 N·m; set 26.5 lb·ft on 3/8 in torque wrench, 45 mm crowfoot in line with the handle; order 1 3 2 4",
  );
  expect(text).toContain("[ ] TO FIND: 2 × Mount, engine");
  expect(text).toContain("local rules and a licensed workshop come first.");
  expect(sheetText(sheet, "Markdown")).toContain("- [ ] TO FIND: 17 mm socket or spanner");
});

test("what holds a life and has no figure stands on the sheet, to be looked up; good and tight is none for a wheel", () => {
  const wheels = bolts("17", "snug", { name: "Wheel bolts" });
  const { figure: _none, ...carrier } = bolts("18", "90 Nm", {
    id: "carrier",
    name: "Caliper carrier bolts",
  });
  const route = routeOf([wheels, carrier]);
  const job = {
    ...stamp,
    vehicleId: "x",
    title: "The job",
    system: "brakes" as const,
    state: "planned" as const,
    routes: [route],
    chosenRouteId: "route",
  };
  expect(
    kitSheet(job, route, car, kitFor(route, [], { vehicle: car })).settings.map(({ what, set }) => [
      what,
      set,
    ]),
  ).toEqual([
    ["Wheel bolts", ["look it up first"]],
    ["Caliper carrier bolts", ["look it up first"]],
  ]);
});

test.each<[string, object]>([
  ["coolant 6 L lost 0.5 L", { name: "Coolant", amount: { value: 6000, unit: "mL" }, lost: 500 }],
  ["rags 4 pieces", { name: "Rags", amount: { value: 4, unit: "pieces" } }],
  ["slide hammer 2 days", { name: "Slide hammer", days: 2 }],
  ["spring hook", { name: "Spring hook", days: 1 }],
  ["pipe wrench 2 days, only if it sticks", { name: "Pipe wrench", days: 2, onlyIfNeeded: true }],
])("%s is wanted beside the fasteners", (line, read) => {
  expect(readSupply(line, "id")).toEqual({ id: "id", ...read });
});

test.each([
  ["", "Type what is wanted"],
  ["3/8 socket 13", "asked for by the fasteners"],
  ["coolant 6 L lost 3 g", "the same kind of unit"],
  ["coolant 0 L", "more than nothing"],
  ["slide hammer 99 days", "from 1 to 90"],
])("“%s” is refused: %s", (line, says) => {
  expect(() => readSupply(line, "id")).toThrow(says);
});

test("a special tool that turns a fastener takes the place of its socket and bar; one for a last try of nothing", () => {
  const nut = bolts("34", "90 Nm");
  const keys = (more: object) =>
    kitFor(
      routeOf([nut], { specialTools: [{ id: "t", name: "Joint tool", days: 1, turns: ["bolts"], ...more }] }),
      [],
    ).lines.map(({ key }) => key);
  expect(keys({})).toEqual(["tool joint tool", "torque bolts 0"]);
  const spare = kitFor(
    routeOf([nut], {
      specialTools: [{ id: "t", name: "Pipe wrench", days: 1, turns: ["bolts"], onlyIfNeeded: true }],
    }),
    [],
  );
  const [wrench] = spare.lines.filter(({ key }) => key === "tool pipe wrench");
  expect(wrench).toMatchObject({
    name: "Pipe wrench, only if needed",
    for: ["Bolts"],
    cover: { kind: "missing" },
  });
  // Nobody waits for it, nor buys it.
  expect(wrench && isCovered(wrench)).toBe(true);
  expect(spare.lines.map(({ key }) => key)).toContain("socket 34 mm");
});

test("hardware of several boxes lies in each; what two boxes leave out is wanted twice, and once where a bolt asks for it", () => {
  const pins = bolts("19", "60 Nm", { count: 2, locking: "split pin" });
  const parts = [
    part({ id: "l", name: "Kit", place: "left rear", holds: ["bolts"], leavesOut: ["Grease cap"] }),
    part({ id: "r", name: "Kit", place: "right rear", holds: ["bolts"], leavesOut: ["grease cap"] }),
  ];
  const { lines } = kitFor(routeOf([pins], { parts }), []);
  const hardware = lines.flatMap(({ need, cover }) =>
    need.kind === "hardware"
      ? [[need.name, need.count, cover.kind, "says" in cover ? cover.says : undefined]]
      : [],
  );
  expect(hardware).toEqual([
    ["Split pin for Bolts", 2, "in the box", "In the box of Kit, in each."],
    ["Grease cap", 2, "missing", undefined],
  ]);
  const asked = kitFor(routeOf([pins], { parts: [part({ leavesOut: ["split pin"] })] }), []);
  expect(asked.lines.filter(({ need }) => need.kind === "hardware")).toHaveLength(1);
});

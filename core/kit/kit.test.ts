import type { SquareDrive } from "../drive/square-drive";
import type { Fastener, Route, Step } from "../model/job";
import { MODEL_VERSION, type RecordStamp } from "../model/record";
import type { Tool } from "../model/tool";
import type { Vehicle } from "../model/vehicle";
import { readHeadSize } from "../quantity/read-head-size";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { formatTorque } from "../quantity/torque-quantity";
import { headNeeds } from "./head-needs";
import { kitFor, torqueNeeds } from "./kit";
import { standNeed, standNeeds } from "./stands";

const stamp = (id: string): RecordStamp => ({ id, createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z", schema: MODEL_VERSION, origin: "own" });
const socket = (size: string, drive: SquareDrive): Tool => ({ ...stamp(`${size} ${drive}`), kind: "socket", name: size, drive, head: readHeadSize(size) });
const crowfoot: Tool = { ...stamp("crowfoot"), kind: "crowfoot", name: "16 mm crowfoot", drive: "3/8", head: readHeadSize("16"), offsetMm: 45 };
const spanner: Tool = { ...stamp("spanner"), kind: "spanner", name: "16 mm spanner", head: readHeadSize("16") };
const wrench = (id: string, drive: SquareDrive): Tool => ({
  ...stamp(id),
  kind: "torque wrench",
  name: id,
  works: "click",
  drive,
  unit: "N.m",
  min: 20,
  max: 100,
  step: 1,
  gripLengthMm: 400,
});
const bolts = (more: Partial<Fastener> = {}): Fastener => ({ id: "bolts", name: "Bolts", count: 4, sizeToUndo: readHeadSize("16"), figure: readTorqueFigure("40 Nm"), ...more });

test("a bolt tightened to a figure wants a socket; a spanner will not do", () => {
  expect(headNeeds({ fasteners: [bolts()] }, [spanner])).toMatchObject([{ type: "socket", tools: [], uses: [{ when: "both" }] }]);
  expect(headNeeds({ fasteners: [bolts()] }, [socket("16", "3/8")])[0]?.tools).toHaveLength(1);
  expect(headNeeds({ fasteners: [bolts({ figure: readTorqueFigure("snug") })] }, [spanner])[0]?.tools).toHaveLength(1);
});

test("a bolt that only a crowfoot reaches wants a crowfoot", () => {
  const needs = headNeeds({ fasteners: [bolts({ adapter: { offsetMm: 45, angleDeg: 0 } })] }, [socket("16", "3/8"), crowfoot]);
  expect(needs).toMatchObject([{ type: "crowfoot", tools: [{ kind: "crowfoot" }] }]);
});

test("a bolt with another head to do up needs both; metric never covers inch", () => {
  const needs = headNeeds({ fasteners: [bolts({ sizeToUndo: readHeadSize("15"), sizeToDoUp: readHeadSize("E12") })] }, [socket("E12", "3/8"), socket("5/8", "1/2")]);
  expect(needs.map(({ uses, tools }) => [uses[0]?.when, tools.length])).toEqual([
    ["undo", 0],
    ["do up", 1],
  ]);
  expect(headNeeds({ fasteners: [bolts({ sizeToUndo: readHeadSize("13") })] }, [socket("1/2", "3/8")])[0]?.tools).toEqual([]);
});

test("two fasteners of one size need one socket", () => {
  const needs = headNeeds({ fasteners: [bolts(), bolts({ id: "other" })] }, []);
  expect(needs).toHaveLength(1);
  expect(needs[0]?.uses).toHaveLength(2);
});

test("of two wrenches that will do, the one whose square reaches the socket is taken", () => {
  const [need] = torqueNeeds(bolts(), [wrench("half", "1/2"), wrench("three eighths", "3/8"), socket("16", "3/8")]);
  expect(need?.best?.wrench.name).toBe("three eighths");
  expect(need?.chain).toMatchObject({ pieces: [], gap: undefined });
});

test("every torque of a figure has its own setting; a kit counts what is covered", () => {
  const route: Route = {
    id: "r",
    name: "r",
    steps: [],
    parts: [],
    fasteners: [bolts({ figure: readTorqueFigure("30 Nm then 60 Nm") }), bolts({ id: "big", figure: readTorqueFigure("300 Nm") })],
  };
  const kit = kitFor(route, [wrench("w", "3/8"), socket("16", "3/8")]);
  expect(kit.torques.map(({ best }) => best && formatTorque(best.setting))).toEqual(["30 N·m", "60 N·m", undefined]);
  expect(kit.torques[2]?.refused[0]?.why).toContain("the scale ends");
  expect([kit.ready, kit.total]).toEqual([3, 4]);
  expect(kitFor({ ...route, fasteners: [] }, [])).toEqual({ heads: [], torques: [], ready: 0, total: 0 });
});

const car = {
  ...stamp("car"),
  name: "Car",
  distanceUnit: "km",
  torqueUnit: "N.m",
  kerbWeightKg: 1310,
  frontShare: 0.59,
  wheelbaseMm: 2640,
  standInsetMm: { front: 380, rear: 340 },
} satisfies Vehicle;
const stands = (count: number, ratingPerStandKg: number): Tool => ({ ...stamp("stands"), kind: "stands", name: "stands", count, ratingPerStandKg });

test.each([
  ["rear up", [stands(2, 1500)], car, "holds", "Up to 339 of 1500 kg"],
  ["front up", [stands(2, 400)], car, "stop", "would carry up to 497 kg"],
  ["rear up", [stands(1, 1500)], car, "stop", "only 1 is in the chest"],
  ["rear up", [], car, "unknown", "rated for more than 340 kg"],
  ["all up", [stands(4, 1500)], car, "holds", "Up to 457 of 1500 kg"],
  ["rear up", [stands(2, 1500)], { ...car, kerbWeightKg: undefined }, "unknown", "Add the vehicle's weight"],
  ["rear up", [], { ...car, kerbWeightKg: undefined }, "unknown", "Read the rating on each"],
  ["rear up", [stands(1, 3000), stands(1, 200), spanner], car, "stop", "rated for 200 kg"],
  ["all up", [stands(2, 1500)], car, "stop", "4 stands are needed; only 2 are in the chest"],
  // Without stand points: 1310 · 0.41 / 2 · 1.1, and 1310 · 0.59 / 2 · 1.1.
  ["rear up", [stands(2, 1500)], { ...car, standInsetMm: undefined }, "holds", "Up to 295 of 1500 kg"],
  ["all up", [stands(4, 1500)], { ...car, standInsetMm: undefined }, "holds", "Up to 425 of 1500 kg"],
] as const)("%s on %j", (stance, tools, vehicle, verdict, says) => {
  const need = standNeed(stance, vehicle as Vehicle, tools);
  expect(need.verdict).toBe(verdict);
  expect(need.says).toContain(says);
});

test("only the stances that a plan raises the vehicle to are asked about, each once", () => {
  const step = (id: string, stance: Step["stance"]): Step => ({ id, title: id, phase: "take apart", kind: "do", stance, cautions: [] });
  const route: Route = { id: "r", name: "r", fasteners: [], parts: [], steps: [step("a", "on the ground"), step("b", "rear up"), step("c", "rear up")] };
  expect(standNeeds(route, car, []).map(({ stance }) => stance)).toEqual(["rear up"]);
});

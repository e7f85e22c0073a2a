import type { Route, Step } from "../../model/job";
import type { RecordStamp } from "../../model/record";
import type { Tool } from "../../model/tool";
import type { Vehicle } from "../../model/vehicle";
import { MODEL_VERSION } from "../../model/version";
import { readHeadSize } from "../../quantity/read-head-size";
import { standNeed, standNeeds } from "./stands";

const stamp = (id: string): RecordStamp => ({
  id,
  createdAt: "2026-01-01T00:00:00.000Z",
  updatedAt: "2026-01-01T00:00:00.000Z",
  schema: MODEL_VERSION,
  origin: "own",
});

const spanner: Tool = {
  ...stamp("spanner"),
  kind: "spanner",
  name: "16 mm spanner",
  head: readHeadSize("16"),
};

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

const stands = (count: number, ratingPerStandKg: number): Tool => ({
  ...stamp("stands"),
  kind: "stands",
  name: "stands",
  count,
  ratingPerStandKg,
});

test.each([
  ["rear up", [stands(2, 1500)], car, "holds", "Up to 339 of 1500 kg"],
  ["front up", [stands(2, 400)], car, "stop", "would carry up to 497 kg"],
  ["rear up", [stands(1, 1500)], car, "stop", "only 1 is in the chest"],
  ["rear up", [], car, "unknown", "rated for more than 340 kg"],
  ["all up", [stands(4, 1500)], car, "holds", "Up to 655 of 1500 kg"],
  ["rear up", [stands(2, 1500)], { ...car, kerbWeightKg: undefined }, "unknown", "Add the vehicle's weight"],
  ["rear up", [], { ...car, kerbWeightKg: undefined }, "unknown", "Read the rating on each"],
  ["rear up", [stands(1, 3000), stands(1, 200), spanner], car, "stop", "rated for 200 kg"],
  ["all up", [stands(2, 1500)], car, "stop", "4 stands are needed; only 2 are in the chest"],
  // Without stand points: 1310 · 0.41 / 2 · 1.1. On four, half of 1310 across the diagonal is more than 1310
  // · 0.59 / 2 · 1.1.
  ["rear up", [stands(2, 1500)], { ...car, standInsetMm: undefined }, "holds", "Up to 295 of 1500 kg"],
  ["all up", [stands(4, 1500)], { ...car, standInsetMm: undefined }, "holds", "Up to 655 of 1500 kg"],
] as const)("%s on %j", (stance, tools, vehicle, verdict, says) => {
  const need = standNeed(stance, vehicle as Vehicle, tools);
  expect(need.verdict).toBe(verdict);
  expect(need.says).toContain(says);
});

test("only the stances that a plan raises the vehicle to are asked about, each once", () => {
  const step = (id: string, stance: Step["stance"]): Step => ({
    id,
    title: id,
    phase: "take apart",
    kind: "do",
    stance,
    cautions: [],
  });
  const route: Route = {
    id: "r",
    name: "r",
    fasteners: [],
    parts: [],
    steps: [step("a", "on the ground"), step("b", "rear up"), step("c", "rear up")],
  };
  expect(standNeeds(route, car, []).map(({ stance }) => stance)).toEqual(["rear up"]);
});

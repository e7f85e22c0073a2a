import { householdSchema } from "@/core/model/household";
import { kitFor } from "@/core/kit/kit";
import { standNeeds } from "@/core/kit/stands";
import { latestReading, questionReading } from "@/core/log/odometer";
import { fastenerDoubts } from "@/core/plan/doubts";
import { chosenRoute } from "@/core/plan/chosen-route";
import { formatTorque } from "@/core/quantity/torque-quantity";
import { formatHeadSize } from "@/core/quantity/read-head-size";
import { doneSteps, missingSafetyTicks, openStep } from "@/core/work/progress";
import { readHouseholdFile, writeHouseholdFile } from "@/data/household-file";
import { demoHousehold } from "./household";

const demo = demoHousehold("2026-11-24");
const job = (id: string) => {
  const found = demo.jobs.find((one) => one.id === id);
  if (!found) throw new Error(id);
  return found;
};

test("every record is one that the model allows, and every reference leads somewhere", () => {
  expect(householdSchema.parse(demo)).toEqual(demo);
  expect(readHouseholdFile(writeHouseholdFile(demo, new Date()))).toEqual(demo);
});

test("three vehicles, four jobs and more than forty entries over four years", () => {
  expect(demo.vehicles.map(({ name }) => name)).toEqual(["Wren estate", "Drover pickup", "Minnow city car"]);
  expect(demo.jobs.map(({ state }) => state).sort()).toEqual(["done", "planned", "planned", "under way"]);
  expect(job("demo-starter").routes).toHaveLength(2);
  expect(demo.replacements.length).toBeGreaterThanOrEqual(40);
  expect(new Set(demo.replacements.map(({ on }) => on.slice(0, 4))).size).toBeGreaterThanOrEqual(4);
});

test("all of it moves with the day it is opened on, and stays as far apart", () => {
  const later = demoHousehold("2027-03-01");
  const days = (a: string, b: string) => (Date.parse(b) - Date.parse(a)) / 86_400_000;
  demo.replacements.forEach((one, i) => expect(days(one.on, later.replacements[i]?.on ?? "")).toBe(97));
  expect(householdSchema.safeParse(later).success).toBe(true);
});

test("no odometer runs backwards, and no entry lies beyond the newest reading", () => {
  for (const { id } of demo.vehicles) {
    const own = demo.readings.filter(({ vehicleId }) => vehicleId === id);
    own.forEach((one) =>
      expect(
        questionReading(
          own.filter((other) => other !== one),
          id,
          one.distance,
          one.on,
        ),
      ).toBeUndefined(),
    );
    const latest = latestReading(demo.readings, id);
    demo.replacements
      .filter(({ vehicleId }) => vehicleId === id)
      .forEach((one) => {
        expect(one.odometer.value).toBeLessThanOrEqual(latest?.distance.value ?? 0);
        expect(questionReading(own, id, one.odometer, one.on)).toBeUndefined();
      });
  }
});

test("the brake job is under way, and asks for its safety ticks again today", () => {
  const [work] = demo.works;
  const route = chosenRoute(job("demo-brake-shoes"));
  const open = work && openStep(work, route);
  expect(open?.id).toBe("left-plate-tight");
  expect(work && doneSteps(work).size).toBe(16);
  expect(work && open && missingSafetyTicks(work, route, open, "2026-11-24")).toHaveLength(4);
});

test("the brake job's kit lacks one crowfoot and nothing else, and its settings are what they are by hand", () => {
  const kit = kitFor(chosenRoute(job("demo-brake-shoes")), demo.tools);
  expect(kit.heads.filter(({ tools }) => tools.length === 0).map(({ head, type }) => `${formatHeadSize(head)} ${type}`)).toEqual(["10 mm crowfoot"]);
  expect(kit.total - kit.ready).toBe(1);
  const settings = new Map(kit.torques.map(({ fastener, best }) => [fastener.id, best && formatTorque(best.setting)]));
  // 12 N·m is 106.2 lb·in; 14 N·m square to the handle is 123.9 lb·in; 7.5 N·m is 66.4 lb·in; 29.5 lb·ft is 40 N·m.
  expect(settings.get("left-cylinder")).toBe("106 lb·in");
  expect(settings.get("left-union")).toBe("124 lb·in");
  expect(settings.get("left-bleed")).toBe("66 lb·in");
  expect(settings.get("left-plate")).toBe("26.5 lb·ft");
  expect(settings.get("right-plate")).toBe("29.5 lb·ft");
  expect(settings.get("left-wheel")).toBe("110 N·m");
});

test("the stands hold every vehicle that a job raises", () => {
  for (const one of demo.jobs) {
    const vehicle = demo.vehicles.find(({ id }) => id === one.vehicleId);
    if (!vehicle) throw new Error("lost vehicle");
    for (const route of one.routes) standNeeds(route, vehicle, demo.tools).forEach(({ verdict }) => expect(verdict).toBe("holds"));
  }
});

test("one figure is in the wrong unit, and is caught; no other figure is doubted for its thread", () => {
  const doubts = demo.jobs.flatMap(({ routes }) =>
    routes.flatMap(({ fasteners }) => fasteners.flatMap((one) => fastenerDoubts(one).flatMap(({ says, grave }) => (grave ? [says] : [])))),
  );
  expect(doubts).toEqual(["106 lb·ft would break an M6. As 106 lb·in it is 12.0 N·m, which fits. Look it up before you use it."]);
});

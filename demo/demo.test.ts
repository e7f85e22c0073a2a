import loadHighs from "highs";
import { chestOf } from "@/core/chest/chest";
import { fastenerDoubts } from "@/core/fastener/doubts";
import { waysSentences } from "@/core/kit/cover/cover-torque";
import { standNeeds } from "@/core/kit/cover/stands";
import { type Kit, kitFor, wantsFor } from "@/core/kit/kit";
import { isCovered } from "@/core/kit/needs/need";
import { latestReading, questionReading } from "@/core/log/mileage/odometer";
import { householdSchema } from "@/core/model/household";
import { chosenRoute } from "@/core/plan/chosen-route";
import { formatTorque } from "@/core/quantity/torque-quantity";
import { shop } from "@/core/shop/shopping";
import { wantedFor } from "@/core/shop/wanted";
import { doneSteps, missingSafetyTicks, openStep } from "@/core/work/progress";
import { readHouseholdFile, writeHouseholdFile } from "@/data/household-file";
import { askCounter } from "@/stand-ins/counter/counter";
import { highsSolver } from "@/workers/highs-solver";
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

test("three vehicles, five jobs and more than forty entries over four years", () => {
  expect(demo.vehicles.map(({ name }) => name)).toEqual(["Wren estate", "Drover pickup", "Minnow city car"]);
  expect(demo.jobs.map(({ state }) => state).sort()).toEqual([
    "done",
    "planned",
    "planned",
    "planned",
    "under way",
  ]);
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
  expect(work && doneSteps(work).size).toBe(19);
  expect(work && open && missingSafetyTicks(work, route, open, "2026-11-24")).toHaveLength(4);
});

const kitOf = (id: string) => {
  const one = job(id);
  const vehicle = demo.vehicles.find((found) => found.id === one.vehicleId);
  return kitFor(chosenRoute(one), demo.tools, {
    vehicle,
    record: demo.kits.find(({ jobId }) => jobId === id),
    thisYear: 2026,
  });
};

const short = (kit: Kit) => kit.lines.filter((line) => !isCovered(line)).map(({ name }) => name);
const settings = (kit: Kit) =>
  Object.fromEntries(
    kit.lines.flatMap(({ need, key }) =>
      need.kind === "torque" ? [[key.split(" ")[1], need.best && formatTorque(need.best.setting)]] : [],
    ),
  );

test("the brake job's kit lacks one flare spanner and nothing else, and its settings are what they are by hand", () => {
  const kit = kitOf("demo-brake-shoes");
  expect(short(kit)).toEqual(["10 mm flare spanner"]);
  const spanner = kit.lines.find(({ name }) => name === "10 mm flare spanner");
  expect(spanner?.cover).toMatchObject({
    refused: expect.arrayContaining([
      expect.objectContaining({ why: expect.stringContaining("It would round it.") }),
    ]),
  });
  // 12 N·m is 106.2 lb·in; 7.5 N·m is 66.4 lb·in; 29.5 lb·ft is 40 N·m; 45 mm in line on 380: 26.5.
  expect(settings(kit)).toMatchObject({
    "left-cylinder": "106 lb·in",
    "left-bleed": "66 lb·in",
    "left-plate": "26.5 lb·ft",
    "right-plate": "29.5 lb·ft",
    "left-wheel": "110 N·m",
  });
});

test("the starter wants a crowfoot that brings a figure into the small wrench's range", () => {
  const kit = kitOf("demo-starter");
  expect(short(kit)).toEqual(
    expect.arrayContaining(["E8 socket or spanner", "T40 bit or key", "Starter motor", "168 lb·in"]),
  );
  const need = kit.lines.find(({ key }) => key === "torque cable 0")?.need;
  // 240 · (168 / 150 − 1) = 28.8 mm.
  expect(need?.kind === "torque" && waysSentences(need, chestOf(demo.tools))[0]).toBe(
    "Little click wrench with a crowfoot of 29 to 90 mm, in line with the handle.",
  );
});

test("a set beats five singles for the cam cover and loses for the starter", async () => {
  const solve = highsSolver(await loadHighs());
  const bought = (id: string) => {
    const one = job(id);
    const chest = chestOf(demo.tools);
    const wants = wantsFor(chosenRoute(one), chest, {
      vehicle: demo.vehicles.find((found) => found.id === one.vehicleId),
      thisYear: 2026,
    });
    const { plans } = shop(
      {
        wants,
        chest,
        had: new Set(),
        ...askCounter({ wanted: wantedFor(wants) }),
        wishes: { own: [] },
        daysLeft: 11,
      },
      solve,
    );
    return plans[0]?.bought.map(({ choice }) => choice) ?? [];
  };
  const set = bought("demo-cam-cover").find(({ title }) => title.startsWith("Six-lobe set"));
  expect(set?.covers.size).toBe(5);
  const starter = bought("demo-starter").map(({ title }) => title);
  expect(starter).toEqual(
    expect.arrayContaining([
      expect.stringContaining("E8 socket"),
      expect.stringContaining("T40 bit"),
      "12 mm crowfoot, 1/4 in",
    ]),
  );
  expect(starter.some((title) => title.includes("set"))).toBe(false);
});

test("the stands hold every vehicle that a job raises", () => {
  for (const one of demo.jobs) {
    const vehicle = demo.vehicles.find(({ id }) => id === one.vehicleId);
    if (!vehicle) throw new Error("lost vehicle");
    for (const route of one.routes)
      standNeeds(route, vehicle, demo.tools).forEach(({ verdict }) => expect(verdict).toBe("holds"));
  }
});

test("one figure is in the wrong unit, and is caught; no other figure is doubted for its thread", () => {
  const doubts = demo.jobs.flatMap(({ routes }) =>
    routes.flatMap(({ fasteners }) =>
      fasteners.flatMap((one) => fastenerDoubts(one).flatMap(({ says, grave }) => (grave ? [says] : []))),
    ),
  );
  expect(doubts).toEqual([
    "106 lb·ft would break an M6. As 106 lb·in it is 12.0 N·m, which fits. Look it up before you use it.",
  ]);
});

test("no record of the demo was made later than the day begins, wherever on earth it does", () => {
  const earliest = Date.parse("2026-11-24T00:00:00.000+14:00");
  const { removals, ...rest } = demoHousehold("2026-11-24");
  for (const { createdAt, updatedAt } of [...Object.values(rest).flat(), ...removals])
    expect(Math.max(Date.parse(createdAt), Date.parse(updatedAt))).toBeLessThan(earliest);
});

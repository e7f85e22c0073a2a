import { emptyHousehold } from "@/core/model/household";
import { demoHousehold } from "@/demo/household";
import { backupState } from "./backup";
import { removing } from "./change";
import { jobAlone } from "./job-alone";
import { photoIdsOf } from "./photo-ids";
import { stamp } from "./stamp";

const now = new Date("2026-11-26T12:00:00.000Z");
const vehicle = (id: string, at: string) => ({
  ...stamp("own", new Date(at)),
  id,
  name: id,
  distanceUnit: "km" as const,
  torqueUnit: "N.m" as const,
});

test("a reminder after enough changes, or a month after the first; never for the demo", () => {
  const many = (count: number, at: string) => ({
    vehicles: Array.from({ length: count }, (_, i) => vehicle(`v${i}`, at)),
  });
  expect(backupState(demoHousehold("2026-11-24"), undefined, now)).toEqual({ changes: 0, remind: false });
  expect(backupState(many(24, "2026-11-25T00:00:00.000Z"), undefined, now)).toEqual({
    changes: 24,
    remind: false,
  });
  expect(backupState(many(25, "2026-11-25T00:00:00.000Z"), undefined, now).remind).toBe(true);
  expect(backupState(many(1, "2026-10-01T00:00:00.000Z"), undefined, now).remind).toBe(true);
  expect(backupState(many(30, "2026-11-20T00:00:00.000Z"), "2026-11-21T00:00:00.000Z", now)).toEqual({
    changes: 0,
    remind: false,
  });
  expect(backupState(many(2, "2026-11-25T00:00:00.000Z"), "2026-10-01T00:00:00.000Z", now)).toEqual({
    changes: 2,
    remind: true,
  });
});

test("one job alone takes what hangs on it and nothing else; a job that is gone takes nothing", () => {
  const demo = demoHousehold("2026-11-24");
  const alone = jobAlone(demo, "demo-engine-mount");
  expect(
    [alone.vehicles, alone.jobs, alone.works, alone.replacements, alone.tools, alone.readings].map(
      (list) => list.length,
    ),
  ).toEqual([1, 1, 1, 1, 0, 0]);
  expect(jobAlone(demo, "gone")).toEqual(emptyHousehold());
});

test("what is removed leaves a trace for other devices, the demo none", () => {
  const demo = demoHousehold("2026-11-24");
  const own = vehicle("mine", "2026-01-01T00:00:00.000Z");
  const change = removing({ vehicles: [own, ...demo.vehicles] }, now);
  expect(change.remove?.vehicles).toHaveLength(4);
  expect(change.put?.removals?.map(({ id, updatedAt }) => [id, updatedAt])).toEqual([
    ["mine", now.toISOString()],
  ]);
});

test("photos are named once, however often works and entries show them", () => {
  const { works, replacements } = demoHousehold("2026-11-24");
  const [[work], [entry]] = [works, replacements];
  if (!work || !entry) throw new Error("The demo has no work or no log.");
  const photo = {
    at: now.toISOString(),
    on: "2026-11-26",
    type: "photo" as const,
    stepId: "x",
    photoId: "p",
  };
  expect(
    photoIdsOf({
      works: [{ ...work, events: [photo, photo] }],
      replacements: [{ ...entry, photoIds: ["receipt", "p"] }, entry],
    }),
  ).toEqual(["p", "receipt"]);
});

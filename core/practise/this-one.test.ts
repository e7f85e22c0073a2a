import { chestOf } from "../chest/chest";
import { pulledBy } from "../joint/pull";
import { torqueNeeds } from "../kit/needs/torque-needs";
import type { Fastener } from "../model/job";
import type { Tool } from "../model/tool";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { formatThread } from "../thread/thread";
import { afterPull } from "./after-pull";
import { judgeTask } from "./judge";
import { thisOne, threadMeant } from "./this-one";

const WRENCH = {
  id: "w",
  kind: "torque wrench",
  name: "Middle one",
  works: "click",
  drive: "3/8",
  unit: "lbf.ft",
  min: 10,
  max: 80,
  step: 0.5,
  gripLengthMm: 380,
} as unknown as Tool;

const bolts = (more: Partial<Fastener> = {}): Fastener => ({
  id: "b",
  name: "Bracket bolts",
  count: 2,
  figure: readTorqueFigure("40 Nm"),
  sizeToUndo: { profile: "hexagon", size: 16, unit: "mm" },
  ...more,
});

const task = (fastener: Fastener, tools: Tool[] = [WRENCH], seed = 1) => {
  const [need] = torqueNeeds(fastener, chestOf(tools));
  if (!need) throw new Error("no need");
  return thisOne(fastener, need, "N.m", seed);
};

test("the kit's own wrench and setting, with the plan's crowfoot: 40 N·m in line over 45 mm is 26.5 lb·ft", () => {
  const one = task(bolts({ adapter: { offsetMm: 45, angleDeg: 0 } }));
  expect(one.detail).toContain("Middle one, set to 26.5 lb·ft");
  expect(one.scaleUnit).toBe("lbf.ft");
  expect(one.on.addsMm).toBeCloseTo(45, 6);
  const { peakNm } = pulledBy({ ...one.on, reads: 1 }, { degPerS: 20, reactsS: 0 });
  expect(peakNm).toBeGreaterThan(39);
  expect(peakNm).toBeLessThan(42);
  // Held far out of the grip's middle with a crowfoot on, that is what is said.
  const far = pulledBy({ ...one.on, reads: 1 }, { degPerS: 20, reactsS: 0, handMm: 300 });
  expect(afterPull(far, one.target, "N.m").advice).toMatch(/middle of the grip|Let go/);
});

test("another joint each time, and the plan's own: a locking nut, a gasket, aluminium", () => {
  expect(task(bolts()).on.joint).not.toEqual(task(bolts(), [WRENCH], 2).on.joint);
  expect(task(bolts({ locking: "locking nut" })).on.joint.kind).toBe("locking nut");
  expect(task(bolts({ name: "Cover bolts" })).on.joint.kind).toBe("gasket");
  expect(task(bolts({ into: "aluminium" })).on.joint.kind).toBe("aluminium");
  expect(task(bolts({ threadIs: "oiled" })).on.joint.kind).toBe("oiled");
});

test("the thread is its own, or what its head and its torque make likely", () => {
  expect(formatThread(threadMeant(bolts(), 45))).toMatch(/^M10/);
  expect(formatThread(threadMeant({ ...bolts(), sizeToUndo: undefined } as Fastener, 9))).toBe("M6");
  expect(
    formatThread(threadMeant(bolts({ thread: { system: "metric", diameterMm: 12, pitchMm: 1.5 } }), 9)),
  ).toBe("M12×1.5");
});

test("pulled with care it is right, whatever the joint of the plan; without a wrench it says so", () => {
  for (const more of [
    {},
    { locking: "locking nut" as const },
    { name: "Sump bolts" },
    { into: "aluminium" as const },
  ])
    for (let seed = 0; seed < 12; seed++) {
      const one = task(bolts(more), [WRENCH], seed);
      expect([
        more,
        seed,
        judgeTask(one, pulledBy(one.on, { degPerS: 20, reactsS: 0.1 }), false).grade,
      ]).toEqual([more, seed, "right"]);
    }
  expect(task(bolts(), []).detail).toContain("No wrench in the chest");
});

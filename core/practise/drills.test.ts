import { luckOf } from "../chance";
import { pulledBy } from "../joint/pull";
import { looseRing, pullBolt } from "../joint/ring";
import { leanOn, remedied, seizedBolt } from "../joint/seized";
import { LEVELS, type Level, SKILLS, type Skill } from "../model/drill";
import { circleOrder } from "../pattern/circle-order";
import { formatFigure } from "../quantity/torque-words";
import { slipNamed } from "../slip/slips";
import { readThread } from "../thread/thread";
import type { Outcome, Task, TaskOf } from "./drill";
import { DRILLS } from "./drills";
import { TOLD } from "./drills/order";
import {
  judgeCastle,
  judgeCount,
  judgeFigure,
  judgeOrder,
  judgePick,
  judgePlace,
  judgeRing,
  judgeScale,
  judgeSeized,
  judgeTask,
  judgeTurn,
  scaleSaid,
  slotShortDeg,
} from "./judge";

const SEEDS = Array.from({ length: 25 }, (_, i) => i * 7 + 1);
const tasks = (skill: Skill, level: Level) =>
  SEEDS.map((seed) => DRILLS[skill].task(level, luckOf(seed, skill)));
const all = <K extends Task["kind"]>(skill: Skill, kind: K): TaskOf<K>[] =>
  LEVELS.flatMap((level) => tasks(skill, level)).map((task) => {
    expect(task.kind).toBe(kind);
    return task as TaskOf<K>;
  });
/** Enough of them where each takes its time. */
const some = <T>(of: readonly T[]): T[] => of.filter((_, i) => i % 5 === 0);
const grade = ({ grade: is }: Outcome) => is;

test.each(SKILLS)(
  "%s: a task at every level, the same for the same seed, in words without holes",
  (skill) => {
    expect(DRILLS[skill].skill).toBe(skill);
    const { slip } = DRILLS[skill];
    if (slip !== undefined) expect(slipNamed(slip)).toBeDefined();
    for (const level of LEVELS) {
      const [first] = tasks(skill, level);
      expect(JSON.stringify(DRILLS[skill].task(level, luckOf(1, skill)))).toBe(JSON.stringify(first));
      for (const task of tasks(skill, level))
        expect(JSON.stringify(task)).not.toMatch(/undefined|NaN|\[object/);
    }
  },
);

test.each(["wrench", "unit", "fit", "spot"] as const)(
  "%s: one answer is right, and each says why",
  (skill) => {
    for (const task of all(skill, "pick")) {
      expect(task.choices.filter(({ isRight }) => isRight)).toHaveLength(1);
      expect(task.choices.length).toBeGreaterThanOrEqual(3);
      expect(new Set(task.choices.map(({ says }) => says)).size).toBe(task.choices.length);
      task.choices.forEach(({ isRight, why }, at) => {
        expect(why.length).toBeGreaterThan(10);
        expect(judgePick(task, at).grade).toBe(isRight ? "right" : "wrong");
      });
    }
  },
);

test("a number without a unit: 106 on an M6 can only be pound-inches", () => {
  for (const task of all("unit", "pick")) {
    const right = task.choices.find(({ isRight }) => isRight);
    expect(right?.why).toMatch(/takes .+ to .+/);
  }
});

test.each(["crowfoot", "read"] as const)("%s: its own figure is right, another is not", (skill) => {
  for (const task of all(skill, "figure")) {
    expect(grade(judgeFigure(task, formatFigure(task.wants)))).toBe("right");
    expect(grade(judgeFigure(task, "3 N·m"))).toBe("wrong");
  }
});

test("the formulas' own crowfoot: 60 N·m, 400 mm, 50 mm in line is 53.3", () => {
  const task: TaskOf<"figure"> = {
    kind: "figure",
    asks: "",
    unit: "N.m",
    wants: { form: "value", torque: { value: 53.3333, unit: "N.m", decimals: 1 } },
    within: [0.015, 0.04],
    why: "",
  };
  expect(grade(judgeFigure(task, "53"))).toBe("right");
  expect(grade(judgeFigure(task, "39.3 lb ft"))).toBe("right");
  expect(grade(judgeFigure(task, "55"))).toBe("near");
  expect(grade(judgeFigure(task, "60"))).toBe("wrong");
  expect(() => judgeFigure(task, "soon")).toThrow();
});

test("what is heard: a torque without its angle is near, with another angle wrong, and a bare number is asked about", () => {
  const task = all("read", "figure").find(({ wants }) => wants.form === "procedure");
  if (!task || task.wants.form !== "procedure") throw new Error("no such task");
  const [first] = task.wants.moves;
  const torque = formatFigure({ form: "procedure", moves: [first as never] });
  expect(grade(judgeFigure(task, torque))).toBe("near");
  expect(grade(judgeFigure(task, `${torque} + 45°`))).toBe("wrong");
  expect(() => judgeFigure(task, "47")).toThrow("unit");
});

test("a scale: its mark is right, the one beside it near, and none above a maximum", () => {
  for (const task of all("setting", "scale")) {
    const { wants, step, min, max } = task;
    expect(wants.value).toBeGreaterThanOrEqual(min);
    expect(wants.value).toBeLessThanOrEqual(max);
    expect(grade(judgeScale(task, wants.value))).toBe("right");
    expect(grade(judgeScale(task, wants.value - step))).toBe("near");
    expect(grade(judgeScale(task, wants.value + step))).toBe(
      task.asks.includes("at most") ? "wrong" : "near",
    );
    expect(grade(judgeScale(task, wants.value + 2 * step))).toBe("wrong");
  }
  const scale = { min: 20, turn: 10 } as TaskOf<"scale">;
  expect(scaleSaid(scale, { value: 47, unit: "N.m", decimals: 0 })).toBe("40 on the scale, 7 on the ring");
});

test("a ring: crosswise in passes with a check round is right everywhere, one pass round on a gasket is not", () => {
  for (const task of some(all("ring", "ring"))) {
    const { ring, most } = task;
    const round = Array.from({ length: ring.count }, (_, i) => i + 1);
    const order = circleOrder(ring.count);
    const pulls = [
      ...[0.3, 0.7, 1].flatMap((share) => order.map((bolt) => [bolt, share] as const)),
      ...round.map((bolt) => [bolt, 1] as const),
      ...round.map((bolt) => [bolt, 1] as const),
    ];
    const pull = (given: readonly (readonly [number, number])[]) =>
      given.reduce((state, [bolt, share]) => pullBolt(state, bolt, share), looseRing(ring));
    expect(pulls.length).toBeLessThanOrEqual(most);
    expect(grade(judgeRing(task, pull(pulls)))).toBe("right");
    if (ring.between === "gasket")
      expect(grade(judgeRing(task, pull(round.map((bolt) => [bolt, 1] as const))))).not.toBe("right");
    expect(grade(judgeRing(task, looseRing(ring)))).toBe("wrong");
    expect(judgeRing(task, pull(order.map((bolt) => [bolt, 0.7] as const))).says).toContain("full figure");
  }
});

test("an angle: within five degrees right, within ten near", () => {
  for (const task of all("angle", "turn")) {
    expect(grade(judgeTurn(task, task.angleDeg - 4))).toBe("right");
    expect(grade(judgeTurn(task, task.angleDeg + 8))).toBe("near");
    expect(judgeTurn(task, task.angleDeg + 30)).toMatchObject({
      grade: "wrong",
      says: expect.stringContaining("renewed"),
    });
  }
});

test("a castle nut: pinned where the slot meets the hole within its figure, a washer where it does not", () => {
  let washers = 0;
  for (const task of all("castle", "castle")) {
    expect(slotShortDeg(task, 0)).toBeCloseTo(task.firstDeg);
    expect(slotShortDeg(task, task.firstDeg)).toBeCloseTo(0);
    const fits = task.startsNm + task.nmPerDeg * task.firstDeg <= task.highNm;
    if (!fits) washers++;
    expect(grade(judgeCastle(task, task.firstDeg, "pin it"))).toBe(fits ? "right" : "wrong");
    expect(grade(judgeCastle(task, task.firstDeg, "another washer"))).toBe(fits ? "wrong" : "right");
    expect(judgeCastle(task, task.firstDeg + 360 / task.slots / 2, "pin it").says).toContain(
      "does not go in",
    );
    expect(grade(judgeCastle(task, task.firstDeg + 360, "pin it"))).toBe("wrong");
  }
  expect(washers).toBeGreaterThan(5);
});

test("turns counted: the same is right, half a turn off near", () => {
  for (const task of all("count", "count")) {
    expect(grade(judgeCount(task, task.halfTurns))).toBe("right");
    expect(grade(judgeCount(task, task.halfTurns - 1))).toBe("near");
    expect(grade(judgeCount(task, task.halfTurns + 2))).toBe("wrong");
    for (const { after } of task.distractions) expect(after).toBeLessThan(task.halfTurns);
  }
});

test("a seized bolt: brought off whole is right, past its yield near, snapped or given up early wrong", () => {
  const [task] = all("seized", "seized");
  if (!task) throw new Error("no such task");
  const hard = seizedBolt(readThread("M8"), "8.8", 1.5);
  const luck = luckOf(4, "oil");
  expect(grade(judgeSeized(task, leanOn(hard, 60)))).toBe("wrong");
  expect(grade(judgeSeized(task, hard))).toBe("wrong");
  expect(grade(judgeSeized(task, remedied(hard, "a knock on its head", luck)))).toBe("near");
  const soaked = remedied(remedied(hard, "heat", luck), "heat", luck);
  expect(grade(judgeSeized(task, leanOn(soaked, soaked.freesNm)))).toBe("right");
  const tight = seizedBolt(readThread("M8"), "8.8", 1.1);
  expect(grade(judgeSeized(task, leanOn(tight, tight.freesNm)))).toBe("near");
});

test("order: as it is told works, turned round it does not", () => {
  for (const { steps, before } of TOLD)
    for (const [first, second] of before) {
      expect(first).toBeLessThan(second);
      expect(second).toBeLessThan(steps.length);
    }
  for (const task of all("order", "order")) {
    const told = [...task.steps]
      .sort((a, b) => Number(a.id.slice(1)) - Number(b.id.slice(1)))
      .map(({ id }) => id);
    expect(grade(judgeOrder(task, told))).toBe("right");
    expect(grade(judgeOrder(task, [...told].reverse()))).toBe("wrong");
  }
});

test("stands and chocks: what is up stands, what stays is chocked, and on a slope nothing is raised", () => {
  const rear: TaskOf<"place"> = { kind: "place", asks: "", up: "rear", slopes: "level" };
  const put = (stands: readonly string[], chocks: readonly string[], leftDown = false) =>
    judgePlace(rear, { stands: stands as never, chocks: chocks as never, leftDown });
  const [LF, RF, LR, RR] = ["left front", "right front", "left rear", "right rear"];
  expect(grade(put([LR, RR], [LF, RF]))).toBe("right");
  expect(put([LR], [LF, RF])).toMatchObject({ grade: "wrong", says: expect.stringContaining("right rear") });
  expect(put([LR, RR], [LF])).toMatchObject({ grade: "wrong", says: expect.stringContaining("rolls") });
  expect(grade(put([LR, RR], [LF, RF, LR]))).toBe("near");
  expect(grade(put([], [], true))).toBe("wrong");
  const slope = { ...rear, slopes: "nose down" as const };
  expect(grade(judgePlace(slope, { stands: [], chocks: [], leftDown: true }))).toBe("right");
  expect(
    grade(judgePlace(slope, { stands: [LR, RR] as never, chocks: [LF, RF] as never, leftDown: false })),
  ).toBe("wrong");
  for (const task of all("stands", "place")) expect(task.asks.length).toBeGreaterThan(5);
});

test("a pull: slow on a sound joint is right, fast is not; one that is not sound is let go", () => {
  let unsound = 0;
  for (const task of some(all("pull", "pull"))) {
    const slow = pulledBy(task.on, { degPerS: 20, reactsS: 0.1 });
    if (task.isSound) {
      expect([task.on.joint.kind, task.on.face, grade(judgeTask(task, slow, false))]).toEqual([
        task.on.joint.kind,
        task.on.face,
        "right",
      ]);
      expect(grade(judgeTask(task, slow, true))).toBe("wrong");
    } else {
      unsound++;
      expect(grade(judgeTask(task, slow, false))).toBe("wrong");
      const early = pulledBy({ ...task.on, setNm: task.on.setNm / 2 }, { degPerS: 20, reactsS: 0 });
      expect(grade(judgeTask(task, early, true))).toBe("right");
    }
  }
  expect(unsound).toBeGreaterThan(2);
});

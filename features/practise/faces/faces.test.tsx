import { cleanup, screen } from "@testing-library/react";
import { luckOf } from "@/core/chance";
import { circleOrder } from "@/core/pattern/circle-order";
import type { Outcome, Task, TaskOf } from "@/core/practise/drill";
import { DRILLS } from "@/core/practise/drills";
import { press, stage, type } from "../../shared/__fixtures__/stage";
import { TaskFace } from "./TaskFace";

afterEach(cleanup);

/** A task on its face; what is told of it comes into `went`. */
async function faced<K extends Task["kind"]>(task: TaskOf<K>): Promise<Outcome[]> {
  const went: Outcome[] = [];
  await stage(<TaskFace task={task as Task} isOver={false} onDone={(outcome) => went.push(outcome)} />);
  return went;
}

const drilled = (skill: keyof typeof DRILLS, level: 1 | 2 | 3 | 4 | 5, seed = 3) =>
  DRILLS[skill].task(level, luckOf(seed, skill));

test("a pick: the right one is told at once", async () => {
  const task = drilled("wrench", 2) as TaskOf<"pick">;
  const went = await faced(task);
  const right = task.choices.find(({ isRight }) => isRight);
  await press(right?.says ?? "");
  expect(went).toEqual([{ grade: "right", says: right?.why }]);
});

test("a figure that cannot be read is asked about where it was typed, and nothing is told yet", async () => {
  const went = await faced(drilled("read", 1) as TaskOf<"figure">);
  await type("The figure, with its unit", "47");
  await press("That is it");
  expect(screen.getByText(/unit/, { selector: "[aria-live]" })).toBeTruthy();
  expect(went).toEqual([]);
});

test("a scale is set by turns and marks, and says where it stands", async () => {
  const task: TaskOf<"scale"> = {
    kind: "scale",
    asks: "",
    unit: "N.m",
    min: 20,
    max: 110,
    step: 1,
    turn: 10,
    wants: { value: 47, unit: "N.m", decimals: 0 },
    isMaximum: false,
    why: "The nearest mark is 47 N·m.",
  };
  const went = await faced(task);
  await press("A turn on");
  await press("A turn on");
  await press("A turn on");
  for (const _ of [1, 2, 3]) await press("A mark back");
  expect(screen.getByRole("slider").getAttribute("aria-valuetext")).toBe("40 on the scale, 7 on the ring");
  await press("It is set");
  expect(went.map(({ grade }) => grade)).toEqual(["right"]);
});

test("a ring: each bolt takes from its neighbours, as its name says", async () => {
  const went = await faced<"ring">({
    kind: "ring",
    asks: "",
    ring: { count: 4, between: "gasket" },
    within: [0.12, 0.3],
    most: 24,
  });
  await press("Full figure");
  await press("Bolt 1, 0 % of its force");
  await press("Bolt 2, 0 % of its force");
  const first = screen.getByRole("button", { name: /^Bolt 1, / }).getAttribute("aria-label");
  expect(Number(/\d+ %/.exec(first ?? "")?.[0].replace(" %", ""))).toBeLessThan(90);
  for (const share of ["30 % of it", "70 % of it", "Full figure"]) {
    await press(share);
    for (const bolt of circleOrder(4)) await press(new RegExp(`^Bolt ${bolt}, `));
  }
  for (const bolt of [1, 2, 3, 4]) await press(new RegExp(`^Bolt ${bolt}, `));
  await press("It is done up");
  expect(went.map(({ grade }) => grade)).toEqual(["right"]);
});

test("turns are counted through a question that comes between", async () => {
  const went = await faced<"count">({
    kind: "count",
    asks: "",
    halfTurns: 3,
    distractions: [{ after: 2, says: "Is the dog in?", choices: ["In", "Out"] }],
  });
  await press("Half a turn off");
  await press("Half a turn off");
  await press("Out");
  await press("Half a turn off");
  for (const _ of [1, 2, 3]) await press("Half a turn on");
  await press("It is back where it was");
  expect(went[0]).toMatchObject({ grade: "right" });
});

test("an angle in swings: the handle goes back, the bolt does not", async () => {
  const went = await faced<"turn">({
    kind: "turn",
    asks: "",
    angleDeg: 80,
    swingDeg: 60,
    by: "clock",
    within: [5, 10],
  });
  for (const _ of [1, 2, 3]) await press("On");
  await press("On");
  expect(screen.getByText(/The handle meets something/)).toBeTruthy();
  await press("Handle back");
  await press("On");
  await press("That is the angle");
  expect(went[0]).toMatchObject({ grade: "right" });
});

test("a castle nut whose slot lies beyond its figure wants another washer", async () => {
  const went = await faced<"castle">({
    kind: "castle",
    asks: "",
    slots: 6,
    startsNm: 60,
    nmPerDeg: 1,
    firstDeg: 40,
    lowNm: 60,
    highNm: 80,
    unit: "N.m",
  });
  await press("Another washer");
  expect(went[0]).toMatchObject({ grade: "right" });
});

test("a seized bolt that twists is left whole, or comes after heat", async () => {
  const task = drilled("seized", 1, 5) as TaskOf<"seized">;
  const went = await faced(task);
  for (let i = 0; i < 14 && went.length === 0; i++) await press("Lean a little harder");
  expect(went[0]?.grade).toBe("right");
});

test("stands and chocks: put, taken away, and shaken", async () => {
  const went = await faced<"place">({ kind: "place", asks: "", up: "rear", slopes: "level" });
  await press("Stand, left front");
  await press("Stand, left front");
  for (const spot of ["left rear", "right rear"]) await press(`Stand, ${spot}`);
  for (const spot of ["left front", "right front"]) await press(`Chocks, ${spot}`);
  await press("Raise it and shake it");
  expect(went).toEqual([{ grade: "right", says: "It stands when it is shaken, and it cannot roll." }]);
});

test("an order is told as it stands", async () => {
  const task = drilled("order", 1) as TaskOf<"order">;
  const inOrder = [...task.steps].sort((a, b) => a.id.localeCompare(b.id));
  const went = await faced({ ...task, steps: inOrder });
  await press("In this order");
  expect(went).toEqual([{ grade: "right", says: "That order works." }]);
});

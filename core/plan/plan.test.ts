import fc from "fast-check";
import { fastenerDoubts } from "../fastener/doubts";
import { type Fastener, PHASES, type Route, type Step } from "../model/job";
import { readHeadSize } from "../quantity/read-head-size";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { readThread } from "../thread/thread";
import { chosenRoute, withRoute } from "./chosen-route";
import {
  moveStep,
  pinSlip,
  putFastener,
  putPart,
  putStep,
  removeFastener,
  removePart,
  removeStep,
  unpinSlip,
} from "./edit-route";

const step = (id: string, phase: Step["phase"], more: Partial<Step> = {}): Step => ({
  id,
  title: id,
  phase,
  kind: "do",
  stance: "on the ground",
  cautions: [],
  ...more,
});

const bolts: Fastener = {
  id: "bolts",
  name: "Bolts",
  count: 4,
  sizeToUndo: readHeadSize("16"),
  figure: readTorqueFigure("40 Nm"),
  source: "vehicle maker",
};

const route: Route = {
  id: "r",
  name: "By the book",
  parts: [],
  fasteners: [bolts],
  steps: [
    step("a", "take apart", { fastenerId: "bolts" }),
    step("b", "take apart"),
    step("c", "put back", { fastenerId: "bolts" }),
  ],
};

const order = (one: Route) => one.steps.map(({ id }) => id).join("");

test("a new step goes last in its phase; a changed one stays where it is", () => {
  expect(order(putStep(route, step("d", "take apart")))).toBe("abdc");
  expect(order(putStep(route, step("d", "make safe")))).toBe("dabc");
  expect(order(putStep(route, step("a", "take apart", { title: "new words" })))).toBe("abc");
  expect(order(putStep(route, step("a", "prove it")))).toBe("bca");
});

test("moving goes past its neighbour, and at the edge of a phase into the next", () => {
  expect(order(moveStep(route, "a", "later"))).toBe("bac");
  const moved = moveStep(route, "b", "later");
  expect(order(moved)).toBe("abc");
  expect(moved.steps[1]?.phase).toBe("look closely");
  expect(moveStep(route, "c", "earlier").steps[2]?.phase).toBe("look closely");
  expect(order(moveStep(moveStep(route, "a", "earlier"), "a", "earlier"))).toBe("abc");
  expect(() => moveStep(route, "z", "later")).toThrow("no longer in the plan");
});

test("a move that breaks a dependency is refused and says which", () => {
  const needing = putStep(route, step("b", "take apart", { needs: ["a"] }));
  expect(() => moveStep(needing, "b", "earlier")).toThrow(
    "“b” has to come after “a”. The order stays as it was.",
  );
  expect(() => moveStep(needing, "a", "later")).toThrow("“b” has to come after “a”");
  expect(order(moveStep(needing, "b", "later"))).toBe("abc");
});

test("however steps are moved, none is lost and the phases stay in order", () => {
  const moves = fc.array(
    fc.tuple(fc.constantFrom("a", "b", "c"), fc.constantFrom("earlier" as const, "later" as const)),
    { maxLength: 30 },
  );
  fc.assert(
    fc.property(moves, (list) => {
      const end = list.reduce((now, [id, way]) => moveStep(now, id, way), route);
      expect(end.steps.map(({ id }) => id).sort()).toEqual(["a", "b", "c"]);
      const phases = end.steps.map(({ phase }) => PHASES.indexOf(phase));
      expect(phases).toEqual([...phases].sort((a, b) => a - b));
    }),
  );
});

test("a fastener taken out leaves its steps behind without it", () => {
  const without = removeFastener(route, "bolts");
  expect(without.fasteners).toEqual([]);
  expect(without.steps.every((one) => !("fastenerId" in one))).toBe(true);
  expect(putFastener(route, { ...bolts, count: 5 }).fasteners).toEqual([{ ...bolts, count: 5 }]);
  expect(order(removeStep(route, "b"))).toBe("ac");
});

test("a figure is doubted by the head where no thread is written down, and by nothing where neither is", () => {
  const grave = (more: Partial<Fastener>) =>
    fastenerDoubts({ ...bolts, ...more })
      .filter((doubt) => doubt.grave)
      .map(({ says }) => says);
  expect(grave({ sizeToUndo: readHeadSize("10"), figure: readTorqueFigure("106 ft lb") })).toEqual([
    expect.stringContaining("any thread that such a head usually has (M6 or M8)"),
  ]);
  expect(
    grave({
      sizeToUndo: readHeadSize("10"),
      sizeToDoUp: readHeadSize("19"),
      figure: readTorqueFigure("106 ft lb"),
    }),
  ).toEqual([]);
  expect(grave({ sizeToUndo: undefined, figure: readTorqueFigure("5000 Nm") })).toEqual([]);
  // An early pass is meant to be low.
  expect(grave({ thread: readThread("M10"), figure: readTorqueFigure("5, 20, 40 Nm") })).toEqual([]);
});

test("slips are pinned to a step and taken off again", () => {
  const slip = { id: "s", slip: "adapter", typed: { offset: "45" } };
  const pinned = pinSlip(pinSlip(route, "b", slip), "b", { ...slip, id: "t" });
  expect(pinned.steps.find(({ id }) => id === "b")?.slips?.map(({ id }) => id)).toEqual(["s", "t"]);
  expect(
    unpinSlip(pinned, "s")
      .steps.find(({ id }) => id === "b")
      ?.slips?.map(({ id }) => id),
  ).toEqual(["t"]);
  expect(() => pinSlip(route, "z", slip)).toThrow("no longer in the plan");
});

test("parts are put in, changed and taken out", () => {
  const part = { id: "p", name: "Shoes", place: "left rear" as const, count: 2 };
  const changed = putPart(putPart(route, part), { ...part, count: 4 });
  expect(changed.parts).toEqual([{ ...part, count: 4 }]);
  expect(removePart(changed, "p").parts).toEqual([]);
});

test("the chosen route is found and replaced", () => {
  const job = { routes: [{ ...route, id: "x" }, route], chosenRouteId: "r" } as never;
  expect(chosenRoute(job)).toBe(route);
  expect(chosenRoute(withRoute(job, { ...route, name: "Short cut" })).name).toBe("Short cut");
  expect(() => chosenRoute({ routes: [], chosenRouteId: "r" } as never)).toThrow("no chosen route");
});

test("only a figure that the thread cannot bear is a grave doubt", () => {
  expect(
    fastenerDoubts({ ...bolts, thread: readThread("M6"), source: "memory" }).map(({ grave }) => grave),
  ).toEqual([true, false]);
});

test.each<[Partial<Fastener>, string[]]>([
  [{}, []],
  [{ source: undefined }, ["no source"]],
  [{ source: "memory" }, ["from memory"]],
  [{ doubtful: true }, ["marked doubtful"]],
  [{ singleUse: true }, ["fit a new one"]],
  [{ singleUse: true, reuseReason: "none to be had" }, ["used again: none to be had"]],
  [{ thread: readThread("M6") }, ["would break an M6"]],
  [{ figure: readTorqueFigure("snug"), source: undefined }, []],
  [{ thread: readThread("M10"), figure: readTorqueFigure("8 Nm then 45 Nm") }, []],
  [{ thread: readThread("M10"), figure: readTorqueFigure("35 lb in then 89 lb ft") }, ["jump of 31 times"]],
])("doubts about %j", (more, expected) => {
  const doubts = fastenerDoubts({ ...bolts, ...more });
  expect(doubts).toHaveLength(expected.length);
  expected.forEach((says, i) => expect(doubts[i]?.says).toContain(says));
});

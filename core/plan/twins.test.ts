import type { Fastener, Route, Step } from "../model/job";
import { readHeadSize } from "../quantity/read-head-size";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { putFastener, putStep } from "./edit-route";
import { withOtherSide } from "./sides";
import { savedSays, withTwins } from "./twins";

const step = (id: string, title: string, more: Partial<Step> = {}): Step => ({
  id,
  title,
  phase: "take apart",
  kind: "do",
  stance: "on the ground",
  cautions: [],
  ...more,
});
const pinch: Fastener = {
  id: "f",
  name: "Pinch bolt",
  count: 1,
  sizeToUndo: readHeadSize("16"),
  figure: readTorqueFigure("50 Nm"),
};
let made = 0;
const newId = () => `new ${++made}`;
const both: Route = withOtherSide(
  {
    id: "r",
    name: "By the book",
    parts: [],
    fasteners: [pinch],
    steps: [
      step("a", "Undo the pinch bolt, left", {
        kind: "undo",
        fastenerId: "f",
        facing: "turns clockwise to the left",
      }),
      step("b", "Arm off, left"),
    ],
  },
  newId,
);
const named = (route: Route, title: string) => route.steps.find((one) => one.title === title);
const first = both.steps[0];
const second = named(both, "Undo the pinch bolt, right");
if (!first || !second) throw new Error("The other side was not made.");

test("what is changed on the first side is changed on the other, the other way round where it turns", () => {
  const changed = putStep(both, {
    ...first,
    detail: "Soak the left one first",
    facing: "turns anticlockwise to the left",
    minutes: { usual: 12 },
  });
  expect(named(withTwins(both, changed), "Undo the pinch bolt, right")).toMatchObject({
    detail: "Soak the right one first",
    facing: "turns clockwise to the right",
    minutes: { usual: 12 },
    fastenerId: second.fastenerId,
  });
  expect(savedSays("It", both, changed)).toBe("It saved, on the other side too.");
});

test("what was made different on the other side stays; what is changed there goes nowhere", () => {
  const own = putStep(both, { ...second, minutes: { usual: 30 } });
  expect(withTwins(both, own)).toBe(own);
  expect(savedSays("It", both, own)).toBe("It saved.");
  const changed = putStep(own, { ...first, minutes: { usual: 12 }, cautions: ["It springs"] });
  expect(named(withTwins(own, changed), second.title)).toMatchObject({
    minutes: { usual: 30 },
    cautions: ["It springs"],
  });
  // What is taken away is taken away there too.
  const { facing: _gone, ...rest } = first;
  expect(named(withTwins(both, putStep(both, rest)), second.title)).not.toHaveProperty("facing");
});

test("a figure changed on the first side's fastener is the other's too, and its name is its own", () => {
  const changed = putFastener(both, { ...pinch, name: "Pinch bolt", figure: readTorqueFigure("60 Nm") });
  const other = withTwins(both, changed).fasteners.find(({ id }) => id === second.fastenerId);
  expect(other).toMatchObject({ name: "Pinch bolt, right", figure: readTorqueFigure("60 Nm") });
});

test("a title that no longer speaks of a side is no title for the other", () => {
  const changed = putStep(both, { ...first, title: "Undo the pinch bolt" });
  expect(withTwins(both, changed).steps.map(({ title }) => title)).toContain("Undo the pinch bolt, right");
});

import { readSlopeDeg } from "../quantity/slope";
import { rollDirection, rollPushN, slopeForceN } from "./roll";

test("the force along a slope is the weight times its sine", () => {
  expect(slopeForceN(1310, 3)).toBeCloseTo(672.3, 0);
  expect(slopeForceN(1000, 30)).toBeCloseTo(4903.325, 3);
  expect(slopeForceN(1000, 0)).toBe(0);
  expect(() => slopeForceN(1000, 60)).toThrow("between 0 and 45");
  expect(() => slopeForceN(0, 3)).toThrow("more than zero");
});

test("undoing on the left drives forward, on the right backward; doing up the other way", () => {
  expect([
    rollDirection("left", "undo"),
    rollDirection("right", "undo"),
    rollDirection("left", "do up"),
    rollDirection("right", "do up"),
  ]).toEqual(["forward", "backward", "backward", "forward"]);
});

test("240 N·m on a tyre of 300 mm pushes with 800 N", () => {
  expect(rollPushN(240, 300)).toBeCloseTo(800, 9);
  expect(() => rollPushN(240, 0)).toThrow("more than zero");
});

test.each([
  ["2", 2],
  ["2°", 2],
  ["100 %", 45],
  ["1 in 20", 2.8624],
  ["3 %", 1.7184],
  ["1,5 deg", 1.5],
])("a slope of %p is %d°", (text, degrees) => {
  expect(readSlopeDeg(text, "The slope")).toBeCloseTo(degrees, 3);
});

test.each(["-1", "60", "1 in 0", "steep", "200 %"])("a slope of %p is refused", (text) => {
  expect(() => readSlopeDeg(text, "The slope")).toThrow(/between 0 and 45|not a number/);
});

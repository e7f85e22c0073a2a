import { sideOf } from "./side";

test.each([
  ["Wheel off, left", "left"],
  ["Left rear drum", "left"],
  ["Nothing is on the left side any more", "left"],
  ["Right-hand caliper", "right"],
  ["No old gasket left", undefined],
  ["Look that nothing is left behind the seal", undefined],
  ["Is it the right size", undefined],
  ["Turned right up to the stop", undefined],
  ["Pads left and right", undefined],
  ["The cup left in, right", "right"],
])("%s speaks of side %p", (title, side) => {
  expect(sideOf(title)).toBe(side);
});

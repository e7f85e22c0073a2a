import { system } from "./system";

test("what a recipe comes to is worked out once for each recipe, and not mixed up with another's", () => {
  const red = { base: { color: "red" } };
  const blue = { base: { color: "blue" } };
  expect(system.cva(red)).toBe(system.cva(red));
  expect(system.cva(red)({})).not.toEqual(system.cva(blue)({}));
  expect(system.cva({ base: { color: "red" } })({})).toEqual(system.cva(red)({}));
});

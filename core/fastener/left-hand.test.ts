import { readThread } from "../thread/thread";
import { isLeftHand, turnsTo } from "./left-hand";

test("a left-hand thread is undone clockwise, said of the bolt or written with its thread", () => {
  const said = { leftHand: true as const };
  const written = { thread: readThread("M10x1 LH") };
  for (const left of [said, written]) {
    expect(isLeftHand(left)).toBe(true);
    expect([turnsTo(left, "undo"), turnsTo(left, "do up")]).toEqual(["clockwise", "anticlockwise"]);
  }
  const right = { thread: readThread("M10x1") };
  expect(isLeftHand(right)).toBe(false);
  expect([turnsTo(right, "undo"), turnsTo(right, "do up")]).toEqual(["anticlockwise", "clockwise"]);
});

import { SLIPS } from "@/core/slip/slips";
import { benchHref, readBenchHref } from "../shell/addresses";
import { findSlips } from "./find-slips";

test.each([
  ["crows foot", "adapter"],
  ["crow's foot", "adapter"],
  ["crowfoot", "adapter"],
  ["inch pounds", "units"],
  ["how long a bar", "bar"],
  ["breaker bar", "bar"],
  ["newton metres", "units"],
  ["anti-seize", "lubricant"],
  ["threadlocker", "lubricant"],
  ["13 on half inch", "fit"],
  ["hex key", "fit"],
  ["star pattern", "pattern"],
  ["stretch bolts", "angle"],
  ["quarter turn", "angle"],
  ["cotter pin", "castle"],
  ["toe", "turns"],
  ["is it long enough", "stud"],
  ["antifreeze", "coolant"],
  ["axle stands", "stands"],
  ["which way does it roll", "stands"],
  ["will it strip", "sane"],
  ["antifreez", "coolant"],
  ["critsal coolent", "coolant"],
])("%p finds %s first", (question, name) => {
  expect(findSlips(question)[0]?.name).toBe(name);
});

test("no question brings every slip, and nonsense none", () => {
  expect(findSlips("  ")).toBe(SLIPS);
  expect(findSlips("how do i")).toBe(SLIPS);
  expect(findSlips("qqqqzzz")).toEqual([]);
});

test("a link brings back the same inputs", () => {
  const typed = { torque: "50 Nm + 90°", points: "1 2; 3 4", thread: "M8×1 & more" };
  expect(readBenchHref(benchHref("angle", typed).split("?")[1] ?? "")).toEqual({ slip: "angle", typed });
  expect(readBenchHref("?id=1")).toBeUndefined();
});

test("a link brings no more than a slip can have", () => {
  const many = Object.fromEntries(Array.from({ length: 500 }, (_, i) => [`field${i}`, "x".repeat(9000)]));
  const typed = readBenchHref(new URLSearchParams({ slip: "angle", ...many }).toString())?.typed ?? {};
  expect(Object.keys(typed)).toHaveLength(60);
  expect(Math.max(...Object.values(typed).map(({ length }) => length))).toBe(4000);
});

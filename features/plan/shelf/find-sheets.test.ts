import { SHELF } from "@/core/shelf/shelf";
import { findSheets } from "./find-sheets";

test.each([
  ["it squeals when I brake", "pads-and-discs"],
  ["front brakes", "pads-and-discs"],
  ["oil chnage", "engine-oil"],
  ["won't start, just clicks", "battery"],
  ["runs rough at idle", "spark-plugs"],
  ["winter tyres", "season-wheels"],
])("%p is answered by %s first", (words, name) => {
  expect(findSheets(words)[0]?.name).toBe(name);
});

test("no words show the whole shelf, words of nothing on it none", () => {
  expect(findSheets(" ")).toEqual(SHELF);
  expect(findSheets("beekeeping veil")).toEqual([]);
});

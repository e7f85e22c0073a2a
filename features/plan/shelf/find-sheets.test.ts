import { TOPICS } from "@/core/decide/topics";
import { SHELF, sheetNamed } from "@/core/shelf/shelf";
import { findSheets, findSymptom } from "./find-sheets";

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

test.each([
  ["squeals when braking", "squeal"],
  ["it squeals when I brake", "squeal"],
  ["click on full lock", "click"],
  ["clicks when turning", "click"],
  ["spongy pedal", "long-pedal"],
  ["misfire", "misfire"],
  ["loses coolant", "coolant"],
  ["brake pads", undefined],
  ["rear shocks", undefined],
  ["oil change", undefined],
  ["", undefined],
])("%p asks what is wrong: %s", (words, topic) => {
  expect(findSymptom(words)?.id).toBe(topic);
});

test("every cause that a sheet puts right names one that is on the shelf", () => {
  const named = TOPICS.flatMap(({ causes }) => causes.flatMap(({ sheet }) => sheet ?? []));
  expect(named.length).toBeGreaterThan(20);
  expect(named.filter((name) => !sheetNamed(name))).toEqual([]);
});

import { InputError } from "../input-error";
import { minutesText, minutesWords, readMinutes } from "./step-minutes";

test.each([
  ["8", { usual: 8 }],
  ["about 12,5 min", { usual: 12.5 }],
  ["5 to 20, usually 8", { least: 5, usual: 8, most: 20 }],
  ["usually 8 (5-20)", { least: 5, usual: 8, most: 20 }],
  ["0 – 20 minutes, mostly 8", { least: 0, usual: 8, most: 20 }],
])("%s", (typed, minutes) => {
  expect(readMinutes(typed)).toEqual(minutes);
  expect(readMinutes(minutesText(minutes))).toEqual(minutes);
});

test.each([
  ["5 to 20", "How long is it usually?"],
  ["5 to 20, usually 30", "do not lie from 5 to 20"],
  ["20 to 5, usually 8", "Write the least first"],
  ["a while", "The time"],
  ["-1", "between 0 and 10000"],
])("%s is refused: %s", (typed, says) => {
  expect(() => readMinutes(typed)).toThrow(InputError);
  expect(() => readMinutes(typed)).toThrow(says);
});

test("on a step it stands in a few words", () => {
  expect(minutesWords({ usual: 8 })).toBe("about 8 min");
  expect(minutesWords({ least: 5, usual: 8, most: 20 })).toBe("about 8 min, 5 to 20");
});

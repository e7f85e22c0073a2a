import fc from "fast-check";
import { angleTurn } from "./angle-turn";
import { type CastleVerdict, castleNut, castleVerdict } from "./castle-nut";
import { clockAfter, formatClock, readClock } from "./clock";
import { countedTurns } from "./counted-turns";
import { toeChange } from "./toe";

test("half a turn on a steering rod is far out of what toe may be", () => {
  const change = toeChange(1.5, 0.5, 130, 410);
  expect(change.travelMm).toBe(0.75);
  expect(change.angleDeg).toBeCloseTo(0.3306, 4);
  expect(change.acrossRimMm).toBeCloseTo(2.365, 3);
});

test("turned back as far, the toe is what it was", () => {
  fc.assert(
    fc.property(fc.double({ min: -5, max: 5, noNaN: true }), (turns) => {
      expect(toeChange(1.5, turns, 130, 410).angleDeg).toBeCloseTo(
        -toeChange(1.5, -turns, 130, 410).angleDeg,
        12,
      );
    }),
  );
});

test.each([
  [() => toeChange(0, 1, 130, 410), "more than zero"],
  [() => toeChange(1.5, 100, 130, 410), "more than the arm is long"],
  [() => toeChange(1.5, Number.NaN, 130, 410), "not a number"],
  [() => castleNut(2), "from 4 to 12"],
  [() => castleNut(14), "from 4 to 12"],
  [() => castleNut(5), "right through"],
  [() => castleNut(6.5), "right through"],
  [() => castleVerdict(0, [60, 80]), "more than zero"],
  [() => countedTurns(-1, 12, 12, 1.5), "less than zero"],
  [() => countedTurns(1, 12, 12, 0), "more than zero"],
  [() => clockAfter(12, Number.NaN), "not a number"],
  [() => readClock("14", "The mark"), "clock face"],
  [() => readClock("noon", "The mark"), "not a number"],
  [() => castleNut(6, 61), "never more than 60°"],
  [() => castleNut(6, -1), "less than zero"],
  [() => angleTurn(0, 40), "more than zero"],
  [() => angleTurn(90, -1), "more than zero"],
])("refused: %#", (how, says) => {
  expect(how).toThrow(says);
});

test("a castle nut goes on to the next slot and never back", () => {
  expect(castleNut(6)).toEqual({ atMostDeg: 60, onDeg: undefined });
  expect(castleNut(10, 20)).toEqual({ atMostDeg: 36, onDeg: 20 });
});

test.each([
  [90, 40, { flats: 1.5, points: 3, clock: 3, swings: [40, 80, 90] }],
  [120, 120, { flats: 2, points: 4, clock: 4, swings: [120] }],
  [180, 60, { flats: 3, points: 6, clock: 6, swings: [60, 120, 180] }],
  [360, 180, { flats: 6, points: 12, clock: 12, swings: [180, 360] }],
])("%d° in swings of %d°", (angle, swing, expected) => {
  expect(angleTurn(angle, swing)).toEqual(expected);
});

test.each<[number, CastleVerdict]>([
  [59, "not there yet"],
  [60, "pin it"],
  [80, "pin it"],
  [80.1, "another washer"],
])("slot and hole met at %d N·m of 60 to 80: %s", (reading, verdict) => {
  expect(castleVerdict(reading, [60, 80])).toBe(verdict);
});

test.each([
  ["3", 3, "3 o'clock"],
  ["12 o'clock", 12, "12 o'clock"],
  ["half past 4", 4.5, "half past 4"],
  ["4:20", 4 + 1 / 3, "4:20"],
  ["0", 12, "12 o'clock"],
  ["12:30", 0.5, "half past 12"],
])("a mark at %p is %d hours, shown as %s", (text, hours, shown) => {
  expect(readClock(text, "The mark")).toBeCloseTo(hours, 9);
  expect(formatClock(readClock(text, "The mark"))).toBe(shown);
});

test("a mark at 12 goes to 3 in a quarter turn on, to 9 in one back, and home in a whole one", () => {
  expect([
    clockAfter(12, 90),
    clockAfter(12, -90),
    clockAfter(12, 360),
    clockAfter(4, 720),
    clockAfter(11, 60),
  ]).toEqual([3, 9, 12, 4, 1]);
  expect(angleTurn(90, 90, 2).clock).toBe(5);
});

test("turns counted off go on again, with the part that the mark shows", () => {
  expect(countedTurns(6, 12, 9, 1.5)).toEqual({ turns: 6.25, travelMm: 9.375 });
  expect(countedTurns(6, 3, 3, 1.5)).toEqual({ turns: 6, travelMm: 9 });
  expect(countedTurns(0, 2, 4, 1.25).turns).toBeCloseTo(10 / 12, 12);
});

test("many swings are all counted, and too many refused", () => {
  expect(angleTurn(7200, 10).swings).toHaveLength(720);
  expect(() => angleTurn(7200, 0.5)).toThrow("14400 swings");
});

import type { Level } from "../../model/drill";
import type { Drill } from "../drill";

const COUNTS: Readonly<Record<Level, readonly number[]>> = {
  1: [4],
  2: [4, 5],
  3: [6, 8],
  4: [8, 10],
  5: [10, 12],
};

export const ringDrill: Drill = {
  skill: "ring",
  title: "Passes and pattern",
  about: "Every bolt pulled on one takes from its neighbours: bring them up alike",
  slip: "pattern",
  task: (level, luck) => {
    const count = luck.pick(COUNTS[level]);
    const between = level === 1 ? "metal" : "gasket";
    return {
      kind: "ring",
      asks: `Bring all ${count} up alike`,
      detail:
        between === "gasket"
          ? "A cover on a gasket: choose how far a pass goes, then touch bolt after bolt."
          : "A flange, metal to metal: choose how far a pass goes, then touch bolt after bolt.",
      ring: { count, between },
      within: [0.12, 0.3],
      most: count * 6,
    };
  },
};

const ANGLES: Readonly<Record<Level, readonly number[]>> = {
  1: [90],
  2: [60, 90, 180],
  3: [45, 120, 180],
  4: [75, 105, 135],
  5: [50, 130, 225, 240],
};

export const angleDrill: Drill = {
  skill: "angle",
  title: "Torque, then an angle",
  about: "So many degrees by a clock face or a paint mark, in as many swings as it takes",
  slip: "angle",
  task: (level, luck) => {
    const angleDeg = luck.pick(ANGLES[level]);
    const by = level < 3 ? "clock" : "paint mark";
    return {
      kind: "turn",
      asks: `Turn it on by ${angleDeg}°`,
      detail: `It has its torque. ${by === "clock" ? "Go by the clock face" : "Go by the paint mark and the flats of the head"}; the handle has room for ${level < 3 ? 90 : 60}° at a time.`,
      angleDeg,
      swingDeg: level < 3 ? 90 : 60,
      by,
      within: [5, 10],
    };
  },
};

export const castleDrill: Drill = {
  skill: "castle",
  title: "Castle nut and pin",
  about: "On to the slot and never back; another washer where the slot lies beyond",
  slip: "castle",
  task: (level, luck) => {
    const slots = level < 3 ? 6 : luck.pick([6, 8, 10]);
    const lowNm = luck.whole(8, 16) * 5;
    const highNm = lowNm + luck.pick(level < 3 ? [20, 30] : [10, 15]);
    const nmPerDeg = luck.between(0.35, 0.7);
    // Where the slot lies so near the top of the figure that a hand decides it, it is no question.
    const topDeg = (highNm - lowNm) / nmPerDeg;
    const slotDegs = Array.from({ length: Math.floor(360 / slots) - 5 }, (_, i) => i + 4);
    return {
      kind: "castle",
      asks: `${lowNm} to ${highNm} N·m, then the pin`,
      detail: `A joint's castle nut with ${slots} slots. It stands at the least of its figure.`,
      slots,
      startsNm: lowNm,
      nmPerDeg,
      firstDeg: luck.pick(slotDegs.filter((deg) => Math.abs(deg - topDeg) > 6)),
      lowNm,
      highNm,
      unit: "N.m",
    };
  },
};

/** What people ask while somebody counts. */
const TALK: readonly (readonly [says: string, choices: readonly string[]])[] = [
  ["How many are six and seven?", ["12", "13", "14"]],
  ["Tea at four, or at five?", ["Four", "Five", "No tea"]],
  ["Which socket was it again?", ["13", "17", "19"]],
  ["Two eggs or three?", ["Two", "Three", "None"]],
  ["Did the post come at ten or at eleven?", ["Ten", "Eleven", "Not yet"]],
  ["Is the dog in?", ["In", "Out", "Which dog?"]],
];

export const countDrill: Drill = {
  skill: "count",
  title: "Count the turns",
  about: "Off and on again by the same turns, while somebody talks to you",
  slip: "turns",
  task: (level, luck) => {
    const halfTurns = luck.whole(4 + level * 2, 7 + level * 4);
    const talk = luck.shuffled(TALK).slice(0, level);
    return {
      kind: "count",
      asks: "Off, and on again by the same turns",
      detail: "Each press is half a turn. Count: nothing here does it for you.",
      halfTurns,
      distractions: talk
        .map(([says, choices]) => ({ after: luck.whole(2, halfTurns - 1), says, choices }))
        .sort((a, b) => a.after - b.after),
    };
  },
};

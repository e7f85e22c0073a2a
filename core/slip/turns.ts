import { readMeasure } from "../quantity/measure";
import { shown } from "../quantity/shown";
import { pitchMm, readThread } from "../thread/thread";
import { formatClock, readClock } from "../turn/clock";
import { countedTurns } from "../turn/counted-turns";
import { toeChange } from "../turn/toe";
import { type Given, slip } from "./declare";
import { choice, measure, number, text } from "./fields";
import type { Slip } from "./slip";

const fields = {
  what: choice("Work out", { count: "turns to go back on", toe: "what they do to the toe" }),
  thread: text("Thread, or its pitch", "M14x1.5", readPitch, { hint: "M14x1.5, 1.5 mm, 9/16-18" }),
  turns: number("Whole turns counted off", "12"),
  markBefore: text("Mark stood at, before", "12 o'clock", readClock),
  markAfter: text("Mark stands at, after", "12 o'clock", readClock, {
    hint: "Another hour than before is part of a turn more",
  }),
  difference: number("Turns more or fewer than before", "1/2"),
  turned: choice("What is turned", {
    rod: "the rod or its end: one thread",
    sleeve: "a sleeve with a left- and a right-hand thread",
  }),
  arm: measure("Steering arm, pivot to rod", "length", "130"),
  rim: measure("Rim's diameter", "length", "410"),
};

const counting = ({ what }: { what: "count" | "toe" }) => what === "count";
const toe = ({ what }: { what: "count" | "toe" }) => what === "toe";

/** Turns counted off and on, what they move, and what they do to the steering. */
export const turns = slip({
  name: "turns",
  title: "Turns, pitch and toe",
  about: "Counted turns against the pitch, and what half a turn does to the toe",
  words:
    "turns count counted pitch thread travel rod end steering toe alignment tracking mark back to the same place adjuster preload",
  fields,
  asks: {
    turns: counting,
    markBefore: counting,
    markAfter: counting,
    difference: toe,
    turned: toe,
    arm: toe,
    rim: toe,
  },
  work: (given) => (given.what === "toe" ? toeSlip(given) : countSlip(given)),
});

function countSlip({
  thread: pitch,
  turns: whole,
  markBefore: before,
  markAfter: after,
}: Given<typeof fields>): Slip {
  const counted = countedTurns(whole, before, after, pitch);
  const part = Math.round((counted.turns - whole) * 360);
  return {
    answer: {
      says: "Do it up again by",
      value: shown(counted.turns, 5),
      unit: counted.turns === 1 ? "turn" : "turns",
    },
    lines: [
      { label: "That is", value: `${whole} whole ${whole === 1 ? "turn" : "turns"} and ${part}°` },
      { label: "The mark ends at", value: formatClock(before) },
      { label: "It moves along by", value: `${shown(counted.travelMm, 4)} mm` },
    ],
    working: [
      "turns on = turns off, to the same mark",
      `${whole} + (${formatClock(before)} back to ${formatClock(after)}: ${part}°) / 360° = ${shown(counted.turns, 5)}`,
      `travel = turns × pitch: ${shown(counted.turns, 5)} × ${shown(pitch)} mm = ${shown(counted.travelMm, 4)} mm`,
    ],
    margin:
      "An hour on the clock is a twelfth of a turn: a mark read by eye is good to about a third of that.",
    assumes:
      "A right-hand thread, counted off anticlockwise, and a new part as long as the old one. Measure both.",
    caution: "Write the count on tape beside it before anything is moved.",
    drawing: { kind: "turns", turns: counted.turns, pitchMm: pitch, from: before, to: after },
  };
}

function toeSlip({ thread: pitch, difference, turned, arm, rim }: Given<typeof fields>): Slip {
  // A sleeve draws in or pushes out the thread at each of its ends.
  const ways = turned === "sleeve" ? 2 : 1;
  const change = toeChange(pitch * ways, difference, arm, rim);
  return {
    answer: { says: "The toe changes by", value: shown(change.acrossRimMm), unit: "mm" },
    verdict: {
      tone: "watch",
      says: "Have the wheels aligned: what a toe may be off by is less than this can be counted to.",
    },
    lines: [
      {
        label: "As an angle of that wheel",
        value: `${shown(change.angleDeg)}° (${Math.round(Math.abs(change.angleDeg) * 60)} minutes)`,
      },
      { label: "The rod grows or shrinks by", value: `${shown(change.travelMm)} mm` },
    ],
    working: [
      ways === 2
        ? "Δ = 2 · pitch × turns, a thread each way; angle = asin(Δ / arm); across the rim D · sin angle"
        : "Δ = pitch × turns; angle = asin(Δ / arm); across the rim D · sin angle",
      `Δ = ${ways === 2 ? "2 × " : ""}${shown(pitch)} × ${shown(difference)} = ${shown(change.travelMm)} mm`,
      `asin(${shown(change.travelMm)} / ${shown(arm, 4)}) = ${shown(change.angleDeg, 4)}°; ${shown(rim, 4)} · sin ${shown(change.angleDeg, 4)}° = ${shown(change.acrossRimMm, 4)} mm`,
    ],
    margin: "A tenth of a turn of counting is a fifth of what half a turn does.",
    assumes: "The rod pulls square to its arm, and only one side was turned.",
    caution: "Counting turns gets you to the alignment bench, not round it: book it as a follow-up.",
    drawing: { kind: "toe", rimMm: rim, angleDeg: change.angleDeg, acrossMm: change.acrossRimMm },
  };
}

/** The pitch of a thread that is named, or a pitch itself, mm. */
function readPitch(typed: string, what: string): number {
  if (/^\s*m\s*\d|^\s*no\b|^\s*#|un[cf]\s*$|\d\s*-\s*\d{1,2}\s*$/i.test(typed))
    return pitchMm(readThread(typed));
  return readMeasure(typed, "length", what).value;
}

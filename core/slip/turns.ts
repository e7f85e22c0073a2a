import { readMeasure } from "../quantity/measure";
import { shown } from "../quantity/shown";
import { pitchMm, readThread } from "../thread/thread";
import { formatClock, readClock } from "../turn/clock";
import { countedTurns } from "../turn/counted-turns";
import { toeChange } from "../turn/toe";
import type { Slip, SlipKind } from "./slip";
import type { TypedReader } from "./typed-reader";

const toe = ({ what }: Readonly<Record<string, string>>) => what === "toe";
const counting = ({ what }: Readonly<Record<string, string>>) => what !== "toe";

/** Turns counted off and on, what they move, and what they do to the steering. */
export const turns: SlipKind = {
  name: "turns",
  title: "Turns, pitch and toe",
  about: "Counted turns against the pitch, and what half a turn does to the toe",
  words: "turns count counted pitch thread travel rod end steering toe alignment tracking mark back to the same place adjuster preload",
  fields: [
    {
      kind: "choice",
      name: "what",
      label: "Work out",
      start: "count",
      choices: [
        { value: "count", label: "turns to go back on" },
        { value: "toe", label: "what they do to the toe" },
      ],
    },
    { kind: "text", name: "thread", label: "Thread, or its pitch", start: "M14x1.5", hint: "M14x1.5, 1.5 mm, 9/16-18" },
    { kind: "number", name: "turns", label: "Whole turns counted off", start: "12", when: counting },
    { kind: "text", name: "markBefore", label: "Mark stood at, before", start: "12 o'clock", when: counting },
    { kind: "text", name: "markAfter", label: "Mark stands at, after", start: "12 o'clock", hint: "Another hour than before is part of a turn more", when: counting },
    { kind: "number", name: "difference", label: "Turns more or fewer than before", start: "1/2", when: toe },
    {
      kind: "choice",
      name: "turned",
      label: "What is turned",
      start: "rod",
      choices: [
        { value: "rod", label: "the rod or its end: one thread" },
        { value: "sleeve", label: "a sleeve with a left- and a right-hand thread" },
      ],
      when: toe,
    },
    { kind: "measure", name: "arm", label: "Steering arm, pivot to rod", dimension: "length", start: "130", when: toe },
    { kind: "measure", name: "rim", label: "Rim's diameter", dimension: "length", start: "410", when: toe },
  ],
  work: (read) => {
    const pitch = read.read("thread", readPitch);
    return read.is("what", "toe") ? toeSlip(read, pitch) : countSlip(read, pitch);
  },
};

function countSlip(read: TypedReader, pitch: number | undefined): Slip | undefined {
  const given = read.all({ pitch, whole: read.number("turns"), before: read.read("markBefore", readHours), after: read.read("markAfter", readHours) });
  if (!given) return undefined;
  const counted = countedTurns(given.whole, given.before, given.after, given.pitch);
  const part = Math.round((counted.turns - given.whole) * 360);
  return {
    answer: { says: "Do it up again by", value: shown(counted.turns, 5), unit: counted.turns === 1 ? "turn" : "turns" },
    lines: [
      { label: "That is", value: `${given.whole} whole ${given.whole === 1 ? "turn" : "turns"} and ${part}°` },
      { label: "The mark ends at", value: formatClock(given.before) },
      { label: "It moves along by", value: `${shown(counted.travelMm, 4)} mm` },
    ],
    working: [
      "turns on = turns off, to the same mark",
      `${given.whole} + (${formatClock(given.before)} back to ${formatClock(given.after)}: ${part}°) / 360° = ${shown(counted.turns, 5)}`,
      `travel = turns × pitch: ${shown(counted.turns, 5)} × ${shown(given.pitch)} mm = ${shown(counted.travelMm, 4)} mm`,
    ],
    margin: "An hour on the clock is a twelfth of a turn: a mark read by eye is good to about a third of that.",
    assumes: "A right-hand thread, counted off anticlockwise, and a new part as long as the old one. Measure both.",
    caution: "Write the count on tape beside it before anything is moved.",
    drawing: { of: "turns", turns: counted.turns, pitchMm: given.pitch, from: given.before, to: given.after },
  };
}

function toeSlip(read: TypedReader, pitch: number | undefined): Slip | undefined {
  const given = read.all({ pitch, difference: read.number("difference"), arm: read.measure("arm"), rim: read.measure("rim") });
  if (!given) return undefined;
  // A sleeve draws in or pushes out the thread at each of its ends.
  const ways = read.is("turned", "sleeve") ? 2 : 1;
  const change = toeChange(given.pitch * ways, given.difference, given.arm, given.rim);
  return {
    answer: { says: "The toe changes by", value: shown(change.acrossRimMm), unit: "mm" },
    verdict: { tone: "watch", says: "Have the wheels aligned: what a toe may be off by is less than this can be counted to." },
    lines: [
      { label: "As an angle of that wheel", value: `${shown(change.angleDeg)}° (${Math.round(Math.abs(change.angleDeg) * 60)} minutes)` },
      { label: "The rod grows or shrinks by", value: `${shown(change.travelMm)} mm` },
    ],
    working: [
      ways === 2
        ? "Δ = 2 · pitch × turns, a thread each way; angle = asin(Δ / arm); across the rim D · sin angle"
        : "Δ = pitch × turns; angle = asin(Δ / arm); across the rim D · sin angle",
      `Δ = ${ways === 2 ? "2 × " : ""}${shown(given.pitch)} × ${shown(given.difference)} = ${shown(change.travelMm)} mm`,
      `asin(${shown(change.travelMm)} / ${shown(given.arm, 4)}) = ${shown(change.angleDeg, 4)}°; ${shown(given.rim, 4)} · sin ${shown(change.angleDeg, 4)}° = ${shown(change.acrossRimMm, 4)} mm`,
    ],
    margin: "A tenth of a turn of counting is a fifth of what half a turn does.",
    assumes: "The rod pulls square to its arm, and only one side was turned.",
    caution: "Counting turns gets you to the alignment bench, not round it: book it as a follow-up.",
    drawing: { of: "toe", rimMm: given.rim, angleDeg: change.angleDeg, acrossMm: change.acrossRimMm },
  };
}

function readHours(text: string, what: string): number {
  return readClock(text, what);
}

/** The pitch of a thread that is named, or a pitch itself, mm. */
function readPitch(text: string, what: string): number {
  if (/^\s*m\s*\d|^\s*no\b|^\s*#|un[cf]\s*$|\d\s*-\s*\d{1,2}\s*$/i.test(text)) return pitchMm(readThread(text));
  return readMeasure(text, "length", what).value;
}

import type { OftenWrong, TroubleKind } from "../model/trouble";
import type { Ask, SheetFastener, SheetStep } from "./sheet";

type More = Partial<Omit<SheetStep, "kind" | "title" | "minutes">>;
type Minutes = readonly [least: number, usual: number, most: number];

/** What often goes wrong, in a hundred: on a vehicle like new, and on one that is old and rusty. */
export const often = (kind: TroubleKind, young: number, old: number): OftenWrong => ({ kind, young, old });

/** A step of a sheet in one line: what, with which fastener, least, usual and most minutes, and the rest. */
const on =
  (kind: SheetStep["kind"]) =>
  (title: string, fastener: string | undefined, minutes: Minutes, more: More = {}): SheetStep => ({
    kind,
    title,
    ...(fastener === undefined ? {} : { with: fastener }),
    minutes: { least: minutes[0], usual: minutes[1], most: minutes[2] },
    ...more,
  });

export const undo = on("undo");
export const byHand = on("hand-start");
export const tighten = on("torque");
export const count = on("count");

const plain =
  (kind: SheetStep["kind"]) =>
  (title: string, minutes: Minutes, more: More = {}): SheetStep =>
    on(kind)(title, undefined, minutes, more);

export const act = plain("do");
export const look = plain("look");

/** The steps that every sheet with a wheel off begins and ends with. */
export const WHEEL: SheetFastener = { name: "Wheel bolts or nuts", count: 5, role: "wheel", sided: true };

export const crackWheels = act("Crack the wheel bolts, a quarter turn", [3, 5, 8], {
  detail: "On the ground, before it goes up. Handbrake on, in gear or park.",
});

/** @param end which; empty where it is asked for. */
export const raise = (end: string, cautions: readonly string[] = []): SheetStep =>
  plain("raise")(end === "" ? "Up on two stands" : `${end} up on two stands`, [8, 12, 20], {
    cautions: ["Firm, level ground. Chock the wheels that stay down.", ...cautions],
  });

export const lower = plain("lower")("Down off the stands", [4, 6, 10]);

export const wheelOff = undo("Wheel off", "wheel", [3, 5, 8], { sided: true });

export const wheelOn = byHand("Wheel on, bolts by hand", "wheel", [3, 4, 6], {
  sided: true,
  detail: "Face of hub and wheel wiped clean; nothing on the threads unless the maker says so.",
});

export const wheelTight = tighten("Wheel bolts on the ground", "wheel", [2, 3, 5], { sided: true });

/** Before it may be driven, after anything on a brake. */
export const pedal = look("Pump the pedal until it is hard, engine off, then on", [1, 2, 4]);
export const slowStops = look("Slow test stops where nobody is, then look for leaks", [8, 12, 20]);

/** Before a cooling system, a plug or an exhaust is opened; what opens it needs "cold". */
export const cold = act("Engine cold", [1, 1, 2], {
  key: "cold",
  wait: { minutes: 90, until: "the hoses are cold to the hand" },
});

export const batteryOff = act("Negative battery clamp off, tucked away", [2, 3, 6], {
  takesOff: ["negative clamp"],
  detail: "Radio code to hand first. Negative first, so that a slipping spanner touches nothing.",
});

export const batteryOn = act("Negative battery clamp on, last of all", [2, 3, 5], {
  putsBack: ["negative clamp"],
  detail: "Snug; clock and windows taught again.",
});

/** What is poison goes where it is collected. */
export const handIn = (what: string): SheetStep => act(`${what} to the collection point`, [1, 2, 5]);

/** Axle questions are alike on every sheet that has them. */
export const whichAxle = (tell: string): Ask => ({
  id: "axle",
  asks: "Front or rear?",
  tell,
  answers: [
    { id: "front", says: "front" },
    { id: "rear", says: "rear" },
  ],
});

export const yesNo = (id: string, asks: string, tell: string): Ask => ({
  id,
  asks,
  tell,
  answers: [
    { id: "yes", says: "yes" },
    { id: "no", says: "no" },
  ],
});

import type { Sheet } from "../sheet";
import { act, batteryOff, batteryOn, byHand, look, often, tighten, undo } from "../writing";

const ENGINE = { which: ["engine"] };
const GEARBOX = { which: ["gearbox"] };

export const engineMount: Sheet = {
  name: "engine-mount",
  title: "Engine or gearbox mount",
  system: "engine",
  place: "engine",
  foundBy: [
    "thump when pulling away",
    "shakes at idle, felt in the seat",
    "engine rocks",
    "engine mount, gearbox mount torn or leaking",
  ],
  asks: [
    {
      id: "which",
      asks: "Which mount?",
      tell: "The one at the belt's end carries the engine; the one under the battery mostly the gearbox.",
      answers: [
        { id: "engine", says: "at the engine" },
        { id: "gearbox", says: "at the gearbox" },
      ],
    },
  ],
  fasteners: {
    upper: { name: "Mount bolts, to the engine or gearbox", count: 3, role: "engine", often: "16" },
    body: { name: "Mount bolts, to the body", count: 2, role: "engine", often: "18", singleUse: true },
  },
  phases: {
    "make safe": [
      look("Which one: somebody pulls away against the brake, briefly; the torn one lifts", [2, 4, 8], {
        hands: 2,
        cautions: ["Nobody stands in front of or behind it."],
      }),
      act("Engine off, key out", [1, 1, 1]),
      { ...batteryOff, when: GEARBOX },
    ],
    "take apart": [
      act("Hoses and brackets over the mount aside", [3, 8, 20], {
        when: ENGINE,
        takesOff: ["coolant bottle bracket"],
        photo: true,
      }),
      act("Battery and its tray out of the way", [5, 12, 25], {
        when: GEARBOX,
        takesOff: ["battery tray"],
        photo: true,
        troubles: [often("seized", 3, 25)],
      }),
      act("Jack with a wide block of wood under the gearbox, just touched", [3, 6, 12], {
        when: GEARBOX,
        heldUp: "a jack with a wide block of wood under the gearbox's casing, off its drain plug",
        cautions: ["The jack carries it and nothing of you goes under it."],
      }),
      act("Jack with a block of wood under the engine, just touched", [3, 6, 12], {
        when: ENGINE,
        heldUp: "a jack with a block of wood under the sump's edge",
        cautions: ["The jack carries the engine and nothing of you goes under it."],
      }),
      undo("Bolts to the engine or gearbox out", "upper", [4, 8, 30], { troubles: [often("seized", 2, 12)] }),
      undo("Bolts to the body out, mount out", "body", [4, 8, 30], {
        troubles: [often("seized", 2, 18)],
        takesOff: ["mount"],
      }),
    ],
    "look closely": [
      look("Old beside new: height, arrow, side; the other mounts while they carry more", [2, 3, 6]),
    ],
    "put back": [
      byHand("New mount in, bolts to the body by hand", "body", [3, 6, 15], { putsBack: ["mount"] }),
      byHand("Up or down on the jack until the bolts go in by hand", "upper", [4, 8, 20], {
        detail: "By a hair at a time; bolts are not for pulling it into place.",
      }),
      tighten("Bolts to the body", "body", [2, 4, 8]),
      tighten("Bolts to the engine or gearbox", "upper", [2, 4, 8]),
      act("Jack out, brackets on", [3, 6, 12], { when: ENGINE, putsBack: ["coolant bottle bracket"] }),
      act("Jack out, battery and its tray in", [5, 10, 20], { when: GEARBOX, putsBack: ["battery tray"] }),
      { ...batteryOn, when: GEARBOX },
    ],
    "prove it": [look("Idle, reverse, pulling away: no thump, nothing touches", [3, 5, 10])],
  },
  parts: [
    { name: "Engine mount", count: 1, when: ENGINE },
    { name: "Gearbox mount", count: 1, when: GEARBOX },
    { name: "Mount bolts to the body", count: 2, renews: "body" },
  ],
};

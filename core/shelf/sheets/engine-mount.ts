import type { Sheet } from "../sheet";
import { act, byHand, look, often, tighten, undo } from "../writing";

export const engineMount: Sheet = {
  name: "engine-mount",
  title: "Engine mount",
  system: "engine",
  place: "engine",
  foundBy: [
    "thump when pulling away",
    "shakes at idle, felt in the seat",
    "engine rocks",
    "mount torn or leaking",
  ],
  asks: [],
  fasteners: {
    upper: { name: "Engine mount bolts, to the engine", count: 3, role: "engine", often: "16" },
    body: { name: "Engine mount bolts, to the body", count: 2, role: "engine", often: "18", singleUse: true },
  },
  phases: {
    "make safe": [
      look("Which one: somebody pulls away against the brake, briefly; the torn one lifts", [2, 4, 8], {
        hands: 2,
        cautions: ["Nobody stands in front of or behind it."],
      }),
      act("Engine off, key out", [1, 1, 1]),
    ],
    "take apart": [
      act("Hoses and brackets over the mount aside", [3, 8, 20], {
        takesOff: ["coolant bottle bracket"],
        photo: true,
      }),
      act("Jack with a block of wood under the engine, just touched", [3, 6, 12], {
        heldUp: "a jack with a block of wood under the sump's edge",
        cautions: ["The jack carries the engine and nothing of you goes under it."],
      }),
      undo("Bolts to the engine out", "upper", [4, 8, 30], { troubles: [often("seized", 2, 12)] }),
      undo("Bolts to the body out, mount out", "body", [4, 8, 30], {
        troubles: [often("seized", 2, 18)],
        takesOff: ["engine mount"],
      }),
    ],
    "look closely": [
      look("Old beside new: height, arrow, side; the other mounts while they carry more", [2, 3, 6]),
    ],
    "put back": [
      byHand("New mount in, bolts to the body by hand", "body", [3, 6, 15], { putsBack: ["engine mount"] }),
      byHand("Engine up or down until the bolts go in by hand", "upper", [4, 8, 20], {
        detail: "By a hair at a time; bolts are not for pulling it into place.",
      }),
      tighten("Bolts to the body", "body", [2, 4, 8]),
      tighten("Bolts to the engine", "upper", [2, 4, 8]),
      act("Jack out, brackets on", [3, 6, 12], { putsBack: ["coolant bottle bracket"] }),
    ],
    "prove it": [look("Idle, reverse, pulling away: no thump, nothing touches", [3, 5, 10])],
  },
  parts: [
    { name: "Engine mount", count: 1 },
    { name: "Mount bolts to the body", count: 2, renews: "body" },
  ],
};

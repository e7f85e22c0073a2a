import type { Sheet } from "../sheet";
import {
  act,
  batteryOff,
  batteryOn,
  byHand,
  look,
  lower,
  often,
  raise,
  tighten,
  undo,
  yesNo,
} from "../writing";

export const starterSheet: Sheet = {
  name: "starter",
  title: "Starter motor",
  system: "starting and charging",
  place: "engine",
  foundBy: ["clicks and does not crank", "starter grinds", "starter spins and does not catch"],
  raised: "front",
  asks: [
    yesNo(
      "shield",
      "Is there a heat shield over it?",
      "Follow the thick cable from the battery down to the gearbox.",
    ),
  ],
  fasteners: {
    shield: {
      name: "Heat shield bolts",
      count: 2,
      role: "body",
      often: "10",
      by: "snug",
      when: { shield: ["yes"] },
    },
    cable: { name: "Starter cable nut", count: 1, role: "engine", often: "13" },
    bolts: { name: "Starter bolts", count: 2, role: "engine", often: "16", into: "aluminium" },
  },
  phases: {
    "make safe": [
      look("Is it the starter: battery charged, clamps tight, earth strap whole", [3, 6, 10]),
      batteryOff,
      raise("Front"),
    ],
    "take apart": [
      undo("Heat shield off", "shield", [3, 6, 15], {
        troubles: [often("seized", 5, 35)],
        when: { shield: ["yes"] },
        takesOff: ["heat shield"],
      }),
      undo("Cable off the starter", "cable", [2, 4, 10], {
        troubles: [often("seized", 2, 15)],
        takesOff: ["starter cable"],
        photo: true,
        cautions: ["Only with the battery's negative off: this cable is always live."],
      }),
      act("Small lead off", [1, 2, 5], { takesOff: ["starter lead"] }),
      undo("Bolts out, starter carried out", "bolts", [6, 15, 45], {
        troubles: [often("seized", 3, 20)],
        takesOff: ["starter"],
        heldUp: "a hand under it: it is heavy for its size",
        detail: "Note which bolt is the longer, and whether one carries a bracket or an earth.",
      }),
    ],
    "look closely": [
      look("Old beside new: pinion teeth, hand, plug", [1, 2, 4]),
      look("Ring gear's teeth through the hole, all round", [2, 4, 8]),
    ],
    "put back": [
      byHand("Starter in square, bolts by hand", "bolts", [4, 10, 25], { putsBack: ["starter"] }),
      tighten("Starter bolts", "bolts", [2, 4, 10]),
      tighten("Cable on", "cable", [1, 2, 5], {
        putsBack: ["starter cable"],
        detail: "Boot over it; it touches nothing.",
      }),
      act("Small lead on, a tug at it", [1, 1, 3], { putsBack: ["starter lead"] }),
      tighten("Heat shield on", "shield", [3, 6, 12], {
        when: { shield: ["yes"] },
        putsBack: ["heat shield"],
      }),
      lower,
      batteryOn,
    ],
    "prove it": [look("It cranks and lets go, three times", [1, 2, 4])],
  },
  parts: [{ name: "Starter motor", count: 1 }],
};

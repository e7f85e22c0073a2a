import type { Sheet } from "../sheet";
import { act, byHand, count, handIn, look, lower, often, raise, tighten, undo } from "../writing";

const COUNTED = { way: ["counted"] };
const SET = { way: ["set"] };

export const propshaftSeal: Sheet = {
  name: "propshaft-seal",
  title: "Pinion seal at the differential",
  system: "gearbox and drive",
  place: "underneath",
  foundBy: [
    "oil at the front of the differential",
    "differential wet where the propshaft goes in",
    "pinion seal leaks",
  ],
  raised: "all",
  asks: [],
  ways: [
    {
      id: "counted",
      name: "Nut back on by counted turns, to the paint",
      harm: "right only while the spacer inside is the one that was in; half a turn too many and the bearings are crushed",
      evidence: "the mark is the setting that ran; a new seal changes nothing in it",
      undoable: "with a new part",
    },
    {
      id: "set",
      name: "New spacer, drag of the bearings set anew",
      harm: "the axle's own drag has to be taken off the reading; a wheel's brake that rubs spoils it",
      evidence: "sure even where somebody was in there before",
      undoable: "with a new part",
    },
  ],
  fasteners: {
    flange: {
      name: "Propshaft flange bolts",
      count: 4,
      role: "driveline",
      often: "14",
      locking: "locking nut",
      counterHold: { by: "on the other end" },
      singleUse: true,
    },
    pinion: {
      name: "Pinion nut",
      count: 1,
      role: "driveline",
      often: "30",
      locking: "staked",
      singleUse: true,
      counterHold: { by: "holding tool" },
    },
  },
  phases: {
    "make safe": [
      raise("All round, two stands at each end", [
        "With the shaft off, neither gear nor park holds the car: wheels chocked.",
      ]),
    ],
    "take apart": [
      act("Paint across propshaft and flange", [1, 2, 4], { mark: "paint across both flanges" }),
      undo("Flange bolts out, shaft hung aside", "flange", [6, 15, 45], {
        takesOff: ["propshaft"],
        heldUp: "a strap to the floor, so that its other joint is not bent",
        troubles: [often("seized", 5, 35)],
      }),
      look("Drag of the pinion before anything is undone", [3, 6, 12], {
        when: SET,
        measure: { what: "pinion's drag, wheels free, before", unit: "N·m" },
        detail: "A beam wrench or a cord on the flange, turning evenly. Both wheels hang free, brakes off.",
      }),
      act("Paint across nut, pinion's end and flange; threads that show counted", [2, 4, 8], {
        mark: "paint across nut, pinion and flange; threads that show",
      }),
      count("Pinion nut off, turns counted", "pinion", [4, 10, 40], {
        key: "off",
        takesOff: ["pinion flange"],
        detail: "The flange held by a bar bolted to it.",
        troubles: [often("seized", 3, 15)],
      }),
      act("Flange drawn off, seal levered out", [3, 8, 25], {
        needs: ["off"],
        noWayBack: "the old seal is bent",
        detail: "Never across the bore. Oil follows.",
      }),
    ],
    "look closely": [
      look("Flange where the lip runs: a groove you can feel is a sleeve or a new one", [1, 3, 6]),
      look("Bearing by hand: no play in and out. Play is a bearing, not a seal", [1, 3, 6]),
    ],
    "put back": [
      act("New seal in square, flush, lip oiled", [3, 6, 15], {
        applies: [{ what: "oil", on: "lips" }],
        facing: "lip inward",
      }),
      act("New spacer on the pinion", [2, 4, 10], { when: SET }),
      act("Flange on, paint to paint", [1, 3, 6], { putsBack: ["pinion flange"] }),
      count("New nut on by as many turns, to the paint, no further", "pinion", [4, 8, 20], {
        when: COUNTED,
        cautions: ["Past the paint the spacer is crushed for good: it cannot be turned back."],
        detail: "Locker on a clean thread where the old nut had it; then staked.",
      }),
      tighten(
        "New nut little by little until the play is gone and the drag is right",
        "pinion",
        [8, 20, 60],
        {
          when: SET,
          cautions: ["Too far cannot be turned back: another new spacer."],
        },
      ),
      look("Drag of the pinion with the new seal", [3, 8, 20], {
        when: SET,
        measure: { what: "pinion's drag, wheels free, after", unit: "N·m" },
        detail: "Between each pull. What it was before, and a little for the new seal.",
      }),
      act("Nut staked", [1, 2, 4], { when: SET }),
      byHand("Shaft up, paint to paint, bolts by hand", "flange", [4, 8, 20], { putsBack: ["propshaft"] }),
      tighten("Flange bolts", "flange", [4, 8, 15]),
      act("Differential oil up to its level", [5, 12, 25]),
      lower,
    ],
    "prove it": [
      look("A short drive, casing only hand warm; no whine that was not there", [8, 15, 25], {
        detail: "Hot at once, or a whine on the overrun: too tight. Stop.",
      }),
      look("Dry after a week", [1, 2, 3]),
      handIn("Old oil"),
    ],
  },
  parts: [
    { name: "Pinion seal", count: 1, leavesOut: ["pinion nut"] },
    { name: "Pinion nut", count: 1, renews: "pinion" },
    { name: "Pinion spacer", count: 1, when: SET },
    { name: "Flange bolts and nuts", count: 4, renews: "flange" },
  ],
  supplies: [
    { name: "Differential oil", amount: { value: 1000, unit: "mL" } },
    { name: "Rags", amount: { value: 4, unit: "pieces" } },
  ],
  tools: [
    { name: "Bar to hold the flange", days: 1 },
    { name: "Beam wrench for small torques", days: 1, when: SET },
  ],
};

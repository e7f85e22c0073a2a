import type { Sheet } from "../sheet";
import { act, byHand, look, lower, often, raise, tighten, undo } from "../writing";

export const universalJoints: Sheet = {
  name: "universal-joints",
  title: "Propshaft universal joints",
  system: "gearbox and drive",
  place: "underneath",
  foundBy: [
    "clonk when taking up drive",
    "squeak that grows with speed, rear-wheel drive",
    "vibration at speed through the floor",
    "U-joint, cardan joint, axle universal joint",
  ],
  raised: "all",
  asks: [],
  ways: [
    {
      id: "vice",
      name: "Pressed out between sockets in a vice",
      evidence: "an evening, and two sockets",
      undoable: "with a new part",
    },
    {
      id: "shop",
      name: "Shaft off, joints pressed at a workshop",
      harm: "the car stands on stands until it is back",
      evidence: "the yoke stays straight where a cup is rusted in",
      undoable: "fully",
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
  },
  phases: {
    "make safe": [
      raise("All round, two stands at each end", [
        "With the shaft off, neither gear nor park holds the car: wheels chocked, handbrake on.",
      ]),
    ],
    "take apart": [
      act("Paint across both flanges and every yoke", [2, 4, 8], {
        mark: "paint across flange, yoke and shaft: it was balanced so",
      }),
      act("Drain pan under the gearbox's end", [1, 2, 3]),
      undo("Flange bolts out, shaft down and out", "flange", [8, 20, 60], {
        takesOff: ["propshaft"],
        hands: 2,
        heldUp: "a second pair of hands or a strap: it drops at once",
        troubles: [often("seized", 5, 35), often("rounded", 3, 20)],
      }),
      act("Circlips out, both cups pressed out, cross out", [10, 25, 90], {
        when: { way: ["vice"] },
        loaded: "the circlips",
        noWayBack: "the old joint is scrap",
        detail: "A small socket pushes, a big one takes the cup. Yoke's ears never spread.",
        cautions: ["Eye protection on: circlips fly and cups split."],
        troubles: [often("stuck on its seat", 5, 45)],
      }),
      act("Old joints out and new ones in, at the workshop", [30, 60, 240], {
        when: { way: ["shop"] },
        noWayBack: "the old joints are scrap",
      }),
    ],
    "look closely": [
      look("Yoke's bores smooth and round; slip joint without play, centre bearing smooth", [2, 4, 8]),
      look("Old beside new: cup's diameter, cross's width, kind of circlip", [1, 2, 4]),
    ],
    "put back": [
      act("Needles stood up in grease, cross in, both cups pressed in straight", [8, 20, 60], {
        when: { way: ["vice"] },
        applies: [{ what: "grease", on: "seats" }],
        detail: "Stops short of the groove: a needle lies across the bottom. Out again, never forced.",
        cautions: ["A needle that lies flat breaks the joint within a day."],
      }),
      act("New circlips in their grooves; moves freely both ways", [2, 5, 15], {
        when: { way: ["vice"] },
        detail: "Stiff: a light blow on each ear settles the cups.",
      }),
      byHand("Shaft up, paint to paint, bolts by hand", "flange", [5, 12, 30], {
        putsBack: ["propshaft"],
        hands: 2,
      }),
      tighten("Flange bolts", "flange", [4, 8, 15]),
      act("Greased until it shows, where there is a nipple", [1, 3, 6]),
      lower,
    ],
    "prove it": [
      look("Drive taken up both ways without a clonk; no vibration to full speed", [8, 15, 25]),
      look("Flange bolts again, and for oil at the gearbox's end", [2, 4, 8]),
    ],
  },
  parts: [
    { name: "Universal joint", count: 2, leavesOut: ["flange bolts"] },
    { name: "Flange bolts and nuts", count: 4, renews: "flange" },
  ],
  supplies: [
    { name: "Grease", amount: { value: 20, unit: "g" } },
    { name: "Penetrant", amount: { value: 30, unit: "mL" } },
  ],
  tools: [{ name: "Bench vice", days: 1, when: { way: ["vice"] } }],
  bare: [{ name: "Propshaft centre bearing", minutesNow: 30, minutesLater: 90 }],
};

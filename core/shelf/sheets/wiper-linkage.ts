import type { Sheet } from "../sheet";
import { act, batteryOff, batteryOn, look, often, tighten, undo } from "../writing";

export const wiperLinkage: Sheet = {
  name: "wiper-linkage",
  title: "Wiper linkage",
  system: "body and cabin",
  place: "engine",
  foundBy: [
    "wipers slow or stop",
    "wiper arm loose",
    "motor runs and the wipers do not",
    "wipers judder or hit each other",
  ],
  asks: [],
  fasteners: {
    arm: { name: "Wiper arm nuts", count: 2, role: "body", often: "15" },
    cowl: {
      name: "Cowl clips and screws",
      count: 6,
      role: "body",
      often: "T20",
      by: "snug",
      into: "plastic",
    },
    link: { name: "Wiper linkage bolts", count: 3, role: "body", often: "10" },
    crank: { name: "Motor crank nut", count: 1, role: "body", often: "13" },
  },
  phases: {
    "make safe": [
      act("Wipers run to their resting place, then ignition off", [1, 1, 2], {
        detail: "Only so the marks below are true.",
      }),
      batteryOff,
    ],
    "take apart": [
      act("Tape on the glass along both blades", [1, 2, 3], { mark: "tape on the glass along both blades" }),
      undo("Wiper arms off", "arm", [3, 8, 40], {
        troubles: [often("stuck on its seat", 10, 55)],
        takesOff: ["wiper arms"],
        detail: "Rusted on the cone: penetrant, a small puller; never levered on the glass.",
      }),
      undo("Cowl off", "cowl", [5, 10, 25], {
        troubles: [often("lead or clip broken", 10, 40)],
        takesOff: ["cowl"],
        photo: true,
      }),
      act("Motor's plug off", [1, 2, 4], { takesOff: ["wiper motor plug"] }),
      undo("Linkage out with its motor", "link", [4, 8, 20], { takesOff: ["wiper linkage"] }),
      undo("Crank off the motor", "crank", [2, 4, 10], {
        troubles: [often("stuck on its seat", 5, 20)],
        mark: "paint across crank and motor",
        takesOff: ["motor crank"],
      }),
    ],
    "look closely": [
      look("Old beside new; motor turns freely by itself", [2, 3, 6]),
      look("Drains under the cowl: open", [2, 4, 10]),
    ],
    "put back": [
      tighten("Crank on the motor, at its mark", "crank", [2, 3, 6], {
        putsBack: ["motor crank"],
        detail: "Parked exactly as before: half a turn off, and the arms sweep off the glass.",
      }),
      tighten("Linkage in", "link", [4, 6, 12], {
        putsBack: ["wiper linkage"],
        applies: [{ what: "grease", on: "slides" }],
      }),
      act("Motor's plug on", [1, 1, 3], { putsBack: ["wiper motor plug"] }),
      tighten("Cowl on, over every drain", "cowl", [4, 8, 15], { putsBack: ["cowl"] }),
      batteryOn,
      act("Motor run once to its resting place, without arms", [1, 2, 3]),
      tighten("Arms on along the tape", "arm", [2, 4, 8], { putsBack: ["wiper arms"] }),
    ],
    "prove it": [look("Wet glass, slow and fast: neither hits the edge nor the other", [2, 3, 5])],
  },
  parts: [{ name: "Wiper linkage", count: 1 }],
  supplies: [{ name: "Grease", amount: { value: 5, unit: "g" } }],
};

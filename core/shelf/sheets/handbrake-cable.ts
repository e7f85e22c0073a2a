import type { Sheet } from "../sheet";
import {
  WHEEL,
  act,
  count,
  crackWheels,
  look,
  lower,
  often,
  pedal,
  raise,
  slowStops,
  tighten,
  undo,
  wheelOff,
  wheelOn,
  wheelTight,
} from "../writing";

const DRUM = { end: ["drum"] };

export const handbrakeCable: Sheet = {
  name: "handbrake-cable",
  title: "Handbrake cable",
  system: "brakes",
  place: "rear",
  foundBy: [
    "handbrake lever comes up too far",
    "handbrake sticks after standing",
    "handbrake does not hold on a slope",
    "parking brake cable frayed",
  ],
  sides: "ask",
  raised: "rear",
  asks: [
    {
      id: "end",
      asks: "Where does the cable end?",
      tell: "Behind the rear wheel: into the back of a drum, or at a lever on the caliper.",
      answers: [
        { id: "drum", says: "in a drum" },
        { id: "caliper", says: "at a lever on the caliper" },
      ],
    },
  ],
  fasteners: {
    wheel: WHEEL,
    screw: { name: "Drum screw", count: 1, role: "body", often: "T30", by: "snug", sided: true, when: DRUM },
    holder: {
      name: "Cable holder bolts",
      count: 2,
      role: "body",
      often: "10",
      by: "snug",
      sided: true,
    },
    equal: {
      name: "Handbrake equaliser nut",
      count: 1,
      role: "body",
      often: "10",
      note: "It sets how slack the cables are; its turns are counted, no torque belongs to it.",
    },
  },
  phases: {
    "make safe": [
      crackWheels,
      raise("Rear", ["The handbrake is off for this: both front wheels chocked, in gear or park."]),
      act("Handbrake lever right down", [1, 1, 2]),
    ],
    "take apart": [
      act("Cover off the lever or the heat shield aside, at the equaliser", [3, 8, 25], {
        takesOff: ["cover at the equaliser"],
        detail: "In the cabin under the lever's boot on many, under the car on others.",
      }),
      count("Equaliser nut slackened, turns counted", "equal", [2, 5, 20], {
        key: "slack",
        mark: "bare thread in mm before it is touched",
        troubles: [often("seized", 3, 35), often("snapped", 1, 10)],
      }),
      wheelOff,
      undo("Drum screw out, drum off", "screw", [3, 8, 40], {
        sided: true,
        when: DRUM,
        takesOff: ["drum"],
        detail: "Shoes backed off first where it catches on their lip.",
        cautions: ["Old dust: damp it, never blow it."],
        troubles: [often("rounded inside", 5, 30), often("stuck on its seat", 10, 50)],
      }),
      act("Cable's end off its lever", [2, 6, 20], {
        sided: true,
        needs: ["slack"],
        takesOff: ["cable end"],
        photo: true,
        loaded: "the lever's spring",
      }),
      undo("Holders off, cable drawn out", "holder", [5, 12, 40], {
        sided: true,
        takesOff: ["handbrake cable"],
        routing: ["equaliser", "holders", "wheel"],
        detail: "Its tongues are pressed together by a small hose clamp or a ring spanner.",
        troubles: [often("snapped", 2, 25)],
      }),
    ],
    "look closely": [
      look("Old beside new: length, both ends, holders", [1, 2, 4], { sided: true }),
      look("Shoes or pads, lever free and going back by itself", [2, 4, 8], { sided: true }),
    ],
    "put back": [
      tighten("New cable in, by the same way, holders on", "holder", [5, 12, 30], {
        sided: true,
        putsBack: ["handbrake cable"],
        detail: "No bend tighter than the old one had; away from exhaust and shaft.",
      }),
      act("Cable's end on its lever", [2, 5, 15], { sided: true, putsBack: ["cable end"] }),
      tighten("Drum on, screw in", "screw", [2, 4, 8], { sided: true, when: DRUM, putsBack: ["drum"] }),
      act("Shoes set by the foot brake, twenty full strokes", [2, 3, 6], {
        when: DRUM,
        detail: "The cable is never used to make up for shoes that are not set.",
      }),
      count("Equaliser nut tightened until both wheels just drag at the second click", "equal", [4, 10, 25], {
        detail: "Lever worked hard ten times between: a new cable stretches. Lever down, both turn free.",
      }),
      act("Cover at the equaliser back", [2, 5, 12], { putsBack: ["cover at the equaliser"] }),
      wheelOn,
      lower,
      wheelTight,
    ],
    "prove it": [
      pedal,
      look("Holds on a slope, both ways, within the clicks the handbook names", [4, 6, 10]),
      slowStops,
      look("Neither rear wheel warm after a drive", [3, 5, 10]),
    ],
  },
  parts: [{ name: "Handbrake cable", count: 1, sided: true, handed: true }],
  supplies: [{ name: "Penetrant", amount: { value: 30, unit: "mL" } }],
};

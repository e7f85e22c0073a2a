import type { Sheet } from "../sheet";
import {
  WHEEL,
  act,
  byHand,
  count,
  crackWheels,
  look,
  lower,
  pedal,
  raise,
  slowStops,
  tighten,
  undo,
  wheelOff,
  wheelOn,
  wheelTight,
  yesNo,
} from "../writing";

const CYLINDERS = { cylinders: ["yes"] };
export const drumShoes: Sheet = {
  name: "drum-shoes",
  title: "Rear brake shoes",
  system: "brakes",
  place: "rear",
  foundBy: [
    "handbrake comes up far",
    "scrapes at the rear",
    "rear drum brakes",
    "brake shoes thin or soaked",
  ],
  sides: "both",
  raised: "rear",
  asks: [
    yesNo(
      "cylinders",
      "Do the wheel cylinders go too?",
      "Lift the boots' edge: wet inside, or the shoes are soaked: yes.",
    ),
  ],
  fasteners: {
    wheel: WHEEL,
    cable: { name: "Handbrake cable nut", count: 1, role: "brake", often: "13" },
    screw: { name: "Drum screw", count: 1, role: "body", often: "T30", by: "snug", sided: true },
    union: {
      name: "Brake pipe union",
      count: 1,
      role: "brake",
      often: "11",
      overPipe: true,
      access: "spanner only",
      sided: true,
      when: CYLINDERS,
    },
    cylinder: {
      name: "Wheel cylinder bolts",
      count: 2,
      role: "brake",
      often: "10",
      sided: true,
      when: CYLINDERS,
    },
    bleed: { name: "Bleed screw", count: 1, role: "brake", often: "8", sided: true, when: CYLINDERS },
  },
  phases: {
    "make safe": [
      crackWheels,
      raise("Rear", ["Both front wheels chocked, in gear or park: the handbrake will be off."]),
      act("Handbrake off", [1, 1, 1]),
    ],
    "take apart": [
      count("Handbrake cable slackened, turns counted", "cable", [2, 5, 15], {
        key: "slack",
        mark: "paint across nut and rod",
      }),
      act("Penetrant on bleed screws and pipe unions", [2, 3, 5], {
        key: "soak",
        when: CYLINDERS,
        wait: { minutes: 20, until: "it has crept in" },
        cautions: ["Ventilate, no flame. None on shoes or drums that stay."],
      }),
      wheelOff,
      undo("Drum off", "screw", [5, 10, 40], {
        sided: true,
        takesOff: ["drum"],
        detail: "Hangs on the shoes: wind the adjuster back through the hole in the plate.",
        cautions: ["Brake dust: wet it down, never blow or brush it dry."],
      }),
      look("Photograph springs and levers", [1, 2, 4], {
        sided: true,
        photo: true,
        detail: "One side stays together until the other is done: it is the pattern.",
      }),
      act("Springs, pins and shoes off", [8, 15, 30], {
        sided: true,
        key: "shoes",
        takesOff: ["shoes"],
        cautions: ["Springs let go: eye protection on."],
      }),
      undo("Brake pipe off the cylinder", "union", [3, 8, 30], {
        sided: true,
        when: CYLINDERS,
        needs: ["soak"],
        takesOff: ["brake pipe"],
        cautions: ["Brake fluid strips paint: rag under it, cap the pipe."],
      }),
      undo("Wheel cylinder off", "cylinder", [3, 6, 20], { sided: true, when: CYLINDERS }),
    ],
    "look closely": [
      look("Drum: cracks, lip, inside width", [2, 5, 10], {
        sided: true,
        measure: { what: "drum's inside width", unit: "mm" },
      }),
      look("Cylinder boots dry inside", [1, 1, 2], { sided: true, when: { cylinders: ["no"] } }),
      look("Ledges on the plate: grooved or smooth; adjuster turns freely", [2, 3, 6], { sided: true }),
    ],
    "put back": [
      tighten("New wheel cylinder", "cylinder", [3, 6, 12], { sided: true, when: CYLINDERS }),
      byHand("Brake pipe started by hand", "union", [2, 4, 10], {
        sided: true,
        when: CYLINDERS,
        putsBack: ["brake pipe"],
        detail: "Three turns by fingers before any spanner.",
      }),
      tighten("Brake pipe union", "union", [1, 3, 5], { sided: true, when: CYLINDERS }),
      act("New shoes, springs and adjuster on", [15, 25, 45], {
        sided: true,
        back: "shoes",
        putsBack: ["shoes"],
        applies: [{ what: "brake grease", on: "slides" }],
        detail:
          "Compare with the photo: which lining is longer and faces where. Thin grease on the ledges only.",
        cautions: ["Springs let go: eye protection on."],
      }),
      tighten("Drum on and screw in", "screw", [3, 6, 12], {
        sided: true,
        putsBack: ["drum"],
        detail: "Adjuster out until the drum drags a little, then one notch back.",
      }),
      tighten("Bleed, then the bleed screw", "bleed", [6, 12, 25], {
        sided: true,
        when: CYLINDERS,
        hands: 2,
        cautions: ["Used brake fluid goes to a collection point. Never let the reservoir run dry."],
      }),
      count("Handbrake cable nut back by as many turns", "cable", [3, 6, 12], {
        back: "slack",
        mark: "paint across nut and rod",
      }),
      wheelOn,
      lower,
      wheelTight,
    ],
    "prove it": [
      pedal,
      look("Handbrake holds within its clicks; wheels run free with it off", [2, 4, 8]),
      slowStops,
    ],
  },
  parts: [
    { name: "Brake shoes, the set of an axle", count: 1, inPairs: true, leavesOut: ["springs and pins"] },
    { name: "Spring and pin kit for the shoes", count: 1 },
    { name: "Wheel cylinder", count: 1, sided: true, when: CYLINDERS },
  ],
  supplies: [
    { name: "Brake cleaner", amount: { value: 500, unit: "mL" } },
    { name: "Brake grease", amount: { value: 5, unit: "g" } },
    { name: "Brake fluid", amount: { value: 500, unit: "mL" }, lost: 300, when: CYLINDERS },
    { name: "Penetrant", amount: { value: 50, unit: "mL" }, when: CYLINDERS },
  ],
  tools: [{ name: "Brake spring pliers", days: 1 }],
};

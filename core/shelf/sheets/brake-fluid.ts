import type { Sheet } from "../sheet";
import {
  WHEEL,
  act,
  crackWheels,
  look,
  lower,
  often,
  pedal,
  raise,
  slowStops,
  tighten,
  wheelOff,
  wheelOn,
  wheelTight,
} from "../writing";

const STUCK = [often("rounded", 5, 35), often("snapped", 1, 18)];

export const brakeFluid: Sheet = {
  name: "brake-fluid",
  title: "Brake fluid change",
  system: "brakes",
  place: "underneath",
  foundBy: ["spongy brake pedal", "brake fluid old or dark", "bleed the brakes"],
  raised: "all",
  sides: "both",
  asks: [],
  ways: [
    {
      id: "two",
      name: "With somebody on the pedal",
      harm: "an old master cylinder can be torn by full strokes",
      evidence: "what every handbook shows; needs nothing but a helper",
      undoable: "with a new part",
    },
    {
      id: "alone",
      name: "Alone, with a pressure bottle",
      harm: "fluid on the paint where its cap leaks",
      evidence: "steady flow, one pair of hands, no air from a pedal let go too early",
    },
  ],
  fasteners: {
    wheel: { ...WHEEL, count: 10, name: "Wheel bolts or nuts" },
    bleed: {
      name: "Bleed screws",
      count: 2,
      role: "brake",
      often: "8",
      sided: true,
      note: "A ring spanner, never an open one: they round and snap.",
    },
  },
  phases: {
    "make safe": [
      look("The fluid's grade, on the reservoir's cap", [1, 1, 2], {
        detail: "Silicone and glycol never mix.",
      }),
      look("The bleeding order, and whether the brake unit needs a tool for it", [2, 4, 10]),
      crackWheels,
      raise("All round, two stands at each end", ["In gear or park, handbrake off only when it stands."]),
    ],
    "take apart": [
      wheelOff,
      act("Bleed screws wire-brushed, penetrant on", [3, 5, 8], {
        key: "soak",
        wait: { minutes: 20, until: "it has crept in" },
        detail: "Seized ones: heat and patience before force. A snapped screw is a new caliper.",
      }),
      act("Old fluid drawn out of the reservoir, new in to the top", [3, 5, 8], {
        cautions: ["Brake fluid strips paint and burns eyes: gloves, glasses, water to hand."],
      }),
    ],
    "look closely": [look("While it is open to see: hoses, pads, leaks", [3, 5, 10])],
    "put back": [
      tighten("Bled until it runs clear and without bubbles, screw shut", "bleed", [10, 20, 40], {
        sided: true,
        when: { way: ["two"] },
        hands: 2,
        troubles: STUCK,
        needs: ["soak"],
        detail:
          "Press and hold, open, let run, shut, let go. Half strokes only, and the reservoir never below its mark: air from there is everywhere. Caps back on the screws.",
        cautions: ["Used brake fluid goes to a collection point."],
      }),
      tighten("Bled with the pressure bottle until it runs clear, screw shut", "bleed", [8, 15, 30], {
        sided: true,
        when: { way: ["alone"] },
        troubles: STUCK,
        needs: ["soak"],
        detail:
          "One bar is plenty. Its cap tight on the reservoir, tried with air before there is fluid in it. Caps back on the screws.",
        cautions: [
          "Used brake fluid goes to a collection point.",
          "Pressure off before the bottle comes off.",
        ],
      }),
      wheelOn,
      lower,
      wheelTight,
    ],
    "prove it": [
      pedal,
      look("Fluid at the upper mark, cap on", [1, 1, 2]),
      look("No wet screw with somebody's foot hard on the pedal", [1, 2, 4], { hands: 2 }),
      slowStops,
    ],
  },
  parts: [],
  supplies: [
    { name: "Brake fluid", amount: { value: 1000, unit: "mL" }, lost: 900 },
    { name: "Rags", amount: { value: 4, unit: "pieces" } },
  ],
  tools: [
    { name: "Bleed bottle with a hose", days: 1 },
    { name: "Pressure bottle for bleeding", days: 1, when: { way: ["alone"] } },
  ],
};

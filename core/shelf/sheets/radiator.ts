import { capOff, lowerHoseOn } from "../pieces";
import type { Sheet } from "../sheet";
import { act, cold, handIn, look, lower, often, raise, tighten, undo, yesNo } from "../writing";

export const radiatorSheet: Sheet = {
  name: "radiator",
  title: "Radiator and hoses",
  system: "cooling",
  place: "engine",
  foundBy: [
    "coolant leaks at the front",
    "runs hot in traffic",
    "green or pink crust on the radiator",
    "radiator hose swollen",
  ],
  raised: "front",
  asks: [
    yesNo(
      "hoses",
      "Do the hoses go too?",
      "Soft, cracked or swollen at the clamps, or older than ten years: yes.",
    ),
  ],
  fasteners: {
    fan: { name: "Fan frame bolts", count: 4, role: "body", often: "10", by: "snug", into: "plastic" },
    top: { name: "Radiator bracket bolts", count: 2, role: "body", often: "10", by: "snug" },
  },
  phases: {
    "make safe": [cold, act("Ignition off, key out: the fan starts by itself", [1, 1, 1]), raise("Front")],
    "take apart": [
      capOff,
      act("Splash shield aside", [3, 6, 15], { takesOff: ["splash shield"] }),
      act("Lower hose off, coolant caught", [4, 10, 20], {
        needs: ["cold"],
        takesOff: ["lower hose"],
        detail: "Write down how many litres came out.",
        cautions: ["Coolant is sweet and poison: nothing left where a child or a dog finds it."],
      }),
      act("Upper hose off", [2, 5, 12], { takesOff: ["upper hose"] }),
      act("Fan's plug off", [1, 2, 5], { takesOff: ["fan plug"] }),
      undo("Fan out with its frame", "fan", [4, 8, 20], {
        troubles: [often("lead or clip broken", 3, 20)],
        takesOff: ["fan"],
      }),
      undo("Brackets off, radiator lifted out", "top", [4, 10, 25], {
        troubles: [often("seized", 1, 12)],
        takesOff: ["radiator"],
        heldUp: "two hands; the condenser before it stays where it is",
        detail: "The air conditioning's pipes are never opened at home.",
      }),
    ],
    "look closely": [
      look("Old beside new: necks, pegs, sensor's hole", [1, 2, 4]),
      look("Rubber pegs and condenser: whole, clean", [1, 2, 4]),
    ],
    "put back": [
      tighten("New radiator on its pegs, brackets", "top", [4, 8, 15], { putsBack: ["radiator"] }),
      tighten("Fan in with its frame", "fan", [3, 6, 12], { putsBack: ["fan"] }),
      act("Fan's plug on", [1, 1, 3], { putsBack: ["fan plug"] }),
      act("Upper hose on, its clamp where it was", [1, 3, 6], { putsBack: ["upper hose"] }),
      lowerHoseOn,
      act("Filled slowly, bleed screws open until no bubbles come", [8, 15, 30], {
        detail: "The kind the handbook names; as many litres in as came out.",
      }),
      act("Splash shield and tank's cap on", [3, 5, 10], {
        putsBack: ["splash shield", "expansion tank cap"],
      }),
      lower,
    ],
    "prove it": [
      look("Runs until the fan has come on twice; dry; heater hot", [15, 25, 40], {
        cautions: ["The fan starts by itself."],
      }),
      look("Level again when it is cold, the next morning", [1, 2, 4]),
      handIn("Old coolant"),
    ],
  },
  parts: [
    { name: "Radiator", count: 1 },
    { name: "Radiator hoses", count: 2, when: { hoses: ["yes"] } },
  ],
  supplies: [
    { name: "Coolant", amount: { value: 6000, unit: "mL" } },
    { name: "Rags", amount: { value: 4, unit: "pieces" } },
  ],
  bare: [{ name: "Thermostat", minutesNow: 15, minutesLater: 90 }],
};

import { RADIATOR_PLUG, capOff, capOn, heaterHot, lowerHoseOn } from "../pieces";
import type { Sheet } from "../sheet";
import { act, cold, handIn, look, lower, often, raise, tighten, undo, yesNo } from "../writing";

export const coolantChange: Sheet = {
  name: "coolant-change",
  title: "Coolant change",
  system: "cooling",
  place: "engine",
  foundBy: ["coolant old, rusty or cloudy", "antifreeze too weak for the winter", "coolant due"],
  raised: "front",
  asks: [
    yesNo(
      "plug",
      "Is there a drain plug on the radiator?",
      "At its lower corner; otherwise the lower hose comes off.",
    ),
  ],
  ways: [
    {
      id: "drain",
      name: "Drained and filled",
      harm: "a third of the old coolant stays in the engine",
      evidence: "enough where what came out was clear and of the same kind",
      undoable: "fully",
    },
    {
      id: "rinse",
      name: "Drained, rinsed with water until clear, filled",
      harm: "what stays in is water: the new coolant goes in stronger",
      evidence: "for another kind, or where it came out brown",
      undoable: "fully",
    },
  ],
  fasteners: {
    plug: RADIATOR_PLUG,
  },
  phases: {
    "make safe": [
      look("The coolant's kind and amount, in the handbook", [2, 4, 8], {
        detail: "By its specification, never by its colour.",
      }),
      cold,
      raise("Front"),
      heaterHot,
    ],
    "take apart": [
      capOff,
      undo("Radiator drain plug open, coolant caught", "plug", [5, 10, 20], {
        when: { plug: ["yes"] },
        needs: ["cold"],
        troubles: [often("snapped", 1, 12)],
      }),
      act("Lower hose off, coolant caught", [5, 12, 25], {
        when: { plug: ["no"] },
        needs: ["cold"],
        takesOff: ["lower hose"],
        troubles: [often("stuck on its seat", 3, 20)],
      }),
      act("Litres that came out written down", [1, 1, 2], { mark: "litres that came out" }),
      act("Rinsed with clean water until it runs clear", [15, 30, 60], {
        when: { way: ["rinse"] },
        noWayBack: "it is done once",
        detail: "All of it is caught: rinsing water is poison too.",
      }),
    ],
    "look closely": [
      look("Rust, oil or slime in what came out: another fault", [1, 2, 4]),
      look("Hoses: soft, cracked, swollen at the clamps", [2, 3, 6]),
    ],
    "put back": [
      tighten("Radiator drain plug shut", "plug", [1, 1, 3], { when: { plug: ["yes"] } }),
      { ...lowerHoseOn, when: { plug: ["no"] } },
      act("Filled slowly, bleed screws open until no bubbles come", [8, 15, 30], {
        detail: "Mixed with soft water to the strength the climate asks for.",
      }),
      capOn,
      lower,
    ],
    "prove it": [
      look("Runs until the fan has come on twice; heater hot; nothing drips", [15, 25, 40], {
        cautions: ["The fan starts by itself."],
      }),
      look("Strength tested when it is mixed, level again when it is cold", [2, 4, 8]),
      handIn("Old coolant"),
    ],
  },
  parts: [],
  supplies: [
    { name: "Coolant", amount: { value: 6000, unit: "mL" } },
    { name: "Rags", amount: { value: 4, unit: "pieces" } },
  ],
  tools: [{ name: "Antifreeze tester", days: 1 }],
};

import { RADIATOR_PLUG, capOff, capOn, coolantIn, heaterHot, lowerHoseOn } from "../pieces";
import type { Sheet } from "../sheet";
import { act, byHand, cold, handIn, look, lower, often, raise, tighten, undo, yesNo } from "../writing";

export const thermostat: Sheet = {
  name: "thermostat",
  title: "Thermostat and coolant",
  system: "cooling",
  place: "engine",
  foundBy: [
    "runs hot",
    "never gets warm, heater cold",
    "temperature falls on the open road",
    "coolant leaks at the thermostat",
  ],
  raised: "front",
  asks: [
    yesNo(
      "plug",
      "Is there a drain plug on the radiator?",
      "At its lower corner; otherwise the lower hose comes off.",
    ),
  ],
  fasteners: {
    plug: RADIATOR_PLUG,
    housing: { name: "Thermostat housing bolts", count: 3, role: "engine", often: "10", into: "aluminium" },
  },
  phases: {
    "make safe": [cold, raise("Front"), heaterHot],
    "take apart": [
      capOff,
      undo("Radiator drain plug open, coolant caught", "plug", [3, 5, 10], {
        troubles: [often("snapped", 1, 12)],
        when: { plug: ["yes"] },
        needs: ["cold"],
      }),
      act("Lower hose off, coolant caught", [4, 8, 20], {
        when: { plug: ["no"] },
        needs: ["cold"],
        takesOff: ["lower hose"],
        detail: "Write down how many litres came out.",
      }),
      act("Hose off the thermostat housing", [2, 5, 15], {
        takesOff: ["thermostat hose"],
        detail: "Twist it free; a stuck end is cut along, never levered off its neck.",
      }),
      undo("Housing off, old thermostat out", "housing", [4, 10, 40], {
        troubles: [often("snapped", 1, 18), often("stuck on its seat", 5, 25)],
        takesOff: ["thermostat housing"],
        photo: true,
        detail: "Which way up it sat, and where its little valve pointed.",
      }),
    ],
    "look closely": [
      look("Old beside new: degrees stamped on it, seal, way up", [1, 1, 3]),
      look("Hoses: soft, cracked, swollen at the clamps", [2, 3, 6]),
    ],
    "put back": [
      act("Both faces clean, no scratch", [2, 5, 12]),
      act("New thermostat and seal in, its little valve at the top", [1, 3, 6]),
      byHand("Housing on, bolts by hand", "housing", [2, 4, 8], { putsBack: ["thermostat housing"] }),
      tighten("Housing bolts", "housing", [1, 3, 6]),
      act("Hose on, its clamp where it was", [1, 3, 6], { putsBack: ["thermostat hose"] }),
      { ...lowerHoseOn, when: { plug: ["no"] } },
      tighten("Radiator drain plug shut", "plug", [1, 1, 3], { when: { plug: ["yes"] } }),
      coolantIn,
      capOn,
      lower,
    ],
    "prove it": [
      look("Runs until the fan has come on twice; heater hot; nothing drips", [15, 25, 40], {
        cautions: ["The fan starts by itself."],
      }),
      look("Level again when it is cold, the next morning", [1, 2, 4]),
      handIn("Old coolant"),
    ],
  },
  parts: [
    { name: "Thermostat", count: 1 },
    { name: "Thermostat seal", count: 1 },
  ],
  supplies: [
    { name: "Coolant", amount: { value: 5000, unit: "mL" } },
    { name: "Rags", amount: { value: 4, unit: "pieces" } },
  ],
  bare: [{ name: "Coolant hoses", minutesNow: 10, minutesLater: 60 }],
};

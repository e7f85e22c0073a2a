import type { Sheet } from "../sheet";
import { act, handIn, look, often, tighten, undo } from "../writing";

export const battery: Sheet = {
  name: "battery",
  title: "Battery",
  system: "starting and charging",
  place: "engine",
  foundBy: [
    "will not start, won't start, just clicks",
    "cranks slowly",
    "battery flat, dead",
    "lights dim when starting",
  ],
  asks: [],
  fasteners: {
    negative: { name: "Negative clamp nut", count: 1, role: "body", often: "10", by: "snug" },
    positive: { name: "Positive clamp nut", count: 1, role: "body", often: "10", by: "snug" },
    foot: { name: "Battery hold-down bolt", count: 1, role: "body", often: "13", by: "snug" },
  },
  phases: {
    "make safe": [
      look("Is it the battery: 12.4 V or more at rest, 13.8 to 14.8 running", [3, 5, 8], {
        detail:
          "At rest overnight. A charged battery that falls below 10 V while cranking is done for; one that is not charged running is the alternator's doing.",
      }),
      act("Radio code, window and clock settings to hand; key out, doors open", [2, 4, 8]),
      act("No flame, no cigarette; glasses on", [1, 1, 2], {
        cautions: ["Batteries give off gas that burns. Acid: glasses and gloves."],
      }),
    ],
    "take apart": [
      act("Cover off", [1, 1, 3], { takesOff: ["battery cover"] }),
      undo("Negative clamp off first, tucked away", "negative", [1, 2, 5], {
        troubles: [often("seized", 1, 10)],
        takesOff: ["negative clamp"],
        detail: "Negative first: a spanner that slips then touches nothing.",
      }),
      undo("Positive clamp off, covered", "positive", [1, 2, 5], { takesOff: ["positive clamp"] }),
      undo("Hold-down out, battery lifted out", "foot", [2, 4, 10], {
        troubles: [often("seized", 3, 25), often("snapped", 1, 10)],
        takesOff: ["battery"],
        detail: "15 to 25 kg, upright, from the legs. The vent hose stays with the car.",
      }),
    ],
    "look closely": [
      look("New against old: size, foot, which side positive is, vent hose", [1, 2, 4]),
      look("Tray and clamps: rust, white crust", [1, 2, 4]),
    ],
    "put back": [
      act("Clamps and tray brushed clean, crust washed with soda water", [3, 5, 10]),
      act("Battery in, vent hose on", [2, 3, 6], { putsBack: ["battery"] }),
      tighten("Hold-down", "foot", [1, 2, 3], { detail: "It may not move by hand: shaken plates die." }),
      tighten("Positive clamp on first", "positive", [1, 2, 3], { putsBack: ["positive clamp"] }),
      tighten("Negative clamp on last", "negative", [1, 2, 3], { putsBack: ["negative clamp"] }),
      act("Cover on", [1, 1, 2], { putsBack: ["battery cover"] }),
    ],
    "prove it": [
      look("It starts; 13.8 to 14.8 V at the clamps with the engine on", [2, 3, 5]),
      act("Clock, windows and radio taught again; new battery told to the car where it asks", [3, 6, 15]),
      handIn("Old battery"),
    ],
  },
  parts: [{ name: "Battery", count: 1 }],
  supplies: [{ name: "Terminal grease", amount: { value: 5, unit: "g" } }],
};

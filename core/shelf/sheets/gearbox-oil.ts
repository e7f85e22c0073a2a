import type { Sheet } from "../sheet";
import { act, handIn, look, lower, often, raise, tighten, undo } from "../writing";

export const gearboxOil: Sheet = {
  name: "gearbox-oil",
  title: "Gearbox oil, manual",
  system: "gearbox and drive",
  place: "gearbox",
  foundBy: ["gears hard to get in when cold", "gearbox oil old", "transmission fluid, manual"],
  raised: "all",
  asks: [],
  fasteners: {
    fill: { name: "Filler plug", count: 1, role: "driveline", often: "17", note: "A new washer each time." },
    drain: { name: "Drain plug", count: 1, role: "driveline", often: "17", note: "A new washer each time." },
  },
  phases: {
    "make safe": [
      look("The oil's grade and amount, in the handbook", [2, 4, 8], {
        detail: "Gear oils look alike and are not: the wrong one eats the synchro rings.",
      }),
      act("Driven warm for ten minutes", [10, 12, 20]),
      raise("All round, two stands at each end, so that it is level"),
    ],
    "take apart": [
      undo("Filler plug out first", "fill", [3, 6, 30], {
        troubles: [often("seized", 3, 30), often("rounded inside", 2, 20)],
        key: "filled",
        detail: "First, before anything is drained: if it does not come out, the oil stays in.",
      }),
      undo("Drain plug out, oil into the pan", "drain", [2, 5, 15], {
        troubles: [often("seized", 3, 25)],
        key: "drained",
        needs: ["filled"],
        wait: { minutes: 15, until: "it only drips" },
        cautions: ["Warm oil: gloves."],
      }),
    ],
    "look closely": [look("Magnet and oil: fine paste is usual, splinters are not", [2, 3, 5])],
    "put back": [
      tighten("Drain plug in, new washer", "drain", [1, 2, 5], { needs: ["drained"] }),
      act("New oil pumped in until it runs out of the filler", [8, 15, 25], {
        detail: "Level, on all stands. Let it run out until it only drips.",
      }),
      tighten("Filler plug in, new washer", "fill", [1, 2, 4]),
      lower,
    ],
    "prove it": [look("Both plugs dry after a drive; every gear goes in", [8, 12, 20]), handIn("Old oil")],
  },
  parts: [{ name: "Gearbox plug washers", count: 2 }],
  supplies: [
    { name: "Gear oil", amount: { value: 2500, unit: "mL" } },
    { name: "Rags", amount: { value: 4, unit: "pieces" } },
  ],
  tools: [{ name: "Pump or funnel with a long hose for gear oil", days: 1 }],
};

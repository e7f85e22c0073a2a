import type { Sheet } from "../sheet";
import { act, handIn, look, lower, often, raise, tighten, undo } from "../writing";

const DRAIN = { drain: ["yes"] };
const SUCKED = { drain: ["no"] };

export const differentialOil: Sheet = {
  name: "differential-oil",
  title: "Differential or transfer box oil",
  system: "gearbox and drive",
  place: "underneath",
  foundBy: [
    "differential oil old, or after wading",
    "whine from the rear axle",
    "transfer case oil, rear diff fluid, axle oil",
  ],
  raised: "all",
  asks: [
    {
      id: "drain",
      asks: "Is there a drain plug?",
      tell: "At the lowest point of the casing. Some have only the filler, at the height of the oil.",
      answers: [
        { id: "yes", says: "yes" },
        { id: "no", says: "no, only a filler" },
      ],
    },
  ],
  fasteners: {
    fill: {
      name: "Filler plug",
      count: 1,
      role: "driveline",
      often: "10 mm key",
      note: "A new washer each time.",
    },
    drain: {
      name: "Drain plug",
      count: 1,
      role: "driveline",
      often: "10 mm key",
      note: "A new washer each time.",
      when: DRAIN,
    },
  },
  phases: {
    "make safe": [
      look("The oil's grade, and whether the axle has a limited-slip unit, in the handbook", [2, 4, 8], {
        detail: "Such a unit wants its own oil or an additive.",
      }),
      act("Driven warm for ten minutes", [10, 12, 20]),
      raise("All round, two stands at each end, so that it is level"),
    ],
    "take apart": [
      act("Round the plugs brushed clean, recess picked out", [2, 4, 8], {
        detail: "A key half in a recess full of dirt rounds it.",
      }),
      undo("Filler plug out first", "fill", [3, 6, 30], {
        key: "filled",
        detail: "First, before anything is drained: if it does not come out, the oil stays in.",
        troubles: [often("seized", 3, 30), often("rounded inside", 2, 20)],
      }),
      undo("Drain plug out, oil into the pan", "drain", [2, 5, 15], {
        key: "drained",
        when: DRAIN,
        needs: ["filled"],
        wait: { minutes: 15, until: "it only drips" },
        cautions: ["Warm oil: gloves."],
        troubles: [often("seized", 3, 25)],
      }),
      act("Old oil drawn out through the filler", [8, 15, 30], {
        noWayBack: "new oil goes in",
        when: SUCKED,
        needs: ["filled"],
        detail: "Hose to the lowest point; a little stays, which is why the next time comes sooner.",
      }),
    ],
    "look closely": [look("Magnet and oil: fine paste is usual, splinters and milk are not", [2, 3, 5])],
    "put back": [
      tighten("Drain plug in, new washer", "drain", [1, 2, 5], { when: DRAIN, needs: ["drained"] }),
      act("New oil pumped in until it runs out of the filler", [6, 12, 20], {
        detail: "Level, on all stands. Let it run out until it only drips.",
      }),
      tighten("Filler plug in, new washer", "fill", [1, 2, 4]),
      lower,
    ],
    "prove it": [look("Plugs dry after a drive, no whine", [8, 12, 20]), handIn("Old oil")],
  },
  parts: [{ name: "Plug washers", count: 2 }],
  supplies: [
    { name: "Differential oil", amount: { value: 1500, unit: "mL" } },
    { name: "Rags", amount: { value: 4, unit: "pieces" } },
  ],
  tools: [{ name: "Pump or funnel with a long hose for gear oil", days: 1 }],
};

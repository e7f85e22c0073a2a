import type { Sheet } from "../sheet";
import { act, byHand, look, often, tighten, undo } from "../writing";

export const sparkPlugs: Sheet = {
  name: "spark-plugs",
  title: "Spark plugs and coils",
  system: "ignition and fuel",
  place: "engine",
  foundBy: [
    "misfires",
    "runs rough, shakes at idle",
    "hard to start",
    "coil pack",
    "ignition coil",
    "tune up",
  ],
  asks: [
    {
      id: "coils",
      asks: "A coil on each plug, or leads?",
      tell: "Under the engine cover: a small block with a plug on every cylinder, or thick leads.",
      answers: [
        { id: "each", says: "a coil on each" },
        { id: "leads", says: "leads" },
      ],
    },
  ],
  fasteners: {
    coil: {
      name: "Coil screws",
      count: 4,
      role: "engine",
      often: "10",
      into: "aluminium",
      when: { coils: ["each"] },
    },
    plug: { name: "Spark plugs", count: 4, role: "engine", often: "16", into: "aluminium" },
  },
  phases: {
    "make safe": [
      act("Engine cold", [1, 1, 2], {
        key: "cold",
        wait: { minutes: 60, until: "it is cold to the hand" },
        detail: "A plug out of hot aluminium takes the thread with it.",
      }),
      act("Ignition off, key out", [1, 1, 1]),
    ],
    "take apart": [
      act("Engine cover off", [1, 2, 5], { takesOff: ["engine cover"] }),
      act("Coil connectors off, each marked", [2, 4, 10], {
        when: { coils: ["each"] },
        takesOff: ["coil connectors"],
        mark: "numbers on tape, one to each cylinder",
        detail: "Press the tab, pull the housing, never the wires. Old ones break: go slowly.",
      }),
      undo("Coils out", "coil", [4, 6, 15], {
        troubles: [often("stuck on its seat", 5, 25), often("lead or clip broken", 3, 25)],
        when: { coils: ["each"] },
        takesOff: ["coils"],
        detail: "A quarter turn each way first: the boots stick.",
      }),
      act("Leads off the plugs, each marked", [3, 5, 10], {
        when: { coils: ["leads"] },
        takesOff: ["leads"],
        mark: "numbers on tape, one to each cylinder",
      }),
      act("Plug wells blown or sucked clean", [2, 3, 5], {
        cautions: ["Eye protection: grit flies."],
        detail: "What lies in the well falls into the cylinder.",
      }),
      undo("Plugs out, kept in order", "plug", [5, 10, 30], {
        troubles: [often("seized", 2, 12), often("snapped", 0, 2)],
        needs: ["cold"],
        detail: "Tight halfway out: back in, a drop of penetrant, wait. Never by force.",
      }),
    ],
    "look closely": [
      look("Each old plug: colour, oil, worn edge, crack", [3, 5, 8]),
      look("Old beside new: thread, reach, seat, heat range on the box", [1, 2, 4]),
      look("Gap of each new plug", [2, 4, 8], {
        measure: { what: "plug's gap", unit: "mm" },
        detail: "Most are set at the works: check, bend nothing on fine-wire plugs.",
      }),
    ],
    "put back": [
      byHand("Plugs in by hand, with a piece of hose", "plug", [3, 5, 10], {
        detail: "They must spin in by fingers to the seat. No paste unless the plug's maker says so.",
      }),
      tighten("Plugs", "plug", [2, 4, 6]),
      act("Coils in, boots pressed home", [2, 4, 6], { when: { coils: ["each"] }, putsBack: ["coils"] }),
      tighten("Coil screws", "coil", [1, 2, 4], { when: { coils: ["each"] } }),
      act("Coil connectors on, a tug at each", [1, 2, 4], {
        when: { coils: ["each"] },
        putsBack: ["coil connectors"],
      }),
      act("Leads on by their numbers, until they click", [2, 4, 6], {
        when: { coils: ["leads"] },
        putsBack: ["leads"],
      }),
      act("Engine cover on", [1, 1, 3], { putsBack: ["engine cover"] }),
    ],
    "prove it": [look("Engine on: runs even, no warning light", [2, 4, 8])],
  },
  parts: [
    { name: "Spark plugs", count: 4, renews: "plug" },
    { name: "Coil boots", count: 4, when: { coils: ["each"] } },
  ],
  supplies: [{ name: "Rags", amount: { value: 2, unit: "pieces" } }],
};

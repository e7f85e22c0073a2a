import type { Sheet } from "../sheet";
import { act, look, often, tighten, undo } from "../writing";

export const blindInserts: Sheet = {
  name: "blind-inserts",
  title: "Blind threaded inserts in sheet metal",
  system: "body and cabin",
  place: "underneath",
  foundBy: [
    "captive nut spins in the panel",
    "thread torn out of sheet metal",
    "rivet nut, roof rail or undertray insert",
  ],
  asks: [
    {
      id: "old",
      asks: "Is an old insert still in the hole?",
      tell: "It turns with the bolt, or only its bore is left.",
      answers: [
        { id: "yes", says: "yes, it turns" },
        { id: "no", says: "no, the hole is bare" },
      ],
    },
  ],
  fasteners: {
    bolt: {
      name: "Bolts into the inserts",
      count: 4,
      role: "body",
      often: "10",
      into: "sheet metal",
      note: "An insert bears far less than a nut: look it up for insert and sheet, not for the bolt.",
    },
  },
  phases: {
    "make safe": [
      look("What lies behind the sheet: leads, hoses, tank, the other skin", [2, 5, 10], {
        cautions: ["A stop on the drill: what lies behind cannot be seen. Near an airbag: not at all."],
      }),
    ],
    "take apart": [
      undo("Bolts out", "bolt", [3, 8, 40], {
        takesOff: ["what is bolted there"],
        troubles: [often("insert spins", 10, 40), often("seized", 2, 20)],
      }),
      act("Old insert's collar drilled off, the rest pushed in or fished out", [5, 12, 40], {
        when: { old: ["yes"] },
        noWayBack: "a new one goes in",
        cautions: ["Eye protection on, the insert held with a slip of metal, so that it does not spin."],
      }),
      act("Hole drilled to the insert's own size, both sides deburred", [3, 8, 20], {
        noWayBack: "the hole is made once",
        detail:
          "In steps; a hole a tenth too wide and the insert spins. Six-sided inserts want a six-sided hole.",
      }),
      act("Chips out, bare edge painted", [3, 6, 12], {
        key: "paint",
        noWayBack: "it is done once",
        wait: { minutes: 30, until: "the paint is dry" },
      }),
    ],
    "look closely": [
      look("Sheet's thickness against the insert's range", [1, 2, 4]),
      look("A trial insert in scrap of the same thickness", [4, 8, 15]),
    ],
    "put back": [
      act("Inserts set square, until the stroke is full and no more", [4, 10, 25], {
        needs: ["paint"],
        detail: "Over-pulled, the thread is stretched; tried by hand with a bolt: it goes in by two fingers.",
      }),
      act("Part on, every bolt begun by hand", [2, 5, 10], { putsBack: ["what is bolted there"] }),
      tighten("Bolts", "bolt", [2, 4, 8]),
    ],
    "prove it": [look("Nothing turns, nothing rattles; again after a week", [1, 2, 4])],
  },
  parts: [{ name: "Blind threaded inserts", count: 4 }],
  supplies: [{ name: "Touch-up paint", amount: { value: 10, unit: "mL" } }],
  tools: [{ name: "Setting tool for blind inserts", days: 1 }],
};

import type { Sheet } from "../sheet";
import { act, handIn, look, lower, often, raise, tighten, undo } from "../writing";

export const engineOil: Sheet = {
  name: "engine-oil",
  title: "Engine oil and filter",
  system: "engine",
  place: "engine",
  foundBy: ["oil change", "service due", "oil light", "oil old or black", "oil filter"],
  raised: "front",
  asks: [
    {
      id: "filter",
      asks: "Which filter?",
      tell: "A tin that screws on from outside, or a cap of plastic with a paper filter inside.",
      answers: [
        { id: "can", says: "a tin that screws on" },
        { id: "cap", says: "paper in a cap" },
      ],
    },
    {
      id: "tray",
      asks: "Is there a tray under the engine?",
      tell: "Look from the front with a lamp: plastic or metal in the way of the drain plug.",
      answers: [
        { id: "yes", says: "yes" },
        { id: "no", says: "no" },
      ],
    },
  ],
  fasteners: {
    tray: {
      name: "Engine tray screws",
      count: 6,
      role: "body",
      often: "T30",
      by: "snug",
      when: { tray: ["yes"] },
    },
    drain: { name: "Drain plug", count: 1, role: "engine", often: "17", note: "A new washer each time." },
    can: {
      name: "Oil filter",
      count: 1,
      role: "engine",
      by: "hand tight + 3/4 turn",
      when: { filter: ["can"] },
      note: "Three quarters of a turn from where the seal touches, unless the filter says otherwise.",
    },
    cap: { name: "Oil filter cap", count: 1, role: "engine", often: "27", when: { filter: ["cap"] } },
  },
  phases: {
    "make safe": [
      act("Engine warm, not hot, then off", [5, 8, 15], {
        detail: "Warm oil runs out whole. Hot oil burns.",
        cautions: ["Hot oil and exhaust: gloves."],
      }),
      raise("Front"),
      look("Car level enough that the plug is at the lowest place", [1, 1, 3]),
    ],
    "take apart": [
      act("Oil filler cap off", [1, 1, 1], {
        takesOff: ["oil filler cap"],
        detail: "So it runs without gulping.",
      }),
      undo("Engine tray off", "tray", [5, 8, 20], {
        troubles: [often("rounded inside", 3, 20), often("lead or clip broken", 5, 35)],
        when: { tray: ["yes"] },
        takesOff: ["engine tray"],
      }),
      undo("Drain plug out, oil into the pan", "drain", [3, 5, 10], {
        troubles: [often("rounded", 1, 8), often("stripped", 1, 5)],
        key: "drained",
        wait: { minutes: 10, until: "it only drips" },
        cautions: ["Skin away from used oil."],
      }),
      undo("Filter off", "can", [3, 6, 20], {
        troubles: [often("seized", 3, 15)],
        when: { filter: ["can"] },
        detail: "Its old seal must come with it: two seals leak everything.",
      }),
      undo("Filter cap and paper out", "cap", [3, 6, 15], {
        troubles: [often("rounded", 1, 10)],
        when: { filter: ["cap"] },
        takesOff: ["paper filter"],
        photo: true,
        detail: "Which way up the paper stood, and where each ring sat.",
      }),
    ],
    "look closely": [
      look("Old oil and plug: metal flakes, milky, smell of fuel", [1, 2, 4]),
      look("Drain plug's thread and seat", [1, 1, 3]),
    ],
    "put back": [
      tighten("Drain plug in, new washer", "drain", [1, 2, 4], { needs: ["drained"] }),
      tighten("New filter on, its seal oiled", "can", [2, 3, 6], {
        when: { filter: ["can"] },
        applies: [{ what: "oil", on: "lips" }],
      }),
      act("New paper and new rings in", [3, 5, 10], {
        when: { filter: ["cap"] },
        putsBack: ["paper filter"],
        applies: [{ what: "oil", on: "lips" }],
      }),
      tighten("Filter cap on", "cap", [1, 2, 4], { when: { filter: ["cap"] } }),
      act("New oil in, most of it, filler cap on", [3, 5, 8], {
        putsBack: ["oil filler cap"],
        detail: "Grade and amount as the handbook says. Rather too little, then up to the mark.",
      }),
      tighten("Engine tray on", "tray", [5, 8, 15], { when: { tray: ["yes"] }, putsBack: ["engine tray"] }),
      lower,
    ],
    "prove it": [
      look("Engine on for a minute: oil light out, nothing drips", [2, 3, 5]),
      act("Engine off", [1, 1, 1], { key: "off", wait: { minutes: 5, until: "the oil has run down" } }),
      act("Oil up to the mark on the stick", [2, 3, 6], { needs: ["off"] }),
      look("Look under it again after the first drive", [1, 2, 3]),
      act("Service light set back, kilometres written down", [1, 2, 5]),
      handIn("Old oil and filter"),
    ],
  },
  parts: [
    { name: "Oil filter", count: 1, leavesOut: ["drain plug washer"] },
    { name: "Drain plug washer", count: 1 },
  ],
  supplies: [
    { name: "Engine oil", amount: { value: 5000, unit: "mL" } },
    { name: "Rags", amount: { value: 4, unit: "pieces" } },
  ],
  tools: [{ name: "Oil filter wrench", days: 1, turns: ["can"], when: { filter: ["can"] } }],
};

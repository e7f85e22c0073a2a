import type { Sheet } from "../sheet";
import { act, byHand, cold, look, often, tighten, undo, yesNo } from "../writing";

export const camCoverSheet: Sheet = {
  name: "cam-cover",
  title: "Cam cover gasket",
  system: "engine",
  place: "engine",
  foundBy: [
    "oil down the side of the engine",
    "smell of burnt oil",
    "oil in the plug wells",
    "valve cover, rocker cover leaks",
  ],
  asks: [yesNo("coils", "Do coils stand in the cover?", "A small block with a plug over every cylinder.")],
  fasteners: {
    coil: {
      name: "Coil screws",
      count: 4,
      role: "engine",
      often: "10",
      into: "aluminium",
      when: { coils: ["yes"] },
    },
    cover: {
      name: "Cam cover bolts",
      count: 10,
      role: "engine",
      often: "10",
      into: "aluminium",
      note: "Little torque: rubber stops and thin aluminium. Order from the middle outward unless another is given.",
    },
  },
  phases: {
    "make safe": [
      cold,
      act("Cover and its surroundings blown or washed clean", [4, 8, 15], {
        detail: "What lies on it falls in.",
        cautions: ["Eye protection."],
      }),
    ],
    "take apart": [
      act("Engine cover off", [1, 2, 5], { takesOff: ["engine cover"] }),
      act("Coil connectors off, each marked", [2, 4, 10], {
        when: { coils: ["yes"] },
        takesOff: ["coil connectors"],
        mark: "numbers on tape, one to each cylinder",
      }),
      undo("Coils out", "coil", [4, 6, 15], {
        troubles: [often("stuck on its seat", 5, 25), often("lead or clip broken", 3, 25)],
        when: { coils: ["yes"] },
        takesOff: ["coils"],
      }),
      act("Breather hose and leads aside", [2, 5, 15], {
        takesOff: ["breather hose"],
        photo: true,
        detail: "Old plastic breaks: warm it, twist, do not lever.",
      }),
      undo("Cover bolts out, from the outside in, cover off", "cover", [6, 12, 40], {
        troubles: [often("stripped", 1, 8), often("stuck on its seat", 5, 20)],
        needs: ["cold"],
        takesOff: ["cam cover"],
        detail: "Stuck: a soft hammer at its corners. Nothing levered between the faces.",
      }),
    ],
    "look closely": [
      look("Old gasket and tube seals: where it leaked", [2, 3, 6]),
      look("Cams: scored, blue, or sludge", [2, 3, 6]),
    ],
    "put back": [
      act("Both faces clean and dry, the opening covered meanwhile", [8, 15, 30], {
        detail: "Rag over the cams while scraping; plastic scraper.",
      }),
      act("Sealant at the joints of the bearing caps only", [2, 4, 8], {
        applies: [{ what: "sealant", on: "faces" }],
        detail: "A pea where the faces meet at a step; nowhere else unless the maker says so.",
      }),
      byHand("Cover on with its new gasket, bolts by hand", "cover", [4, 8, 15], { putsBack: ["cam cover"] }),
      tighten("Cover bolts, from the middle out", "cover", [4, 8, 15]),
      act("Breather hose and leads on", [2, 4, 8], { putsBack: ["breather hose"] }),
      act("Coils in", [2, 4, 6], { when: { coils: ["yes"] }, putsBack: ["coils"] }),
      tighten("Coil screws", "coil", [1, 2, 4], { when: { coils: ["yes"] } }),
      act("Coil connectors on, a tug at each", [1, 2, 4], {
        when: { coils: ["yes"] },
        putsBack: ["coil connectors"],
      }),
      act("Engine cover on", [1, 1, 3], { putsBack: ["engine cover"] }),
    ],
    "prove it": [look("Warm and running: dry all round; oil at the mark", [5, 10, 20])],
  },
  parts: [
    { name: "Cam cover gasket", count: 1, leavesOut: ["spark plug tube seals"] },
    { name: "Spark plug tube seals", count: 4 },
  ],
  supplies: [
    { name: "Sealant", amount: { value: 20, unit: "g" } },
    { name: "Rags", amount: { value: 4, unit: "pieces" } },
  ],
  bare: [{ name: "Spark plugs", minutesNow: 10, minutesLater: 40 }],
};

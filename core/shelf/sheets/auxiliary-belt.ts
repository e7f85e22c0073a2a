import type { Sheet } from "../sheet";
import { act, look, lower, often, raise, tighten, undo, yesNo } from "../writing";

export const auxiliaryBelt: Sheet = {
  name: "auxiliary-belt",
  title: "Auxiliary belt",
  system: "engine",
  place: "engine",
  foundBy: [
    "belt squeals when cold or wet",
    "belt cracked",
    "charge light flickers",
    "drive belt, fan belt, serpentine belt",
  ],
  raised: "front",
  asks: [
    {
      id: "tension",
      asks: "How is it kept tight?",
      tell: "An arm with a roller on a spring; or a pump or alternator in a slotted hole; or neither, and the belt stretches.",
      answers: [
        { id: "spring", says: "a sprung tensioner" },
        { id: "slot", says: "a slot and a bolt" },
      ],
    },
    yesNo(
      "pulleys",
      "Tensioner and idlers too?",
      "Spun by hand with the belt off they must be silent; with old ones a new belt does not last.",
    ),
  ],
  fasteners: {
    slot: { name: "Adjuster lock bolt", count: 1, role: "engine", often: "13", when: { tension: ["slot"] } },
    idler: {
      name: "Tensioner and idler bolts",
      count: 2,
      role: "engine",
      often: "15",
      when: { pulleys: ["yes"] },
    },
  },
  phases: {
    "make safe": [
      act("Engine off, key out: nothing may start it", [1, 1, 1]),
      look("The belt's way round, drawn or photographed", [1, 2, 4], { photo: true }),
      raise("Front"),
    ],
    "take apart": [
      act("Splash shield aside", [3, 6, 15], { takesOff: ["splash shield"] }),
      act("Tensioner swung back with a bar, belt off", [2, 4, 10], {
        when: { tension: ["spring"] },
        takesOff: ["belt"],
        loaded: "the tensioner's spring",
        cautions: ["Fingers out of the belt's way: the spring takes them along."],
      }),
      undo("Adjuster slackened, belt off", "slot", [3, 6, 15], {
        troubles: [often("seized", 3, 20)],
        when: { tension: ["slot"] },
        takesOff: ["belt"],
      }),
      undo("Tensioner and idlers off", "idler", [5, 10, 25], {
        troubles: [often("seized", 2, 15), often("stripped", 1, 8)],
        when: { pulleys: ["yes"] },
      }),
    ],
    "look closely": [
      look("Old belt beside new: ribs, length", [1, 1, 2]),
      look("Every pulley spun and rocked: silent, no play; oil or coolant near it", [2, 4, 8]),
    ],
    "put back": [
      tighten("New tensioner and idlers", "idler", [4, 8, 15], { when: { pulleys: ["yes"] } }),
      act("Belt on by the picture, every rib in its groove", [3, 8, 20], {
        putsBack: ["belt"],
        routing: ["crank", "alternator", "idler", "pump", "tensioner"],
        detail: "The round pulley or the back of the belt last. The way round above is only an example.",
      }),
      tighten("Belt tightened at the adjuster, lock bolt", "slot", [3, 6, 12], {
        when: { tension: ["slot"] },
      }),
      act("Turned over twice by a spanner on the crank; looked at again", [2, 3, 6]),
      act("Splash shield on", [3, 5, 10], { putsBack: ["splash shield"] }),
      lower,
    ],
    "prove it": [
      look("Engine on: belt runs true and silent, charge light out", [2, 3, 5], {
        cautions: ["Sleeves, hair and cloths away from it."],
      }),
    ],
  },
  parts: [
    { name: "Auxiliary belt", count: 1 },
    { name: "Tensioner", count: 1, when: { pulleys: ["yes"] } },
    { name: "Idler", count: 1, when: { pulleys: ["yes"] } },
  ],
  bare: [{ name: "Belt tensioner and idlers", minutesNow: 15, minutesLater: 45, when: { pulleys: ["no"] } }],
};

import type { Sheet } from "../sheet";
import { act, look, lower, often, raise, tighten, undo, yesNo } from "../writing";

export const exhaustHanger: Sheet = {
  name: "exhaust-hanger",
  title: "Exhaust hangers and clamp",
  system: "exhaust",
  place: "underneath",
  foundBy: [
    "exhaust rattles or hangs low",
    "exhaust rubber torn",
    "blows at a joint",
    "exhaust clamp rusted",
  ],
  raised: "rear",
  asks: [yesNo("clamp", "Does a clamp go too?", "Soot at a sleeve, or a clamp rusted thin.")],
  fasteners: {
    clamp: { name: "Exhaust clamp nut", count: 1, role: "engine", often: "13", when: { clamp: ["yes"] } },
  },
  phases: {
    "make safe": [
      act("Exhaust cold", [1, 1, 2], { key: "cold", wait: { minutes: 60, until: "it is cold to the hand" } }),
      raise("Rear", ["Both front wheels chocked, in gear or park."]),
    ],
    "take apart": [
      act("Silencer held on a strap", [2, 4, 8], { heldUp: "a strap to the body" }),
      act("Old rubbers off, with soap water", [3, 8, 25], {
        needs: ["cold"],
        takesOff: ["rubbers"],
        cautions: ["Glasses: rust falls."],
        detail: "Screwdriver and soap water, or pliers made for it.",
      }),
      undo("Old clamp off", "clamp", [3, 10, 40], {
        troubles: [often("seized", 15, 70), often("snapped", 5, 45)],
        needs: ["cold"],
        when: { clamp: ["yes"] },
        detail: "Rusted for good: cut it, not the pipe.",
      }),
    ],
    "look closely": [look("Hooks, welds, pipe near them: thin or cracked", [2, 4, 8])],
    "put back": [
      act("New rubbers on", [3, 6, 15], { putsBack: ["rubbers"] }),
      tighten("New clamp, the pipe in its place", "clamp", [3, 6, 12], {
        when: { clamp: ["yes"] },
        applies: [{ what: "sealant", on: "seats" }],
      }),
      act("Strap off: room to body and axle all round", [1, 2, 4]),
      lower,
    ],
    "prove it": [look("Running: no blow at the joint, no rattle when shaken by hand, cold", [2, 4, 8])],
  },
  parts: [
    { name: "Exhaust rubbers", count: 2 },
    { name: "Exhaust clamp", count: 1, when: { clamp: ["yes"] } },
  ],
};

import type { Sheet } from "../sheet";
import { act, byHand, look, lower, often, raise, tighten, undo } from "../writing";

export const oxygenSensor: Sheet = {
  name: "oxygen-sensor",
  title: "Oxygen sensor",
  system: "exhaust",
  place: "underneath",
  foundBy: ["warning light, oxygen sensor", "lambda probe", "uses more fuel, fails the emissions test"],
  raised: "front",
  asks: [
    {
      id: "which",
      asks: "Before or after the converter?",
      tell: "The fault's text says it: sensor 1 is before, sensor 2 after.",
      answers: [
        { id: "before", says: "before it" },
        { id: "after", says: "after it" },
      ],
    },
  ],
  fasteners: {
    sensor: {
      name: "Oxygen sensor",
      count: 1,
      role: "engine",
      often: "22",
      overPipe: true,
      note: "A lead comes out of it: a slotted socket goes over it.",
    },
  },
  phases: {
    "make safe": [
      act("Engine warm, then off: only as warm as a hand bears near it", [10, 15, 30], {
        key: "warm",
        detail: "A seized thread lets go warm; cold it takes the bung's thread along.",
        cautions: ["Exhaust burns: long gloves."],
      }),
      raise("Front"),
    ],
    "take apart": [
      act("Its connector off, lead unclipped", [2, 6, 20], {
        takesOff: ["sensor connector"],
        photo: true,
        mark: "how the lead runs, and where it is clipped",
      }),
      undo("Sensor out", "sensor", [3, 10, 60], {
        troubles: [often("seized", 10, 60), often("stripped", 2, 20)],
        needs: ["warm"],
        detail: "Penetrant, half a turn, back, again. By force the thread goes.",
      }),
    ],
    "look closely": [
      look("Old beside new: plug, length of lead, wires", [1, 1, 3], {
        detail: "Before and after the converter are different ones, by number as by lead.",
      }),
      look("Thread in the pipe: clean, whole", [1, 2, 5]),
    ],
    "put back": [
      byHand("New sensor in by hand, lead not twisted", "sensor", [2, 4, 8], {
        detail: "Paste only if it came on the thread, and none on the tip: it poisons it.",
      }),
      tighten("Sensor", "sensor", [1, 2, 4]),
      act("Lead clipped as it ran, connector on", [2, 4, 10], {
        putsBack: ["sensor connector"],
        detail: "Nowhere near the pipe.",
      }),
      lower,
    ],
    "prove it": [look("Fault cleared, and it stays away over two drives", [5, 10, 20])],
  },
  parts: [
    { name: "Oxygen sensor, before the converter", count: 1, when: { which: ["before"] } },
    { name: "Oxygen sensor, after the converter", count: 1, when: { which: ["after"] } },
  ],
  supplies: [{ name: "Penetrant", amount: { value: 20, unit: "mL" } }],
  tools: [{ name: "Slotted socket for oxygen sensors", days: 1, turns: ["sensor"] }],
};

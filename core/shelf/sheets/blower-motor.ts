import type { Sheet } from "../sheet";
import { act, batteryOff, batteryOn, look, often, tighten, undo } from "../writing";

export const blowerMotor: Sheet = {
  name: "blower-motor",
  title: "Cabin blower motor",
  system: "body and cabin",
  place: "cabin",
  foundBy: [
    "heater blows on one speed only",
    "squeak or rattle behind the glovebox",
    "no air from the vents",
    "blower resistor, heater fan",
  ],
  asks: [
    {
      id: "what",
      asks: "What does it do?",
      tell: "Only the highest speed left is nearly always the resistor; noise or nothing at all is the motor.",
      answers: [
        { id: "motor", says: "noise, or nothing at all" },
        { id: "resistor", says: "only one speed" },
      ],
    },
  ],
  fasteners: {
    trim: {
      name: "Glovebox and trim screws",
      count: 5,
      role: "body",
      often: "T20",
      by: "snug",
      into: "plastic",
    },
    motor: {
      name: "Blower screws",
      count: 3,
      role: "body",
      often: "T20",
      by: "snug",
      into: "plastic",
      when: { what: ["motor"] },
    },
    resistor: {
      name: "Resistor screws",
      count: 2,
      role: "body",
      often: "T20",
      by: "snug",
      into: "plastic",
      when: { what: ["resistor"] },
    },
  },
  phases: {
    "make safe": [
      batteryOff,
      act("Ten minutes' wait before the dashboard is touched", [1, 1, 2], {
        key: "rest",
        wait: { minutes: 10, until: "what an airbag stores is empty" },
        cautions: ["An airbag sits behind the dashboard: nothing yellow is unplugged, nothing is struck."],
      }),
    ],
    "take apart": [
      undo("Glovebox and lower trim off", "trim", [5, 12, 30], {
        needs: ["rest"],
        takesOff: ["glovebox"],
        photo: true,
        troubles: [often("lead or clip broken", 5, 30)],
      }),
      act("Blower's connector off", [1, 2, 6], {
        takesOff: ["blower connector"],
        detail: "Brown or melted: the connector goes too.",
        troubles: [often("lead or clip broken", 2, 15)],
      }),
      undo("Blower out, downwards", "motor", [4, 10, 30], {
        when: { what: ["motor"] },
        takesOff: ["blower motor"],
      }),
      undo("Resistor out of its duct", "resistor", [2, 4, 12], {
        when: { what: ["resistor"] },
        takesOff: ["blower resistor"],
      }),
    ],
    "look closely": [
      look("Leaves and dirt in the duct; cabin filter", [1, 3, 6]),
      look("Old beside new: plug, wheel's turning, seal", [1, 1, 3]),
    ],
    "put back": [
      tighten("New blower in, its seal all round", "motor", [4, 8, 20], {
        when: { what: ["motor"] },
        putsBack: ["blower motor"],
      }),
      tighten("New resistor in", "resistor", [2, 3, 8], {
        when: { what: ["resistor"] },
        putsBack: ["blower resistor"],
      }),
      act("Blower's connector on", [1, 1, 3], { putsBack: ["blower connector"] }),
      batteryOn,
      look("Every speed before the trim goes on", [1, 2, 4]),
      tighten("Trim and glovebox on", "trim", [4, 8, 20], { putsBack: ["glovebox"] }),
    ],
    "prove it": [look("Every speed, every vent, no rattle; no warning light", [2, 3, 6])],
  },
  parts: [
    { name: "Blower motor", count: 1, when: { what: ["motor"] } },
    { name: "Blower resistor", count: 1, when: { what: ["resistor"] } },
  ],
  bare: [{ name: "Cabin filter", minutesNow: 3, minutesLater: 20 }],
};

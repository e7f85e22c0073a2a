import type { Sheet } from "../sheet";
import {
  WHEEL,
  act,
  byHand,
  crackWheels,
  look,
  lower,
  often,
  raise,
  tighten,
  undo,
  wheelOff,
  wheelOn,
  wheelTight,
  yesNo,
} from "../writing";

export const rearDampers: Sheet = {
  name: "rear-dampers",
  title: "Rear shock absorbers",
  system: "steering and suspension",
  place: "rear",
  foundBy: ["bounces on after a bump", "rear damper leaks oil", "knocks at the rear", "worn shock absorber"],
  sides: "both",
  raised: "rear",
  asks: [
    yesNo(
      "trim",
      "Is the upper end inside the boot?",
      "Feel above the wheel under the car: no bolt there, then behind the boot's trim.",
    ),
  ],
  fasteners: {
    wheel: WHEEL,
    lower: {
      name: "Damper bolt, lower",
      count: 1,
      role: "suspension",
      often: "18",
      tightened: "at ride height",
      sided: true,
    },
    top: {
      name: "Damper nut, upper",
      count: 1,
      role: "suspension",
      often: "16",
      locking: "locking nut",
      counterHold: { by: "key through the middle" },
      sided: true,
    },
  },
  phases: {
    "make safe": [crackWheels, raise("Rear", ["Both front wheels chocked, in gear or park."])],
    "take apart": [
      act("Boot trim aside", [3, 8, 20], { sided: true, when: { trim: ["yes"] }, takesOff: ["boot trim"] }),
      wheelOff,
      act("Axle or arm held on a jack, just touched", [2, 3, 6], {
        sided: true,
        heldUp: "a jack under the arm",
        cautions: ["The damper stops the axle from dropping: with a separate spring it may fly out."],
      }),
      undo("Upper nut off", "top", [3, 8, 30], {
        troubles: [often("stud turns", 5, 30), often("seized", 5, 35)],
        sided: true,
      }),
      undo("Lower bolt out, damper out", "lower", [3, 8, 40], {
        troubles: [often("seized", 5, 40), often("snapped", 1, 12)],
        sided: true,
        takesOff: ["damper"],
      }),
    ],
    "look closely": [
      look("Old beside new: length, eye, bush, top stud", [1, 2, 4], { sided: true }),
      look("Spring, bump stop, brake hose at full droop", [2, 3, 6], { sided: true }),
    ],
    "put back": [
      act("New damper pumped upright, three times", [1, 2, 4], {
        sided: true,
        detail: "Air out of it before it goes in.",
      }),
      byHand("Damper in, lower bolt by hand", "lower", [2, 4, 10], { sided: true, putsBack: ["damper"] }),
      tighten("Upper nut", "top", [2, 4, 8], { sided: true }),
      act("Boot trim back", [3, 6, 12], { sided: true, when: { trim: ["yes"] }, putsBack: ["boot trim"] }),
      wheelOn,
      lower,
      wheelTight,
      tighten("Lower damper bolts, at ride height", "lower", [3, 6, 12], {
        sided: true,
        detail:
          "Rolled a length to and fro first; reached from behind, on ramps if it does not go otherwise.",
      }),
    ],
    "prove it": [
      look("Each corner pressed down: up once, and still", [1, 2, 3]),
      look("A slow drive: no knock", [5, 8, 15]),
    ],
  },
  parts: [{ name: "Rear shock absorber", count: 1, inPairs: true, sided: true }],
  supplies: [{ name: "Penetrant", amount: { value: 30, unit: "mL" } }],
  bare: [{ name: "Bump stops and dust boots", minutesNow: 2, minutesLater: 60, sided: true }],
};

import type { Sheet } from "../sheet";
import {
  act,
  batteryOff,
  batteryOn,
  byHand,
  look,
  lower,
  often,
  raise,
  tighten,
  undo,
  yesNo,
} from "../writing";

export const alternator: Sheet = {
  name: "alternator",
  title: "Alternator",
  system: "starting and charging",
  place: "engine",
  foundBy: [
    "charge light on",
    "battery goes flat while driving",
    "whines with the lights",
    "under 13 volts running",
  ],
  asks: [yesNo("below", "Does it come out from below?", "Look past the belt: which way there is room.")],
  fasteners: {
    cable: { name: "Alternator cable nut", count: 1, role: "engine", often: "13" },
    upper: { name: "Alternator bolt, upper", count: 1, role: "engine", often: "15", into: "aluminium" },
    lower: { name: "Alternator bolt, lower", count: 1, role: "engine", often: "15", into: "aluminium" },
  },
  raised: "front",
  phases: {
    "make safe": [
      look("Is it the alternator: 13.8 to 14.8 V at the battery, running", [2, 4, 8]),
      batteryOff,
      { ...raise("Front"), when: { below: ["yes"] } },
    ],
    "take apart": [
      look("The belt's way round, photographed", [1, 1, 2], { photo: true }),
      act("Tensioner swung back, belt off the alternator", [2, 5, 12], {
        takesOff: ["belt"],
        loaded: "the tensioner's spring",
        cautions: ["Fingers out of the belt's way."],
      }),
      act("Connector off", [1, 2, 5], { takesOff: ["alternator connector"] }),
      undo("Cable off the alternator", "cable", [2, 4, 8], {
        troubles: [often("seized", 2, 15)],
        takesOff: ["alternator cable"],
        cautions: ["Only with the battery's negative off: this cable is always live."],
      }),
      undo("Upper bolt out", "upper", [3, 6, 20], { troubles: [often("seized", 3, 20)] }),
      undo("Lower bolt out, alternator out", "lower", [4, 10, 30], {
        troubles: [often("seized", 3, 25), often("stuck on its seat", 10, 50)],
        takesOff: ["alternator"],
        detail: "Its sliding bush sits tight: tap it back a millimetre, and the new one goes in.",
      }),
    ],
    "look closely": [
      look("Old beside new: pulley, plug, lugs, amperes", [1, 2, 4]),
      look("Belt and idlers while they are bare", [1, 2, 4]),
    ],
    "put back": [
      byHand("Alternator in, lower bolt by hand", "lower", [3, 8, 20], { putsBack: ["alternator"] }),
      byHand("Upper bolt by hand", "upper", [1, 3, 8]),
      tighten("Lower bolt", "lower", [1, 2, 4]),
      tighten("Upper bolt", "upper", [1, 2, 4]),
      tighten("Cable on", "cable", [1, 2, 4], { putsBack: ["alternator cable"], detail: "Boot over it." }),
      act("Connector on, a tug at it", [1, 1, 3], { putsBack: ["alternator connector"] }),
      act("Belt on by the picture", [2, 5, 12], { putsBack: ["belt"] }),
      { ...lower, when: { below: ["yes"] } },
      batteryOn,
    ],
    "prove it": [look("13.8 to 14.8 V running, lights on too; charge light out", [2, 3, 5])],
  },
  parts: [{ name: "Alternator", count: 1 }],
  bare: [{ name: "Auxiliary belt", minutesNow: 0, minutesLater: 30 }],
};

import { PINCH_BOLT } from "../pieces";
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

export const lowerArm: Sheet = {
  name: "lower-arm",
  title: "Lower arm and ball joint",
  system: "steering and suspension",
  place: "front",
  foundBy: [
    "clonks when braking or turning",
    "ball joint has play",
    "control arm bush torn",
    "wishbone",
    "wanders under braking",
  ],
  sides: "ask",
  raised: "front",
  asks: [
    yesNo(
      "sensor",
      "Is a level sensor's rod on the arm?",
      "A thin rod from the arm to a small box: cars with headlamps that level themselves.",
    ),
  ],
  fasteners: {
    wheel: WHEEL,
    pinch: PINCH_BOLT,
    front: {
      name: "Lower arm bolt, front",
      count: 1,
      role: "suspension",
      often: "18",
      tightened: "at ride height",
      singleUse: true,
      sided: true,
    },
    rear: {
      name: "Lower arm bolt, rear bush",
      count: 1,
      role: "suspension",
      often: "18",
      tightened: "at ride height",
      singleUse: true,
      sided: true,
    },
  },
  phases: {
    "make safe": [crackWheels, raise("Front")],
    "take apart": [
      wheelOff,
      act("Level sensor's rod off the arm", [1, 3, 8], {
        sided: true,
        when: { sensor: ["yes"] },
        takesOff: ["level sensor rod"],
      }),
      act("Bolt ends wire-brushed, penetrant on", [3, 5, 8], {
        sided: true,
        key: "soak",
        wait: { minutes: 20, until: "it has crept in" },
      }),
      undo("Pinch bolt out, ball joint out of the knuckle", "pinch", [5, 12, 60], {
        troubles: [often("seized", 5, 40), often("snapped", 1, 12), often("stuck on its seat", 5, 35)],
        sided: true,
        needs: ["soak"],
        detail:
          "Open the slot a hair with a blunt wedge; lever the arm down. The drive shaft must not be pulled out of its joint.",
      }),
      undo("Front arm bolt out", "front", [3, 8, 30], {
        troubles: [often("seized", 2, 20)],
        sided: true,
        needs: ["soak"],
      }),
      undo("Rear bush bolt out, arm out", "rear", [3, 8, 40], {
        troubles: [often("seized", 3, 30), often("captive nut gone", 1, 8)],
        sided: true,
        needs: ["soak"],
        takesOff: ["lower arm"],
      }),
    ],
    "look closely": [
      look("Old beside new: bushes, joint, hand", [1, 2, 4], { sided: true }),
      look("Drive shaft boots, link, hose while it is open", [2, 3, 6], { sided: true }),
    ],
    "put back": [
      byHand("Arm in, front bolt by hand", "front", [3, 6, 15], { sided: true, putsBack: ["lower arm"] }),
      byHand("Rear bush bolt by hand", "rear", [2, 5, 15], { sided: true }),
      tighten("Ball joint home in the knuckle, pinch bolt", "pinch", [3, 6, 15], {
        sided: true,
        detail: "The bolt passes the notch in the pin: fully home, or it does not go through.",
      }),
      act("Level sensor's rod on", [1, 2, 5], {
        sided: true,
        when: { sensor: ["yes"] },
        putsBack: ["level sensor rod"],
      }),
      wheelOn,
      lower,
      wheelTight,
      act("Rolled a length to and fro, rocked", [1, 2, 3], {
        detail: "Rubber bushes take their place at ride height; tightened hanging they tear.",
      }),
      tighten("Front arm bolts, at ride height", "front", [3, 6, 12], { sided: true }),
      tighten("Rear bush bolts, at ride height", "rear", [3, 6, 12], { sided: true }),
    ],
    "prove it": [
      look("Slow drive: straight, no knock", [5, 8, 15]),
      act("Wheel alignment booked", [1, 2, 5]),
    ],
  },
  parts: [
    { name: "Lower arm with ball joint", count: 1, sided: true, handed: true },
    { name: "Pinch bolt", count: 1, renews: "pinch", sided: true },
    { name: "Arm bolt, front", count: 1, renews: "front", sided: true },
    { name: "Arm bolt, rear bush", count: 1, renews: "rear", sided: true },
  ],
  supplies: [{ name: "Penetrant", amount: { value: 50, unit: "mL" } }],
  tools: [{ name: "Ball joint separator", days: 1, onlyIfNeeded: true }],
  bare: [{ name: "Anti-roll links", minutesNow: 5, minutesLater: 45, sided: true }],
};

import { ROD_JOINT_NUT, ROD_LOCK_NUT, bareThread, jointInArm, rodEndOff } from "../pieces";
import type { Sheet } from "../sheet";
import {
  WHEEL,
  act,
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
} from "../writing";

export const outerSteeringRod: Sheet = {
  name: "outer-steering-rod",
  title: "Outer steering rod end",
  system: "steering and suspension",
  place: "front",
  foundBy: [
    "play in the steering",
    "wheel rocks at three and nine",
    "track rod end, tie rod end",
    "boot of the steering joint split",
  ],
  sides: "ask",
  raised: "front",
  asks: [],
  fasteners: {
    wheel: WHEEL,
    lock: ROD_LOCK_NUT,
    nut: ROD_JOINT_NUT,
  },
  phases: {
    "make safe": [act("Steering straight, wheel held", [1, 1, 2]), crackWheels, raise("Front")],
    "take apart": [
      wheelOff,
      bareThread,
      act("Lock nut cracked a quarter turn, no more", [2, 5, 20], {
        sided: true,
        with: "lock",
        leaves: "cracked",
      }),
      undo("Joint nut off, pin pressed out of the arm", "nut", [4, 10, 30], {
        troubles: [often("stuck on its seat", 5, 25), often("stud turns", 3, 15)],
        sided: true,
        takesOff: ["steering joint"],
        detail:
          "A separator spares the boot; a fork does not. Nut back on by two turns while it is pressed: it flies.",
      }),
      rodEndOff,
    ],
    "look closely": [
      look("Old beside new: thread, taper, length", [1, 2, 4], { sided: true }),
      look("Inner joint and its boot", [1, 2, 4], { sided: true }),
    ],
    "put back": [
      act("New rod end on by as many turns", [1, 3, 6], {
        sided: true,
        putsBack: ["rod end"],
        detail: "To the same length of bare thread, not only to the nut.",
      }),
      jointInArm,
      tighten("Lock nut, the rod end held", "lock", [2, 3, 6], { sided: true }),
      wheelOn,
      lower,
      wheelTight,
    ],
    "prove it": [
      look("Lock to lock: nothing touches, nothing binds", [1, 2, 4]),
      act("Wheel alignment booked: the toe is only near", [1, 2, 5]),
    ],
  },
  parts: [
    { name: "Steering rod end", count: 1, sided: true, handed: true },
    { name: "Joint nut", count: 1, renews: "nut", sided: true },
  ],
  supplies: [{ name: "Penetrant", amount: { value: 30, unit: "mL" } }],
  tools: [{ name: "Ball joint separator", days: 1 }],
  bare: [{ name: "Anti-roll links", minutesNow: 10, minutesLater: 45, sided: true }],
};

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
    lock: {
      name: "Steering rod lock nut",
      count: 1,
      role: "steering",
      often: "22",
      counterHold: { by: "on the other end" },
      sided: true,
    },
    nut: {
      name: "Steering joint nut",
      count: 1,
      role: "steering",
      often: "19",
      locking: "locking nut",
      singleUse: true,
      counterHold: { by: "key through the middle" },
      sided: true,
    },
  },
  phases: {
    "make safe": [act("Steering straight, wheel held", [1, 1, 2]), crackWheels, raise("Front")],
    "take apart": [
      wheelOff,
      act("Exposed thread measured, paint across nut and rod", [2, 3, 5], {
        sided: true,
        mark: "length of bare thread in mm, and paint across nut and rod",
      }),
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
      act("Rod end screwed off, turns counted", [1, 3, 8], {
        sided: true,
        takesOff: ["rod end"],
        mark: "turns counted, halves too",
      }),
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
      tighten("Joint in the arm, new nut", "nut", [2, 4, 8], {
        sided: true,
        putsBack: ["steering joint"],
        detail: "Taper clean and dry.",
      }),
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

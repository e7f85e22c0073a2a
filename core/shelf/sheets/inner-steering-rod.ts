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

export const innerSteeringRod: Sheet = {
  name: "inner-steering-rod",
  title: "Inner steering rod",
  system: "steering and suspension",
  place: "front",
  foundBy: [
    "wheel rocks at three and nine, the outer joint is good",
    "steering rack boot split",
    "inner track rod, inner tie rod",
  ],
  sides: "ask",
  raised: "front",
  asks: [],
  fasteners: {
    wheel: WHEEL,
    lock: ROD_LOCK_NUT,
    nut: ROD_JOINT_NUT,
    inner: {
      name: "Inner steering rod",
      count: 1,
      role: "steering",
      often: "36",
      counterHold: { by: "on the other end" },
      sided: true,
      note: "The rack is held on its own flat, or turned to its stop on that side: its teeth are soft.",
    },
  },
  phases: {
    "make safe": [
      act("Steering straight, lock off, key out of reach of a child", [1, 1, 2]),
      crackWheels,
      raise("Front"),
    ],
    "take apart": [
      wheelOff,
      bareThread,
      act("Lock nut cracked a quarter turn, no more", [2, 5, 20], {
        sided: true,
        with: "lock",
        leaves: "cracked",
        troubles: [often("seized", 5, 40)],
      }),
      undo("Joint nut off, pin pressed out of the arm", "nut", [4, 10, 30], {
        sided: true,
        takesOff: ["steering joint"],
        troubles: [often("stuck on its seat", 5, 25)],
      }),
      rodEndOff,
      act("Boot's clips off, boot drawn off the rod", [3, 6, 15], {
        sided: true,
        takesOff: ["rack boot"],
        noWayBack: "its clips are cut; new ones go on",
      }),
      undo("Inner rod screwed off the rack", "inner", [4, 10, 40], {
        sided: true,
        takesOff: ["inner steering rod"],
        detail: "Where a tab or a pin locks it, that comes out first; no heat near the rack's seal.",
        troubles: [often("seized", 3, 15)],
      }),
    ],
    "look closely": [
      look("Rack dry and bright under the boot: rust there is a new rack", [1, 2, 4], { sided: true }),
      look("Old beside new: length, both threads", [1, 2, 4], { sided: true }),
    ],
    "put back": [
      tighten("New inner rod on the rack", "inner", [4, 8, 20], {
        sided: true,
        putsBack: ["inner steering rod"],
        detail: "Locked as the old one was: tab bent over, pin in, or locker on a clean thread.",
      }),
      act("New boot on, both clips, not twisted", [3, 6, 15], {
        sided: true,
        putsBack: ["rack boot"],
        detail: "Over the groove on both ends; it breathes through the other side.",
      }),
      act("Rod end on by as many turns", [1, 3, 6], { sided: true, putsBack: ["rod end"] }),
      jointInArm,
      tighten("Lock nut, the rod end held", "lock", [2, 3, 6], { sided: true }),
      wheelOn,
      lower,
      wheelTight,
    ],
    "prove it": [
      look("Lock to lock: boot neither stretched nor caught, nothing binds", [1, 2, 4]),
      act("Wheel alignment booked: the toe is only near", [1, 2, 5]),
    ],
  },
  parts: [
    { name: "Inner steering rod", count: 1, sided: true },
    { name: "Rack boot with clips", count: 1, sided: true },
    { name: "Joint nut", count: 1, renews: "nut", sided: true },
  ],
  supplies: [{ name: "Penetrant", amount: { value: 30, unit: "mL" } }],
  tools: [
    { name: "Tube spanner for inner steering rods", days: 1, turns: ["inner"] },
    { name: "Ball joint separator", days: 1 },
  ],
  bare: [{ name: "Outer rod end", minutesNow: 5, minutesLater: 60, sided: true }],
};

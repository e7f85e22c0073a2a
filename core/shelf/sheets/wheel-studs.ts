import {
  CARRIER_BOLTS,
  DISC_SCREW,
  carrierByHand,
  carrierOff,
  carrierTight,
  discOff,
  discOn,
} from "../pieces";
import type { Sheet } from "../sheet";
import {
  WHEEL,
  act,
  crackWheels,
  look,
  lower,
  often,
  pedal,
  raise,
  slowStops,
  tighten,
  undo,
  wheelOn,
  wheelTight,
  whichAxle,
} from "../writing";

export const wheelStuds: Sheet = {
  name: "wheel-studs",
  title: "{axle} wheel studs",
  system: "wheels",
  place: "front",
  foundBy: [
    "wheel stud snapped",
    "wheel nut cross-threaded",
    "wheel nut turns and does not come off",
    "lug stud",
  ],
  sides: "ask",
  raised: "axle",
  asks: [whichAxle("Where the stud is missing or its thread is torn.")],
  fasteners: {
    wheel: { ...WHEEL, name: "Wheel nuts" },
    caliper: CARRIER_BOLTS,
    screw: DISC_SCREW,
    stud: {
      name: "Wheel stud pull-in nut",
      count: 1,
      role: "body",
      often: "19",
      by: "snug",
      sided: true,
      note: "A plain nut of the stud's thread over greased washers, thrown away afterwards; never the wheel's own nut.",
    },
  },
  phases: {
    "make safe": [
      look("Stud's diameter, thread, spline and length, on an old one", [2, 4, 8], {
        detail: "A stud a hair thinner at its spline turns in its hole for ever.",
      }),
      crackWheels,
      raise("", ["Handbrake on unless it holds that wheel, the others chocked."]),
    ],
    "take apart": [
      undo("Wheel off", "wheel", [3, 8, 40], {
        sided: true,
        detail:
          "A nut that only turns is split or drilled, from the side; not with the wheel's spokes for a lever.",
        troubles: [often("stud turns", 5, 10), often("cross-threaded", 5, 15)],
      }),
      carrierOff,
      discOff,
      act("Hub turned until a gap is behind the stud, old stud out", [2, 6, 20], {
        sided: true,
        noWayBack: "a new one goes in",
        detail: "Pressed out with a clamp. Blows go through the bearing: only where a clamp does not do it.",
        cautions: ["Eye protection on: it leaves suddenly."],
      }),
    ],
    "look closely": [
      look("Hole round and clean, old beside new", [1, 2, 4], { sided: true }),
      look("The other studs: thread, neck, rust at the root", [1, 2, 4], { sided: true }),
    ],
    "put back": [
      tighten("New stud drawn in by a nut over washers until its head sits all round", "stud", [4, 8, 20], {
        sided: true,
        detail:
          "From behind; by hand tools, feeling it come home. Looked at with a lamp: no gap under the head.",
        cautions: ["Drawn in by the wheel itself it is never quite home, and the wheel comes loose."],
      }),
      discOn,
      carrierByHand,
      carrierTight,
      wheelOn,
      lower,
      wheelTight,
    ],
    "prove it": [
      pedal,
      slowStops,
      look("Wheel nuts again with the torque wrench after 50 km: a new stud settles", [2, 4, 6]),
    ],
  },
  parts: [
    { name: "Wheel stud", count: 1, sided: true },
    { name: "Wheel nut", count: 1, sided: true },
  ],
  supplies: [
    { name: "Penetrant", amount: { value: 20, unit: "mL" } },
    { name: "Brake cleaner", amount: { value: 200, unit: "mL" } },
  ],
  tools: [{ name: "Nut splitter", days: 1, onlyIfNeeded: true }],
};

import { DISC_SCREW } from "../pieces";
import type { Sheet } from "../sheet";
import {
  WHEEL,
  act,
  byHand,
  crackWheels,
  look,
  lower,
  often,
  pedal,
  raise,
  slowStops,
  tighten,
  undo,
  wheelOff,
  wheelOn,
  wheelTight,
} from "../writing";

const DISCS = { discs: ["both"] };

export const padsAndDiscs: Sheet = {
  name: "pads-and-discs",
  title: "{axle} brake pads and discs",
  system: "brakes",
  place: "front",
  foundBy: [
    "squeals when braking",
    "grinds when braking",
    "front brakes, rear brakes, disc brakes",
    "the pedal pulses or the steering wheel shakes under braking",
    "pads worn, wear light on",
    "lip on the brake disc, rotor",
  ],
  sides: "both",
  raised: "axle",
  asks: [
    {
      id: "axle",
      asks: "Front or rear?",
      tell: "Where it squeals, or where the pads are thin behind the spokes.",
      answers: [
        { id: "front", says: "front" },
        { id: "rear", says: "rear, with discs" },
      ],
    },
    {
      id: "discs",
      asks: "Do the discs go too?",
      tell: "A lip at the edge that catches a fingernail, blue spots, cracks, or a pedal that pulses: yes.",
      answers: [
        { id: "both", says: "pads and discs" },
        { id: "pads", says: "pads only" },
      ],
    },
    {
      id: "parking",
      asks: "Does the caliper hold the parking brake?",
      tell: "At the rear: a cable or a small motor on the caliper itself. At the front nearly never.",
      answers: [
        { id: "none", says: "no" },
        { id: "cable", says: "yes, by a cable" },
        { id: "motor", says: "yes, by a motor" },
      ],
    },
  ],
  fasteners: {
    wheel: WHEEL,
    slide: {
      name: "Caliper slide pin bolts",
      count: 2,
      role: "brake",
      often: "13",
      counterHold: { by: "on the other end" },
      singleUse: true,
      sided: true,
      note: "The pin turns with it: hold its flats with a thin spanner. Many come with locking paste and are new each time.",
    },
    carrier: {
      name: "Caliper carrier bolts",
      count: 2,
      role: "brake",
      often: "17",
      sided: true,
      when: DISCS,
    },
    screw: { ...DISC_SCREW, when: DISCS },
  },
  phases: {
    "make safe": [
      look("Fluid in the reservoir: room for what comes back", [1, 2, 4], {
        detail: "Pressed back pistons push fluid up. Draw some off if it stands at the top.",
      }),
      act("Parking brake off, its motor in service position", [2, 4, 10], {
        when: { parking: ["motor"] },
        detail: "As the handbook says: many need a menu or a tool for it. Never wind a motor back by force.",
      }),
      crackWheels,
      raise("", ["Parking brake off for the rear: both front wheels chocked."]),
    ],
    "take apart": [
      wheelOff,
      undo("Caliper off the carrier, hung on a wire", "slide", [5, 10, 25], {
        troubles: [often("seized", 5, 30), often("stuck on its seat", 5, 30)],
        sided: true,
        heldUp: "a hook of wire to the spring, never its hose",
        takesOff: ["caliper"],
        photo: true,
        cautions: ["Never let it hang on its hose."],
      }),
      act("Pads and clips out", [2, 5, 12], {
        sided: true,
        takesOff: ["pads"],
        photo: true,
        detail: "A wear sensor's lead first, where there is one: its plug pulled, never the lead.",
      }),
      undo("Carrier off", "carrier", [3, 8, 25], {
        troubles: [often("seized", 3, 25)],
        sided: true,
        when: DISCS,
      }),
      undo("Disc screw out, disc off", "screw", [3, 8, 30], {
        troubles: [often("rounded inside", 5, 30), often("stuck on its seat", 10, 55)],
        sided: true,
        when: DISCS,
        takesOff: ["disc"],
        detail:
          "Stuck on the hub: penetrant, then blows between the studs, turning it. The screw often rounds: an impact driver.",
      }),
    ],
    "look closely": [
      look("Disc: thickness at three places", [2, 4, 6], {
        sided: true,
        measure: { what: "disc's thickness", unit: "mm" },
        when: { discs: ["pads"] },
      }),
      look("Piston boots whole, slides run free by hand", [2, 4, 8], {
        sided: true,
        detail:
          "Pads worn to a wedge, or one far thinner: a slide or a piston sticks. Slides out, clean, thin silicone or brake grease.",
      }),
      look("Brake hoses: cracks, wet, chafed", [1, 2, 4], { sided: true }),
    ],
    "put back": [
      act("Hub face wire-brushed to bare metal", [3, 5, 10], { sided: true, when: DISCS }),
      act("New disc on, wiped with brake cleaner", [2, 3, 5], {
        sided: true,
        when: DISCS,
        putsBack: ["disc"],
        detail: "Coated discs: cleaner on the faces that grip. Two discs of one axle, never one.",
      }),
      tighten("Disc screw in", "screw", [1, 2, 3], { sided: true, when: DISCS }),
      byHand("Carrier on, bolts by hand", "carrier", [1, 2, 4], { sided: true, when: DISCS }),
      tighten("Carrier bolts", "carrier", [2, 3, 5], { sided: true, when: DISCS }),
      act("New clips, new pads in", [4, 8, 15], {
        sided: true,
        putsBack: ["pads"],
        applies: [{ what: "brake grease", on: "slides" }],
        detail:
          "Inner and outer differ on many. Thin brake grease where the ears slide; none near the lining.",
      }),
      act("Piston pressed back, slowly", [2, 5, 15], {
        sided: true,
        when: { parking: ["none", "motor"] },
        detail:
          "Watch the reservoir. Over an old pad, with a clamp; straight, never by a screwdriver on the boot.",
      }),
      act("Piston wound back, turning as it goes", [3, 8, 20], {
        sided: true,
        when: { parking: ["cable"] },
        detail: "It is pressed and turned at once, with a wind-back tool; its notches to the pad's peg.",
      }),
      byHand("Caliper on, slide pin bolts by hand", "slide", [2, 4, 8], {
        sided: true,
        putsBack: ["caliper"],
        detail: "The hose untwisted, as in the photo.",
      }),
      tighten("Slide pin bolts", "slide", [2, 3, 5], { sided: true }),
      wheelOn,
      lower,
      wheelTight,
    ],
    "prove it": [
      act("Motor out of its service position", [1, 3, 6], { when: { parking: ["motor"] } }),
      pedal,
      look("Fluid between the marks", [1, 1, 2]),
      slowStops,
      look("Bedded in: ten gentle stops from 50 to 10 km/h, cooling between", [10, 15, 25]),
    ],
  },
  parts: [
    { name: "Brake pads, the set of an axle", count: 1, inPairs: true, leavesOut: ["slide pin grease"] },
    { name: "Brake disc", count: 1, inPairs: true, sided: true, when: DISCS },
    { name: "Slide pin bolts", count: 2, sided: true, renews: "slide" },
  ],
  supplies: [
    { name: "Brake cleaner", amount: { value: 500, unit: "mL" } },
    { name: "Brake grease", amount: { value: 5, unit: "g" } },
    { name: "Rags", amount: { value: 4, unit: "pieces" } },
  ],
  tools: [
    { name: "Piston wind-back tool", days: 1, when: { parking: ["cable"] } },
    { name: "Impact driver for the disc screws", days: 1, onlyIfNeeded: true, when: DISCS },
  ],
  bare: [{ name: "Brake hoses", minutesNow: 20, minutesLater: 60, sided: true }],
};

import { AXLE_NUT, PINCH_BOLT, STRUT_BOLTS, axleByHand, axleCracked, axleTight, pinchOut } from "../pieces";
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
} from "../writing";

/** With the shaft out of its hub; not with a split boot, which goes round it. */
const OUT = { way: ["joint", "strut"] };
const JOINT = { way: ["joint"] };
const STRUT = { way: ["strut"] };
const SPLIT = { way: ["split"] };

const knuckle: Sheet["fasteners"] = {
  wheel: WHEEL,
  axle: { ...AXLE_NUT, when: OUT },
  pinch: { ...PINCH_BOLT, when: JOINT },
  strut: { ...STRUT_BOLTS, when: STRUT },
};

const intoTheOpen: Sheet["phases"]["take apart"] = [
  wheelOff,
  undo("Axle nut off", "axle", [1, 2, 5], { sided: true, when: OUT }),
  { ...pinchOut, when: JOINT },
  undo("Strut bolts out, knuckle tipped outward", "strut", [4, 10, 40], {
    sided: true,
    when: STRUT,
    takesOff: ["knuckle from the strut"],
    mark: "paint across strut and knuckle: these bolts set the camber",
    heldUp: "wire from the knuckle to the spring's seat, so that nothing hangs on the hose",
    troubles: [often("seized", 3, 25)],
  }),
  act("Shaft pushed out of the hub, knuckle swung aside", [3, 8, 30], {
    sided: true,
    when: OUT,
    takesOff: ["shaft in the hub"],
    detail: "Nut flush on the thread, a soft hammer or a puller; never pulled out by its joint.",
    troubles: [often("stuck on its seat", 5, 40)],
  }),
];

const backTogether: Sheet["phases"]["put back"] = [
  act("Shaft in the hub, knuckle back", [2, 5, 12], {
    sided: true,
    when: OUT,
    putsBack: ["shaft in the hub"],
  }),
  tighten("Ball joint home in the knuckle, pinch bolt", "pinch", [3, 6, 15], {
    sided: true,
    when: JOINT,
    putsBack: ["ball joint"],
    detail: "The bolt passes the notch in the pin: fully home, or it does not go through.",
  }),
  byHand("Knuckle to the strut, paint to paint, bolts by hand", "strut", [3, 6, 15], {
    sided: true,
    when: STRUT,
    putsBack: ["knuckle from the strut"],
  }),
  tighten("Strut bolts, paint to paint", "strut", [3, 5, 10], { sided: true, when: STRUT }),
  { ...axleByHand, when: OUT },
];

const newHardware: Sheet["parts"] = [
  { name: "Axle nut", count: 1, renews: "axle", sided: true, when: OUT },
  { name: "Ball joint pinch bolt", count: 1, renews: "pinch", sided: true, when: JOINT },
  { name: "Strut to knuckle bolts", count: 2, renews: "strut", sided: true, when: STRUT },
];

export const driveShaft: Sheet = {
  name: "drive-shaft",
  title: "Front drive shaft",
  system: "gearbox and drive",
  place: "front",
  foundBy: [
    "clicks on full lock, clicks when turning",
    "clicking in tight bends",
    "shudders when pulling away",
    "CV joint, half shaft, axle shaft",
  ],
  sides: "ask",
  raised: "front",
  asks: [],
  ways: [
    {
      id: "joint",
      name: "Ball joint dropped",
      harm: "a seized pinch bolt snaps in the knuckle",
      evidence: "one bolt, and nothing that sets the camber",
      undoable: "with a new part",
    },
    {
      id: "strut",
      name: "Strut split from the knuckle",
      harm: "its bolts set the camber: the alignment has to be set",
      evidence: "two dry bolts above the road salt; no ball joint to split",
      undoable: "fully",
    },
  ],
  fasteners: knuckle,
  phases: {
    "make safe": [{ ...axleCracked, when: OUT }, crackWheels, raise("Front")],
    "take apart": [
      ...intoTheOpen,
      act("Drain pan under the gearbox, shaft levered out of it", [4, 12, 40], {
        sided: true,
        takesOff: ["drive shaft"],
        detail:
          "A flat bar behind the inner joint, a short jerk; straight out, so that the seal lives. Oil follows.",
        cautions: ["Gear oil runs out: keep it off the brakes."],
        troubles: [often("stuck on its seat", 3, 15)],
      }),
    ],
    "look closely": [
      look("Old beside new: length, splines both ends, sensor ring, damper", [1, 3, 6], { sided: true }),
      look("Shaft seal in the gearbox: dry, lip whole", [1, 2, 4], { sided: true }),
    ],
    "put back": [
      act("New circlip on the inner end, shaft in until it clicks", [3, 8, 20], {
        sided: true,
        putsBack: ["drive shaft"],
        applies: [{ what: "oil", on: "lips" }],
        detail: "Held level through the seal; then pulled by the inner joint: it must not come out again.",
      }),
      ...backTogether,
      wheelOn,
      lower,
      wheelTight,
      { ...axleTight, when: OUT },
      act("Gearbox oil up to its level", [5, 12, 25], {
        detail: "What came out goes in, of the kind the handbook names.",
      }),
    ],
    "prove it": [
      look("Full lock both ways, slowly: no click, nothing drips", [5, 10, 20]),
      act("Wheel alignment booked", [1, 2, 5], { when: STRUT }),
      act("Wheel alignment looked at", [1, 2, 5], { when: JOINT }),
    ],
  },
  parts: [
    { name: "Drive shaft", count: 1, sided: true, handed: true, leavesOut: ["axle nut"] },
    ...newHardware,
  ],
  supplies: [
    { name: "Gear oil", amount: { value: 1000, unit: "mL" } },
    { name: "Penetrant", amount: { value: 30, unit: "mL" } },
  ],
  bare: [{ name: "Shaft seal in the gearbox", minutesNow: 10, minutesLater: 100, sided: true }],
};

export const driveShaftBoot: Sheet = {
  name: "drive-shaft-boot",
  title: "Drive shaft boot",
  system: "gearbox and drive",
  place: "front",
  foundBy: ["grease thrown inside the wheel", "rubber boot of the drive shaft split", "CV boot, gaiter"],
  sides: "ask",
  raised: "front",
  asks: [],
  ways: [
    {
      id: "joint",
      name: "Shaft out, joint off, whole boot",
      evidence: "the joint is washed and seen; lasts as long as the first one",
      undoable: "fully",
    },
    {
      id: "split",
      name: "Split boot, glued round the shaft where it is",
      harm: "the seam is glued in the damp on a driveway and often opens within a year; grit stays in the joint",
      evidence: "an hour, nothing undone; good to get to the day of the whole one",
      undoable: "fully",
    },
  ],
  fasteners: knuckle,
  phases: {
    "make safe": [{ ...axleCracked, when: OUT }, crackWheels, raise("Front")],
    "take apart": [
      ...intoTheOpen,
      act("Old clips and boot cut off", [3, 6, 12], { sided: true, noWayBack: "new ones go on" }),
      act("Joint knocked off the shaft, its circlip out", [4, 12, 40], {
        sided: true,
        when: OUT,
        takesOff: ["outer joint"],
        mark: "paint across joint and shaft",
        detail: "A soft drift on the inner star, never on the cage.",
        troubles: [often("stuck on its seat", 5, 20)],
      }),
      act("Joint washed out, wiped dry", [8, 15, 30], { sided: true }),
    ],
    "look closely": [look("Balls and tracks: pits you can feel are a new joint", [2, 4, 8], { sided: true })],
    "put back": [
      act("Boot and clips on the shaft, half the grease in the joint, half in the boot", [4, 8, 20], {
        sided: true,
        when: OUT,
        applies: [{ what: "grease", on: "seats" }],
        detail: "Small end and clips go on before the joint: otherwise it all comes off again.",
      }),
      act("New circlip, joint knocked on until it holds", [2, 6, 15], {
        sided: true,
        when: OUT,
        putsBack: ["outer joint"],
      }),
      act("Grease in, split boot round it, seam dry and glued on top", [8, 15, 30], {
        sided: true,
        when: SPLIT,
        key: "glued",
        applies: [{ what: "grease", on: "seats" }],
        wait: { minutes: 60, until: "the seam has set" },
        detail: "Not a trace of grease on the seam. Pressed until it holds; the wheel is not turned.",
      }),
      act("Boot squared, let breathe, both clips crimped", [3, 6, 15], { sided: true, needs: ["glued"] }),
      ...backTogether,
      wheelOn,
      lower,
      wheelTight,
      { ...axleTight, when: OUT },
    ],
    "prove it": [
      look("Full lock both ways: boot neither dimpled nor turning on its seat", [3, 5, 10]),
      look("Inside of the wheel dry after a week", [1, 2, 3]),
      act("Wheel alignment looked at", [1, 2, 5], { when: OUT }),
    ],
  },
  parts: [
    {
      name: "Drive shaft boot kit with grease and clips",
      count: 1,
      sided: true,
      when: OUT,
      leavesOut: ["axle nut"],
    },
    { name: "Split drive shaft boot kit", count: 1, sided: true, when: SPLIT },
    ...newHardware,
  ],
  supplies: [
    { name: "Brake cleaner", amount: { value: 500, unit: "mL" } },
    { name: "Rags", amount: { value: 6, unit: "pieces" } },
  ],
  tools: [{ name: "Crimping pliers for boot clips", days: 1 }],
};

import {
  AXLE_NUT,
  CARRIER_BOLTS,
  DISC_SCREW,
  PINCH_BOLT,
  ROD_JOINT_NUT,
  STRUT_BOLTS,
  axleByHand,
  axleCracked,
  axleTight,
  carrierByHand,
  carrierOff,
  carrierTight,
  discOff,
  discOn,
  pinchOut,
} from "../pieces";
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

const BENCH = { way: ["bench"] };
const CAR = { way: ["car"] };

export const wheelBearingPressed: Sheet = {
  name: "wheel-bearing-pressed",
  title: "Front wheel bearing, pressed in",
  system: "steering and suspension",
  place: "front",
  foundBy: [
    "hums, louder in one bend",
    "wheel bearing with no bolts, pressed into the knuckle",
    "growls at speed",
  ],
  sides: "ask",
  raised: "front",
  asks: [],
  ways: [
    {
      id: "bench",
      name: "Knuckle off, pressed at a workshop",
      harm: "the wheel alignment has to be set afterwards",
      evidence: "a press goes in straight; the bearing keeps its guarantee",
      undoable: "fully",
    },
    {
      id: "car",
      name: "With a hired puller, on the car",
      harm: "pulled crooked, the knuckle's bore is scored and the knuckle is scrap",
      evidence: "no joint is opened that sets the alignment; the puller set is hired for a day",
      undoable: "with a new part",
    },
  ],
  fasteners: {
    wheel: WHEEL,
    axle: AXLE_NUT,
    caliper: CARRIER_BOLTS,
    screw: DISC_SCREW,
    rod: { ...ROD_JOINT_NUT, when: BENCH },
    pinch: PINCH_BOLT,
    strut: { ...STRUT_BOLTS, when: BENCH },
  },
  phases: {
    "make safe": [
      look("Where it will be pressed, and when they are open", [5, 10, 20], {
        when: BENCH,
        detail:
          "Bare knuckle and new bearing to hand over. A press at home without guards has maimed people.",
      }),
      axleCracked,
      crackWheels,
      raise("Front"),
    ],
    "take apart": [
      wheelOff,
      undo("Axle nut off", "axle", [1, 2, 5], { sided: true }),
      carrierOff,
      discOff,
      act("Speed sensor off, or its lead unclipped", [2, 5, 20], {
        sided: true,
        takesOff: ["speed sensor"],
        troubles: [often("lead or clip broken", 3, 30)],
      }),
      act("Shaft pushed back until it is loose in the hub", [2, 5, 25], {
        sided: true,
        takesOff: ["shaft in the hub"],
        detail: "Nut flush on the thread, a soft hammer or a puller; never a steel hammer on the bare end.",
        troubles: [often("stuck on its seat", 5, 40)],
      }),
      undo("Steering joint out of the knuckle", "rod", [4, 10, 30], {
        sided: true,
        when: BENCH,
        takesOff: ["steering joint"],
      }),
      pinchOut,
      undo("Strut bolts out, knuckle off", "strut", [4, 10, 30], {
        sided: true,
        when: BENCH,
        takesOff: ["knuckle"],
        mark: "paint across strut and knuckle: these bolts set the camber",
        heldUp: "both hands: it is heavy, and the hose is not a rope",
      }),
      act("Old bearing out and new one in, at the workshop's press", [20, 45, 120], {
        sided: true,
        when: BENCH,
        noWayBack: "a bearing that was pressed out is scrap",
        detail:
          "Pressed by the outer ring into the knuckle, the hub by the inner ring. Its sensor ring's side looked at before.",
      }),
      act("Hub drawn out of the bearing", [8, 20, 60], {
        sided: true,
        when: CAR,
        takesOff: ["hub"],
        cautions: [
          "Everything on the puller's screw is under tons: nobody in line with it, eye protection on.",
        ],
        detail:
          "A ring of the old bearing stays on the hub: it comes off with a puller or is ground half through.",
      }),
      act("Circlip out, bearing drawn out of the knuckle", [8, 20, 60], {
        sided: true,
        when: CAR,
        takesOff: ["circlip"],
        loaded: "the circlip",
        noWayBack: "a bearing that was drawn out is scrap",
      }),
      act("New bearing drawn in straight, by its outer ring only", [6, 15, 40], {
        sided: true,
        when: CAR,
        noWayBack: "it goes in once",
        cautions: ["Drawn in over its inner ring, the new bearing is broken before it has run."],
        detail: "Bore bare and clean; the sensor ring's side to the sensor; home against its shoulder.",
      }),
      act("Hub drawn in, the inner ring held from behind", [4, 10, 30], {
        sided: true,
        when: CAR,
        noWayBack: "it goes in once",
      }),
    ],
    "look closely": [
      look("Turns smoothly by hand, no play, no gap at the shoulder", [1, 3, 6], { sided: true }),
      look("Ball joint, boot of the shaft, hose while they are bare", [2, 3, 6], { sided: true }),
    ],
    "put back": [
      act("Circlip in its groove all round", [2, 4, 12], {
        sided: true,
        when: CAR,
        putsBack: ["circlip", "hub"],
      }),
      byHand("Knuckle on to the mark, strut bolts by hand", "strut", [3, 8, 20], {
        sided: true,
        when: BENCH,
        putsBack: ["knuckle"],
      }),
      tighten("Ball joint home in the knuckle, pinch bolt", "pinch", [3, 6, 15], {
        sided: true,
        putsBack: ["ball joint", "shaft in the hub"],
        detail: "The shaft goes through the hub on the way. The bolt passes the notch in the pin.",
      }),
      tighten("Strut bolts, paint to paint", "strut", [3, 5, 10], { sided: true, when: BENCH }),
      tighten("Steering joint in, new nut", "rod", [2, 4, 8], {
        sided: true,
        when: BENCH,
        putsBack: ["steering joint"],
      }),
      act("Speed sensor on, lead clipped as it ran", [1, 3, 6], { sided: true, putsBack: ["speed sensor"] }),
      discOn,
      carrierByHand,
      carrierTight,
      axleByHand,
      wheelOn,
      lower,
      wheelTight,
      axleTight,
    ],
    "prove it": [
      pedal,
      look("No play at twelve and six; no hum, no warning light", [5, 10, 20]),
      slowStops,
      act("Wheel alignment booked", [1, 2, 5], { when: BENCH }),
      act("Wheel alignment looked at", [1, 2, 5], { when: CAR }),
    ],
  },
  parts: [
    { name: "Wheel bearing", count: 1, sided: true, leavesOut: ["axle nut", "circlip"] },
    { name: "Bearing circlip", count: 1, sided: true },
    { name: "Axle nut", count: 1, renews: "axle", sided: true },
    { name: "Ball joint pinch bolt", count: 1, renews: "pinch", sided: true },
    { name: "Steering joint nut", count: 1, renews: "rod", sided: true, when: BENCH },
    { name: "Strut to knuckle bolts", count: 2, renews: "strut", sided: true, when: BENCH },
  ],
  supplies: [
    { name: "Penetrant", amount: { value: 50, unit: "mL" } },
    { name: "Brake cleaner", amount: { value: 300, unit: "mL" } },
  ],
  tools: [
    { name: "Wheel bearing puller set", days: 1, when: CAR },
    { name: "Ball joint separator", days: 1, when: BENCH },
  ],
  bare: [
    { name: "Ball joint", minutesNow: 20, minutesLater: 90, sided: true },
    { name: "Drive shaft boot", minutesNow: 40, minutesLater: 120, sided: true },
  ],
};

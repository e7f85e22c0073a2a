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

const BUMPER = { bumper: ["yes"] };

export const towBar: Sheet = {
  name: "tow-bar",
  title: "Tow bar and its socket",
  system: "body and cabin",
  place: "rear",
  foundBy: ["fit a tow bar", "trailer, bike carrier, hitch", "tow bar rusted or loose"],
  raised: "rear",
  asks: [
    yesNo(
      "bumper",
      "Does the bumper come off?",
      "The fitting sheet of the bar says so; on most cars it does.",
    ),
  ],
  fasteners: {
    bumper: {
      name: "Bumper screws",
      count: 8,
      role: "body",
      often: "T30",
      by: "snug",
      into: "plastic",
      when: BUMPER,
    },
    beam: { name: "Bumper beam nuts", count: 6, role: "body", often: "13", when: BUMPER },
    bar: {
      name: "Tow bar to body bolts",
      count: 6,
      role: "body",
      often: "17",
      singleUse: true,
      note: "The figure is the bar maker's. It holds a trailer: no figure, no trailer.",
    },
    ball: { name: "Tow ball bolts", count: 2, role: "body", often: "24", singleUse: true },
  },
  phases: {
    "make safe": [
      look("The bar's approval, its loads and the car's own, on both plates", [3, 6, 12], {
        detail: "The lesser of the two counts. Some countries want it entered in the papers.",
      }),
      batteryOff,
      raise("Rear"),
    ],
    "take apart": [
      undo("Bumper off", "bumper", [10, 25, 60], {
        when: BUMPER,
        hands: 2,
        takesOff: ["bumper"],
        photo: true,
        detail: "Lamps and sensors' leads unplugged before it is drawn away.",
        troubles: [often("lead or clip broken", 5, 30), often("seized", 2, 20)],
      }),
      undo("Bumper beam off", "beam", [5, 12, 40], {
        when: BUMPER,
        takesOff: ["bumper beam"],
        noWayBack: "the bar takes its place on many; the sheet of the bar says",
        troubles: [often("seized", 3, 25)],
      }),
      act("Plugs out of the chassis holes, rust and wax off the faces", [3, 8, 25], {
        noWayBack: "the bar's bolts go there",
      }),
    ],
    "look closely": [
      look("Chassis where the bar sits: sound metal, no rot. Rot: no bar", [2, 4, 8]),
      look("Exhaust and its shield: room for the bar", [1, 2, 5]),
    ],
    "put back": [
      byHand("Bar up, every bolt and washer by hand", "bar", [6, 15, 40], {
        hands: 2,
        heldUp: "a jack with a board: it weighs 20 kg",
      }),
      tighten("Tow bar to body bolts", "bar", [5, 10, 20]),
      tighten("Bumper beam on where it stays", "beam", [4, 8, 15], {
        when: BUMPER,
        putsBack: ["bumper beam"],
      }),
      tighten("Tow ball", "ball", [2, 4, 8]),
      act("Loom laid away from exhaust and edges, through its own grommet", [15, 40, 90], {
        detail: "With the car's own module where it has one: spliced into a lamp, the car sees a fault.",
      }),
      act("Bumper cut to the template, edges smoothed", [8, 15, 30], { when: BUMPER }),
      tighten("Bumper on", "bumper", [8, 18, 40], { when: BUMPER, hands: 2, putsBack: ["bumper"] }),
      lower,
      batteryOn,
    ],
    "prove it": [
      look(
        "Every lamp of a trailer or tester, indicators at their usual speed, no warning light",
        [4, 8, 15],
      ),
      look("Number plate and lamps of the car still seen with the ball on", [1, 2, 3]),
      look("All bolts of bar and ball again with the torque wrench after 50 km with a trailer", [4, 8, 15]),
    ],
  },
  parts: [
    { name: "Tow bar with ball", count: 1, holds: ["bar", "ball"] },
    { name: "Tow bar loom with its module", count: 1 },
    { name: "Tow bar to body bolts", count: 6, renews: "bar" },
    { name: "Tow ball bolts", count: 2, renews: "ball" },
  ],
  supplies: [{ name: "Cavity wax", amount: { value: 100, unit: "mL" } }],
};

import type { Sheet } from "../sheet";
import { act, batteryOff, batteryOn, look, lower, often, raise, tighten, undo } from "../writing";

const UNDER = { place: ["below"] };

export const crankCamSensor: Sheet = {
  name: "crank-cam-sensor",
  title: "Crank or cam sensor",
  system: "ignition and fuel",
  place: "engine",
  foundBy: [
    "cuts out when hot and starts again when cold",
    "cranks and does not start",
    "engine light, crankshaft or camshaft position",
    "rev counter falls to nothing",
  ],
  raised: "front",
  asks: [
    {
      id: "place",
      asks: "Where is it reached?",
      tell: "Cam sensors sit at the cam cover; crank sensors low, at the pulley or where engine and gearbox meet.",
      answers: [
        { id: "above", says: "from above" },
        { id: "below", says: "from below" },
      ],
    },
  ],
  fasteners: {
    bolt: { name: "Sensor bolt", count: 1, role: "engine", often: "10", into: "aluminium" },
  },
  phases: {
    "make safe": [
      act("Engine cold", [1, 1, 2], { key: "cold", wait: { minutes: 60, until: "it is cold to the hand" } }),
      batteryOff,
      { ...raise("Front"), when: UNDER },
    ],
    "take apart": [
      act("Connector off the sensor", [2, 5, 20], {
        needs: ["cold"],
        takesOff: ["sensor connector"],
        detail: "Old plastic catches snap: warmed by a hand, lifted a little, never pulled by the lead.",
        troubles: [often("lead or clip broken", 5, 35)],
      }),
      undo("Sensor bolt out", "bolt", [2, 5, 20], {
        troubles: [often("seized", 2, 15), often("rounded", 2, 12)],
      }),
      act("Sensor turned to and fro, drawn out", [1, 4, 40], {
        takesOff: ["sensor"],
        detail:
          "Swollen in its hole: penetrant, then turned by its ear. Levered, its nose breaks off inside.",
        troubles: [often("stuck on its seat", 5, 35)],
      }),
    ],
    "look closely": [
      look("Connector: green, oil, bent pins; lead chafed", [1, 3, 6]),
      look("Hole clean, toothed ring whole where it shows", [1, 2, 4]),
      look("Old beside new: nose's length, connector", [1, 1, 2]),
    ],
    "put back": [
      act("Sensor in by hand, its ring oiled", [1, 3, 6], {
        putsBack: ["sensor"],
        applies: [{ what: "oil", on: "lips" }],
        detail: "Flat on its face before the bolt is touched.",
      }),
      tighten("Sensor bolt", "bolt", [1, 2, 4]),
      act("Connector on until it clicks, lead clear of belt and exhaust", [1, 2, 5], {
        putsBack: ["sensor connector"],
      }),
      { ...lower, when: UNDER },
      batteryOn,
    ],
    "prove it": [
      look("Starts, idles, revs; the light stays out after a drive", [5, 12, 25]),
      act("Stored fault read and cleared; written down if it comes again", [2, 5, 10]),
    ],
  },
  parts: [{ name: "Crank or cam sensor", count: 1, leavesOut: ["sealing ring"] }],
};

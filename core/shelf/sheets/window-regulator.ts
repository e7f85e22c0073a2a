import type { Sheet } from "../sheet";
import { act, batteryOff, batteryOn, look, often, tighten, undo } from "../writing";

export const windowRegulator: Sheet = {
  name: "window-regulator",
  title: "Window regulator",
  system: "body and cabin",
  place: "cabin",
  foundBy: [
    "window falls into the door",
    "window motor runs and the glass stays",
    "window crooked or slow",
    "cable of the window lift",
  ],
  sides: "ask",
  asks: [],
  fasteners: {
    trim: {
      name: "Door trim screws",
      count: 3,
      role: "body",
      often: "T20",
      by: "snug",
      into: "plastic",
      sided: true,
    },
    glass: {
      name: "Glass clamp screws",
      count: 2,
      role: "body",
      often: "10",
      sided: true,
      note: "Little torque: glass breaks at the clamp.",
    },
    lift: {
      name: "Regulator bolts",
      count: 4,
      role: "body",
      often: "10",
      by: "snug",
      into: "sheet metal",
      sided: true,
    },
  },
  phases: {
    "make safe": [
      batteryOff,
      act("Ten minutes' wait before the door is opened up", [1, 1, 2], {
        key: "rest",
        wait: { minutes: 10, until: "what the door stores is empty" },
        cautions: ["A side airbag or its sensor may sit in the door: nothing of it is unplugged or struck."],
      }),
    ],
    "take apart": [
      undo("Door trim off", "trim", [6, 12, 30], {
        troubles: [often("lead or clip broken", 15, 45)],
        sided: true,
        needs: ["rest"],
        takesOff: ["door trim"],
        photo: true,
        detail:
          "Screws behind caps and in the grip; then clips, from below, with a plastic lever. Some clips break: have spares.",
      }),
      act("Connectors and handle cable off the trim", [2, 4, 10], {
        sided: true,
        takesOff: ["trim connectors"],
      }),
      act("Foil peeled back, whole", [2, 5, 12], { sided: true, takesOff: ["door foil"] }),
      act("Glass taped up to the frame", [2, 3, 5], {
        sided: true,
        heldUp: "strong tape over the frame, both sides",
        cautions: ["Broken glass and sharp sheet metal: gloves."],
      }),
      undo("Glass clamps slack", "glass", [2, 4, 10], { sided: true }),
      undo("Regulator out", "lift", [5, 10, 25], {
        troubles: [often("lead or clip broken", 3, 15)],
        sided: true,
        takesOff: ["regulator"],
        detail: "Its motor's plug first. A sprung one snaps shut: fingers out.",
      }),
    ],
    "look closely": [
      look("Old beside new: side, clamps, motor's plug", [1, 2, 4], { sided: true }),
      look("Channels of the glass: clean, seals whole; drains in the door open", [2, 3, 6], { sided: true }),
    ],
    "put back": [
      tighten("New regulator in", "lift", [4, 8, 20], { sided: true, putsBack: ["regulator"] }),
      tighten("Glass seated in its clamps", "glass", [3, 6, 15], {
        sided: true,
        detail: "Shut at the top in its seal first, then tightened.",
      }),
      act("Tape off, connectors and handle cable on, the trim hung beside", [2, 4, 10], {
        sided: true,
        putsBack: ["trim connectors"],
      }),
      batteryOn,
      look("Up and down by the switch before the trim goes on", [1, 2, 4]),
      act("Foil stuck back all round", [2, 4, 8], {
        sided: true,
        putsBack: ["door foil"],
        detail: "Water behind it is in the cabin.",
      }),
      tighten("Door trim on", "trim", [4, 8, 15], { sided: true, putsBack: ["door trim"] }),
    ],
    "prove it": [
      look("Window taught its ends; every switch, lock and light of the door works", [2, 4, 8]),
      look("No warning light", [1, 1, 2]),
    ],
  },
  parts: [
    { name: "Window regulator", count: 1, sided: true, handed: true },
    { name: "Door trim clips", count: 10 },
  ],
};

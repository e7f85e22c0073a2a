import type { Sheet } from "../sheet";
import { act, look, often } from "../writing";

export const doorHingePins: Sheet = {
  name: "door-hinge-pins",
  title: "Door hinge pins and bushes",
  system: "body and cabin",
  place: "cabin",
  foundBy: ["door drops when it is opened", "door has to be lifted to shut", "hinge pin worn, bush gone"],
  sides: "ask",
  asks: [],
  fasteners: {},
  phases: {
    "make safe": [
      act("Car level, door wide open, window shut", [1, 2, 3]),
      look("Gap of the door all round, as it is", [2, 4, 8], {
        sided: true,
        mark: "tape with the gap in mm at the front and at the back",
      }),
    ],
    "take apart": [
      act("Check strap's pin out", [2, 5, 20], {
        sided: true,
        takesOff: ["check strap pin"],
        loaded: "the check strap's spring",
        troubles: [often("pin will not move", 5, 35)],
      }),
      act("Door's lead unplugged or given slack", [1, 4, 15], { sided: true, takesOff: ["door lead"] }),
      act("Jack with a padded board under the door, just carrying it", [2, 4, 8], {
        sided: true,
        hands: 2,
        heldUp: "a jack with a padded board, and a second pair of hands",
        noWayBack: "it is let go at the end",
        cautions: ["A door weighs 30 kg and turns over: one person holds it all the time."],
      }),
      act("Upper pin driven out, the lower one after it", [4, 15, 90], {
        sided: true,
        noWayBack: "new pins go in",
        detail:
          "From the side without the spline; penetrant the evening before. One at a time, the door does not come off.",
        troubles: [often("pin will not move", 5, 40)],
      }),
      act("Old bushes out", [2, 6, 20], { sided: true, noWayBack: "new bushes go in" }),
    ],
    "look closely": [
      look("Holes round, hinge not cracked at its weld", [1, 3, 6], { sided: true }),
      look("Old beside new: pin's thickness, bush's collar", [1, 1, 3], { sided: true }),
    ],
    "put back": [
      act("New bushes in, collars outward", [3, 8, 20], {
        sided: true,
        applies: [{ what: "grease", on: "seats" }],
      }),
      act("New pins driven in, the lower first, door held to its gap", [4, 10, 30], {
        sided: true,
        hands: 2,
        detail: "By the last of the taps on the head, straight; spline home.",
      }),
      act("Jack away, door's lead plugged in", [1, 3, 6], { sided: true, putsBack: ["door lead"] }),
      act("Check strap's pin in", [1, 3, 8], { sided: true, putsBack: ["check strap pin"] }),
    ],
    "prove it": [
      look("Gap as it should be, shuts by two fingers, does not drop", [2, 4, 8], { sided: true }),
      look("Window, lock, light and speaker of the door work", [1, 2, 4]),
    ],
  },
  parts: [{ name: "Hinge pin and bush kit", count: 2, sided: true }],
  supplies: [
    { name: "Penetrant", amount: { value: 20, unit: "mL" } },
    { name: "Grease", amount: { value: 5, unit: "g" } },
  ],
  tools: [{ name: "Drift for hinge pins", days: 1 }],
};

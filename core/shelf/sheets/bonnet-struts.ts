import type { Sheet } from "../sheet";
import { act, look } from "../writing";

export const bonnetStruts: Sheet = {
  name: "bonnet-struts",
  title: "Bonnet or tailgate supports",
  system: "body and cabin",
  place: "cabin",
  foundBy: ["bonnet falls shut", "tailgate does not stay up", "gas strut leaks"],
  sides: "both",
  asks: [],
  fasteners: {},
  phases: {
    "make safe": [
      act("Held up by a second person or a prop", [1, 2, 3], {
        hands: 2,
        heldUp: "a second person or a prop",
        cautions: ["It falls when the first support is off."],
      }),
    ],
    "take apart": [
      act("Clips lifted, old support off", [2, 4, 10], {
        sided: true,
        takesOff: ["support"],
        detail: "Lift the spring clip a little, do not pull it out. Ball end off square.",
        cautions: ["Gas under pressure: never cut or heated."],
      }),
    ],
    "look closely": [look("Old beside new: length and force printed on it", [1, 1, 3], { sided: true })],
    "put back": [
      act("New support pressed onto its balls, rod down", [1, 3, 6], {
        sided: true,
        putsBack: ["support"],
        detail: "Rod end down when it is shut: oil keeps the seal.",
      }),
    ],
    "prove it": [look("Stays up, shuts, latches; nothing touches", [1, 2, 3])],
  },
  parts: [{ name: "Support", count: 1, inPairs: true, sided: true }],
};

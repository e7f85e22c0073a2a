import type { Sheet } from "../sheet";
import { WHEEL, act, crackWheels, look, lower, raise, wheelOff, wheelOn, wheelTight } from "../writing";

export const seasonWheels: Sheet = {
  name: "season-wheels",
  title: "{axle} wheels, summer or winter",
  system: "wheels",
  place: "front",
  foundBy: ["winter tyres", "summer tyres", "snow tires", "change the wheels", "swap wheels", "rotate tyres"],
  sides: "both",
  raised: "axle",
  asks: [
    {
      id: "axle",
      asks: "Which axle first?",
      tell: "One axle at a time stands safer than all four; the other is the same again.",
      answers: [
        { id: "front", says: "front" },
        { id: "rear", says: "rear" },
      ],
    },
  ],
  fasteners: { wheel: WHEEL },
  phases: {
    "make safe": [
      look("New wheels: tread, age, direction arrow, no cut or bulge", [2, 4, 8], {
        detail: "Steel and alloy wheels often need different bolts: length and seat, cone or ball.",
      }),
      crackWheels,
      raise(""),
    ],
    "take apart": [
      {
        ...wheelOff,
        photo: true,
        mark: "chalk: which corner it came from",
      },
    ],
    "look closely": [
      look("While it is off: pads, hose, boots, spring", [2, 4, 8], { sided: true }),
      look("Hub face and wheel: rust that holds it off", [1, 2, 4], { sided: true }),
    ],
    "put back": [
      act("Hub face brushed clean, a breath of paste on the centring only", [1, 3, 6], { sided: true }),
      wheelOn,
      lower,
      wheelTight,
    ],
    "prove it": [
      look("Pressures as the door's label says; pressure sensors taught", [3, 5, 10]),
      look("Locking bolt's key back in the car", [1, 1, 1]),
    ],
  },
  parts: [],
  supplies: [{ name: "Rags", amount: { value: 2, unit: "pieces" } }],
};

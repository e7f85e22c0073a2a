import type { Sheet } from "../sheet";
import { act, look, often, tighten, undo, yesNo } from "../writing";

export const airFilters: Sheet = {
  name: "air-filters",
  title: "Air and cabin filter",
  system: "engine",
  place: "engine",
  foundBy: [
    "weak blower, windows mist up",
    "smells when the blower is on",
    "air filter",
    "pollen filter",
    "service due",
  ],
  asks: [
    yesNo(
      "cabin",
      "The cabin's filter too?",
      "Behind the glove box, under the dash, or at the foot of the windscreen.",
    ),
  ],
  fasteners: {
    lid: { name: "Air box screws", count: 4, role: "body", often: "T25", by: "snug", into: "plastic" },
  },
  phases: {
    "make safe": [act("Engine off, key out", [1, 1, 1])],
    "take apart": [
      undo("Air box lid up, old filter out", "lid", [3, 6, 15], {
        troubles: [often("lead or clip broken", 3, 20)],
        takesOff: ["air filter"],
        photo: true,
        detail: "Clips or screws; the sensor in its neck stays plugged in where the lead is long enough.",
      }),
      act("Cabin filter out", [3, 8, 30], {
        when: { cabin: ["yes"] },
        takesOff: ["cabin filter"],
        mark: "which way its arrow points",
        photo: true,
      }),
    ],
    "look closely": [look("Leaves, water, mouse nests in both boxes", [1, 2, 5])],
    "put back": [
      act("Boxes wiped out; nothing falls into the intake", [1, 2, 4]),
      act("New air filter in, its seal all round", [1, 2, 3], { putsBack: ["air filter"] }),
      tighten("Air box lid down, every clip", "lid", [2, 4, 8]),
      act("New cabin filter in, arrow as it was", [2, 4, 10], {
        when: { cabin: ["yes"] },
        putsBack: ["cabin filter"],
      }),
    ],
    "prove it": [look("It starts and idles; no warning light; the blower blows", [1, 2, 3])],
  },
  parts: [
    { name: "Air filter", count: 1 },
    { name: "Cabin filter", count: 1, when: { cabin: ["yes"] } },
  ],
};

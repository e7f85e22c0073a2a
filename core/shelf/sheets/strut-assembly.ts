import { STRUT_BOLTS } from "../pieces";
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

const REBUILT = { way: ["shop", "home"] };
const SHOP = { way: ["shop"] };
const HOME = { way: ["home"] };

export const strutAssembly: Sheet = {
  name: "strut-assembly",
  title: "Front struts",
  system: "steering and suspension",
  place: "front",
  foundBy: [
    "bounces on after a bump, front",
    "front spring broken",
    "creaks or jumps when the steering is turned standing",
    "strut leaks oil, top mount worn",
  ],
  sides: "both",
  raised: "front",
  asks: [
    {
      id: "foot",
      asks: "How does the strut sit in the knuckle?",
      tell: "Two big bolts across a bracket, or a round foot in a split clamp with one bolt.",
      answers: [
        { id: "bracket", says: "two bolts across" },
        { id: "clamp", says: "a clamp with one bolt" },
      ],
    },
  ],
  ways: [
    {
      id: "whole",
      name: "Whole strut, spring already on it",
      evidence: "no spring is ever let go; costs more, saves an hour a side",
      undoable: "fully",
    },
    {
      id: "shop",
      name: "New strut, the spring swapped over at a workshop",
      harm: "the car stands on stands until it is back",
      evidence: "the wall compressor of a workshop holds what a hook one does not",
      undoable: "fully",
    },
    {
      id: "home",
      name: "New strut, the spring swapped over at home",
      harm: "a spring that gets away kills; the plan wants your reason written down",
      evidence: "only with a caged compressor and practice",
      undoable: "fully",
    },
  ],
  fasteners: {
    wheel: WHEEL,
    link: {
      name: "Anti-roll link nut, upper",
      count: 1,
      role: "suspension",
      often: "16",
      locking: "locking nut",
      counterHold: { by: "key through the middle" },
      singleUse: true,
      sided: true,
    },
    bracket: { ...STRUT_BOLTS, when: { foot: ["bracket"] } },
    clamp: {
      name: "Strut clamp bolt",
      count: 1,
      role: "suspension",
      often: "18",
      counterHold: { by: "on the other end" },
      singleUse: true,
      sided: true,
      when: { foot: ["clamp"] },
    },
    top: { name: "Strut top nuts", count: 3, role: "suspension", often: "13", singleUse: true, sided: true },
    rod: {
      name: "Strut rod nut",
      count: 1,
      role: "suspension",
      often: "21",
      locking: "locking nut",
      counterHold: { by: "key through the middle" },
      singleUse: true,
      sided: true,
      when: HOME,
    },
  },
  phases: {
    "make safe": [
      look("Who swaps the springs over, and when they are open", [3, 6, 15], { when: SHOP }),
      look("Compressor: caged, its rating above the spring's, every claw whole", [3, 6, 15], {
        when: HOME,
        cautions: ["Hook compressors without a cage slip: with one of those, hand it over."],
      }),
      crackWheels,
      raise("Front"),
    ],
    "take apart": [
      wheelOff,
      act("Hose and sensor lead off the strut", [2, 5, 15], {
        sided: true,
        takesOff: ["brake hose holder", "sensor lead holder"],
        photo: true,
        troubles: [often("lead or clip broken", 2, 15)],
      }),
      undo("Upper link nut off, link aside", "link", [3, 8, 25], {
        sided: true,
        takesOff: ["anti-roll link"],
        troubles: [often("seized", 5, 35), often("rounded inside", 5, 30)],
      }),
      undo("Strut bolts out of the knuckle", "bracket", [4, 10, 40], {
        sided: true,
        when: { foot: ["bracket"] },
        mark: "paint across strut and knuckle: these bolts set the camber",
        heldUp: "wire from the knuckle to the spring's seat, so that nothing hangs on hose or shaft",
        troubles: [often("seized", 3, 25)],
      }),
      undo("Clamp bolt out, foot eased out of the clamp", "clamp", [6, 18, 60], {
        sided: true,
        when: { foot: ["clamp"] },
        heldUp: "a jack under the arm, let down slowly",
        detail:
          "Clamp opened a hair with a blunt wedge, penetrant from above; knuckle pushed down, not pulled out.",
        troubles: [often("seized", 5, 30), often("stuck on its seat", 10, 45)],
      }),
      undo("Top nuts off, one hand on the strut, strut out", "top", [3, 6, 15], {
        sided: true,
        takesOff: ["strut"],
        hands: 2,
        cautions: ["Never the nut in the middle: it is what holds the spring in."],
      }),
      act("Handed over: spring swapped over to the new strut, at the workshop", [15, 30, 120], {
        sided: true,
        when: SHOP,
        noWayBack: "the old strut is scrap",
      }),
      act("Spring pressed until it is loose in its seats", [10, 20, 45], {
        sided: true,
        when: HOME,
        loaded: "the coil spring, hundreds of kilograms",
        noWayBack: "it is let go on the new strut",
        cautions: ["Caged compressor only. Nobody's head or hand in line with it."],
      }),
      undo("Rod nut off, mount and spring over", "rod", [5, 10, 30], {
        sided: true,
        when: HOME,
        takesOff: ["top mount"],
        photo: true,
        facing: "the mount's arrow and the spring's end, to their stops",
      }),
    ],
    "look closely": [
      look("Old beside new: length, bracket, holders, side", [1, 2, 4], { sided: true }),
      look("Boots of shaft and joints, hose, arm bushes while it is bare", [2, 3, 6], { sided: true }),
    ],
    "put back": [
      tighten("Mount and bearing on, new rod nut", "rod", [4, 8, 20], {
        sided: true,
        when: HOME,
        putsBack: ["top mount"],
        detail: "Rod nut tight before the spring is let go; the spring's end against its stop.",
      }),
      act("Spring let go slowly into its seats", [5, 10, 20], {
        sided: true,
        when: HOME,
        loaded: "the coil spring, hundreds of kilograms",
      }),
      byHand("Strut up, top nuts by hand", "top", [2, 5, 12], { sided: true, putsBack: ["strut"], hands: 2 }),
      byHand("Foot in the knuckle, bolts by hand, to the paint", "bracket", [3, 8, 20], {
        sided: true,
        when: { foot: ["bracket"] },
      }),
      byHand("Foot home in the clamp, bolt by hand", "clamp", [3, 8, 25], {
        sided: true,
        when: { foot: ["clamp"] },
        detail: "Its pin or tongue in the slot, down on its stop.",
      }),
      tighten("Strut bolts, paint to paint", "bracket", [3, 5, 10], {
        sided: true,
        when: { foot: ["bracket"] },
      }),
      tighten("Clamp bolt", "clamp", [2, 4, 8], { sided: true, when: { foot: ["clamp"] } }),
      tighten("Link on, new nut", "link", [2, 4, 8], { sided: true, putsBack: ["anti-roll link"] }),
      act("Hose and sensor lead in their holders, not twisted", [2, 4, 8], {
        sided: true,
        putsBack: ["brake hose holder", "sensor lead holder"],
      }),
      wheelOn,
      lower,
      wheelTight,
      tighten("Top nuts, on the ground", "top", [2, 4, 8], { sided: true }),
    ],
    "prove it": [
      look("Lock to lock standing: no creak, no jump, hose free", [1, 2, 4]),
      look("A slow drive: straight, no knock", [5, 8, 15]),
      act("Wheel alignment booked", [1, 2, 5]),
    ],
  },
  parts: [
    {
      name: "Strut with spring and top mount",
      count: 1,
      inPairs: true,
      sided: true,
      handed: true,
      when: { way: ["whole"] },
    },
    {
      name: "Strut",
      count: 1,
      inPairs: true,
      sided: true,
      handed: true,
      when: REBUILT,
      leavesOut: ["top mount"],
    },
    { name: "Top mount with its bearing", count: 1, sided: true, when: REBUILT },
    { name: "Strut rod nut", count: 1, renews: "rod", sided: true, when: HOME },
    { name: "Anti-roll link nut", count: 1, renews: "link", sided: true },
    { name: "Strut to knuckle bolts", count: 2, renews: "bracket", sided: true, when: { foot: ["bracket"] } },
    { name: "Strut clamp bolt", count: 1, renews: "clamp", sided: true, when: { foot: ["clamp"] } },
    { name: "Strut top nuts", count: 3, renews: "top", sided: true },
  ],
  supplies: [{ name: "Penetrant", amount: { value: 50, unit: "mL" } }],
  tools: [{ name: "Caged spring compressor", days: 1, when: HOME }],
  bare: [{ name: "Anti-roll links", minutesNow: 5, minutesLater: 45, sided: true }],
};

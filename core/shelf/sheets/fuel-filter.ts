import type { Sheet, SheetStep } from "../sheet";
import { act, batteryOff, batteryOn, handIn, look, lower, often, raise, tighten, undo } from "../writing";

const HOME = { way: ["home"] };
const OVER = { way: ["over"] };
const DIESEL = { ...HOME, fuel: ["diesel"] };
const PETROL = { ...HOME, fuel: ["petrol"] };
const UNDER = { ...HOME, where: ["under"] };

/** What is only in the plan where it is done at home. */
const atHome = (steps: readonly SheetStep[]): SheetStep[] =>
  steps.map((step) => ({ ...step, when: step.when ?? HOME }));

export const fuelFilter: Sheet = {
  name: "fuel-filter",
  title: "Fuel filter",
  system: "ignition and fuel",
  place: "underneath",
  foundBy: [
    "hesitates under load",
    "hard to start after standing",
    "water in the fuel, diesel warning light",
    "fuel filter due",
  ],
  raised: "rear",
  asks: [
    {
      id: "fuel",
      asks: "Petrol or diesel?",
      tell: "It stands inside the filler flap.",
      answers: [
        { id: "petrol", says: "petrol" },
        { id: "diesel", says: "diesel" },
      ],
    },
    {
      id: "where",
      asks: "Where is the filter?",
      tell: "Follow the line from the tank: a tin or a plastic can beside it, or one in the engine bay.",
      answers: [
        { id: "under", says: "under the car" },
        { id: "bay", says: "in the engine bay" },
      ],
    },
  ],
  ways: [
    {
      id: "over",
      name: "Handed over to a workshop",
      evidence: "a workshop has the pressure gauge and the new seals; half an hour of theirs",
      undoable: "fully",
    },
    {
      id: "home",
      name: "At home",
      harm: "a line that leaks feeds a fire; the plan wants your reason written down",
      evidence: "a serviceable filter with quick catches was made to be changed",
      undoable: "fully",
    },
  ],
  fasteners: {
    clamp: { name: "Fuel filter holder bolt", count: 1, role: "body", often: "10", by: "snug", when: HOME },
  },
  phases: {
    "make safe": [
      act("Handed over: fuel filter, booked at a workshop", [3, 5, 10], { when: OVER }),
      ...atHome([
        act("Outdoors, engine cold, extinguisher to hand, no flame, no lamp with a bulb", [3, 5, 8], {
          key: "cold",
          wait: { minutes: 60, until: "engine and exhaust are cold to the hand" },
          cautions: ["Fuel vapour runs along the ground and finds a flame metres away."],
        }),
        act("Fuel pressure let off: pump's fuse out, engine run until it stops", [3, 5, 10], {
          when: PETROL,
          detail: "Then the key turned once more for three seconds.",
        }),
        act("Filler cap opened and shut, the tank's pressure off", [1, 1, 2]),
        batteryOff,
        { ...raise("Rear"), when: UNDER },
      ]),
    ],
    "take apart": atHome([
      act("Round the filter wiped clean, pan under it", [2, 4, 8], {
        cautions: ["Gloves and glasses: fuel under pressure goes through skin."],
      }),
      act("Fuel lines off the filter, caught and capped", [3, 8, 30], {
        needs: ["cold"],
        takesOff: ["fuel lines"],
        facing: "the arrow on the filter towards the engine",
        photo: true,
        detail:
          "A rag round each before it is eased. Quick catches have two tongues; a broken one is a new line.",
        troubles: [often("lead or clip broken", 3, 25), often("seized", 2, 20)],
      }),
      undo("Holder open, filter out", "clamp", [2, 4, 15], {
        takesOff: ["fuel filter holder"],
        troubles: [often("seized", 2, 30)],
      }),
    ]),
    "look closely": atHome([
      look("What runs out of the old one: rust, water, slime", [1, 2, 4]),
      look("Lines and catches: cracked, chafed, rusted", [1, 2, 4]),
    ]),
    "put back": atHome([
      act("New filter filled with clean diesel", [2, 4, 8], { when: DIESEL }),
      tighten("New filter in, the arrow towards the engine, holder shut", "clamp", [2, 4, 10], {
        putsBack: ["fuel filter holder"],
      }),
      act("Fuel lines on, each tugged", [2, 5, 12], {
        putsBack: ["fuel lines"],
        detail: "New seals where it has them. A catch that does not click is not on.",
      }),
      { ...lower, when: UNDER },
      act("Pump's fuse in", [1, 1, 2], { when: PETROL }),
      batteryOn,
    ]),
    "prove it": atHome([
      act("Bled by the hand pump, or the key on three times before it is started", [2, 4, 10]),
      look("No wet, no smell of fuel with the engine off, on, and off", [3, 5, 10], {
        detail: "Wet anywhere: off at once.",
      }),
      look("Look again after the first drive", [1, 2, 4]),
      handIn("Old filter and fuel"),
      look("No smell of fuel, nothing wet under the car, on the way home and the next morning", [2, 3, 6], {
        when: OVER,
      }),
    ]),
  },
  parts: [{ name: "Fuel filter", count: 1, leavesOut: ["seals of the lines"], when: HOME }],
  supplies: [{ name: "Rags", amount: { value: 6, unit: "pieces" }, when: HOME }],
  tools: [{ name: "Tool for quick catches of fuel lines", days: 1, onlyIfNeeded: true, when: HOME }],
};

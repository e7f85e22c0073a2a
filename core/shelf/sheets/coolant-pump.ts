import { capOff, capOn, coolantIn, heaterHot, lowerHoseOn } from "../pieces";
import type { Sheet } from "../sheet";
import { act, byHand, cold, handIn, look, lower, often, raise, tighten, undo } from "../writing";

const FAN = { fan: ["yes"] };

export const coolantPump: Sheet = {
  name: "coolant-pump",
  title: "Coolant pump",
  system: "cooling",
  place: "engine",
  foundBy: [
    "coolant drips at the front of the engine",
    "squeal or rumble from the coolant pump, water pump",
    "runs hot, coolant lost and no wet hose",
    "pulley wobbles",
  ],
  raised: "front",
  asks: [
    {
      id: "belt",
      asks: "What drives the pump?",
      tell: "The belt you can see in front of the engine, or the one behind the plastic cover.",
      answers: [
        { id: "outer", says: "the belt outside" },
        { id: "timing", says: "the belt behind the cover" },
      ],
    },
    {
      id: "fan",
      asks: "Does a fan sit on the pump?",
      tell: "A fan turned by the engine, on the pump's own shaft: mostly engines that lie lengthways.",
      answers: [
        { id: "no", says: "no, the fan is electric" },
        { id: "yes", says: "yes" },
      ],
    },
  ],
  fasteners: {
    fan: {
      name: "Fan drive nut",
      count: 1,
      role: "engine",
      often: "32",
      counterHold: { by: "holding tool" },
      when: FAN,
      note: "Often a left-hand thread: look which way its arrow or the handbook says before pulling.",
    },
    pulley: {
      name: "Pump pulley bolts",
      count: 4,
      role: "engine",
      often: "10",
      counterHold: { by: "its belt" },
      when: { belt: ["outer"] },
    },
    pump: { name: "Coolant pump bolts", count: 6, role: "engine", often: "10", into: "aluminium" },
  },
  phases: {
    "make safe": [
      cold,
      act("Handed over: the timing belt comes off for this pump", [5, 10, 20], {
        when: { belt: ["timing"] },
        detail:
          "A tooth wrong and the valves meet the pistons. With the locking tools and the maker's own procedure only; a pump, belt and tensioner go together.",
      }),
      raise("Front"),
      heaterHot,
    ],
    "take apart": [
      capOff,
      act("Lower hose off, coolant caught", [4, 8, 20], {
        needs: ["cold"],
        takesOff: ["lower hose"],
        detail: "Write down how many litres came out.",
        troubles: [often("stuck on its seat", 5, 25)],
      }),
      undo("Fan drive nut off, fan and shroud out", "fan", [5, 15, 60], {
        when: FAN,
        takesOff: ["fan"],
        detail: "The pulley held by a bar; a sharp tug on the spanner. Radiator covered with cardboard.",
        troubles: [often("seized", 5, 25)],
      }),
      act("Pulley bolts cracked while the belt still holds it", [1, 3, 10], {
        when: { belt: ["outer"] },
        with: "pulley",
        leaves: "cracked",
        troubles: [often("seized", 2, 15)],
      }),
      act("Drive belt off, its way photographed", [3, 6, 15], {
        when: { belt: ["outer"] },
        takesOff: ["drive belt"],
        photo: true,
        loaded: "the belt tensioner",
        routing: ["crank", "tensioner", "pump", "alternator"],
        mark: "arrow of its running on the belt",
      }),
      act("Timing cover, belt and tensioner off by the maker's procedure", [60, 120, 240], {
        when: { belt: ["timing"] },
        takesOff: ["timing belt"],
        loaded: "the belt tensioner",
        mark: "engine locked at its marks, with its own tools",
      }),
      undo("Pulley off", "pulley", [2, 4, 10], { when: { belt: ["outer"] }, takesOff: ["pump pulley"] }),
      undo("Pump bolts out, pump off", "pump", [6, 15, 60], {
        takesOff: ["coolant pump"],
        photo: true,
        detail:
          "Bolts of different lengths: pushed through a card in their pattern. Stuck: a soft hammer, never a chisel on the face.",
        troubles: [often("snapped", 1, 18), often("stuck on its seat", 5, 30)],
      }),
    ],
    "look closely": [
      look("Old beside new: blades, pulley's height, holes, seal", [1, 2, 4]),
      look("Belt, tensioner and idlers turned by hand", [2, 4, 8]),
    ],
    "put back": [
      act("Both faces clean and dry, no scratch, holes blown out", [5, 12, 30]),
      byHand("Pump and new seal on, bolts by hand, each in its own hole", "pump", [3, 8, 20], {
        putsBack: ["coolant pump"],
        detail: "Sealing ring wetted with coolant; sealant only where the maker says so.",
      }),
      tighten("Pump bolts, crosswise", "pump", [3, 6, 12]),
      byHand("Pulley on, bolts by hand", "pulley", [1, 3, 6], {
        when: { belt: ["outer"] },
        putsBack: ["pump pulley"],
      }),
      act("Drive belt on, in every groove", [3, 6, 15], {
        when: { belt: ["outer"] },
        putsBack: ["drive belt"],
        loaded: "the belt tensioner",
      }),
      act(
        "Timing belt and tensioner on by the maker's procedure, turned over twice by hand",
        [60, 120, 240],
        {
          when: { belt: ["timing"] },
          putsBack: ["timing belt"],
          loaded: "the belt tensioner",
          detail: "Marks meet again after two turns of the crank by hand; nothing touches.",
        },
      ),
      tighten("Pulley bolts, the belt holding it", "pulley", [1, 3, 6], { when: { belt: ["outer"] } }),
      tighten("Fan on, its nut", "fan", [4, 8, 20], { when: FAN, putsBack: ["fan"] }),
      lowerHoseOn,
      coolantIn,
      capOn,
      lower,
    ],
    "prove it": [
      look("Runs until the fan has come on twice; heater hot; nothing drips, belt runs true", [15, 25, 40], {
        cautions: ["The fan starts by itself. Sleeves and hair away from the belt."],
      }),
      look("Level again when it is cold, the next morning", [1, 2, 4]),
      handIn("Old coolant"),
    ],
  },
  parts: [
    { name: "Coolant pump", count: 1, leavesOut: ["coolant"] },
    { name: "Coolant pump seal", count: 1 },
    { name: "Timing belt kit with tensioner", count: 1, when: { belt: ["timing"] } },
  ],
  supplies: [
    { name: "Coolant", amount: { value: 6000, unit: "mL" } },
    { name: "Rags", amount: { value: 4, unit: "pieces" } },
  ],
  tools: [
    { name: "Fan drive spanner and holder", days: 1, turns: ["fan"], when: FAN },
    { name: "Timing locking tools of this engine", days: 2, when: { belt: ["timing"] } },
  ],
  bare: [
    { name: "Auxiliary belt", minutesNow: 0, minutesLater: 30, when: { belt: ["outer"] } },
    { name: "Thermostat", minutesNow: 15, minutesLater: 90 },
  ],
};

import type { Drill } from "../drill";

interface Told {
  title: string;
  steps: readonly string[];
  /** By place in the list: the first before the second, and why. */
  before: readonly (readonly [first: number, second: number, why: string])[];
}

/** Jobs of our own, told in an order that works. */
export const TOLD: readonly Told[] = [
  {
    title: "Wheels changed over, on one axle",
    steps: [
      "Chock the wheels that stay down",
      "Crack the wheel bolts loose",
      "Raise it and put the stands",
      "Take the wheels off",
      "Put the other wheels on, bolts by hand",
      "Let it down",
      "Tighten crosswise with the wrench",
    ],
    before: [
      [0, 2, "Chocks come before anything leaves the ground."],
      [1, 2, "In the air the wheel turns with the bolt."],
      [2, 3, "Nothing comes off before it stands on stands."],
      [3, 4, "The old ones have to be off."],
      [4, 5, "It is let down on wheels that are on."],
      [5, 6, "The last torque is on the ground, where the wheel cannot turn."],
    ],
  },
  {
    title: "Starter motor",
    steps: [
      "Take the battery's earth off",
      "Take the leads off the starter",
      "Take its bolts out and lift it down",
      "Put the new one up, bolts by hand",
      "Tighten its bolts",
      "Put the leads back on",
      "Put the battery's earth back on",
      "Start it and listen",
    ],
    before: [
      [0, 1, "The thick lead is live until the earth is off."],
      [1, 2, "It would hang by its leads."],
      [2, 3, "The old one has to be down."],
      [3, 4, "By hand first, so that no thread is crossed."],
      [5, 6, "The earth goes on last: a spanner on a live lead makes an arc."],
      [4, 6, "Nothing is live before it is bolted up."],
      [6, 7, "Without its earth it does not turn."],
    ],
  },
  {
    title: "Thermostat",
    steps: [
      "Let the engine go cold",
      "Drain below the thermostat",
      "Take the hose and the housing off",
      "Clean both faces",
      "Put thermostat and new seal in",
      "Tighten the housing, then the hose",
      "Fill and bleed",
      "Run it warm and look for leaks",
    ],
    before: [
      [0, 1, "Hot coolant scalds."],
      [1, 2, "It would run down the engine."],
      [2, 3, "The faces are only there once it is off."],
      [3, 4, "A new seal on an old crust leaks."],
      [4, 5, "The housing goes on over it."],
      [5, 6, "Nothing is filled into what is open."],
      [6, 7, "Run dry it overheats."],
    ],
  },
  {
    title: "Brake shoes, one side",
    steps: [
      "Slacken the adjuster, drum off",
      "Photograph how the springs sit",
      "Springs and old shoes out",
      "Clean and grease the backing plate's pads",
      "New shoes and springs in",
      "Drum on, adjust",
      "Wheel on, let it down, wheel bolts",
      "Pump the pedal until it is firm",
      "Slow test stops",
    ],
    before: [
      [0, 1, "It is seen only with the drum off."],
      [1, 2, "Afterwards nobody knows which spring went where."],
      [2, 3, "Old shoes lie on what is cleaned."],
      [3, 4, "Grease behind new shoes gets onto them."],
      [4, 5, "The drum holds them in place."],
      [5, 6, "No wheel without its drum."],
      [7, 8, "The first stop must not be the first push of the pedal."],
      [6, 8, "It has to stand on its wheels."],
    ],
  },
  {
    title: "Engine oil and filter",
    steps: [
      "Run it warm, then switch off",
      "Raise it, put the stands",
      "Undo the drain plug, let it run out",
      "Old filter off, its seal with it",
      "New filter, its seal oiled",
      "New washer, drain plug to its figure",
      "Let it down level",
      "Fill to the mark",
      "Run it, look for leaks, read again",
    ],
    before: [
      [0, 2, "Warm oil runs out, cold oil stays in."],
      [1, 2, "Nobody is under it on a jack."],
      [2, 5, "It has to run out first."],
      [3, 4, "Two seals on each other blow out."],
      [5, 7, "It would run out again."],
      [4, 7, "It would run out again."],
      [6, 8, "The mark is read level."],
      [7, 8, "It must not run dry."],
    ],
  },
];

export const orderDrill: Drill = {
  skill: "order",
  title: "In which order",
  about: "A plan whose steps were shuffled",
  task: (level, luck) => {
    const told = luck.pick(TOLD);
    const count = Math.min(told.steps.length, 4 + level);
    // A stretch of it, so that a short one is a whole piece of work too.
    const from = luck.whole(0, told.steps.length - count);
    const ids = Array.from({ length: count }, (_, i) => from + i);
    return {
      kind: "order",
      asks: told.title,
      detail: "Bring the steps into an order that works.",
      steps: luck.shuffled(ids).map((i) => ({ id: `s${i}`, title: told.steps[i] ?? "" })),
      before: told.before
        .filter(([first, second]) => ids.includes(first) && ids.includes(second))
        .map(([first, second, why]) => [`s${first}`, `s${second}`, why] as const),
    };
  },
};

/**
 * Fluids that are filled by capacity, with where they go in, how far, and what to mind. General practice; the
 * maker's manual comes first.
 */
export const FILLS = {
  "engine oil": {
    point: "The filler on the engine's top, to between the two marks of the dipstick.",
    mind: "Fill four fifths, run it a minute, wait five, read the dipstick, then top up. Too much is as bad as too little. Old oil to a collection point.",
  },
  "gear oil": {
    point: "The level plug at the side, until it runs out at its lower edge with the vehicle level.",
    mind: "Open the filler before the drain: a box that is empty and cannot be filled stands where it is. Old oil to a collection point.",
  },
  "brake fluid": {
    point: "The reservoir, to between its two marks, from a sealed bottle of the grade on its cap.",
    mind: "An opened bottle draws water: what is left over is not kept. It strips paint. Old fluid to a collection point.",
  },
} as const;
export type Fill = keyof typeof FILLS;

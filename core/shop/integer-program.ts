/** A whole number to be chosen, from nothing up to `most`, at a cost each. */
export interface Variable {
  cost: number;
  most: number;
}

/**
 * What the chosen numbers have to keep to: the sum of coefficient times number is at least, or at most, so
 * much.
 */
export interface Constraint {
  terms: readonly (readonly [variable: number, coefficient: number])[];
  least?: number;
  most?: number;
}

/** The cheapest whole numbers that keep to every constraint are wanted. */
export interface IntegerProgram {
  variables: readonly Variable[];
  constraints: readonly Constraint[];
}

/**
 * The best numbers, one a variable, or undefined where none keep to the constraints. Exact to the whole
 * number.
 */
export type Solve = (program: IntegerProgram) => number[] | undefined;

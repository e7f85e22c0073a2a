/**
 * Thrown by every function in core/ that is given something it cannot work with.
 * The message is a whole sentence for the person who typed it: what is wrong and what to do.
 */
export class InputError extends Error {
  /** The parameter or field the sentence is about, for showing it beside that field. */
  readonly field: string | undefined;

  constructor(message: string, field?: string) {
    super(message);
    this.name = "InputError";
    this.field = field;
  }
}

/**
 * No mass, length or torque on a vehicle is as small or as large as this; dividing by such a number would
 * leave the range of numbers.
 */
const SMALLEST = 1e-9;
const LARGEST = 1e15;

/** Throws unless the value is a finite number above zero. `what` starts the sentence: "The grip length". */
export function requirePositive(value: number, what: string, field?: string): void {
  if (!Number.isFinite(value)) throw new InputError(`${what} is not a number. Type digits.`, field);
  if (value <= 0) throw new InputError(`${what} must be more than zero.`, field);
  if (value < SMALLEST) throw new InputError(`${what} is too small to be real. Check the number.`, field);
  if (value > LARGEST) throw new InputError(`${what} is too large to be real. Check the number.`, field);
}

/** Throws unless the value is a finite number, zero or more. */
export function requireNotNegative(value: number, what: string, field?: string): void {
  if (!Number.isFinite(value)) throw new InputError(`${what} is not a number. Type digits.`, field);
  if (value < 0) throw new InputError(`${what} cannot be less than zero.`, field);
  if (value > LARGEST) throw new InputError(`${what} is too large to be real. Check the number.`, field);
}

/** Throws unless the value is finite. */
export function requireFinite(value: number, what: string, field?: string): void {
  if (!Number.isFinite(value)) throw new InputError(`${what} is not a number. Type digits.`, field);
}

/**
 * What `how` gives, or what is made of the sentence with which it refused. Anything else that goes wrong is
 * not held back.
 */
export function orSentence<T>(how: () => T, refused: (sentence: string) => T): T {
  try {
    return how();
  } catch (error) {
    if (error instanceof InputError) return refused(error.message);
    throw error;
  }
}

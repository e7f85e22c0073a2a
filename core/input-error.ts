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

/** Throws unless the value is a finite number above zero. `what` starts the sentence: "The grip length". */
export function requirePositive(value: number, what: string, field?: string): void {
  if (!Number.isFinite(value)) throw new InputError(`${what} is not a number. Type digits.`, field);
  if (value <= 0) throw new InputError(`${what} must be more than zero.`, field);
}

/** Throws unless the value is a finite number, zero or more. */
export function requireNotNegative(value: number, what: string, field?: string): void {
  if (!Number.isFinite(value)) throw new InputError(`${what} is not a number. Type digits.`, field);
  if (value < 0) throw new InputError(`${what} cannot be less than zero.`, field);
}

/** Throws unless the value is finite. */
export function requireFinite(value: number, what: string, field?: string): void {
  if (!Number.isFinite(value)) throw new InputError(`${what} is not a number. Type digits.`, field);
}

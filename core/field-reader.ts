import { InputError } from "./input-error";

/**
 * Reads the fields of a form one by one, keeping the sentence of each that could not be read,
 * so that all errors are shown at once, each beside its own field.
 */
export function fieldReader<Field extends string>() {
  const errors: Partial<Record<Field, string>> = {};

  function read<T>(field: Field, how: () => T): T | undefined {
    try {
      return how();
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      errors[field] = error.message;
      return undefined;
    }
  }

  return { read, errors, failed: () => Object.keys(errors).length > 0 };
}

/** Undefined for a field left empty, otherwise what `how` makes of its text. */
export function ifTyped<T>(text: string, how: (text: string) => T): T | undefined {
  return text.trim() === "" ? undefined : how(text.trim());
}

/** The text of a field that must not be empty. @throws InputError with the sentence given. */
export function requireText(text: string, says: string): string {
  if (text.trim() === "") throw new InputError(says);
  return text.trim().slice(0, 200);
}

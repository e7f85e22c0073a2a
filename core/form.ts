import { z } from "zod";
import { InputError } from "./input-error";
import { LONGEST_LINE, LONGEST_TEXT, LONGEST_UNIT } from "./model/record";

/** A field's text, and the value that is read out of it. */
type Typed<T> = z.ZodType<T, string>;

/** A field whose text `how` makes a value of; the sentence with which it refuses is said at the field. */
export function typed<T>(how: (text: string) => T): Typed<T> {
  return z.string().transform((text, context) => {
    try {
      return how(text);
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      context.issues.push({ code: "custom", message: error.message, input: text });
      return z.NEVER;
    }
  });
}

/** As `typed`, and undefined where nothing is typed. */
export function ifTyped<T>(how: (text: string) => T): Typed<T | undefined> {
  return typed((text) => (text.trim() === "" ? undefined : how(text.trim())));
}

/** A field that is wrong whatever stands in it, because of what stands in others. */
export function refused(says: string): Typed<never> {
  return typed((): never => {
    throw new InputError(says);
  });
}

/** One line that has to be typed; `says` asks for it. */
export function line(says: string): Typed<string> {
  return typed((text) => {
    if (text.trim() === "") throw new InputError(says);
    return fitting(text.trim(), LONGEST_LINE);
  });
}

export const lineIfTyped = ifTyped((text) => fitting(text, LONGEST_LINE));
export const textIfTyped = ifTyped((text) => fitting(text, LONGEST_TEXT));
/** The name of a unit, which may be left out. */
export const unitName = typed((text) => fitting(text.trim(), LONGEST_UNIT));

/** Lines set apart by a mark, `most` of them. */
export function lines(mark: ";" | "\n", most: number): Typed<string[]> {
  return typed((text) => {
    const each = text
      .split(mark)
      .flatMap((one) => (one.trim() === "" ? [] : [fitting(one.trim(), LONGEST_LINE)]));
    if (each.length > most)
      throw new InputError(`These are ${each.length}, and ${most} fit. Leave some out, or say two as one.`);
    return each;
  });
}

/** One of several values; `says` asks for it. */
export function oneOf<T extends string>(values: readonly T[], says: string): Typed<T> {
  return typed((text) => {
    const found = values.find((value) => value === text);
    if (found === undefined) throw new InputError(says);
    return found;
  });
}

/** One of several values, or none of them. */
export function oneOfIfSaid<T extends string>(values: readonly T[]): Typed<T | undefined> {
  return typed((text) => values.find((value) => value === text));
}

/** What a form's fields make, or a sentence for each field that is wrong. */
export function readForm<Fields extends object, T>(
  form: z.ZodType<T, Fields>,
  fields: Fields,
): { value: T } | { errors: { [K in keyof Fields]?: string } } {
  const result = form.safeParse(fields);
  if (result.success) return { value: result.data };
  return {
    errors: Object.fromEntries(result.error.issues.map(({ path, message }) => [path[0], message])) as {
      [K in keyof Fields]?: string;
    },
  };
}

/**
 * A text, if it is no longer than fits; nothing that is typed is cut off. @throws InputError saying by how
 * much.
 */
export function fitting(text: string, most: number): string {
  if (text.length > most)
    throw new InputError(`That is ${text.length} letters long, and ${most} fit. Say it shorter.`);
  return text;
}

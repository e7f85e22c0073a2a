import type { Owned, SlipField, Typed } from "./field";
import { standing } from "./standing";

/** The fields that are asked for, given what stands in them. */
export function asked<Field extends SlipField>(fields: readonly Field[], typed: Typed, owned: Owned): Field[] {
  const stands = standing(fields, typed, owned);
  return fields.filter((field) => field.when?.(stands) ?? true);
}

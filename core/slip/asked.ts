import type { Owned, SlipField, Typed } from "./field";
import { textsIn } from "./texts-in";

/** The fields that are asked for, given what stands in them. */
export function asked<Field extends SlipField>(
  fields: readonly Field[],
  typed: Typed,
  owned: Owned,
): Field[] {
  const stands = textsIn(fields, typed, owned);
  return fields.filter((field) => field.when?.(stands) ?? true);
}

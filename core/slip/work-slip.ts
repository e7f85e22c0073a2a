import { InputError } from "../input-error";
import type { Owned, SlipField, Typed } from "./field";
import type { SlipKind, Worked } from "./slip";
import { standing } from "./standing";
import { TypedReader } from "./typed-reader";

/** Works a slip through from what stands in its fields; whatever is wrong is said at a field, never thrown. */
export function workSlip(kind: SlipKind, typed: Typed, owned: Owned): Worked {
  const read = new TypedReader(kind.fields, typed, owned);
  try {
    const slip = kind.work(read);
    const failed = Object.keys(read.errors).length > 0;
    return { slip: failed ? undefined : slip, errors: read.errors, readBack: read.readBack };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    const asked = askedFields(kind, typed, owned);
    const name = (asked.find((field) => field.name === error.field) ?? asked[0])?.name ?? "";
    return { slip: undefined, errors: { ...read.errors, [name]: error.message }, readBack: read.readBack };
  }
}

/** The fields that are asked for, given what stands in them. */
export function askedFields(kind: SlipKind, typed: Typed, owned: Owned): SlipField[] {
  const stands = standing(kind.fields, typed, owned);
  return kind.fields.filter((field) => field.when?.(stands) ?? true);
}

import { InputError } from "../input-error";
import { asked } from "./asked";
import type { Owned, SlipField, Typed } from "./field";
import { torqueUnitOf } from "./field-unit";
import type { Field } from "./fields";
import type { Slip, SlipKind, Worked } from "./slip";
import { textsIn } from "./texts-in";

type Fields = Readonly<Record<string, Field<unknown>>>;

/** What was read of a slip's fields, by name. A field that is not asked for holds what it starts with. */
export type Given<F extends Fields> = {
  readonly [K in keyof F]: F[K] extends Field<infer Value> ? Value : never;
};

/** What stands in a slip's fields: one of its values in a choice, the text in any other. */
type Stands<F extends Fields> = {
  readonly [K in keyof F]: F[K] extends Field<infer Value> ? (Value extends string ? Value : string) : never;
};

/** What a slip works with besides its fields. */
export interface Beside<Name extends string> {
  owned: Owned;
  /** Does `how`, and has what it refuses said at that field. */
  at: <T>(field: Name, how: () => T) => T;
}

interface Declared<F extends Fields> extends Omit<SlipKind, "fields" | "work"> {
  fields: F;
  /** When a field is asked for, where that hangs on others. */
  asks?: { readonly [K in keyof F]?: (stands: Stands<F>) => boolean };
  /** Called only when every field could be read. @throws InputError, said at the field that it names. */
  work: (given: Given<F>, beside: Beside<keyof F & string>) => Slip;
}

/** A slip of the Bench from its fields, read and typed by their names, and what is worked out of them. */
export function slip<const F extends Fields>({ fields, asks = {}, work, ...about }: Declared<F>): SlipKind {
  const when = asks as Readonly<Record<string, SlipField["when"]>>;
  const named = Object.entries(fields).map(([name, field]) => ({ ...field, name, when: when[name] }));
  return {
    ...about,
    fields: named,
    work: (typed, owned) => {
      const { given, errors, readBack } = readAll(named, typed, owned);
      const failed = (more: Worked["errors"] = {}): Worked => ({
        slip: undefined,
        errors: { ...errors, ...more },
        readBack,
      });
      if (Object.keys(errors).length > 0) return failed();
      try {
        return { slip: work(given as Given<F>, { owned, at: refuseAt }), errors, readBack };
      } catch (error) {
        if (!(error instanceof InputError)) throw error;
        const names = asked(named, typed, owned).map(({ name }) => name);
        return failed({ [names.find((name) => name === error.field) ?? names[0] ?? ""]: error.message });
      }
    },
  };
}

function refuseAt<T>(field: string, how: () => T): T {
  try {
    return how();
  } catch (error) {
    if (error instanceof InputError) throw new InputError(error.message, field);
    throw error;
  }
}

/** Every field read, so that all that is wrong is shown at once, each beside its own field. */
function readAll(fields: readonly (SlipField & Field<unknown>)[], typed: Typed, owned: Owned) {
  const stands = textsIn(fields, typed, owned);
  const isAsked = new Set(asked(fields, typed, owned));
  const given: Record<string, unknown> = {};
  const errors: Record<string, string> = {};
  const readBack: Record<string, string> = {};
  for (const field of fields) {
    const { name } = field;
    const on = isAsked.has(field);
    const stood = on || !("start" in field) ? stands[name] : field.start;
    try {
      given[name] = field.read((stood ?? "").trim(), {
        what: field.label,
        unit: on ? typed[`${name}Unit`] : undefined,
        torqueUnit: torqueUnitOf(field, on ? typed : {}, owned),
        owned,
        readBack: (says) => {
          if (on) readBack[name] = says;
        },
      });
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      errors[name] = error.message;
    }
  }
  return { given, errors, readBack };
}

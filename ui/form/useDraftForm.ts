"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import { useCallback, useEffect } from "react";
import {
  type DefaultValues,
  type FieldValues,
  type Path,
  type RegisterOptions,
  type UseFormReturn,
  useForm,
} from "react-hook-form";
import type { z } from "zod";
import { forgetHere, keepHere, keptHere } from "../kept-here";

export interface DraftForm<Fields extends FieldValues, Value> extends UseFormReturn<Fields, unknown, Value> {
  /** What an input needs for the field of that name: its registering, and the sentence that is said at it. */
  field: (
    name: Path<Fields>,
    options?: RegisterOptions<Fields>,
  ) => ReturnType<UseFormReturn<Fields>["register"]> & { error: string | undefined };
  /** Throws away what was typed. */
  forget: () => void;
  /** Says at a field what only showed when the form was sent. */
  refuse: (name: Path<Fields>, says: string) => void;
}

/**
 * A form whose fields survive a closed tab or a turned page: what was typed is kept in this browser
 * under `key` until `forget` is called, which is when it was saved or thrown away.
 * @param schemaOf reads the fields into what is saved, given what stands in them; without it they are taken
 * as they are.
 */
export function useDraftForm<Fields extends FieldValues, Value = Fields>(
  key: string,
  start: Fields,
  schemaOf?: (fields: Fields) => z.ZodType<Value, Fields>,
): DraftForm<Fields, Value> {
  const name = `draft ${key}`;
  const form = useForm<Fields, unknown, Value>({
    defaultValues: withDraft(name, start) as DefaultValues<Fields>,
    ...(schemaOf && {
      resolver: (fields, context, options) => zodResolver(schemaOf(fields))(fields, context, options),
    }),
  });
  const { watch, register, setError, formState } = form;

  useEffect(() => {
    const { unsubscribe } = watch((values) => void keepHere(name, JSON.stringify(values)));
    return unsubscribe;
  }, [watch, name]);

  const forget = useCallback(() => forgetHere(name), [name]);
  const field: DraftForm<Fields, Value>["field"] = (one, options) => ({
    ...register(one, options),
    error: formState.errors[one]?.message as string | undefined,
  });
  const refuse = (one: Path<Fields>, message: string) => setError(one, { message }, { shouldFocus: true });
  return { ...form, field, forget, refuse };
}

function withDraft<Fields extends FieldValues>(name: string, start: Fields): Fields {
  try {
    const kept: unknown = JSON.parse(keptHere(name) ?? "{}");
    const known = Object.entries(kept ?? {}).filter(
      ([field, value]) => field in start && typeof value === typeof start[field],
    );
    return { ...start, ...Object.fromEntries(known) };
  } catch {
    return start;
  }
}

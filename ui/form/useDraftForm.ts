"use client";

import { useCallback, useEffect } from "react";
import { type DefaultValues, type FieldValues, type Path, type UseFormReturn, useForm } from "react-hook-form";

/**
 * A form whose fields survive a closed tab or a turned page: what was typed is kept in this browser
 * under `key` until `forget` is called, which is when it was saved or thrown away.
 */
export function useDraftForm<Values extends FieldValues>(
  key: string,
  defaults: Values,
): UseFormReturn<Values> & { forget: () => void; showErrors: (errors: Partial<Record<string, string>>) => void } {
  const name = `draft ${key}`;
  const form = useForm<Values>({ defaultValues: withDraft(name, defaults) as DefaultValues<Values> });

  useEffect(() => {
    const { unsubscribe } = form.watch((values) => localStorage.setItem(name, JSON.stringify(values)));
    return unsubscribe;
  }, [form, name]);

  const forget = useCallback(() => localStorage.removeItem(name), [name]);
  const showErrors = (errors: Partial<Record<string, string>>) => {
    const fields = Object.keys(errors) as Path<Values>[];
    fields.forEach((field, i) => form.setError(field, { message: errors[field] ?? "" }, { shouldFocus: i === 0 }));
  };
  return { ...form, forget, showErrors };
}

function withDraft<Values extends FieldValues>(name: string, defaults: Values): Values {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(name) ?? "{}");
    const known = Object.entries(kept ?? {}).filter(([field, value]) => field in defaults && typeof value === typeof defaults[field]);
    return { ...defaults, ...Object.fromEntries(known) };
  } catch {
    return defaults;
  }
}

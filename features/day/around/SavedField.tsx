"use client";

import { useState } from "react";
import { orSentence } from "@/core/input-error";
import { TextField } from "@/ui/form/Field";

interface SavedFieldProps<T> {
  label: string;
  /** As it is kept. */
  text: string;
  read: (typed: string) => T;
  onSave: (value: T) => void;
  hint?: string | undefined;
  placeholder?: string;
  unit?: string;
  type?: "text" | "date" | "time";
}

/** A field that is kept as soon as what is typed can be read, and says why it cannot be otherwise. */
export function SavedField<T>({ label, text, read, onSave, ...field }: SavedFieldProps<T>) {
  const [typed, setTyped] = useState<string>();
  const [error, setError] = useState<string>();
  return (
    <TextField
      label={label}
      value={typed ?? text}
      error={error}
      onChange={({ target: { value } }) => {
        setTyped(value);
        const got = orSentence<{ value: T } | { says: string }>(
          () => ({ value: read(value) }),
          (says) => ({ says }),
        );
        setError("says" in got ? got.says : undefined);
        if ("value" in got) onSave(got.value);
      }}
      onBlur={() => error === undefined && setTyped(undefined)}
      {...field}
    />
  );
}

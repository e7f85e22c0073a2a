"use client";

import type { BaseSyntheticEvent } from "react";
import type { FieldValues } from "react-hook-form";
import type { z } from "zod";
import { type DraftForm, useDraftForm } from "./useDraftForm";

interface RecordFormOptions<Fields extends FieldValues, Value> {
  /** Under what its draft is kept. */
  draft: string;
  start: Fields;
  /** Reads the fields into what is saved, given what stands in them. */
  schemaOf: (fields: Fields) => z.ZodType<Value, Fields>;
  onClose: () => void;
}

export interface RecordForm<Fields extends FieldValues, Value> extends DraftForm<Fields, Value> {
  /** Throws away the draft and closes. */
  close: () => void;
  /** Closes once something is done that removes the record. */
  closeAfter: (done: Promise<boolean>) => void;
  /**
   * Sends the form: what it makes goes to `save`; where that was done, the form closes, and `then` is told
   * what was made.
   */
  send: (
    save: (value: Value) => Promise<boolean>,
    then?: (value: Value) => void,
  ) => (event?: BaseSyntheticEvent) => void;
}

/**
 * A form for one record: its draft kept, its errors at its fields, saved, removed or thrown away, and closed.
 */
export function useRecordForm<Fields extends FieldValues, Value>({
  draft,
  start,
  schemaOf,
  onClose,
}: RecordFormOptions<Fields, Value>): RecordForm<Fields, Value> {
  const form = useDraftForm(draft, start, schemaOf);
  const close = () => {
    form.forget();
    onClose();
  };
  const closeAfter = (done: Promise<boolean>) => void done.then((was) => was && close());
  const send: RecordForm<Fields, Value>["send"] =
    (save, then = onClose) =>
    (event) =>
      void form.handleSubmit(async (value) => {
        if (!(await save(value))) return;
        form.forget();
        then(value);
      })(event);
  return { ...form, close, closeAfter, send };
}

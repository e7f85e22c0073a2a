import type { Phase, Step } from "@/core/model/job";
import { InputError } from "@/core/input-error";
import { readNumber } from "@/core/quantity/read-number";
import { fieldReader, ifTyped, requireText } from "@/core/field-reader";

/** A step as it is typed. Cautions are one line, parted by semicolons. */
export interface StepFields {
  title: string;
  phase: Step["phase"];
  kind: Step["kind"];
  stance: Step["stance"];
  fastenerId: string;
  usualMinutes: string;
  caution: string;
  detail: string;
}

export function stepFields(step: Step | undefined, phase: Phase): StepFields {
  return {
    title: step?.title ?? "",
    phase: step?.phase ?? phase,
    kind: step?.kind ?? "do",
    stance: step?.stance ?? "on the ground",
    fastenerId: step?.fastenerId ?? "",
    usualMinutes: step?.usualMinutes === undefined ? "" : String(step.usualMinutes),
    caution: step?.cautions.join("; ") ?? "",
    detail: step?.detail ?? "",
  };
}

/** Reads the fields into a step, or says what is wrong at each field. What the form does not show is kept from the step as it was. */
export function readStep(fields: StepFields, id: string, before?: Step): { step: Step } | { errors: Partial<Record<keyof StepFields, string>> } {
  const { read, errors, failed } = fieldReader<keyof StepFields>();
  const title = read("title", () => requireText(fields.title, "Say what is done in this step."));
  const usualMinutes = read("usualMinutes", () =>
    ifTyped(fields.usualMinutes, (text) => {
      const { value } = readNumber(text, "The time");
      if (value < 0 || value > 10_000) throw new InputError("The time is between 0 and 10 000 minutes.");
      return value;
    }),
  );
  if (failed() || title === undefined) return { errors };
  const cautions = fields.caution
    .split(";")
    .map((one) => one.trim())
    .filter((one) => one !== "")
    .slice(0, 10);
  const detail = ifTyped(fields.detail, (text) => text);
  return {
    step: {
      id,
      title,
      phase: fields.phase,
      kind: fields.kind,
      stance: fields.stance,
      cautions,
      ...(fields.fastenerId === "" ? {} : { fastenerId: fields.fastenerId }),
      ...(usualMinutes === undefined ? {} : { usualMinutes }),
      ...(detail === undefined ? {} : { detail }),
      ...(before?.slips ? { slips: before.slips } : {}),
    },
  };
}

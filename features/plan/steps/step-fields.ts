import { fieldReader, ifTyped, requireText } from "@/core/field-reader";
import { InputError } from "@/core/input-error";
import type { Phase, Step } from "@/core/model/job";
import { readNumber } from "@/core/quantity/read-number";

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
  needs: string[];
  takesOff: string;
  putsBack: string;
  movesPast: string;
  mark: string;
  waitMinutes: string;
  waitUntil: string;
  measureWhat: string;
  measureUnit: string;
  measureLeast: string;
  measureMost: string;
  measurePlaces: string;
  count: string;
  hands: string;
  vehicleIs: string;
  photo: boolean;
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
    needs: step?.needs ?? [],
    takesOff: step?.takesOff?.join("; ") ?? "",
    putsBack: step?.putsBack?.join("; ") ?? "",
    movesPast: step?.movesPast?.join("; ") ?? "",
    mark: step?.mark ?? "",
    waitMinutes: numberText(step?.wait?.minutes),
    waitUntil: step?.wait?.until ?? "",
    measureWhat: step?.measure?.what ?? "",
    measureUnit: step?.measure?.unit ?? "mm",
    measureLeast: numberText(step?.measure?.least),
    measureMost: numberText(step?.measure?.most),
    measurePlaces: step?.measure?.places?.join("; ") ?? "",
    count: numberText(step?.count),
    hands: numberText(step?.hands),
    vehicleIs: step?.vehicleIs ?? "",
    photo: step?.photo ?? false,
  };
}

function numberText(value: number | undefined): string {
  return value === undefined ? "" : String(value);
}

/** Things with semicolons between. */
function listed(text: string): string[] {
  return text
    .split(";")
    .map((one) => one.trim().slice(0, 200))
    .filter((one) => one !== "")
    .slice(0, 20);
}

function between(text: string, what: string, least: number, most: number): number {
  const { value } = readNumber(text, what);
  if (value < least || value > most) throw new InputError(`${what} is between ${least} and ${most}.`);
  return value;
}

function whole(text: string, what: string, most: number): number {
  const value = between(text, what, 1, most);
  if (!Number.isInteger(value)) throw new InputError(`${what}: a whole number from 1 to ${most}.`);
  return value;
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
  const waitMinutes = read("waitMinutes", () => ifTyped(fields.waitMinutes, (text) => between(text, "The wait", 1, 20_000)));
  read("waitUntil", () => {
    if (waitMinutes !== undefined && fields.waitUntil.trim() === "") throw new InputError("Say what is waited for: until the hoses are cold.");
  });
  const least = read("measureLeast", () => ifTyped(fields.measureLeast, (text) => readNumber(text, "The least").value));
  const most = read("measureMost", () => ifTyped(fields.measureMost, (text) => readNumber(text, "The most").value));
  read("measureMost", () => {
    if (least !== undefined && most !== undefined && least > most) throw new InputError("The most is less than the least. Swap the two.");
  });
  read("measureWhat", () => {
    if ((least !== undefined || most !== undefined) && fields.measureWhat.trim() === "") throw new InputError("Say what is measured.");
  });
  const count = read("count", () => ifTyped(fields.count, (text) => whole(text, "How many", 64)));
  const hands = read("hands", () => ifTyped(fields.hands, (text) => whole(text, "People", 4)));
  if (failed() || title === undefined) return { errors };
  const cautions = listed(fields.caution).slice(0, 10);
  const [takesOff, putsBack, movesPast] = [listed(fields.takesOff), listed(fields.putsBack), listed(fields.movesPast)];
  const vehicleIs = ifTyped(fields.vehicleIs, (text) => text.slice(0, 200));
  const mark = ifTyped(fields.mark, (text) => text.slice(0, 200));
  const what = ifTyped(fields.measureWhat, (text) => text.slice(0, 200));
  const places = [...new Set(listed(fields.measurePlaces))].slice(0, 8);
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
      ...(fields.needs.length > 0 ? { needs: fields.needs } : {}),
      ...(takesOff.length > 0 ? { takesOff } : {}),
      ...(putsBack.length > 0 ? { putsBack } : {}),
      ...(movesPast.length > 0 ? { movesPast } : {}),
      ...(mark === undefined ? {} : { mark }),
      ...(waitMinutes === undefined ? {} : { wait: { minutes: waitMinutes, until: fields.waitUntil.trim().slice(0, 200) } }),
      ...(what === undefined
        ? {}
        : {
            measure: {
              what,
              unit: fields.measureUnit.trim().slice(0, 20),
              ...(least === undefined ? {} : { least }),
              ...(most === undefined ? {} : { most }),
              ...(places.length > 0 ? { places } : {}),
            },
          }),
      ...(count === undefined ? {} : { count }),
      ...(hands === undefined ? {} : { hands }),
      ...(vehicleIs === undefined ? {} : { vehicleIs }),
      ...(fields.photo ? { photo: true } : {}),
      ...(before?.mirrorOf ? { mirrorOf: before.mirrorOf } : {}),
      ...(before?.slips ? { slips: before.slips } : {}),
    },
  };
}

import { z } from "zod";
import {
  ifTyped,
  line,
  lineIfTyped,
  lines,
  oneOfIfSaid,
  refused,
  textIfTyped,
  typed,
  unitName,
} from "@/core/form";
import { InputError } from "@/core/input-error";
import { MOST_BOLTS, PHASES, type Phase, STANCES, STATES, STEP_KINDS, type Step } from "@/core/model/job";
import { appliedWords, readApplied } from "@/core/plan/applied";
import { oftenWrongText, readOftenWrong } from "@/core/plan/often-wrong";
import { minutesText, readMinutes } from "@/core/plan/step-minutes";
import { numberIn, numberWithin, wholeWithin } from "@/core/quantity/number-within";
import { readNumber } from "@/core/quantity/read-number";
import { withoutUndefined } from "@/core/without-undefined";

/** A step as it is typed. Cautions are one line, parted by semicolons. */
export interface StepFields {
  title: string;
  phase: Step["phase"];
  kind: Step["kind"];
  stance: Step["stance"];
  fastenerId: string;
  minutes: string;
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
  applies: string;
  facing: string;
  routing: string;
  leaves: string;
  loaded: string;
  heldUp: string;
  noWayBack: string;
  troubles: string;
}

export function stepFields(step: Step | undefined, phase: Phase): StepFields {
  return {
    title: step?.title ?? "",
    phase: step?.phase ?? phase,
    kind: step?.kind ?? "do",
    stance: step?.stance ?? "on the ground",
    fastenerId: step?.fastenerId ?? "",
    minutes: step?.minutes ? minutesText(step.minutes) : "",
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
    applies: step?.applies ? appliedWords(step.applies) : "",
    facing: step?.facing ?? "",
    routing: step?.routing?.join("; ") ?? "",
    leaves: step?.leaves ?? "",
    loaded: step?.loaded ?? "",
    heldUp: step?.heldUp ?? "",
    noWayBack: step?.noWayBack ?? "",
    troubles: step?.troubles ? oftenWrongText(step.troubles) : "",
  };
}

function numberText(value: number | undefined): string {
  return value === undefined ? "" : String(value);
}

/** Nothing said where nothing stands. */
const some = <T>(list: T[]) => (list.length > 0 ? list : undefined);

/**
 * What the fields make, given what stands in them. What the form does not show is kept from the step as it
 * was.
 */
export function stepForm(fields: StepFields, id: string, before?: Step): z.ZodType<Step, StepFields> {
  const waits = fields.waitMinutes.trim() !== "";
  const limited = [fields.measureLeast, fields.measureMost, fields.measurePlaces].some(
    (text) => text.trim() !== "",
  );
  return z
    .object({
      title: line("Say what is done in this step."),
      phase: z.enum(PHASES),
      kind: z.enum(STEP_KINDS),
      stance: z.enum(STANCES),
      fastenerId: ifTyped((one) => one),
      minutes: ifTyped(readMinutes),
      caution: lines(";", 10),
      detail: textIfTyped,
      needs: z.array(z.string()),
      takesOff: lines(";", 20),
      putsBack: lines(";", 20),
      movesPast: lines(";", 20),
      mark: lineIfTyped,
      waitMinutes:
        !waits && fields.waitUntil.trim() !== ""
          ? refused("Say about how long that takes.")
          : ifTyped(numberWithin("The wait", 1, 20_000, " minutes")),
      waitUntil: waits ? line("Say what is waited for: until the hoses are cold.") : lineIfTyped,
      measureWhat: limited ? line("Say what is measured.") : lineIfTyped,
      measureUnit: unitName,
      measureLeast: ifTyped((text) => readNumber(text, "The least").value),
      measureMost: ifTyped((text) => {
        const most = readNumber(text, "The most").value;
        if (most < (numberIn(fields.measureLeast) ?? -Infinity))
          throw new InputError("The most is less than the least. Swap the two.");
        return most;
      }),
      measurePlaces: lines(";", 8),
      count: ifTyped(wholeWithin("The count", 1, MOST_BOLTS)),
      hands: ifTyped(wholeWithin("The number of people", 1, 4)),
      vehicleIs: lineIfTyped,
      photo: z.boolean(),
      applies: typed(readApplied),
      facing: lineIfTyped,
      routing: lines(";", 20),
      leaves: oneOfIfSaid(STATES),
      loaded: lineIfTyped,
      heldUp: lineIfTyped,
      noWayBack: lineIfTyped,
      troubles: typed(readOftenWrong),
    })
    .transform(
      ({
        caution,
        waitMinutes,
        waitUntil,
        measureWhat,
        measureUnit,
        measureLeast,
        measureMost,
        measurePlaces,
        ...said
      }) =>
        withoutUndefined({
          ...said,
          id,
          cautions: caution,
          needs: some(said.needs),
          takesOff: some(said.takesOff),
          putsBack: some(said.putsBack),
          movesPast: some(said.movesPast),
          wait:
            waitMinutes === undefined || waitUntil === undefined
              ? undefined
              : { minutes: waitMinutes, until: waitUntil },
          measure:
            measureWhat === undefined
              ? undefined
              : withoutUndefined({
                  what: measureWhat,
                  unit: measureUnit,
                  least: measureLeast,
                  most: measureMost,
                  places: some([...new Set(measurePlaces)]),
                }),
          photo: said.photo || undefined,
          applies: some(said.applies),
          routing: some(said.routing),
          troubles: some(said.troubles),
          mends: before?.mends,
          mirrorOf: before?.mirrorOf,
          slips: before?.slips,
        }),
    );
}

import { z } from "zod";
import { fitting, ifTyped, typed } from "@/core/form";
import { InputError } from "@/core/input-error";
import { type Draft, LONGEST_LINE } from "@/core/model/record";
import { SQUARE_DRIVES, type SquareDrive } from "@/core/model/square-drive";
import { HEAVIEST_KG, LONGEST_MM, type Tool, type TorqueWrench } from "@/core/model/tool";
import type { HeadSize } from "@/core/quantity/head-size";
import { readLengthMm } from "@/core/quantity/length";
import { numberIn, wholeWithin } from "@/core/quantity/number-within";
import { formatHeadSize, readHeadSize } from "@/core/quantity/read-head-size";
import { readNumber } from "@/core/quantity/read-number";
import { TORQUE_UNITS, type TorqueUnit } from "@/core/quantity/torque-unit";
import { withoutUndefined } from "@/core/without-undefined";

/** Kinds that are asked for field by field; everything else is quicker as a line of text. */
export const FORM_KINDS = [
  "torque wrench",
  "socket",
  "spanner",
  "crowfoot",
  "drive adapter",
  "extension",
  "bar or ratchet",
  "stands",
  "jack",
] as const satisfies readonly Tool["kind"][];
type FormKind = (typeof FORM_KINDS)[number];

/** A tool as it is typed. Sockets, spanners and crowfoots take several sizes at once. */
export interface ToolFields {
  kind: FormKind;
  name: string;
  drive: SquareDrive;
  to: SquareDrive;
  sizes: string;
  length: string;
  unit: TorqueUnit;
  works: TorqueWrench["works"];
  min: string;
  max: string;
  step: string;
  accuracy: string;
  checkedOn: string;
  count: string;
  rating: string;
}

export const TOOL_START: ToolFields = {
  kind: "torque wrench",
  name: "",
  drive: "1/2",
  to: "3/8",
  sizes: "",
  length: "",
  unit: "N.m",
  works: "click",
  min: "",
  max: "",
  step: "",
  accuracy: "",
  checkedOn: "",
  count: "2",
  rating: "",
};

/** The fields of a torque wrench that is in the chest. */
export function wrenchFields(wrench: TorqueWrench): ToolFields {
  const text = (value: number | undefined) => (value === undefined ? "" : String(value));
  return {
    ...TOOL_START,
    kind: "torque wrench",
    name: wrench.name,
    works: wrench.works,
    drive: wrench.drive,
    unit: wrench.unit,
    min: text(wrench.min),
    max: text(wrench.max),
    step: text(wrench.step),
    length: text(wrench.gripLengthMm),
    accuracy: wrench.accuracy === undefined ? "" : text(Number((wrench.accuracy * 100).toFixed(2))),
    checkedOn: wrench.checkedOn ?? "",
  };
}

const asTyped = z.object({
  kind: z.enum(FORM_KINDS),
  name: z.string(),
  drive: z.enum(SQUARE_DRIVES),
  to: z.enum(SQUARE_DRIVES),
  sizes: z.string(),
  length: z.string(),
  unit: z.enum(TORQUE_UNITS),
  works: z.enum(["click", "dial", "beam", "digital"]),
  min: z.string(),
  max: z.string(),
  step: z.string(),
  accuracy: z.string(),
  checkedOn: z.string(),
  count: z.string(),
  rating: z.string(),
});

/** The name that was typed, or the usual one. */
const called = (usual: string) => typed((text) => fitting(text.trim(), LONGEST_LINE) || usual);
const toMm = (what: string) => (text: string) => aboveZero(readLengthMm(text, "mm", what), what, LONGEST_MM);
const lengthMm = (what: string) => typed(toMm(what));
const aNumber = (what: string, most: number) =>
  typed((text) => aboveZero(readNumber(text, what).value, what, most));

/** What the fields of each kind make: one tool, or one a size. */
const MAKES: Record<FormKind, (fields: ToolFields) => z.ZodType<Draft<Tool>[], ToolFields>> = {
  "torque wrench": ({ min, max }) =>
    asTyped
      .extend({
        name: called("Torque wrench"),
        min: typed((text) => readNumber(text, "The bottom of the scale").value),
        max: typed((text) => {
          const top = aboveZero(readNumber(text, "The top of the scale").value, "The top of the scale", 1e5);
          const bottom = numberIn(min);
          if (bottom !== undefined && (top <= bottom || bottom < 0))
            throw new InputError("The top of the scale must be above its bottom.");
          return top;
        }),
        step: typed((text) => {
          const gap = aboveZero(readNumber(text, "The smallest step").value, "The smallest step", 1e5);
          if (gap > (numberIn(max) ?? Infinity) / 2)
            throw new InputError(
              "The smallest step is the gap between two marks; this is most of the scale.",
            );
          return gap;
        }),
        length: ifTyped(toMm("The grip length")),
        accuracy: ifTyped(readAccuracy),
        checkedOn: ifTyped((day) => day),
      })
      .transform(({ name, works, drive, unit, min: bottom, max: top, step, length, accuracy, checkedOn }) => [
        withoutUndefined({
          kind: "torque wrench" as const,
          name,
          works,
          drive,
          unit,
          min: bottom,
          max: top,
          step,
          gripLengthMm: length,
          accuracy,
          checkedOn,
        }),
      ]),
  socket: () =>
    asTyped
      .extend({ sizes: typed(readSizes) })
      .transform(({ sizes, drive }) =>
        sizes.map((head) => ({ kind: "socket" as const, name: sizeName(head, "socket"), head, drive })),
      ),
  spanner: () =>
    asTyped
      .extend({ sizes: typed(readSizes) })
      .transform(({ sizes }) =>
        sizes.map((head) => ({ kind: "spanner" as const, name: sizeName(head, "spanner"), head })),
      ),
  crowfoot: () =>
    asTyped
      .extend({ sizes: typed(readSizes), length: lengthMm("The crowfoot's offset") })
      .transform(({ sizes, drive, length }) =>
        sizes.map((head) => ({
          kind: "crowfoot" as const,
          name: sizeName(head, "crowfoot"),
          head,
          drive,
          offsetMm: length,
        })),
      ),
  "drive adapter": ({ drive: from, to }) =>
    asTyped
      .extend({ name: called(`${from} to ${to} adapter`) })
      .transform(({ name }) => [{ kind: "drive adapter" as const, name, from, to }]),
  extension: () =>
    asTyped
      .extend({ name: called("Extension"), length: lengthMm("The length") })
      .transform(({ name, drive, length }) => [
        { kind: "extension" as const, name, drive, lengthMm: length },
      ]),
  "bar or ratchet": () =>
    asTyped
      .extend({ name: called("Ratchet"), length: lengthMm("The length") })
      .transform(({ name, drive, length }) => [
        { kind: "bar or ratchet" as const, name, drive, lengthMm: length },
      ]),
  stands: () =>
    asTyped
      .extend({
        name: called("Axle stands"),
        count: typed(wholeWithin("The count", 1, 12)),
        rating: aNumber("The rating of one stand", HEAVIEST_KG),
      })
      .transform(({ name, count, rating }) => [
        { kind: "stands" as const, name, count, ratingPerStandKg: rating },
      ]),
  jack: () =>
    asTyped
      .extend({ name: called("Trolley jack"), rating: aNumber("The rating", HEAVIEST_KG) })
      .transform(({ name, rating }) => [{ kind: "jack" as const, name, ratingKg: rating }]),
};

/** What the fields make: a tool, or several of one kind. */
export function toolForm(fields: ToolFields): z.ZodType<Draft<Tool>[], ToolFields> {
  return MAKES[fields.kind](fields);
}

/** Whether a kind of tool has a square drive to be asked for. */
export function hasDrive(kind: FormKind): boolean {
  return kind !== "spanner" && kind !== "stands" && kind !== "jack";
}

export const DRIVE_CHOICES = SQUARE_DRIVES.map((value) => ({ value, label: `${value} in` }));

function readSizes(text: string) {
  const sizes = text
    .split(/[,;\n]/)
    .map((one) => one.trim())
    .filter((one) => one !== "");
  if (sizes.length === 0) throw new InputError("Type a size, or several with commas: 8, 10, 13.");
  return sizes.map((size) => readHeadSize(size));
}

/** A share of the setting: 3 for ±3 %. */
function readAccuracy(text: string): number {
  const { value } = readNumber(text.replace(/[%±]/g, ""), "The accuracy");
  if (value <= 0 || value > 20)
    throw new InputError("The accuracy is a share of the setting, above 0 and at most 20 %.");
  return value / 100;
}

function sizeName(head: HeadSize, kind: string): string {
  return `${formatHeadSize(head)} ${kind}`;
}

function aboveZero(value: number, what: string, most: number): number {
  if (value <= 0) throw new InputError(`${what} must be more than zero.`);
  if (value > most) throw new InputError(`${what} is at most ${most}. Check the number.`);
  return value;
}

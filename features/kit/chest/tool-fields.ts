import { fieldReader } from "@/core/field-reader";
import { InputError } from "@/core/input-error";
import type { RecordStamp } from "@/core/model/record";
import { SQUARE_DRIVES, type SquareDrive } from "@/core/model/square-drive";
import type { Tool, TorqueWrench } from "@/core/model/tool";
import { readLengthMm } from "@/core/quantity/length";
import { formatHeadSize, readHeadSize } from "@/core/quantity/read-head-size";
import { readNumber } from "@/core/quantity/read-number";
import type { TorqueUnit } from "@/core/quantity/torque-unit";

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

type Result = { tools: Tool[] } | { errors: Partial<Record<keyof ToolFields, string>> };

/** Reads the fields into one tool, or one a size, or says what is wrong at each field. */
export function readTools(fields: ToolFields, stamp: () => RecordStamp): Result {
  const { read, errors, failed } = fieldReader<keyof ToolFields>();
  const { kind, drive } = fields;
  const named = (usual: string) => fields.name.trim().slice(0, 200) || usual;
  const number = (field: "min" | "max" | "step" | "count" | "rating", what: string) => read(field, () => aboveZero(readNumber(fields[field], what).value, what));
  const length = (what: string) => read("length", () => aboveZero(readLengthMm(fields.length, "mm", what), what));
  const done = (make: () => Tool[]): Result => (failed() ? { errors } : { tools: make() });

  switch (kind) {
    case "torque wrench": {
      const min = read("min", () => readNumber(fields.min, "The bottom of the scale").value) ?? 0;
      const max = number("max", "The top of the scale") ?? 1;
      const step = number("step", "The smallest step") ?? 1;
      const gripLengthMm = length("The grip length") ?? 1;
      const percent = read("accuracy", () => readAccuracy(fields.accuracy));
      read("max", () => {
        if (!errors.max && !errors.min && (max <= min || min < 0)) throw new InputError("The top of the scale must be above its bottom.");
      });
      read("step", () => {
        if (!errors.step && !errors.max && step > max / 2) throw new InputError("The smallest step is the gap between two marks; this is most of the scale.");
      });
      return done(() => [
        {
          ...stamp(),
          kind,
          name: named("Torque wrench"),
          works: fields.works,
          drive,
          unit: fields.unit,
          min,
          max,
          step,
          gripLengthMm,
          ...(percent === undefined ? {} : { accuracy: percent / 100 }),
          ...(fields.checkedOn ? { checkedOn: fields.checkedOn } : {}),
        },
      ]);
    }
    case "socket":
    case "spanner":
    case "crowfoot": {
      const heads = read("sizes", () => readSizes(fields.sizes)) ?? [];
      const offsetMm = kind === "crowfoot" ? (length("The crowfoot's offset") ?? 1) : 1;
      return done(() =>
        heads.map((head): Tool => {
          const base = { ...stamp(), name: named(`${formatHeadSize(head)} ${kind}`), head };
          return kind === "spanner" ? { ...base, kind } : kind === "socket" ? { ...base, kind, drive } : { ...base, kind, drive, offsetMm };
        }),
      );
    }
    case "drive adapter":
      return done(() => [{ ...stamp(), kind, name: named(`${drive} to ${fields.to} adapter`), from: drive, to: fields.to }]);
    case "extension":
    case "bar or ratchet": {
      const lengthMm = length("The length") ?? 1;
      return done(() => [{ ...stamp(), kind, name: named(kind === "extension" ? "Extension" : "Ratchet"), drive, lengthMm }]);
    }
    case "stands": {
      const count = Math.round(number("count", "How many") ?? 1);
      const ratingPerStandKg = number("rating", "The rating of one stand") ?? 1;
      return done(() => [{ ...stamp(), kind, name: named("Axle stands"), count, ratingPerStandKg }]);
    }
    case "jack": {
      const ratingKg = number("rating", "The rating") ?? 1;
      return done(() => [{ ...stamp(), kind, name: named("Trolley jack"), ratingKg }]);
    }
  }
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

function readAccuracy(text: string): number | undefined {
  if (text.trim() === "") return undefined;
  const { value } = readNumber(text.replace(/[%±]/g, ""), "The accuracy");
  if (value <= 0 || value > 20) throw new InputError("The accuracy is a share of the setting, above 0 and at most 20 %.");
  return value;
}

function aboveZero(value: number, what: string): number {
  if (value <= 0) throw new InputError(`${what} must be more than zero.`);
  return value;
}

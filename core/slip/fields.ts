import { InputError } from "../input-error";
import type { Tool } from "../model/tool";
import type { Vehicle } from "../model/vehicle";
import { type Dimension, readMeasure } from "../quantity/measure";
import { readNumber } from "../quantity/read-number";
import { readTorque } from "../quantity/read-torque";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { readShare } from "../quantity/share";
import type { TorqueFigure } from "../quantity/torque-figure";
import { type TorqueQuantity, convertTorque, formatTorque } from "../quantity/torque-quantity";
import type { TorqueUnit } from "../quantity/torque-unit";
import { type Choice, type FieldShape, type Owned, plainChoices } from "./field";

/** What a field is read with. */
export interface Reading {
  /** What its sentences start with. */
  what: string;
  /** The unit chosen inside a measure's field, if one was. */
  unit: string | undefined;
  /** The unit that a torque without one is taken in. */
  torqueUnit: TorqueUnit;
  owned: Owned;
  /** Leaves what was understood, where that is not plain from what was typed. */
  readBack: (says: string) => void;
}

/**
 * One input of a slip and how its text becomes a value. `read` throws an InputError for what it cannot read.
 */
export type Field<Value> = FieldShape & { read: (text: string, reading: Reading) => Value };

type More = Pick<FieldShape, "hint" | "group" | "wide">;

/**
 * A measure in its dimension's own unit: mm, kg, L, N, degrees. `unit` is the one it is typed in, where that
 * is another.
 */
export function measure(
  label: string,
  dimension: Dimension,
  start = "",
  more: More & { unit?: string } = {},
): Field<number> {
  return {
    kind: "measure",
    label,
    dimension,
    start,
    ...more,
    read: (text, { what, unit: chosen, readBack }) => {
      const { value, unit } = readMeasure(text, dimension, what, { unit: chosen ?? more.unit });
      const plain = OWN_UNIT[dimension];
      if (unit !== plain) readBack(`= ${Number(value.toPrecision(5))} ${plain}`);
      return value;
    },
  };
}

export function torque(
  label: string,
  start = "",
  more: More & { unit?: TorqueUnit } = {},
): Field<TorqueQuantity> {
  return {
    kind: "torque",
    label,
    start,
    ...more,
    read: (text, { torqueUnit, readBack }) => {
      const read = readTorque(text, torqueUnit);
      readBack(inOtherUnit(read));
      return read;
    },
  };
}

/** A torque in any form. */
export function figure(
  label: string,
  start = "",
  more: More & { unit?: TorqueUnit } = {},
): Field<TorqueFigure> {
  return {
    kind: "figure",
    label,
    start,
    ...more,
    read: (text, { torqueUnit, readBack }) => {
      const read = readTorqueFigure(text, torqueUnit);
      if (read.form === "value") readBack(inOtherUnit(read.torque));
      return read;
    },
  };
}

/** Words that `how` makes something of; `what` starts its sentences. */
export function text<Value>(
  label: string,
  start: string,
  how: (text: string, what: string) => Value,
  more: More = {},
): Field<Value> {
  return { kind: "text", label, start, ...more, read: (typed, { what }) => how(typed, what) };
}

export function number(label: string, start: string, more: More = {}): Field<number> {
  return { kind: "number", label, start, ...more, read: (typed, { what }) => readNumber(typed, what).value };
}

/** A share typed in hundredths, 0 to 1. */
export function share(label: string, start: string, more: More = {}): Field<number> {
  return { kind: "share", label, start, ...more, read: (typed, { what }) => readShare(typed, what) };
}

/**
 * One of several: a list of what stands for itself, or values with their labels. It starts on the first, or
 * on `start`.
 */
export function choice<const Value extends string>(
  label: string,
  of: readonly Value[] | Readonly<Record<Value, string>>,
  more: More & { start?: NoInfer<Value> } = {},
): Field<Value> {
  const choices: readonly Choice[] = isList(of)
    ? plainChoices(of)
    : Object.entries<string>(of).map(([value, says]) => ({ value, label: says }));
  const values = isList(of) ? of : (Object.keys(of) as Value[]);
  return {
    kind: "choice",
    label,
    choices,
    start: choices[0]?.value ?? "",
    ...more,
    read: (typed) => {
      const found = values.find((value) => value === typed);
      if (found === undefined) throw new InputError(`${label}: choose one of the list.`);
      return found;
    },
  };
}

export function tick(label: string): Field<boolean> {
  return { kind: "tick", label, start: "", read: (typed) => typed === "yes" };
}

/** One of the chest's tools of that kind; undefined for one whose measures are typed. */
export function tool<Kind extends Tool["kind"]>(
  label: string,
  of: Kind,
  other: string,
  startsOn: "first" | "other",
): Field<Extract<Tool, { kind: Kind }> | undefined> {
  return {
    kind: "tool",
    label,
    of,
    other,
    startsOn,
    read: (id, { owned }) =>
      owned.tools.find((one): one is Extract<Tool, { kind: Kind }> => one.kind === of && one.id === id),
  };
}

/** One of the garage's vehicles; undefined for one whose figures are typed. */
export function vehicle(label: string, other: string): Field<Vehicle | undefined> {
  return {
    kind: "vehicle",
    label,
    other,
    read: (id, { owned }) => owned.vehicles.find((one) => one.id === id),
  };
}

/** The same field, undefined where it is left empty. */
export function optional<Value>(field: Field<Value>): Field<Value | undefined> {
  return { ...field, read: (typed, reading) => (typed === "" ? undefined : field.read(typed, reading)) };
}

const OWN_UNIT = { length: "mm", mass: "kg", volume: "L", force: "N", angle: "°" } as const;

function isList<Value extends string>(
  of: readonly Value[] | Readonly<Record<Value, string>>,
): of is readonly Value[] {
  return Array.isArray(of);
}

function inOtherUnit(given: TorqueQuantity): string {
  const other = given.unit === "N.m" ? "lbf.ft" : "N.m";
  return `${formatTorque(given)} = ${formatTorque(convertTorque(given, other))}`;
}

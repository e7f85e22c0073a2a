import { InputError } from "../input-error";
import type { Tool } from "../model/tool";
import type { Vehicle } from "../model/vehicle";
import { readMeasure } from "../quantity/measure";
import { readNumber } from "../quantity/read-number";
import { readTorque } from "../quantity/read-torque";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { readShare } from "../quantity/share";
import type { TorqueFigure } from "../quantity/torque-figure";
import { type TorqueQuantity, convertTorque, formatTorque } from "../quantity/torque-quantity";
import type { TorqueUnit } from "../quantity/torque-unit";
import type { Owned, SlipField, Typed } from "./field";
import { torqueUnitOf } from "./field-unit";
import { standing } from "./standing";

/**
 * Reads a slip's fields one by one. A field that cannot be read gives undefined and leaves its sentence in `errors`,
 * so that all errors are shown at once, each beside its own field.
 */
export class TypedReader {
  readonly errors: Record<string, string> = {};
  readonly readBack: Record<string, string> = {};

  private readonly stands: Typed;

  constructor(
    private readonly fields: readonly SlipField[],
    private readonly typed: Typed,
    readonly owned: Owned,
  ) {
    this.stands = standing(fields, typed, owned);
  }

  /** What stands in a field, untouched. */
  text(name: string): string {
    return (this.stands[name] ?? "").trim();
  }

  isEmpty(name: string): boolean {
    return this.text(name) === "";
  }

  is(name: string, value: string): boolean {
    return this.text(name) === value;
  }

  ticked(name: string): boolean {
    return this.is(name, "yes");
  }

  /** One of a choice's values; the first when something else stands there, as an old link might bring. */
  choice<T extends string>(name: string, values: readonly T[]): T {
    const found = values.find((value) => this.is(name, value)) ?? values[0];
    if (found === undefined) throw new Error(`The choice "${name}" has nothing to choose from.`);
    return found;
  }

  /** What `how` makes of the field's text, with `what` starting its sentences. */
  read<T>(name: string, how: (text: string, what: string) => T): T | undefined {
    try {
      return how(this.text(name), this.labelOf(name));
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      this.errors[name] = error.message;
      return undefined;
    }
  }

  /** As `read`, but null for a field left empty. */
  ifTyped<T>(name: string, how: (name: string) => T): T | null {
    return this.isEmpty(name) ? null : how(name);
  }

  /** A measure in its dimension's own unit: mm, kg, L, N, degrees. */
  measure(name: string): number | undefined {
    const field = this.fields.find((one) => one.name === name);
    if (field?.kind !== "measure") throw new Error(`"${name}" is not a measure.`);
    const own = field.unit ?? undefined;
    return this.read(name, (text, what) => {
      const { value, unit } = readMeasure(text, field.dimension, what, { unit: this.typed[`${name}Unit`] ?? own });
      const plain = OWN_UNIT[field.dimension];
      if (unit !== plain) this.readBack[name] = `= ${Number(value.toPrecision(5))} ${plain}`;
      return value;
    });
  }

  number(name: string): number | undefined {
    return this.read(name, (text, what) => readNumber(text, what).value);
  }

  share(name: string): number | undefined {
    return this.read(name, (text, what) => readShare(text, what));
  }

  torque(name: string): TorqueQuantity | undefined {
    return this.read(name, (text) => {
      const torque = readTorque(text, this.torqueUnit(name));
      this.sayTorque(name, torque);
      return torque;
    });
  }

  figure(name: string): TorqueFigure | undefined {
    return this.read(name, (text) => {
      const figure = readTorqueFigure(text, this.torqueUnit(name));
      if (figure.form === "value") this.sayTorque(name, figure.torque);
      return figure;
    });
  }

  /** The tool of the chest that was chosen, if it is still there. */
  tool<K extends Tool["kind"]>(name: string, kind: K): Extract<Tool, { kind: K }> | undefined {
    return this.owned.tools.find((tool): tool is Extract<Tool, { kind: K }> => tool.kind === kind && this.is(name, tool.id));
  }

  vehicle(name: string): Vehicle | undefined {
    return this.owned.vehicles.find(({ id }) => this.is(name, id));
  }

  /** All of what was read, or undefined when any of it could not be. */
  all<T extends Record<string, unknown>>(parts: T): { [K in keyof T]: Exclude<T[K], undefined> } | undefined {
    if (Object.values(parts).some((part) => part === undefined)) return undefined;
    return parts as { [K in keyof T]: Exclude<T[K], undefined> };
  }

  private torqueUnit(name: string): TorqueUnit {
    const field = this.fields.find((one) => one.name === name);
    return field ? torqueUnitOf(field, this.typed, this.owned) : this.owned.torqueUnit;
  }

  private sayTorque(name: string, torque: TorqueQuantity): void {
    const other = torque.unit === "N.m" ? "lbf.ft" : "N.m";
    this.readBack[name] = `${formatTorque(torque)} = ${formatTorque(convertTorque(torque, other))}`;
  }

  private labelOf(name: string): string {
    return this.fields.find((field) => field.name === name)?.label ?? name;
  }
}

const OWN_UNIT = { length: "mm", mass: "kg", volume: "L", force: "N", angle: "°" } as const;

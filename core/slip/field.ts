import type { Tool } from "../model/tool";
import type { VEHICLE_TORQUE_UNITS, Vehicle } from "../model/vehicle";
import type { Dimension } from "../quantity/measure";
import type { Money } from "../quantity/money";
import type { TorqueUnit } from "../quantity/torque-unit";

/** What stands in a slip's fields, by name, as it was typed. A field not in it holds its start. */
export type Typed = Readonly<Record<string, string>>;

/** What a slip may draw on: the chest, the garage, the torque unit of the vehicle in hand, and what prices are in. */
export interface Owned {
  tools: readonly Tool[];
  vehicles: readonly Vehicle[];
  /** The vehicle in hand, if there is one. */
  vehicleId: string | undefined;
  torqueUnit: (typeof VEHICLE_TORQUE_UNITS)[number];
  /** What prices are in. */
  money: Money;
}

export interface Choice {
  value: string;
  label: string;
}

interface FieldBase {
  label: string;
  hint?: string;
  /** Fields of one group are folded away under its name. */
  group?: string;
  /** Takes a line of its own. */
  wide?: true;
}

/** What stands in a field until something is typed. */
interface Starting {
  start: string;
}

/** One input, as the form draws it. */
export type FieldShape = FieldBase &
  (
    | ({ kind: "measure"; dimension: Dimension; unit?: string } & Starting)
    | ({ kind: "torque"; unit?: TorqueUnit } & Starting)
    /** A torque in any form: one value, a range, passes, torque and angle. */
    | ({ kind: "figure"; unit?: TorqueUnit } & Starting)
    | ({ kind: "text" } & Starting)
    | ({ kind: "number" } & Starting)
    | ({ kind: "share" } & Starting)
    | ({ kind: "choice"; choices: readonly Choice[] } & Starting)
    | ({ kind: "tick" } & Starting)
    /** One of the chest's tools of a kind by its id, or "" for one whose measures are typed. */
    | { kind: "tool"; of: Tool["kind"]; other: string; startsOn: "first" | "other" }
    /**
     * One of the garage's vehicles by its id, or "" for one whose figures are typed; starts on the one in
     * hand.
     */
    | { kind: "vehicle"; other: string }
  );

/**
 * One input of a slip, by its name. Measures and torques keep the unit chosen inside the field under
 * `<name>Unit`;
 * a unit typed behind the number wins over it.
 */
export type SlipField = FieldShape & {
  name: string;
  /** Whether it is asked for, given what stands in the others; always, where left out. */
  when?: (stands: Typed) => boolean;
};

/** Choices whose value is what they say. */
export function plainChoices(values: readonly string[]): Choice[] {
  return values.map((value) => ({ value, label: value }));
}

import { measureUnits, readMeasure } from "../quantity/measure";
import { readTorqueUnit } from "../quantity/read-torque-unit";
import { TORQUE_UNITS, type TorqueUnit, torqueSymbol } from "../quantity/torque-unit";
import { type Choice, type Owned, type SlipField, type Typed, plainChoices } from "./field";

export interface FieldUnit {
  choices: readonly Choice[];
  /** The unit in force: the one typed behind the number, else the one chosen, else the field's own. */
  value: string;
}

/**
 * The units to choose from inside a field and the one in force; undefined for a field without, or with more
 * in it than a number and a unit.
 */
export function fieldUnit(field: SlipField, typed: Typed, owned: Owned): FieldUnit | undefined {
  const { unit } = split(textOf(field, typed));
  const chosen = typed[`${field.name}Unit`];
  if (field.kind === "torque" || field.kind === "figure") {
    const inForce = unit === "" ? torqueUnitOf(field, typed, owned) : readTorqueUnit(unit);
    return (
      inForce && {
        choices: TORQUE_UNITS.map((value) => ({ value, label: torqueSymbol(value) })),
        value: inForce,
      }
    );
  }
  if (field.kind !== "measure") return undefined;
  const units = measureUnits(field.dimension);
  return {
    choices: plainChoices(units),
    value:
      unit === ""
        ? (units.find((one) => one === chosen) ?? field.unit ?? units[0] ?? "")
        : typedUnit(unit, field.dimension),
  };
}

/**
 * The unit that a torque without one is taken in: the one chosen inside its field, its own, or that of the
 * vehicle in hand.
 */
export function torqueUnitOf(field: SlipField, typed: Typed, owned: Owned): TorqueUnit {
  const own = field.kind === "torque" || field.kind === "figure" ? field.unit : undefined;
  return TORQUE_UNITS.find((unit) => unit === typed[`${field.name}Unit`]) ?? own ?? owned.torqueUnit;
}

/** What stands in the fields once another unit is chosen for one: the number stays as it was typed. */
export function chooseUnit(field: SlipField, typed: Typed, unit: string): Typed {
  return { ...typed, [field.name]: split(textOf(field, typed)).number, [`${field.name}Unit`]: unit };
}

function textOf(field: SlipField, typed: Typed): string {
  return typed[field.name] ?? ("start" in field ? field.start : "");
}

/** A number, or two with a dash, from the unit behind it. */
function split(text: string): { number: string; unit: string } {
  const match = /^([\d.,\s/½¼¾⅛⅜⅝⅞–-]*?)\s*([^\d.,\s/–-].*)?$/s.exec(text.trim());
  return { number: match?.[1] ?? text, unit: match?.[2] ?? "" };
}

function typedUnit(unit: string, dimension: Parameters<typeof readMeasure>[1]): string {
  try {
    return readMeasure(`1 ${unit}`, dimension, "It").unit;
  } catch {
    return "";
  }
}

import { type TorqueUnit, fromNm, toNm, torqueSymbol } from "./torque-unit";

/** A torque as somebody gave it: the number, its unit, and how many decimals it was given to. */
export interface TorqueQuantity {
  value: number;
  unit: TorqueUnit;
  decimals: number;
}

/** The quantity in newton-metres, unrounded. */
export function quantityNm(quantity: TorqueQuantity): number {
  return toNm(quantity.value, quantity.unit);
}

/**
 * The same torque in another unit, with the precision it was given to and no more.
 *
 * One step in the last place given is turned into the new unit; the decimals kept are those
 * of the power of ten just below it, and never fewer than none (whole units are always shown).
 * The value itself is not rounded; only `decimals` says what to show.
 * Example: 45 N·m → 33.190 with 1 decimal, shown "33.2 lb·ft". 48 lb·ft → 576 lb·in.
 */
export function convertTorque(quantity: TorqueQuantity, unit: TorqueUnit): TorqueQuantity {
  if (quantity.unit === unit) return quantity;
  return { value: fromNm(quantityNm(quantity), unit), unit, decimals: Math.max(0, quantity.decimals + decimalsMore(quantity.unit, unit)) };
}

const known = new Map<TorqueUnit, Map<TorqueUnit, number>>();

/** How many decimals more one unit needs than another to be as fine; worked out once for each pair. */
function decimalsMore(from: TorqueUnit, to: TorqueUnit): number {
  const found = known.get(from)?.get(to);
  if (found !== undefined) return found;
  // The small addition keeps exact powers of ten (N·m to cN·m) from falling one place too low.
  const more = -Math.floor(Math.log10(fromNm(toNm(1, from), to)) + 1e-9);
  known.set(from, (known.get(from) ?? new Map<TorqueUnit, number>()).set(to, more));
  return more;
}

/** "33.2 lb·ft". Decimals are those of the quantity. */
export function formatTorque(quantity: TorqueQuantity): string {
  return `${formatTorqueValue(quantity)} ${torqueSymbol(quantity.unit)}`;
}

/** The number alone, "33.2", for where the unit stands beside it in another size. */
export function formatTorqueValue(quantity: TorqueQuantity): string {
  return quantity.value.toFixed(quantity.decimals);
}

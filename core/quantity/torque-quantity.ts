import { type TorqueUnit, fromNm, toNm, torqueSymbol } from "./torque-unit";

/** A torque as somebody gave it: the number, its unit, and how many decimals it was given to. */
export interface TorqueQuantity {
  value: number;
  unit: TorqueUnit;
  decimals: number;
}

/**
 * What any fastener on a vehicle is done up to, N·m, from the smallest screw of a dial to the largest nut of
 * a truck.
 */
export const LEAST_TORQUE_NM = 0.05;
export const MOST_TORQUE_NM = 10_000;

/** The quantity in newton-metres, unrounded. */
export function quantityNm(quantity: TorqueQuantity): number {
  return toNm(quantity.value, quantity.unit);
}

/**
 * The same torque in another unit, with the precision it was given to and no more.
 *
 * One step in the last place given is turned into the new unit; the decimals kept are those
 * of the power of ten just below it, never fewer than none (whole units are always shown), and always
 * enough that what is shown is within half of one per cent.
 * The value itself is not rounded; only `decimals` says what to show. With `way` "down" it is cut to them,
 * so that a maximum is nowhere shown above itself.
 * Example: 45 N·m → 33.190 with 1 decimal, shown "33.2 lb·ft". 48 lb·ft → 576 lb·in. 1 lb·ft → 1.36 N·m.
 */
export function convertTorque(
  quantity: TorqueQuantity,
  unit: TorqueUnit,
  way: "nearest" | "down" = "nearest",
): TorqueQuantity {
  if (quantity.unit === unit) return quantity;
  const value = fromNm(quantityNm(quantity), unit);
  let decimals = Math.min(MOST_DECIMALS, Math.max(0, quantity.decimals + decimalsMore(quantity.unit, unit)));
  // Half a step of the last place is within it already for all but small numbers.
  for (
    let scaled = value * 10 ** decimals;
    decimals < MOST_DECIMALS && scaled < ENOUGH && Math.abs(Math.round(scaled) - scaled) > WITHIN * scaled;
    scaled *= 10
  )
    decimals++;
  return { value: way === "down" ? roundedDown(value, decimals) : value, unit, decimals };
}

/** What is shown of a conversion is off by no more than this share. */
const WITHIN = 0.005;
const ENOUGH = 0.5 / WITHIN;
const MOST_DECIMALS = 6;

/** A number cut to so many decimals; one that lies on them but for the last bit stays. */
export function roundedDown(value: number, decimals: number): number {
  return Math.floor(value * 10 ** decimals * (1 + 1e-12) + 1e-9) / 10 ** decimals;
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

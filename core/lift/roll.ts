import { InputError, requirePositive } from "../input-error";
import { STANDARD_GRAVITY } from "../quantity/gravity";
import { type Side } from "../side";

/**
 * Ground that falls more than this is not level enough to raise a vehicle on: about 2 in 100. Our own limit,
 * on the safe side.
 */
export const LEVEL_WITHIN_DEG = 1;

/**
 * Force along a slope that the chocks have to hold, N: m·g·sin α.
 * @throws InputError unless the mass is positive and the slope between 0 and 45°.
 * Example: 1310 kg on 3° → 672 N.
 */
export function slopeForceN(massKg: number, slopeDeg: number): number {
  requirePositive(massKg, "The weight", "kerbWeight");
  if (!(slopeDeg >= 0 && slopeDeg <= 45))
    throw new InputError("The slope is between 0 and 45 degrees.", "slope");
  return massKg * STANDARD_GRAVITY * Math.sin((slopeDeg * Math.PI) / 180);
}

export type Turning = "undo" | "do up";

/**
 * Which way the vehicle wants to roll while a right-hand nut on a wheel's axle is turned with the drivetrain
 * connected. From the left side the front of the vehicle is to the left: turning anticlockwise drives the
 * wheel forward.
 */
export function rollDirection(side: Side, turning: Turning): "forward" | "backward" {
  return (side === "left") === (turning === "undo") ? "forward" : "backward";
}

/**
 * Push at the tyre's tread from turning a nut on its axle, N: T / r. @throws InputError unless both are
 * positive. Example: 240 N·m, 300 mm → 800.
 */
export function rollPushN(torqueNm: number, tyreRadiusMm: number): number {
  requirePositive(torqueNm, "The torque", "torque");
  requirePositive(tyreRadiusMm, "The tyre's radius", "tyreRadius");
  return torqueNm / (tyreRadiusMm / 1000);
}

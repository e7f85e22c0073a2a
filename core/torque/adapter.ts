import { InputError, requireFinite, requireNotNegative, requirePositive } from "../input-error";

/** Something between the wrench's square and the bolt that moves the bolt off the wrench's own axis. */
export interface Adapter {
  /** Centre of the square drive to the centre of the bolt, mm. */
  offsetMm: number;
  /** 0 in line beyond the head, 90 square to the handle, 180 folded back along it. */
  angleDeg: number;
}

/** How an adapter stands to the wrench, in words: "in line with the handle". */
export function angleSaid({ angleDeg }: Adapter): string {
  switch (angleDeg) {
    case 0:
      return "in line with the handle";
    case 90:
      return "square to the handle";
    case 180:
      return "folded back along the handle";
    default:
      return `at ${angleDeg}° to the handle`;
  }
}

/** The wrench's lever: centre of the square drive to the middle of the grip, mm. */
export interface Lever {
  gripLengthMm: number;
  adapters: readonly Adapter[];
}

/**
 * How much more the bolt gets than the wrench reads: (L + Σ E·cos θ) / L.
 * @throws InputError for a length that is not positive, or adapters folded back past the grip.
 * Source: moments about the bolt and about the drive, hand force at the middle of the grip and square to the
 * handle. Example: leverRatio({ gripLengthMm: 380, adapters: [{ offsetMm: 45, angleDeg: 0 }] }) → 1.1184.
 */
export function leverRatio({ gripLengthMm, adapters }: Lever): number {
  requirePositive(gripLengthMm, "The grip length", "gripLength");
  let reach = gripLengthMm;
  for (const { offsetMm, angleDeg } of adapters) {
    requireNotNegative(offsetMm, "The adapter's offset", "offset");
    requireFinite(angleDeg, "The adapter's angle", "angle");
    reach += offsetMm * cosDeg(angleDeg);
  }
  if (reach <= 0) {
    throw new InputError(
      "Folded back this far, the adapter takes the bolt past your hand. Turn it out or use a longer wrench.",
      "angle",
    );
  }
  return reach / gripLengthMm;
}

/**
 * What to set on the wrench so that the bolt gets the torque asked, N·m.
 * @throws InputError as leverRatio, or when the torque is not positive.
 * Example: wrenchTorqueNm(40, { gripLengthMm: 380, adapters: [{ offsetMm: 45, angleDeg: 0 }] }) → 35.765.
 */
export function wrenchTorqueNm(boltTorqueNm: number, lever: Lever): number {
  requirePositive(boltTorqueNm, "The torque at the bolt", "torque");
  return boltTorqueNm / leverRatio(lever);
}

/**
 * What the bolt got when the wrench read this much, N·m: the inverse of wrenchTorqueNm.
 * @throws InputError as wrenchTorqueNm. Example: boltTorqueNm(35.765, same lever) → 40.
 */
export function boltTorqueNm(readingNm: number, lever: Lever): number {
  requirePositive(readingNm, "The torque on the wrench", "torque");
  return readingNm * leverRatio(lever);
}

/**
 * How the setting changes with the place of the hand, dT/dL in N·m per mm: T_bolt · ΣE·cosθ / (L + ΣE·cosθ)².
 * @throws InputError as wrenchTorqueNm. Example: for 60 N·m, L 400, E 50 in line → 0.01481.
 */
export function settingPerGripMm(boltTorque: number, lever: Lever): number {
  requirePositive(boltTorque, "The torque at the bolt", "torque");
  const added = lever.gripLengthMm * (leverRatio(lever) - 1);
  return (boltTorque * added) / (lever.gripLengthMm + added) ** 2;
}

/** Cosine of an angle in degrees, exact at the right angles where rounding would otherwise leave a trace. */
function cosDeg(angleDeg: number): number {
  if (Math.abs(angleDeg % 180) === 90) return 0;
  return Math.cos((angleDeg * Math.PI) / 180);
}

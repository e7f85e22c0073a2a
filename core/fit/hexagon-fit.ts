import { requirePositive } from "../input-error";

export type FitVerdict = "does not go on" | "snug" | "usable" | "low torque only" | "will round it";

export interface HexagonFit {
  /**
   * How far the tool turns each way from the middle before it touches, degrees; undefined when it does not go
   * on, or spins.
   */
  freePlayDeg: number | undefined;
  verdict: FitVerdict;
  /** True when the tool is nominally too small, by no more than tools and bolts differ anyway. */
  mayGoOn: boolean;
}

/** Tools and bolts have tolerances: a nominal interference of up to this share can still go on. */
const TOLERATED_INTERFERENCE = 0.005;

/*
 * Free play, in degrees each way, up to which a fit is called so. No standard gives these; they are our own
 * judgement on the safe side. For comparison, a new 13 mm socket at the top of its tolerance (ISO 691: 13.24
 * mm) on a bolt at the bottom of its own (ISO 4014: 12.73 mm) plays 4.3°.
 */
const SNUG_DEG = 2;
const USABLE_DEG = 4.5;
const LOW_TORQUE_DEG = 7;

/**
 * How one hexagon sits in another: free play each way θ = 30° − acos(√3·S / (2·A)), clearances centred.
 * For a key in a recess the recess is the outer hexagon and the key the inner.
 * @param outerMm across flats of the outer hexagon (socket, or recess), mm.
 * @param innerMm across flats of the inner hexagon (head, or key), mm.
 * @param openingMm the least that a tool of that size opens to, where a standard makes it wider than its
 * name.
 * @throws InputError for sizes that are not positive.
 * Source: geometry of two hexagons turned until corner meets flat. Example: hexagonFit(13, 12.7) → 2.434°,
 * usable.
 */
export function hexagonFit(outerMm: number, innerMm: number, openingMm = outerMm): HexagonFit {
  requirePositive(outerMm, "The tool's size", "outer");
  requirePositive(innerMm, "The head's size", "inner");
  if (outerMm < innerMm) {
    const mayGoOn = innerMm - Math.max(outerMm, openingMm) <= innerMm * TOLERATED_INTERFERENCE;
    return { freePlayDeg: mayGoOn ? 0 : undefined, verdict: mayGoOn ? "snug" : "does not go on", mayGoOn };
  }
  const cosine = (Math.sqrt(3) * outerMm) / (2 * innerMm);
  if (cosine >= 1) return { freePlayDeg: undefined, verdict: "will round it", mayGoOn: false };
  // Equal sizes leave a trace of rounding on either side of nothing.
  const freePlayDeg = Math.max(0, 30 - (Math.acos(cosine) * 180) / Math.PI);
  return { freePlayDeg, verdict: verdictFor(freePlayDeg), mayGoOn: false };
}

/**
 * The least opening of an inch socket or spanner of a nominal size, mm: 1.005·W + 0.001 in (ASME B107.1 and
 * B107.100). So a 5/16 goes on 8 mm, a 5/8 on 16 and a 1-1/4 on 32. Example: 5/16 in → 8.003.
 */
export function inchOpeningMm(nominalMm: number): number {
  return 1.005 * nominalMm + 0.001 * 25.4;
}

function verdictFor(freePlayDeg: number): FitVerdict {
  if (freePlayDeg <= SNUG_DEG) return "snug";
  if (freePlayDeg <= USABLE_DEG) return "usable";
  return freePlayDeg <= LOW_TORQUE_DEG ? "low torque only" : "will round it";
}

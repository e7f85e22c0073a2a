import { standBandKg } from "./judge-stand";
import { loadPerStandKg } from "./stand-load";

/** A vehicle on stands: masses in kg, lengths in mm. */
export interface OnStands {
  kerbWeightKg: number;
  frontShare: number;
  wheelbaseMm: number;
  /** How far inside each axle the stands are. */
  insetMm: { front: number; rear: number };
}

/** One way in which the stands may be loaded while the vehicle goes up or stands. */
export interface StandCase {
  /** "front stands, the rear on its wheels". */
  says: string;
  end: "front" | "rear" | "diagonal";
  /** What one stand most likely carries, kg. */
  loadKg: number;
  /** The most it may carry, with one side heavier than the other. */
  mostKg: number;
}

/**
 * Every way in which one stand may be loaded, the worst first. With one end raised the other stands on its
 * wheels; with both raised the first end that is up still has the other on its wheels for a while, and on
 * uneven ground two stands across the diagonal can carry
 * nearly all of it, half each.
 * @throws InputError as loadPerStandKg. Example: 1310 kg, 59 % in front, both ends → the diagonal, 655 kg.
 */
export function standCases(
  { kerbWeightKg, frontShare, wheelbaseMm, insetMm }: OnStands,
  raised: "front" | "rear" | "all",
): StandCase[] {
  const ends = raised === "all" ? (["front", "rear"] as const) : [raised];
  const other = { front: "rear", rear: "front" } as const;
  const load = (end: "front" | "rear", bothUp: boolean): StandCase => {
    const loadKg = loadPerStandKg({
      kerbWeightKg,
      axleShare: end === "front" ? frontShare : 1 - frontShare,
      wheelbaseMm,
      standInsetMm: insetMm[end],
      otherInsetMm: bothUp ? insetMm[other[end]] : 0,
    });
    return {
      says: bothUp ? `${end} stands, both ends up` : `${end} stands, the ${other[end]} on its wheels`,
      end,
      loadKg,
      mostKg: standBandKg(loadKg)[1],
    };
  };
  const diagonal: StandCase = {
    says: "two stands across the diagonal",
    end: "diagonal",
    loadKg: kerbWeightKg / 2,
    mostKg: kerbWeightKg / 2,
  };
  const cases = [
    ...ends.map((end) => load(end, false)),
    ...(raised === "all" ? [...ends.map((end) => load(end, true)), diagonal] : []),
  ];
  return cases.sort((a, b) => b.mostKg - a.mostKg);
}

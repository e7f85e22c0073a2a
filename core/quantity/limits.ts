/** What a measure may be at least and at most, in its unit. */
export interface Limits {
  unit: string;
  least?: number | undefined;
  most?: number | undefined;
}

export interface LimitVerdict {
  kind: "within" | "at the limit" | "beyond" | "no limit";
  /** A sentence: how it stands to its limit. */
  says: string;
}

/**
 * Whether a value is more than the most or less than the least that it may be. At a limit it is still
 * allowed.
 */
export function isBeyond({ least, most }: Pick<Limits, "least" | "most">, value: number): boolean {
  return (most !== undefined && value > most) || (least !== undefined && value < least);
}

/**
 * A measured value against its limits. At a limit it is still allowed, and is said to be.
 * Example: 201.4 mm, at most 203 → within, "1.6 mm left to the limit of 203 mm."
 */
export function judgeAgainst(limits: Limits, value: number): LimitVerdict {
  const { least, most, unit } = limits;
  const said = (amount: number) => `${tidy(amount)}${unit === "" ? "" : ` ${unit}`}`;
  if (least === undefined && most === undefined)
    return { kind: "no limit", says: "No limit is written down: look it up before you rely on it." };
  const toMost = most === undefined ? Infinity : most - value;
  const toLeast = least === undefined ? Infinity : value - least;
  const [left, limit] = toMost <= toLeast ? [toMost, most ?? 0] : [toLeast, least ?? 0];
  if (isBeyond(limits, value))
    return {
      kind: "beyond",
      says: `${said(-left)} ${toMost <= toLeast ? "over" : "under"} the limit of ${said(limit)}: replace it or put it right.`,
    };
  if (left === 0)
    return { kind: "at the limit", says: `Right at the limit of ${said(limit)}: replace it soon.` };
  return { kind: "within", says: `${said(left)} left to the limit of ${said(limit)}.` };
}

/** A number without the dust of binary fractions. */
export function tidy(amount: number): string {
  return String(Number(amount.toFixed(6)));
}

export const SIDES = ["left", "right"] as const;
export type Side = (typeof SIDES)[number];

export const OTHER_SIDE: Record<Side, Side> = { left: "right", right: "left" };

/**
 * The side that a title speaks of; undefined when it speaks of none, or of both. Nearside and offside are
 * left to the reader: they differ by country.
 */
export function sideOf(title: string): Side | undefined {
  const [left, right] = [/\bleft\b/i.test(title), /\bright\b/i.test(title)];
  if (left === right) return undefined;
  return left ? "left" : "right";
}

export type Side = "left" | "right";

/** The side that a title speaks of; undefined when it speaks of none, or of both. Nearside and offside are left to the reader: they differ by country. */
export function sideOf(title: string): Side | undefined {
  const [left, right] = [/\bleft\b/i.test(title), /\bright\b/i.test(title)];
  if (left === right) return undefined;
  return left ? "left" : "right";
}

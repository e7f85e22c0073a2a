/**
 * Names that differ in their side alone, told as one. Example: "Wheel bolts, left" and "Wheel bolts, right" →
 * "Wheel bolts, left and right".
 */
export function bothSides(names: readonly string[]): string {
  const [first = "", second] = names;
  if (second === undefined) return first;
  const sides = names.map((name) => /\b(?:left|right)\b/.exec(name)?.[0]);
  const alike = names.every((name) => withoutSide(name) === withoutSide(first));
  return alike && sides.every((side) => side)
    ? first.replace(/\b(?:left|right)\b/, [...new Set(sides)].join(" and "))
    : names.join(", and ");
}

/** A name without its side, for telling which are alike. */
export function withoutSide(name: string): string {
  return name.replace(/,?\s*\b(?:left|right)\b/g, "");
}

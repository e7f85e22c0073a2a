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

/**
 * Sentences of which those that differ in their side alone are told as one, in the order in which they came.
 * Example: "No figure: bolts, left.", "No figure: bolts, right." → "No figure: bolts, left and right."
 */
export function saidOnce(sentences: readonly string[]): string[] {
  const alike = new Map<string, string[]>();
  for (const one of sentences) alike.set(withoutSide(one), [...(alike.get(withoutSide(one)) ?? []), one]);
  return [...alike.values()].flatMap((group) => {
    const [first = ""] = group;
    // With two sides in one sentence, which of them differs is not to be told.
    const single = group.every((one) => (one.match(/\b(?:left|right)\b/g) ?? []).length === 1);
    return single ? [bothSides(group)] : [...new Set(group.length > 0 ? group : [first])];
  });
}

/** A name without its side, for telling which are alike. */
export function withoutSide(name: string): string {
  return name.replace(/,?\s*\b(?:left|right)\b/g, "");
}

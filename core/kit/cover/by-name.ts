/** Words that tell nothing about what a thing is. */
const EMPTY = new Set(["of", "the", "a", "for", "strength", "new", "and"]);

/**
 * The words that matter in a name, without their plural. Example: "Threadlocker, medium strength" →
 * threadlocker, medium.
 */
function wordsOf(name: string): string[] {
  return name
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== "" && !EMPTY.has(word))
    .map((word) => (word.length > 3 ? word.replace(/(?<=[^s])s$/, "") : word));
}

/**
 * Whether what is called `owned` is the `wanted` thing or a closer description of it: every word that is
 * wanted is there.
 */
export function isCalled(owned: string, wanted: string): boolean {
  const have = new Set(wordsOf(owned));
  const want = wordsOf(wanted);
  return want.length > 0 && want.every((word) => have.has(word));
}

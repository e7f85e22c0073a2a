/** Words that say where, not what. */
const WHERE = /\b(?:left|right|front|rear|both|sides?|top|bottom|upper|lower|inner|outer)\b/g;

/**
 * What a part is called, apart from where it sits, its case, its plural and its punctuation: two names with
 * the same key are one kind of part. Example: "Wiper blades, front" and "wiper blade" → "wiper blade".
 */
export function partKey(name: string): string {
  const known = KNOWN.get(name);
  if (known !== undefined) return known;
  const key = keyOf(name);
  if (KNOWN.size < MOST_KNOWN) KNOWN.set(name, key);
  return key;
}

/**
 * True when what a part is called is all in what was measured or done: "Tyre" in "Tyre tread". Both as
 * `partKey` gives them, or as they are.
 */
export function isPartOf(part: string, what: string): boolean {
  const words = partKey(what).split(" ");
  return partKey(part)
    .split(" ")
    .every((word) => words.includes(word));
}

/** A log names the same few hundred parts over and over. */
const KNOWN = new Map<string, string>();
const MOST_KNOWN = 5000;

function keyOf(name: string): string {
  const bare = name.toLowerCase().normalize("NFKD").replace(/\p{M}/gu, "").replace(WHERE, " ");
  const words = bare.split(/[^\p{L}\p{N}]+/u).filter((word) => word !== "" && word !== "and");
  return words
    .map((word) => (word.length > 3 && word.endsWith("s") && !word.endsWith("ss") ? word.slice(0, -1) : word))
    .join(" ");
}

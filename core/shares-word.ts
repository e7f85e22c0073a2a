/** Words that say nothing of what a thing is. */
const EMPTY = new Set(
  "the and new old for all its out off with from into onto left right one two both each this that them then than over".split(
    " ",
  ),
);

/** Words of a text that say something, one and several told as one: "Rear shoes" → rear, shoe. */
const tellingWords = (text: string): string[] =>
  (text.toLowerCase().match(/[a-z]{3,}/g) ?? [])
    .map((word) => word.replace(/(?<!s)s$/, ""))
    .filter((word) => !EMPTY.has(word));

/** Whether two texts speak of the same thing, by a word of three letters or more. */
export function sharesWord(a: string, b: string): boolean {
  const words = new Set(tellingWords(a));
  return tellingWords(b).some((word) => words.has(word));
}

/**
 * Whether a text speaks of a thing: by every word of its name that says something. Example: "Brake pipe off the
 * cylinder" speaks of a brake pipe, and not of brake fluid.
 */
export function speaksOf(text: string, thing: string): boolean {
  const words = new Set(tellingWords(text));
  const named = tellingWords(thing);
  return named.length > 0 && named.every((word) => words.has(word));
}

/** A word, number or mark of a text, with where it stands in it. */
export interface Word {
  /** In small letters. */
  text: string;
  start: number;
  end: number;
}

/**
 * Numbers with decimals and fractions stay whole; every other mark is a word of its own. Letters and digits
 * part ("15mm" is two words), but for threads and bits (M10, T40, E12).
 */
const WORD =
  /\d{1,3}(?:[\u00a0\u2009\u202f]\d{3})+|\d+\s*[/⁄]\s*\d+|\d+(?:[.,]\d+)?|(?:hold-downs?|o-rings?|anti-seize|anti-roll)(?![a-z-])|['’]em(?![a-z])|[a-zà-ÿ]+(?:['’][a-z]+)?|[½¼¾⅛⅜⅝⅞]|\n|[^\s\w]/gi;
const NAMED = /^(?:m\d{1,2}(?:[.,]\d)?(?:\s?[x×]\s?\d(?:[.,]\d{1,2})?)?|[te]\d{1,3}|wd\d+)(?![a-z\d])/i;

/** Typed with a thumb: the apostrophe is left out of these, and none is another word. */
const SHORTENED: ReadonlyMap<string, string> = new Map(
  `don't doesn't didn't can't won't isn't wasn't aren't weren't couldn't shouldn't wouldn't haven't hasn't that's
  there's what's here's i'm i've you're you'll you've they're they'll they've we've it'll`
    .split(/\s+/)
    .map((word) => [word.replace("'", ""), word]),
);

/** "Its a ten": whose it is, nobody says so. */
const IS_IT = "its(?= (?:an?|the|not|just|only|got|been|held|like)\\b)";
const TYPED_SHORT = new RegExp(`\\b(?:${[...SHORTENED.keys()].join("|")}|${IS_IT})\\b`, "gi");
/** A text with the apostrophes that were left out. */
export const withApostrophes = (text: string): string =>
  text.replace(TYPED_SHORT, (said) => {
    const full = SHORTENED.get(said.toLowerCase()) ?? "it's";
    return `${said[0]}${full.slice(1)}`;
  });

/** A text as words. Example: "four 15mm bolts" → four, 15, mm, bolts. */
export function wordsOf(text: string): Word[] {
  const words: Word[] = [];
  let at = 0;
  while (at < text.length) {
    const before = text[at - 1];
    const named = before !== undefined && /[\w]/.test(before) ? null : NAMED.exec(text.slice(at));
    if (named) {
      words.push({ text: named[0].toLowerCase(), start: at, end: at + named[0].length });
      at += named[0].length;
      continue;
    }
    WORD.lastIndex = at;
    const match = WORD.exec(text);
    if (!match) break;
    const skipped = text.slice(at, match.index);
    // A named thread may begin after the space that was skipped.
    const inside = /\s/.test(skipped) || match.index === at ? null : NAMED.exec(skipped);
    if (!inside && match.index > at && NAMED.test(text.slice(match.index))) {
      at = match.index;
      continue;
    }
    const said = match[0].toLowerCase().replace("’", "'").replace(/^'em$/, "em");
    words.push({
      text: SHORTENED.get(said) ?? said,
      start: match.index,
      end: match.index + match[0].length,
    });
    at = match.index + match[0].length;
  }
  return words.map((word, i) =>
    word.text === "its" && /^(?:an?|the|not|just|only|got|been|held|like)$/.test(words[i + 1]?.text ?? "")
      ? { ...word, text: "it's" }
      : word,
  );
}

import type { Word } from "./words";

export interface Spoken {
  value: number;
  /** The first word after it. */
  next: number;
  /** True for "13/16", "three quarter", "one and an eighth". */
  fraction: boolean;
  decimals: number;
}

const ONES: Record<string, number> = {
  zero: 0,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
};

const TENS: Record<string, number> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fourty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};

const PARTS: Record<string, number> = {
  half: 2,
  halves: 2,
  quarter: 4,
  quarters: 4,
  eighth: 8,
  eighths: 8,
  sixteenth: 16,
  sixteenths: 16,
};

const SIGNS: Record<string, number> = {
  "½": 0.5,
  "¼": 0.25,
  "¾": 0.75,
  "⅛": 0.125,
  "⅜": 0.375,
  "⅝": 0.625,
  "⅞": 0.875,
};

/** Sizes are said in the plural for the tools that fit them: "the tens", "two 13s". */
const PLURALS: Record<string, number> = {
  sevens: 7,
  eights: 8,
  nines: 9,
  tens: 10,
  elevens: 11,
  twelves: 12,
  thirteens: 13,
  fourteens: 14,
  fifteens: 15,
  sixteens: 16,
  seventeens: 17,
  eighteens: 18,
  nineteens: 19,
  twenties: 20,
};

/** What a number behind it counts, and what makes of one before it a figure: such a pair is no fraction. */
const COUNTED = /^(?:stage|step|pass|round|time|number|no|bolt|nut|cylinder|position|sequence|wheel)$/;
const OF_FORCE = /^(?:nm|n|newtons?|newton|ft|foot|lbs?|lbf|pounds?|kgf?|kilos?|degrees?|°)$/;

/** The size that a plural names: "tens" is 10. */
export function pluralSize(word: string): number | undefined {
  return PLURALS[word];
}

function digits(
  text: string | undefined,
): { value: number; decimals: number; fraction: boolean } | undefined {
  if (text === undefined) return undefined;
  const parts = /^(\d+)\s*[/⁄]\s*(\d+)$/.exec(text);
  if (parts)
    return Number(parts[2]) === 0
      ? undefined
      : { value: Number(parts[1]) / Number(parts[2]), decimals: 0, fraction: true };
  if (SIGNS[text] !== undefined) return { value: SIGNS[text], decimals: 0, fraction: true };
  if (!/^\d/.test(text)) return undefined;
  const plain = text.replace(/[\u00a0\u2009\u202f]/g, "").replace(",", ".");
  const value = Number(plain);
  return Number.isFinite(value)
    ? { value, decimals: plain.split(".")[1]?.length ?? 0, fraction: false }
    : undefined;
}

/**
 * A whole number in words below a thousand: "a hundred and ten", "twenty five"; "one fifty" is left to its
 * parts, but in a figure.
 */
function wordsBelowThousand(words: readonly Word[], at: number): { value: number; next: number } | undefined {
  let i = at;
  let value: number | undefined;
  const text = (n: number) => words[n]?.text ?? "";
  if ((text(i) === "a" || ONES[text(i)] !== undefined) && text(i + 1) === "hundred") {
    value = (text(i) === "a" ? 1 : (ONES[text(i)] ?? 1)) * 100;
    i += 2;
  } else if (text(i) === "hundred") {
    value = 100;
    i += 1;
  }
  const rest = value !== undefined && text(i) === "and" ? i + 1 : i;
  const tens = TENS[text(rest)];
  const hyphen = text(rest + 1) === "-" ? 1 : 0;
  if (tens !== undefined) {
    const ones = ONES[text(rest + 1 + hyphen)];
    const more = ones !== undefined && ones > 0 && ones < 10 ? ones : 0;
    return { value: (value ?? 0) + tens + more, next: rest + (more > 0 ? 2 + hyphen : 1) };
  }
  const ones = ONES[text(rest)];
  if (ones !== undefined) return { value: (value ?? 0) + ones, next: rest + 1 };
  return value === undefined ? undefined : { value, next: i };
}

/**
 * The number that begins at a word, in digits or in words, whole, decimal, fraction or mixed.
 * Undefined where none begins. Example: "seven sixteenths" → 0.4375; "1 3/16" → 1.1875; "a hundred and ten" →
 * 110.
 */
export function spokenNumber(words: readonly Word[], at: number): Spoken | undefined {
  const text = (n: number) => words[n]?.text ?? "";
  const first = digits(words[at]?.text);
  if (first) {
    const dash = text(at + 1) === "-" ? 1 : 0;
    const more = digits(words[at + 1 + dash]?.text);
    // "1 3/16" and "1-3/16": a whole number and a proper fraction side by side.
    if (!first.fraction && first.decimals === 0 && more?.fraction && more.value < 1)
      return { value: first.value + more.value, next: at + 2 + dash, fraction: true, decimals: 0 };
    // "13 16s", "11 16ths": sixteenths with no line between.
    const parts = denominatorSaid(text, at);
    if (first.decimals === 0 && first.value % 2 === 1 && first.value < parts)
      return {
        value: first.value / parts,
        next: /^\d+$/.test(text(at + 1)) ? at + 3 : at + 2,
        fraction: true,
        decimals: 0,
      };
    // "5 16", "9 16", "3 8": as speech is written down without the line between. Sixteenths and eighths are
    // of nothing else.
    const below = /^(?:8|16|32)$/.test(text(at + 1)) ? Number(text(at + 1)) : 0;
    // "stage 1 16 Nm" is a count and a figure.
    const counted =
      COUNTED.test(text(at - 1)) ||
      OF_FORCE.test(text(at + 2)) ||
      (/^in(?:ch)?$/.test(text(at + 2)) && OF_FORCE.test(text(at + 3)));
    if (
      below > 0 &&
      !counted &&
      /^\d+$/.test(text(at)) &&
      first.value % 2 === 1 &&
      first.value < below &&
      words[at + 1]?.start === (words[at]?.end ?? 0) + 1
    )
      return { value: first.value / below, next: at + 2, fraction: true, decimals: 0 };
    // "5 and a half": as in words.
    const and = first.fraction || first.decimals > 0 ? undefined : mixedTail(words, at + 1);
    if (and) return { value: first.value + and.value, next: and.next, fraction: true, decimals: 0 };
    return { ...first, next: at + 1 };
  }
  // "half", "quarter", and "a half" alone; "three quarter", "seven sixteenths".
  if (PARTS[text(at)] !== undefined && (text(at) === "half" || text(at) === "quarter"))
    return { value: 1 / (PARTS[text(at)] ?? 1), next: at + 1, fraction: true, decimals: 0 };
  const whole = wordsBelowThousand(words, at);
  if (!whole) return undefined;
  const gap = text(whole.next) === "-" ? 1 : 0;
  const part = PARTS[text(whole.next + gap)];
  if (part !== undefined && whole.value < part)
    return { value: whole.value / part, next: whole.next + gap + 1, fraction: true, decimals: 0 };
  if (text(whole.next) === "point" && ONES[text(whole.next + 1)] !== undefined)
    return {
      value: whole.value + (ONES[text(whole.next + 1)] ?? 0) / 10,
      next: whole.next + 2,
      fraction: false,
      decimals: 1,
    };
  const and = mixedTail(words, whole.next);
  if (and) return { value: whole.value + and.value, next: and.next, fraction: true, decimals: 0 };
  return { value: whole.value, next: whole.next, fraction: false, decimals: 0 };
}

function denominatorSaid(text: (n: number) => string, at: number) {
  if (/^(?:16|32)(?:s|ths)$/.test(text(at + 1))) return Number.parseInt(text(at + 1), 10);
  if (/^(?:16|32)$/.test(text(at + 1)) && /^(?:s|ths)$/.test(text(at + 2))) return Number(text(at + 1));
  return 0;
}

/**
 * A figure of hundreds as people say it, without the word: "one twenty" is 120, "two fifty five" 255, "one oh
 * five" 105. Only where a figure is spoken of: "one ten mil bolt" is one bolt.
 */
export function hundredsSaid(words: readonly Word[], at: number): Spoken | undefined {
  const text = (n: number) => words[n]?.text ?? "";
  const hundreds = ONES[text(at)];
  if (hundreds === undefined || hundreds < 1 || hundreds > 9) return undefined;
  const then = at + (text(at + 1) === "-" ? 2 : 1);
  if (/^(?:oh|o|zero)$/.test(text(then))) {
    const ones = ONES[text(then + 1)];
    return ones !== undefined && ones > 0 && ones < 10
      ? { value: hundreds * 100 + ones, next: then + 2, fraction: false, decimals: 0 }
      : undefined;
  }
  const rest = wordsBelowThousand(words, then);
  return rest && rest.value >= 10 && rest.value < 100
    ? { value: hundreds * 100 + rest.value, next: rest.next, fraction: false, decimals: 0 }
    : undefined;
}

/** "and a half", "and three eighths", "and an eighth" behind a whole number. */
export function mixedTail(words: readonly Word[], at: number): { value: number; next: number } | undefined {
  const text = (n: number) => words[n]?.text ?? "";
  if (text(at) !== "and") return undefined;
  const article = text(at + 1) === "a" || text(at + 1) === "an" ? 1 : 0;
  if (article && PARTS[text(at + 2)] !== undefined)
    return { value: 1 / (PARTS[text(at + 2)] ?? 1), next: at + 3 };
  const above = ONES[text(at + 1)];
  const part = PARTS[text(at + 2)];
  return above !== undefined && part !== undefined && above < part
    ? { value: above / part, next: at + 3 }
    : undefined;
}

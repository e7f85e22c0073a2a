import { type FoundSize } from "./size-words";
import { spokenNumber } from "./spoken-number";
import type { Word } from "./words";

/** Six-lobe sizes that bits are sold in, ISO 10664. */
export const SIX_LOBE = new Set([6, 7, 8, 9, 10, 12, 14, 15, 16, 18, 20, 24, 25, 27, 30, 40, 45, 50, 55, 60]);
/** "T20s": more than one, written on to its number. */
export const plural = (words: readonly Word[], at: number): number =>
  words[at]?.text === "s" && words[at]?.start === words[at - 1]?.end ? 1 : 0;
export function wordsTaken(text: (n: number) => string, at: number) {
  if (text(at + 1) === "triple") return 3;
  if (text(at + 1) === "splines") return 2;
  return 1;
}

/** "Six torx thirties". */
const TENS: Readonly<Record<string, number>> = {
  tens: 10,
  twenties: 20,
  thirties: 30,
  forties: 40,
  fifties: 50,
};

export const sixLobe = (letter: string | undefined, size: number, from: number, to: number): FoundSize => ({
  kind: "head",
  head: { profile: letter === "e" ? "six-lobe external" : "six-lobe", size, unit: "number" },
  from,
  to,
});

/** "T30", "E-14", "t thirty", "torx 30". */
export function sixLobeAt(words: readonly Word[], at: number): FoundSize | undefined {
  const word = words[at]?.text ?? "";
  const text = (n: number) => words[n]?.text ?? "";
  const gap = text(at + 1) === "-" ? 2 : 1;
  // The letter apart from its number.
  if (/^[te]$/.test(word) && /^\d{1,2}s?$/.test(text(at + gap)))
    return sixLobe(word, Number.parseInt(text(at + gap), 10), at, at + gap + 1 + plural(words, at + gap + 1));
  // As captions write it.
  const spelled = /^[te]$/.test(word) ? spokenNumber(words, at + 1) : undefined;
  if (spelled && !/\d/.test(text(at + 1)) && SIX_LOBE.has(spelled.value))
    return sixLobe(word, spelled.value, at, spelled.next);
  const lobes = /^torx$/.test(word) ? spokenNumber(words, at + 1) : undefined;
  // "Torx twenty fives": more than one, and no twenty.
  const more = { fives: 5, sevens: 7 }[text(lobes?.next ?? -1)] ?? 0;
  const size = lobes && lobes.value + (lobes.value % 10 === 0 ? more : 0);
  const tens = /^torx$/.test(word) ? TENS[text(at + 1)] : undefined;
  if (tens) return sixLobe("t", tens, at, at + 2);
  if (lobes && size && SIX_LOBE.has(size))
    return sixLobe("t", size, at, lobes.next + (more > 0 ? 1 : plural(words, lobes.next)));
  const bit = /^([te])(\d{1,3})$/.exec(word);
  return bit ? sixLobe(bit[1], Number(bit[2]), at, at + 1) : undefined;
}

/**
 * "Phillips number two", "#2 cross-head", "PH2": the number is never guessed (ISO 4757 has 0 to 4), so that a
 * cross-head without one has no size.
 */
export function crossHeadAt(words: readonly Word[], at: number): FoundSize | undefined {
  const text = (n: number) => words[n]?.text ?? "";
  const numberAt = (n: number) => {
    const from = /^(?:number|no|size|#)$/.test(text(n)) ? n + (text(n + 1) === "." ? 2 : 1) : n;
    const number = spokenNumber(words, from);
    return number && [0, 1, 2, 3, 4].includes(number.value) && !number.fraction && number.decimals === 0
      ? { value: number.value, from: n, next: number.next }
      : undefined;
  };
  const named = (n: number) => {
    if (/^(?:phillips?|pozi|pozidrive?|crosshead|crosspoint)$/.test(text(n))) return n + 1;
    // "Cross number 2".
    if (text(n) === "cross" && /^(?:number|no|#|size)$/.test(text(n + 1))) return n + 1;
    const joined = text(n + 1) === "-" ? 2 : 1;
    return text(n) === "cross" && /^(?:head|heads|headed|point)$/.test(text(n + joined))
      ? n + joined + 1
      : undefined;
  };
  const head = (value: number, to: number): FoundSize => ({
    kind: "head",
    head: { profile: "cross", size: value, unit: "number" },
    from: at,
    to,
  });
  // "PH2", "PZ 2".
  const short = /^p[hz]$/.test(text(at)) ? numberAt(at + 1) : undefined;
  if (short) return head(short.value, short.next);
  const behind = named(at);
  const after = behind === undefined ? undefined : numberAt(behind);
  // "Four cross-head, 4 clips" counts the next thing: only what says that it is a number, or ends what is said.
  if (after && (after.from + 1 < after.next || /^(?:[,.;)\n]|)$/.test(text(after.next))))
    return head(after.value, after.next);
  const before = /^(?:number|no|#)$/.test(text(at)) ? numberAt(at) : undefined;
  const shape = before ? named(before.next) : undefined;
  return before && shape !== undefined ? head(before.value, shape) : undefined;
}

/** "M10": a thread, where nothing beside it says that it is the bit of a multi-spline. */
export function splineOrThread(words: readonly Word[], at: number): FoundSize {
  const word = words[at]?.text ?? "";
  const text = (n: number) => words[n]?.text ?? "";
  const spline =
    text(at + 1) === "spline" ||
    (text(at + 1) === "multi" && /spline/.test(`${text(at + 2)}${text(at + 3)}`)) ||
    text(at + 1) === "multispline";
  const square =
    /^(?:square|spline|splines)$/.test(text(at - 1)) ||
    (text(at + 1) === "triple" && text(at + 2) === "square") ||
    text(at + 1) === "splines";
  if (!square && !spline)
    return { kind: "thread", text: word.toUpperCase().replace(/X/g, "x"), from: at, to: at + 1 };
  return {
    kind: "head",
    head: { profile: "multi-spline", size: Number(/\d+/.exec(word)?.[0]), unit: "number" },
    from: at,
    to: at + (square ? wordsTaken(text, at) : 2),
  };
}

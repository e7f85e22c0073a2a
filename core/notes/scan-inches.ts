import type { SquareDrive } from "../model/square-drive";
import { type FoundSize, EXTENSIONS, DRIVEN, head, HELD, HEADED } from "./size-words";
import { mixedTail, type Spoken, spokenNumber } from "./spoken-number";
import type { Word } from "./words";

export const DRIVE_OF: readonly [inches: number, drive: SquareDrive][] = [
  [0.25, "1/4"],
  [0.375, "3/8"],
  [0.5, "1/2"],
  [0.75, "3/4"],
  [1, "1"],
];

/** A size in inches: of a drive, an extension's length, or a head. */
export function inchSize(
  words: readonly Word[],
  inches: number,
  from: number,
  to: number,
): FoundSize | undefined {
  const text = (n: number) => words[n]?.text ?? "";
  const gap = text(to) === "-" ? 1 : 0;
  const after = text(to + gap);
  if (EXTENSIONS.has(after) || (after === "long" && EXTENSIONS.has(text(to + gap + 1)))) {
    const drive = DRIVE_OF.find(([size]) => size === inches)?.[1];
    // "three eighths extension" is a drive; "six inch extension" a length.
    return drive !== undefined && inches < 1
      ? { kind: "drive", drive, from, to }
      : { kind: "length", mm: inches * 25.4, from, to };
  }
  // "only eight newton metres, so quarter inch wrench": where a torque was just said, the wrench is one for
  // that, told by its square.
  const ofTorque =
    after === "wrench" &&
    words
      .slice(Math.max(0, from - 12), from)
      .some((one) => /^(?:nm|newtons?|newton-metres?|torque|pounds?|lbs?)$/.test(one.text));
  const torqueWrench = ofTorque || (after === "torque" && text(to + gap + 1) === "wrench");
  // "The plug on the side, 3/8 square": what the plug is turned by is its head.
  const ofPlug = words.slice(Math.max(0, from - 6), from).some((one) => /^plugs?$/.test(one.text));
  if (ofPlug && after === "square" && DRIVE_OF.some(([size]) => size === inches)) {
    const end = to + gap + (text(to + gap + 1) === "drive" ? 2 : 1);
    return { kind: "head", head: { profile: "square", size: inches, unit: "in" }, from, to: end };
  }
  if (DRIVEN.has(after) || torqueWrench) {
    const drive = DRIVE_OF.find(([size]) => size === inches)?.[1];
    return drive === undefined ? undefined : { kind: "drive", drive, from, to };
  }
  return inches >= 0.15 && inches <= 3 ? head(words, inches, "in", from, to) : undefined;
}

/** "13 in the": the word, and not inches, unless something of that size follows. */
export function isWordIn(words: readonly Word[], { fraction }: Spoken, unitAt: number): boolean {
  const sized = /^(?:socket|spanner|drive|ratchet|extension|ext|breaker|bolt|bolts|nut|nuts|head|hex)$/;
  return words[unitAt]?.text === "in" && !fraction && !sized.test(words[unitAt + 1]?.text ?? "");
}

export function inches(
  words: readonly Word[],
  at: number,
  { value, fraction }: Spoken,
  next: number,
): FoundSize | undefined {
  const text = (n: number) => words[n]?.text ?? "";
  // "inch pounds" is a torque.
  if (
    /^(?:pounds?|lbs?|lbf|ounces?|oz)$/.test(text(next)) ||
    (text(next) === "-" && /^(?:pounds?|lbs?)$/.test(text(next + 1)))
  )
    return undefined;
  const tail = value >= 1 && !fraction ? mixedTail(words, next) : undefined;
  return inchSize(words, value + (tail?.value ?? 0), at, tail?.next ?? next);
}

/** "3/8-16": diameter and threads per inch, with no space between. */
export function inchThread(words: readonly Word[], at: number, next: number): FoundSize | undefined {
  const [first, dash] = [words[at], words[next - 1]];
  const perInch = first?.text.includes("/") ? spokenNumber(words, next) : undefined;
  if (!first || !perInch || words[next]?.start !== dash?.end || first.end !== dash?.start) return undefined;
  if (!Number.isInteger(perInch.value) || perInch.value < 9 || perInch.value > 40) return undefined;
  return {
    kind: "thread",
    text: `${first.text.replace(/\s/g, "")}-${perInch.value}`,
    from: at,
    to: perInch.next,
  };
}

/** "Four nuts a side, three quarters." */
const isBehindFastener = (words: readonly Word[], at: number): boolean =>
  words[at - 1]?.text === "," &&
  words.slice(Math.max(0, at - 6), at).some((one) => /^(?:nut|bolt|screw|stud|lug)s?$/.test(one.text));

/** A fraction without its unit: of an inch, where what stands beside it has such a size. */
export function bareFraction(
  words: readonly Word[],
  at: number,
  number: Spoken,
  hyphen: number,
): FoundSize | undefined {
  const text = (n: number) => words[n]?.text ?? "";
  const next = number.next + hyphen;
  const on = text(next);
  // "with the three quarter": the wrench of that size.
  if (
    number.value === 0.75 &&
    (/^(?:the|my|a|another|same|they're|it's|that's|are|is)$/.test(text(at - 1)) ||
      isBehindFastener(words, at)) &&
    /^(?:or|and|on|to|so|wrench|spanner|socket|,|\.|\n|)$/.test(on)
  )
    return inchSize(words, number.value, at, next);
  const thread = hyphen === 1 ? inchThread(words, at, next) : undefined;
  if (thread) return thread;
  // Eighths and sixteenths are said of nothing else.
  if (
    (words.slice(at, number.next).some((one) => /^(?:eighth|sixteenth)s?$/.test(one.text)) ||
      (number.next === at + 2 && /^(?:8|16|32)(?:s|ths)?$/.test(text(at + 1)))) &&
    !/^(?:of|turn|turns|an?)$/.test(on) &&
    !DRIVEN.has(on) &&
    !EXTENSIONS.has(on)
  )
    return inchSize(words, number.value, at, number.next);
  const hasSize =
    [DRIVEN, EXTENSIONS, HELD, HEADED].some((kinds) => kinds.has(on)) ||
    [at, at + 1, at + 2].some((n) => text(n).includes("/"));
  return hasSize && !/^(?:of|a|turn|turns|hour|full|tank)$/.test(on)
    ? inchSize(words, number.value, at, number.next)
    : undefined;
}

import { type SquareDrive } from "../model/square-drive";
import type { HeadSize } from "../quantity/head-size";
import { type Spoken, mixedTail, pluralSize, spokenNumber } from "./spoken-number";
import type { Word } from "./words";

export type FoundSize =
  | { kind: "head"; head: HeadSize; from: number; to: number }
  | { kind: "drive"; drive: SquareDrive; from: number; to: number }
  | { kind: "length"; mm: number; from: number; to: number }
  | { kind: "thread"; text: string; from: number; to: number };

const MILLIMETRES = new Set([
  "mm",
  "mil",
  "mils",
  "mill",
  "mills",
  "millimetre",
  "millimetres",
  "millimeter",
  "millimeters",
]);
const INCHES = new Set(["inch", "inches", "in", '"', "”", "″"]);
/** What a bare number in front of it is the size of. */
const HELD = new Set([
  "socket",
  "sockets",
  "spanner",
  "spanners",
  "wrench",
  "ring",
  "head",
  "heads",
  "headed",
  "hex",
  "hexagon",
  "key",
  "keys",
  "deep",
  "ratchet-spanner",
  "combination",
  "crowfoot",
  "bit",
  "flare",
  "af",
]);
const HEADED = new Set(["bolt", "bolts", "nut", "nuts", "screw", "screws"]);
const KEYS = new Set(["key", "keys", "hexagon-key", "allen", "allens", "hex-key"]);
/**
 * Widths across flats that sockets are sold in, ISO 272 and its forerunners, mm: a bare number is a size only
 * if it is one of them.
 */
const USUAL = new Set([6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 21, 22, 24, 27, 30, 32, 34, 36]);
/** Six-lobe sizes that bits are sold in, ISO 10664. */
const SIX_LOBE = new Set([6, 7, 8, 9, 10, 12, 14, 15, 16, 18, 20, 24, 25, 27, 30, 40, 45, 50, 55, 60]);
/** May stand behind a bare size: nothing that could be counted. */
const ENDS_SIZE =
  /^(?:[.,;:!?\n()]|not|and|or|on|for|then|instead|sorry|no|i|with|to|fits|will|should|but|at|in|so|too|also|both|all|under|behind|up|down|again|uh|um|now|because|cause|holds?|holding|either|each|as|from|that|they|you|it|just|hang|wait|which|like|only|same|is|are|works?|end|side|plus|bolt|nut|screw|it's|that's|they're|there's|get|take|pull|undo|there|here|these|those|this|we|he|she|hold|comes?|goes|go|the|if|when|before|after|now|actually|after|again|ok|okay|right|tight|loose|snug|first|next|)$/;
const DRIVEN = new Set([
  "drive",
  "ratchet",
  "breaker",
  "square",
  "bar",
  "adapter",
  "adaptor",
  "uj",
  "knuckle",
]);
const EXTENSIONS = new Set(["extension", "extensions", "ext"]);
const DRIVE_OF: readonly [inches: number, drive: SquareDrive][] = [
  [0.25, "1/4"],
  [0.375, "3/8"],
  [0.5, "1/2"],
  [0.75, "3/4"],
  [1, "1"],
];
/**
 * No larger head is undone on a driveway without the word for its socket: more millimetres than this are a
 * length.
 */
const LARGEST_UNNAMED = 46;
/** Behind a number these make it something other than a size. */
const NOT_A_SIZE =
  /^(?:km|kms|miles?|mph|kph|quid|euros?|dollars?|pounds?|bucks|£|\$|€|years?|months?|weeks?|days?|hours?|hrs?|minutes?|mins?|seconds?|secs?|psi|bar|volts?|v|amps?|a|litres?|liters?|l|ml|degrees?|°|c|percent|%|turns?|times|clicks?|kg|kilos?|lbs?|ft|foot|feet|nm|n|newtons?|cm|metres?|meters?|valve|speed|thou|k|thousand)$/;

/** The size, drive, length or thread that begins at a word; undefined where none does. */
export function sizeAt(words: readonly Word[], at: number): FoundSize | undefined {
  const word = words[at]?.text ?? "";
  const text = (n: number) => words[n]?.text ?? "";
  const lettered = sixLobeAt(words, at) ?? (/^m\d/.test(word) ? splineOrThread(words, at) : undefined);
  if (lettered) return lettered;
  // "inch and a half", "an inch and a quarter".
  if (word === "inch" && text(at - 1) !== "half" && text(at - 1) !== "quarter") {
    const tail = mixedTail(words, at + 1);
    if (tail) return inchSize(words, 1 + tail.value, at, tail.next);
  }
  const number = spokenNumber(words, at);
  if (!number) return inPlural(words, at);
  const hyphen = text(number.next) === "-" ? 1 : 0;
  const unitAt = number.next + hyphen;
  if (MILLIMETRES.has(text(unitAt))) return millimetres(words, at, number, unitAt + 1);
  if (INCHES.has(text(unitAt)) && !isWordIn(words, number, unitAt))
    return inches(words, at, number, unitAt + 1);
  if (!number.fraction) return bareSize(words, at, number);
  // "14 and five eighths": a distance, not a head.
  const isDistance = text(at - 1) === "and" && /^\d+$|teen$|^(?:ten|eleven|twelve)$/.test(text(at - 2));
  return isDistance ? undefined : bareFraction(words, at, number, hyphen);
}

const sixLobe = (letter: string | undefined, size: number, from: number, to: number): FoundSize => ({
  kind: "head",
  head: { profile: letter === "e" ? "six-lobe external" : "six-lobe", size, unit: "number" },
  from,
  to,
});

/** "T30", "E-14", "t thirty", "torx 30". */
function sixLobeAt(words: readonly Word[], at: number): FoundSize | undefined {
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
  if (/^torx$/.test(word) && /^\d{1,2}$/.test(text(at + 1)) && Number(text(at + 1)) >= 6)
    return sixLobe("t", Number(text(at + 1)), at, at + 2);
  const bit = /^([te])(\d{1,3})$/.exec(word);
  return bit ? sixLobe(bit[1], Number(bit[2]), at, at + 1) : undefined;
}

/** "M10": a thread, where nothing beside it says that it is the bit of a multi-spline. */
function splineOrThread(words: readonly Word[], at: number): FoundSize {
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

/** "the tens": heads by their size in the plural. */
function inPlural(words: readonly Word[], at: number): FoundSize | undefined {
  const size = pluralSize(words[at]?.text ?? "");
  const leads =
    /^(?:the|of|two|three|four|five|six|pair|couple|some|both|all|also|they're|those|these|are|bolts|nuts|screws)$/;
  return size !== undefined && leads.test(words[at - 1]?.text ?? "")
    ? head(words, size, "mm", at, at + 1)
    : undefined;
}

/** A number of millimetres: a head, or how long an extension is. */
function millimetres(
  words: readonly Word[],
  at: number,
  { value, fraction }: Spoken,
  next: number,
): FoundSize | undefined {
  const text = (n: number) => words[n]?.text ?? "";
  const on = text(next + (text(next) === "-" ? 1 : 0));
  if (fraction && value < 1) return undefined;
  if (EXTENSIONS.has(on) || (text(next) === "long" && EXTENSIONS.has(text(next + 1))))
    return { kind: "length", mm: value, from: at, to: next };
  const least = KEYS.has(on) || HELD.has(on) ? 1.5 : 4;
  const most = HELD.has(on) || HEADED.has(on) ? 80 : LARGEST_UNNAMED;
  return value >= least && value <= most && !isLength(words, at, next)
    ? head(words, value, "mm", at, next)
    : undefined;
}

/** "13 in the": the word, and not inches, unless something of that size follows. */
function isWordIn(words: readonly Word[], { fraction }: Spoken, unitAt: number): boolean {
  const sized = /^(?:socket|spanner|drive|ratchet|extension|ext|breaker|bolt|bolts|nut|nuts|head|hex)$/;
  return words[unitAt]?.text === "in" && !fraction && !sized.test(words[unitAt + 1]?.text ?? "");
}

function inches(
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

/** A fraction without its unit: of an inch, where what stands beside it has such a size. */
function bareFraction(
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
    /^(?:the|my|a|they're|it's|that's|are|is)$/.test(text(at - 1)) &&
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

/** "3/8-16": diameter and threads per inch, with no space between. */
function inchThread(words: readonly Word[], at: number, next: number): FoundSize | undefined {
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

/** "T20s": more than one, written on to its number. */
const plural = (words: readonly Word[], at: number): number =>
  words[at]?.text === "s" && words[at]?.start === words[at - 1]?.end ? 1 : 0;

function wordsTaken(text: (n: number) => string, at: number) {
  if (text(at + 1) === "triple") return 3;
  if (text(at + 1) === "splines") return 2;
  return 1;
}

/** A bare number is a size where a tool or a plural says so: "a 17 socket", "the 10 bolts", "two 13s". */
function bareSize(
  words: readonly Word[],
  at: number,
  number: { value: number; next: number; decimals: number },
): FoundSize | undefined {
  const text = (n: number) => words[n]?.text ?? "";
  const { value, next } = number;
  // "M12s" is a thread.
  if (text(at - 1) === "m" && words[at - 1]?.end === words[at]?.start) return undefined;
  if (value < 4 || value > 46 || (number.decimals > 0 && value !== 5.5) || NOT_A_SIZE.test(text(next)))
    return undefined;
  const after = text(next) === "-" ? text(next + 1) : text(next);
  const digits = /^\d/.test(text(at));
  if (HELD.has(after)) return head(words, value, "mm", at, next);
  // "two 13s": the plural of a size in digits.
  // "10 number", "14 size", "size 14".
  if (/^(?:number|size|no|nos)$/.test(after) && USUAL.has(value))
    return head(words, value, "mm", at, next + 1);
  // "AF 18", "head 10", "a key of 10", "three nuts of 8".
  const across =
    /^(?:af|sw|heads?|size|spanner|key)$/.test(text(at - 1)) ||
    (text(at - 1) === "of" && (HELD.has(text(at - 2)) || /^(?:bolts?|nuts?|screws?)$/.test(text(at - 2))));
  if (
    across &&
    USUAL.has(value) &&
    number.decimals === 0 &&
    (ENDS_SIZE.test(after) || MILLIMETRES.has(after))
  )
    return head(words, value, "mm", at, next);
  if (text(at - 1) === "size" && USUAL.has(value)) return head(words, value, "mm", at, next);
  // "a 15 bolt", "the 13 nut".
  if (/^(?:bolt|nut|screw)$/.test(after) && USUAL.has(value) && value > 6)
    return head(words, value, "mm", at, next);
  if (digits && after === "s" && words[next]?.start === words[next - 1]?.end)
    return head(words, value, "mm", at, next + 1);
  const before = text(at - 1);
  // "Front bush bolt: 18, lies flat", "two bolts vertical, 16 each": behind what it is the size of.
  const ofNamed = before === ":" && HEADED.has(text(at - 2)) && /^(?:[,.;\n]|and|)$/.test(after);
  const bracketed = HEADED.has(before) && text(at - 2) === "(" && after === ")";
  const ofEach =
    after === "each" &&
    /^(?:,|bolts?|nuts?|screws?)$/.test(before) &&
    words.slice(Math.max(0, at - 7), at).some((one) => HEADED.has(one.text));
  // "A big bolt, 21 mm, and four little ones round it at 13": after a size that has its unit, and with no
  // torque about.
  const near = words.slice(Math.max(0, at - 14), at).map((one) => one.text);
  const alsoAt =
    before === "at" &&
    /^[,.;\n]?$/.test(after) &&
    near.some((one) => MILLIMETRES.has(one)) &&
    near.some((one) => /^(?:ones|bolts|nuts|screws)$/.test(one)) &&
    !near.some((one) => /^(?:nm|newton|newtons|torque|pounds|lbs?|plus)$/.test(one));
  if (digits && USUAL.has(value) && value >= 7 && (ofNamed || bracketed || ofEach || alsoAt))
    return head(words, value, "mm", at, next);
  // "one 13 at the bottom": counted, and with no unit of anything else.
  if (
    digits &&
    value >= 6 &&
    value <= 36 &&
    /^(?:one|two|three|four|five|six|eight)$/.test(before) &&
    /^(?:at|on|for|and|in|under|behind|up|down|,|;|\.|)$/.test(after)
  )
    return head(words, value, "mm", at, next);
  // "8 mm?? no wait 7".
  const corrects =
    /^(?:wait|nope|sorry|actually)$/.test(before) || (before === "no" && /^[,.?!]$/.test(text(at - 2)));
  if (
    corrects &&
    USUAL.has(value) &&
    number.decimals === 0 &&
    ENDS_SIZE.test(after) &&
    !/^(?:in|on)$/.test(after)
  )
    return head(words, value, "mm", at, next);
  // "it's a 12", "they're 15", "all 10", "13 on the head", "(17)".
  const saysSo =
    /^(?:it's|that's|they're|there's|a|an|is|are|those|also|all|both|again|the|take|takes|my|your|use|with|then|=|\(|,|uh|your|get)$/.test(
      before,
    );
  const usualThere = USUAL.has(value) && number.decimals === 0;
  // "those are 16 there's three in the arm", "they're 13 six of em left": said of several, and something else
  // begins.
  const ofSeveral =
    before === "they're" ||
    (before === "are" &&
      /^(?:these|those|they|all|ones|guys|both|bolts|nuts|screws|brace|side|front|back|rear)$|s$/.test(
        text(at - 2),
      ));
  const countFollows =
    spokenNumber(words, next) !== undefined && /^(?:of)$/.test(text(spokenNumber(words, next)?.next ?? next));
  if (usualThere && value >= 7 && ofSeveral && (ENDS_SIZE.test(after) || countFollows))
    return head(words, value, "mm", at, next);
  // "one big nut in the middle of the rubber 18 and then": behind what it is the size of, with nothing
  // between.
  if (usualThere && value >= 8 && digits && /^(?:and|then|,|;|\.|\n|)$/.test(after) && headBefore(words, at))
    return head(words, value, "mm", at, next);
  if (
    usualThere &&
    value >= 7 &&
    saysSo &&
    (digits || before !== "all") &&
    ENDS_SIZE.test(after) &&
    !(before === "," && !/^(?:[.,;\n)]|)$/.test(after)) &&
    !(/^(?:the|is|are|and|then|with|get|use)$/.test(before) && !/^(?:[.,;)\n]|on|for|not|and|)$/.test(after))
  )
    return head(words, value, "mm", at, next);
  if (
    usualThere &&
    value >= 8 &&
    after === "on" &&
    /^(?:the|that|those|each|both|all|top|it)$/.test(text(next + 1)) &&
    !/^(?:to|at|of|plus)$/.test(before)
  )
    return head(words, value, "mm", at, next);
  // "that is a 17 not a 16": an article, and nothing counted behind it.
  if (
    (before === "a" || before === "an") &&
    value >= 5.5 &&
    (after === "" ||
      /^(?:[.,;!?\n]|not|and|or|on|for|then|instead|sorry|no|i|with|to|fits|will|should|but)$/.test(after))
  )
    return head(words, value, "mm", at, next);
  if (before === "not" && digits && /^[.,;!?\n]?$/.test(after)) return head(words, value, "mm", at, next);
  return undefined;
}

/** Whether a bolt or nut was counted or named just before, and no verb or figure of anything else since. */
function headBefore(words: readonly Word[], at: number): boolean {
  for (let i = at - 1; i >= 0 && at - i <= 7; i--) {
    const word = words[i]?.text ?? "";
    if (HEADED.has(word)) return at - i > 1;
    if (
      !/^[a-z-]+$/.test(word) ||
      (/^(?:to|at|about|like|than|of|number|step|plus|it|by|for|is|are)$/.test(word) && i === at - 1)
    )
      return false;
  }
  return false;
}

function head(words: readonly Word[], value: number, unit: "mm" | "in", from: number, to: number): FoundSize {
  const text = (n: number) => words[n]?.text ?? "";
  const key =
    KEYS.has(text(to)) ||
    // "the Allen key, five millimetre".
    (text(from - 1) === "," && KEYS.has(text(from - 2))) ||
    (/^(?:hex|hexagon)$/.test(text(to)) && (KEYS.has(text(to + 1)) || /^(?:bit|bits)$/.test(text(to + 1)))) ||
    (/^(?:internal|inside)$/.test(text(to)) && /^hex/.test(text(to + 1)));
  return { kind: "head", head: { profile: key ? "hexagon key" : "hexagon", size: value, unit }, from, to };
}

/** A size in inches: of a drive, an extension's length, or a head. */
function inchSize(words: readonly Word[], inches: number, from: number, to: number): FoundSize | undefined {
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
  if (DRIVEN.has(after) || torqueWrench) {
    const drive = DRIVE_OF.find(([size]) => size === inches)?.[1];
    return drive === undefined ? undefined : { kind: "drive", drive, from, to };
  }
  return inches >= 0.15 && inches <= 3 ? head(words, inches, "in", from, to) : undefined;
}

/** "230 mm across", "about 2 mm of play", "3 mm thick": a measure and no tool's size. */
function isLength(words: readonly Word[], from: number, next: number): boolean {
  // "lever the clip up about 5 mm": how far.
  if (
    /^(?:approx|approximately)$/.test(words[from - 1]?.text ?? "") ||
    (words[from - 1]?.text === "." && words[from - 2]?.text === "approx")
  )
    return true;
  if (
    /^(?:about|around|roughly|maybe|by)$/.test(words[from - 1]?.text ?? "") &&
    /^(?:up|out|down|in|back|off|over|along|apart|forward|only)$/.test(words[from - 2]?.text ?? "")
  )
    return true;
  if (
    words[next]?.text === "too" &&
    /^(?:long|short|wide|narrow|thick|thin|deep|high|low|big|small|much|far)$/.test(
      words[next + 1]?.text ?? "",
    )
  )
    return true;
  if (words[next]?.text === "or" && words[next + 1]?.text === "so") return true;
  if (words[next]?.text === "deep" && HELD.has(words[next + 1]?.text ?? "")) return false;
  return /^(?:of|thick|deep|wide|across|play|gap|long|lip|left|wear|apart|diameter|clearance|above|below|from|proud|over|under|shorter|longer|thicker|thinner|wider|narrower|higher|lower)$/.test(
    words[next]?.text ?? "",
  );
}

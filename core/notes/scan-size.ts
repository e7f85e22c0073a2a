import { isCountOf } from "./count-of";
import { crossHeadAt, sixLobeAt, splineOrThread } from "./scan-bit";
import { bareFraction, inches, inchSize, isWordIn } from "./scan-inches";
import {
  EXTENSIONS,
  type FoundSize,
  head,
  headBefore,
  HEADED,
  HELD,
  INCHES,
  isLength,
  KEYS,
  LARGEST_UNNAMED,
  LEAST_UNNAMED,
  MILLIMETRES,
  NOT_A_SIZE,
  USUAL,
} from "./size-words";
import { type Spoken, mixedTail, pluralSize, spokenNumber } from "./spoken-number";
import { ACTIONS } from "./vocabulary";
import type { Word } from "./words";

/** May stand behind a bare size: nothing that could be counted. */
const ENDS_SIZE =
  /^(?:[.,;:!?\n()]|not|and|or|on|for|then|instead|sorry|no|i|with|to|fits|will|should|but|at|in|so|too|also|both|all|under|behind|up|down|again|uh|um|now|because|cause|holds?|holding|either|each|as|from|that|they|you|it|just|hang|wait|which|like|only|same|is|are|works?|end|side|plus|bolt|nut|screw|it's|that's|they're|there's|get|take|pull|undo|there|here|these|those|this|we|he|she|hold|comes?|goes|go|the|if|when|before|after|now|actually|after|again|ok|okay|right|tight|loose|snug|first|next|)$/;
/** The size, drive, length or thread that begins at a word; undefined where none does. */
export function sizeAt(words: readonly Word[], at: number): FoundSize | undefined {
  const word = words[at]?.text ?? "";
  const text = (n: number) => words[n]?.text ?? "";
  const lettered =
    sixLobeAt(words, at) ??
    crossHeadAt(words, at) ??
    (/^m\d/.test(word) ? splineOrThread(words, at) : undefined);
  if (lettered) return lettered;
  // "inch and a half", "an inch and a quarter".
  if (word === "inch" && text(at - 1) !== "half" && text(at - 1) !== "quarter") {
    const tail = mixedTail(words, at + 1);
    if (tail) return inchSize(words, 1 + tail.value, at, tail.next);
  }
  const number = spokenNumber(words, at);
  if (!number) return inPlural(words, at);
  // "50/50" is a mixture.
  const parts = /^(\d+)\s*[/⁄]\s*(\d+)$/.exec(word);
  if (parts && !(Number(parts[1]) < Number(parts[2]) && [2, 4, 8, 16, 32, 64].includes(Number(parts[2]))))
    return undefined;
  // "17 and a half turns": counted, and not measured.
  if (text(number.next) === "and" && /^(?:half|quarter|third|bit)$/.test(text(number.next + 2)))
    return undefined;
  const hyphen = text(number.next) === "-" ? 1 : 0;
  const unitAt = number.next + hyphen;
  if (MILLIMETRES.has(text(unitAt))) return millimetres(words, at, number, unitAt + 1);
  if (INCHES.has(text(unitAt)) && !isWordIn(words, number, unitAt))
    return inches(words, at, number, unitAt + 1);
  // "Three 5 and a half": the only head that is so called.
  if (
    number.value === 5.5 &&
    /^(?:two|three|four|five|six|eight)$/.test(text(at - 1)) &&
    ENDS_SIZE.test(text(number.next))
  )
    return head(words, 5.5, "mm", at, number.next);
  if (!number.fraction) return bareSize(words, at, number);
  // "14 and five eighths": a distance, not a head.
  const isDistance = text(at - 1) === "and" && /^\d+$|teen$|^(?:ten|eleven|twelve)$/.test(text(at - 2));
  return isDistance ? undefined : bareFraction(words, at, number, hyphen);
}

/** "the tens": heads by their size in the plural. */
function inPlural(words: readonly Word[], at: number): FoundSize | undefined {
  const size = pluralSize(words[at]?.text ?? "");
  const leads =
    /^(?:the|of|two|three|four|five|six|pair|couple|some|both|all|also|they're|those|these|are|bolts|nuts|screws)$/;
  // "Sixteen little tens".
  const led = /^(?:little|big|small|long|short)$/.test(words[at - 1]?.text ?? "") ? at - 2 : at - 1;
  const isCounted = led < at - 1 && spokenNumber(words, led) !== undefined;
  // "Three bolts, tens".
  const behind = words[at - 1]?.text === "," ? (words[at - 2]?.text ?? "") : "";
  // "Two bolts from the mount to the body sixteens", and no other head between.
  const ends = /^(?:[.,;:!?\n)]|and|)$/.test(words[at + 1]?.text ?? "");
  const before = words.slice(Math.max(0, at - 10), at).map(({ text }) => text);
  const isOfBolts =
    ends &&
    before.some((word) => HEADED.has(word) && /s$/.test(word)) &&
    !before.some((word) => /^[.;\n]$/.test(word));
  // "Fifteens are fifty": what they get.
  const isGiven =
    /^(?:[.,;\n]|)$/.test(words[at - 1]?.text ?? "") &&
    /^(?:are|get|go|take|at)$/.test(words[at + 1]?.text ?? "");
  return size !== undefined &&
    (isOfBolts ||
      isGiven ||
      leads.test(words[led]?.text ?? "") ||
      isCounted ||
      /^(?:bolts|nuts|screws)$/.test(behind))
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

/** Whether the words straight before a place speak of a torque. */
function saysTorque(words: readonly Word[], at: number): boolean {
  for (let n = at - 1; n >= Math.max(0, at - 8); n--) {
    const said = words[n]?.text ?? "";
    if (/^[.,;:!?\n]$/.test(said)) return false;
    if (/^(?:torques?|torqued|figures?)$/.test(said) && !/^(?:wrench|key|bar)/.test(words[n + 1]?.text ?? ""))
      return true;
  }
  return false;
}

/** Whether a bare number is that of a thread, a torque or how many there are, or none that a head has. */
function isOtherNumber(
  words: readonly Word[],
  at: number,
  number: { value: number; next: number; decimals: number },
): boolean {
  const { value, next, decimals } = number;
  const text = (n: number) => words[n]?.text ?? "";
  return (
    // "M12s" is a thread.
    (text(at - 1) === "m" && words[at - 1]?.end === words[at]?.start) ||
    // "There are 12": how many.
    (/^(?:are|were)$/.test(text(at - 1)) && text(at - 2) === "there" && !HELD.has(text(next))) ||
    // "The torque on the plug is 22".
    (/^(?:is|are|at|to)$/.test(text(at - 1)) && saysTorque(words, at)) ||
    // "Terminals 6, no more": a figure.
    /^(?:tops|max)$/.test(text(next)) ||
    (text(next) === "no" && text(next + 1) === "more") ||
    isCountOf(words, at, number) ||
    // "Four head bolts": of a cylinder's head; a 13 head is said in a number that heads have.
    (/^heads?$/.test(text(next)) &&
      /^(?:bolts|nuts|studs)$/.test(text(next + 1)) &&
      value <= 12 &&
      (value < LEAST_UNNAMED || !/^\d/.test(text(at)))) ||
    value < 4 ||
    value > 46 ||
    (decimals > 0 && value !== 5.5) ||
    NOT_A_SIZE.test(text(next))
  );
}

/** A number without a unit, and the words around it. */
interface Bare {
  words: readonly Word[];
  at: number;
  number: { value: number; next: number; decimals: number };
  text: (n: number) => string;
  before: string;
  /** The word behind it, past a hyphen. */
  after: string;
  digits: boolean;
}

/** A bare number is a size where the words around it say so: "a 17 socket", "bolt: 18", "it's a 12". */
function bareSize(
  words: readonly Word[],
  at: number,
  number: { value: number; next: number; decimals: number },
): FoundSize | undefined {
  if (isOtherNumber(words, at, number)) return undefined;
  const text = (n: number) => words[n]?.text ?? "";
  const behind = text(number.next);
  const bare: Bare = {
    words,
    at,
    number,
    text,
    before: text(at - 1),
    after: behind === "-" ? text(number.next + 1) : behind,
    digits: /^\d/.test(text(at)),
  };
  return sizeOfTool(bare) ?? behindItsName(bare) ?? saidToBe(bare);
}

/** "A 17 socket", "the 10 bolts", "two 13s": what it is the size of, or a plural, says so. */
function sizeOfTool({ words, at, number, text, before, after, digits }: Bare): FoundSize | undefined {
  const { value, next } = number;
  // "A 17 thin wrench".
  const shaped =
    /^(?:thin|long|short|deep|flat|open|ring|combination|stubby|offset|flare|ratchet|ratcheting)$/;
  if (HELD.has(shaped.test(after) ? text(next + (text(next) === "-" ? 2 : 1)) : after))
    return head(words, value, "mm", at, next);
  // "two 13s": the plural of a size in digits.
  // "10 number", "14 size", "size 14".
  if (/^(?:number|size|no|nos)$/.test(after) && USUAL.has(value))
    return head(words, value, "mm", at, next + 1);
  // "AF 18", "head 10", "a key of 10", "three nuts of 8".
  const across =
    /^(?:af|sw|heads?|size|spanner|key)$/.test(before) ||
    (before === "of" && (HELD.has(text(at - 2)) || /^(?:bolts?|nuts?|screws?)$/.test(text(at - 2))));
  if (
    across &&
    USUAL.has(value) &&
    number.decimals === 0 &&
    (ENDS_SIZE.test(after) || MILLIMETRES.has(after))
  )
    return head(words, value, "mm", at, next);
  // "Nut 15 / head 13": one at each end.
  const isEnd = /^(?:nut|head|bolt)$/.test(before) && USUAL.has(value) && number.decimals === 0;
  const hasOther = [-4, -3, 1, 2, 3].some(
    (n) =>
      /^(?:nut|head|bolt)$/.test(text(at + n)) &&
      text(at + n) !== before &&
      USUAL.has(spokenNumber(words, at + n + 1)?.value ?? 0),
  );
  if (isEnd && hasOther) return head(words, value, "mm", at, next);
  if (before === "size" && USUAL.has(value)) return head(words, value, "mm", at, next);
  // "13 head".
  if (/^(?:head|headed)$/.test(after) && USUAL.has(value) && value > 6)
    return head(words, value, "mm", at, next);
  // "a 15 bolt", "the 13 nut".
  if (/^(?:bolt|nut|screw)$/.test(after) && USUAL.has(value) && value > 6)
    return head(words, value, "mm", at, next);
  if (digits && after === "s" && words[next]?.start === words[next - 1]?.end)
    return head(words, value, "mm", at, next + 1);
  return undefined;
}

/** "Front bush bolt: 18", "one 13 at the bottom", "8 mm, no, 7": behind what it is of, or what it is in place of. */
function behindItsName({ words, at, number, text, before, after, digits }: Bare): FoundSize | undefined {
  const { value, next } = number;
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
  // "The three top ones 13 and the bottom one …".
  if (digits && before === "ones" && value >= 7 && /^(?:[.,;\n]|and|)$/.test(after) && USUAL.has(value))
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
  return undefined;
}

/** "It's a 12", "they're 15", "all 10". */
function saidToBe({ words, at, number, text, before, after, digits }: Bare): FoundSize | undefined {
  const { value, next } = number;
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
      /^(?:[.,;!?\n]|not|and|or|on|for|then|instead|sorry|no|i|with|to|fits|will|should|but|yep|yeah|yes|okay|ok|so|cause|because|which)$/.test(
        after,
      ))
  )
    return head(words, value, "mm", at, next);
  // "The fifteens are 40 and the thirteen is 22": a head, told with its figure.
  if (
    usualThere &&
    value >= 7 &&
    before === "the" &&
    /^(?:is|gets?|takes)$/.test(after) &&
    spokenNumber(words, next + 1) !== undefined
  )
    return head(words, value, "mm", at, next);
  // "Is a 24 · spin that off".
  if (
    /^an?$/.test(before) &&
    /^(?:is|it's|that's|takes|with)$/.test(text(at - 2)) &&
    usualThere &&
    value >= 7 &&
    Object.hasOwn(ACTIONS, after)
  )
    return head(words, value, "mm", at, next);
  if (before === "not" && digits && /^[.,;!?\n]?$/.test(after)) return head(words, value, "mm", at, next);
  return undefined;
}

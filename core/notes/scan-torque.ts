import { quantityNm, type TorqueQuantity } from "../quantity/torque-quantity";
import { turnedOn } from "../torque/torques-of";
import { type Spoken, spokenNumber } from "./spoken-number";
import type { Word } from "./words";
import {
  deniedAt,
  endOf,
  firstEnd,
  type FoundTorque,
  mayBeHundreds,
  numbersAt,
  writtenAt,
} from "./written-torque";

const MAXIMUM = [
  ["max"],
  ["maximum"],
  ["no", "more", "than"],
  ["not", "more", "than"],
  ["at", "most"],
  ["up", "to", "a", "max", "of"],
  ["maximum", "of"],
  ["max", "of"],
  ["never", "more", "than"],
  ["don't", "go", "over"],
  ["not", "over"],
];

/** "Half a turn back", "90 degrees off again": what is let go, and not turned on. */
export const isTurnedBack = (words: readonly Word[], at: number): boolean =>
  /^(?:(?:of|a|turn|turns|degrees?|deg|°|º) )*(?:back|backwards|off|out|loose|looser|anti-?clockwise|anti|counter-?clockwise|counter)\b/.test(
    words
      .slice(at, at + 5)
      .map(({ text }) => text)
      .join(" "),
  );

/** The angle that follows a torque: "plus 90 degrees", "then a quarter turn", "+ 90°". */
function angleAt(
  words: readonly Word[],
  at: number,
): { degrees: number; next: number; unsaid?: true } | undefined {
  let i = at;
  const text = (n: number) => words[n]?.text ?? "";
  while (
    [",", "then", "plus", "+", "and", "another", "further", "a", "an", "turn", "it"].includes(text(i)) &&
    i - at < 5
  )
    i++;
  const number = spokenNumber(words, i);
  if (!number) return undefined;
  if (isTurnedBack(words, number.next)) return undefined;
  const unit = text(number.next);
  if (["degrees", "degree", "deg", "°", "º"].includes(unit) && number.value >= 5 && number.value <= 720)
    return { degrees: number.value, next: number.next + 1 };
  if (
    i > at &&
    (unit === "turn" ||
      (unit === "of" && text(number.next + 2) === "turn") ||
      (unit === "a" && text(number.next + 1) === "turn")) &&
    number.fraction
  ) {
    const next = afterUnit(unit, number);
    return { degrees: number.value * 360, next };
  }
  // "120 Nm + 90": nothing else is added to a torque.
  const isAdded = i === at + 1 && /^(?:\+|plus)$/.test(text(at)) && !number.fraction;
  const ends = words[number.next] === undefined || /^(?:[.,;:)\n]|and|also)$/.test(unit);
  if (isAdded && ends && number.value >= 30 && number.value <= 360 && number.value % 5 === 0)
    return { degrees: number.value, next: number.next, unsaid: true };
  return undefined;
}

function afterUnit(unit: string, number: Spoken) {
  if (unit === "turn") return number.next + 1;
  if (unit === "a") return number.next + 2;
  return number.next + 3;
}

function maximumBefore(words: readonly Word[], at: number): number {
  const hit = MAXIMUM.map((phrase) => phrase.length).filter((length) =>
    MAXIMUM.some(
      (phrase) =>
        phrase.length === length && phrase.every((word, i) => words[at - length + i]?.text === word),
    ),
  );
  return Math.max(0, ...hit);
}

/** The torque that begins at a word, with its unit, in whatever form; undefined where none begins. */
export function torqueAt(words: readonly Word[], at: number): FoundTorque | undefined {
  const written = writtenAt(words, at);
  if (written) return written;
  const denied = deniedAt(words, at);
  if (denied) return denied;
  const numbers = numbersAt(words, at);
  if (!numbers) return undefined;
  // "all eight, 4 Nm": how many of them, and then the figure.
  if (
    numbers.links[0] === "," &&
    numbers.units[0] === undefined &&
    /^(?:all|both|every)$/.test(words[at - 1]?.text ?? "")
  )
    return undefined;
  // A size in front of a torque is none of it: "a 17, and 45 newton metres", "9/16 head, 25 lb ft".
  if (
    numbers.units[0] === undefined &&
    (numbers.list[0]?.fraction || /^(?:a|an|not)$/.test(words[at - 1]?.text ?? ""))
  )
    return undefined;
  // Only as far as the last number that has a unit, said behind it or once for all.
  const last = numbers.units.findLastIndex((unit) => unit !== undefined);
  if (last < 0) return undefined;
  const lastUnit = numbers.units[last];
  let to = numbers.next;
  if (last < numbers.list.length - 1) to = endOf(words, numbers, last);
  const quantities: TorqueQuantity[] = [];
  for (let i = 0; i <= last; i++) {
    const number = numbers.list[i];
    const unit = numbers.units[i] ?? numbers.units.slice(i).find((one) => one !== undefined) ?? lastUnit;
    if (!number || !unit || number.value <= 0 || number.value > 5000) return undefined;
    quantities.push({ value: number.value, unit, decimals: number.fraction ? 1 : number.decimals });
  }
  const [first, second] = quantities;
  if (!first) return undefined;
  const maximum = maximumBefore(words, at);
  if (quantities.length === 1) {
    const angles: number[] = [];
    let unsaid = false;
    for (let angle = angleAt(words, to); angle && angles.length < 3; angle = angleAt(words, to)) {
      angles.push(angle.degrees);
      unsaid ||= angle.unsaid === true;
      to = angle.next;
    }
    if (angles.length > 0)
      return {
        figure: turnedOn({ form: "value", torque: first }, angles),
        from: at,
        to,
        ...(unsaid ? { contradicts: true as const } : {}),
      };
    if (maximum > 0) return { figure: { form: "maximum", torque: first }, from: at - maximum, to };
    if (["max", "maximum", "tops"].includes(words[to]?.text ?? ""))
      return { figure: { form: "maximum", torque: first }, from: at, to: to + 1 };
    // "2 Nm at most".
    if (words[to]?.text === "at" && /^(?:most|max|maximum)$/.test(words[to + 1]?.text ?? ""))
      return { figure: { form: "maximum", torque: first }, from: at, to: to + 2 };
    return {
      figure: { form: "value", torque: first },
      from: at,
      to,
      ...(mayBeHundreds(words, at) ? { contradicts: true as const } : {}),
    };
  }
  const link = numbers.links[0] ?? "";
  const before = words[at - 1]?.text;
  const twoPart = quantities.length === 2 && second && quantityNm(first) < quantityNm(second);
  const isRange =
    twoPart &&
    (link === "to" ||
      link === "or" ||
      link === "-" ||
      link === "–" ||
      (link === "and" && before === "between")) &&
    !/first/.test(
      words
        .slice(Math.max(0, at - 3), at)
        .map(({ text }) => text)
        .join(" "),
    );
  if (isRange)
    return {
      figure: { form: "range", low: first, high: second },
      from: before === "between" ? at - 1 : at,
      to,
    };
  const rising = quantities.every(
    (one, i) => i === 0 || quantityNm(one) > quantityNm(quantities[i - 1] ?? one),
  );
  const asPasses =
    rising &&
    numbers.links.slice(0, last).every((one) => /then|to|^,$|^, and$|^and$/.test(one)) &&
    (numbers.links.slice(0, last).some((one) => /then/.test(one)) ||
      /stage|pass|step|first/.test(
        words
          .slice(Math.max(0, at - 5), at)
          .map(({ text }) => text)
          .join(" "),
      ));
  if (asPasses) return { figure: { form: "passes", torques: quantities }, from: at, to };
  // Not one figure but several in a row: only the first is taken here, with the unit that was said for it or
  // for all.
  return { figure: { form: "value", torque: first }, from: at, to: firstEnd(words, numbers) };
}

import type { TorqueFigure } from "../quantity/torque-figure";
import { type TorqueQuantity, quantityNm } from "../quantity/torque-quantity";
import type { TorqueUnit } from "../quantity/torque-unit";
import { turnedOn } from "../torque/torques-of";
import type { Clause, Told } from "./clauses";
import type { Group, SaidFigure } from "./group";
import { saidIn } from "./heard";
import { singular } from "./mention";
import { isTurnedBack } from "./scan-torque";
import { spokenNumber } from "./spoken-number";
import type { Term } from "./terms";
import { HEADS, PART_HEADS, PLACES, THINGS } from "./vocabulary";
import { WIDEST } from "./written-torque";
import { type FoundTorque } from "./written-torque";

/** "60 plus another 90 degrees", "40 then a quarter turn": what is turned further was a torque. */
function turnsOn(terms: readonly Term[], at: number): boolean {
  if (!/^(?:plus|then|and|\+)$/.test(terms[at]?.text ?? "")) return false;
  const behind = terms
    .slice(at + 1, at + 6)
    .map(({ text }) => text)
    .join(" ");
  return /^(?:(?:another|then|a|an|further) )*\d*[a-z ]*\b(?:degrees?|deg|turn)\b|^\d+ ?°/.test(behind);
}

/** How strong a bolt is, as it stands on its head (ISO 898-1, table 3): no torque, where no unit says so. */
const PROPERTY_CLASSES = new Set([4.6, 4.8, 5.6, 5.8, 6.8, 8.8, 9.8, 10.9, 12.9]);

/** "65 to 70": the upper end. */
function upTo(terms: readonly Term[], at: number, low: number) {
  const high = /^(?:to|-|–|or)$/.test(terms[at]?.text ?? "") ? spokenNumber(terms, at + 1) : undefined;
  return high && !high.fraction && high.value > low && high.value <= low * WIDEST ? high : undefined;
}

function bareFigure(torque: TorqueQuantity, high: TorqueQuantity | undefined, after: string): TorqueFigure {
  if (high) return { form: "range", low: torque, high };
  return /^(?:tops|max)$/.test(after) ? { form: "maximum", torque } : { form: "value", torque };
}

/**
 * Figures without a unit, "crossmember 50, nuts 33", in the unit that was said last.
 *
 * @param mayStandAlone whether a clause that is nothing but a number may be one: "drop link, fifty".
 */
export function bareFigures(
  terms: readonly Term[],
  { from, to }: Clause,
  taken: (at: number) => boolean,
  unit: TorqueUnit | undefined,
  mayStandAlone: (value: number) => boolean,
): FoundTorque[] {
  if (unit === undefined) return [];
  const found: FoundTorque[] = [];
  for (let at = from; at < to; at++) {
    const low = spokenNumber(terms, at);
    const high = low && upTo(terms, low.next, low.value);
    const number = low && { ...low, next: high?.next ?? low.next };
    if (!number || (at > from && (spokenNumber(terms, at - 1)?.next ?? 0) > at)) continue;
    // "Glass bolts are only five".
    const led =
      /^(?:only|just)$/.test(terms[at - 1]?.text ?? "") && /^(?:is|are)$/.test(terms[at - 2]?.text ?? "");
    const before = terms[at - (led ? 2 : 1)]?.text ?? "";
    const next = terms[number.next]?.text ?? "";
    // "Twenty ish".
    const isNear = /^(?:ish|odd)$/.test(next);
    // "6, no more".
    const after = next === "no" && terms[number.next + 1]?.text === "more" ? "max" : next;
    // "100 for the big one, the four at 30".
    const given =
      (at === from || (at === from + 1 && /^(?:and|then|so)$/.test(before))) &&
      /^(?:for|on)$/.test(after) &&
      /^(?:the|those|these|each|both|all)$/.test(terms[number.next + 1]?.text ?? "") &&
      number.value > 4;
    const ends =
      given ||
      turnsOn(terms, number.next) ||
      number.next >= to ||
      (isNear && number.next + 1 >= to) ||
      /^(?:both|each|all|too|also|as|tops|max|and|on|now|with)$/.test(after) ||
      // "110 in a star".
      (after === "in" &&
        /^(?:an?|two|three|stages|steps|sequence|turns?|order)$/.test(terms[number.next + 1]?.text ?? ""));
    // "two 17s, forty on those".
    const pointed =
      after === "on" && /^(?:those|these|them|each|all|both|that)$/.test(terms[number.next + 1]?.text ?? "");
    const placed = at === from + 1 && PLACES.has(before);
    const alone =
      at === from &&
      (number.next >= to || (/^(?:each|both|all|ish|odd)$/.test(next) && number.next + 1 >= to)) &&
      mayStandAlone(number.value);
    // "The front one, 100", "ball joint nut, new one, 65".
    const apart =
      before === "," &&
      at - 1 > from &&
      (terms[at - 2]?.tag === "noun" || /^ones?$/.test(terms[at - 2]?.text ?? "")) &&
      number.next >= to &&
      mayStandAlone(number.value);
    const said =
      given ||
      apart ||
      // "20 foot pounds first, then thirty".
      (at === from + 1 && before === "then" && number.next >= to) ||
      pointed ||
      alone ||
      (at > from &&
        (/^(?:to|at|gets?|needs?|wants?|is|are|takes?|be|on|put|them|it|now|also|:|=|they're|it's|that's|about|around|roughly)$/.test(
          before,
        ) ||
          terms[at - 1]?.tag === "noun" ||
          Object.hasOwn(HEADS, before) ||
          // "Link 50", which elsewhere is something done.
          (at === from + 1 && (THINGS.has(singular(before)) || PART_HEADS.has(before))) ||
          // "E12 one 40", "upper 25".
          /^ones?$/.test(before) ||
          placed));
    if (number.decimals === 1 && PROPERTY_CLASSES.has(number.value)) continue;
    // "Fourteen, one four": a number once more, digit by digit.
    const isDigit = (n: number) =>
      /^(?:one|two|three|four|five|six|seven|eight|nine|oh)$/.test(terms[n]?.text ?? "");
    if (isDigit(at) && (isDigit(at - 1) || isDigit(at + 1)) && number.next <= at + 2 && number.value < 10)
      continue;
    // "Four and a half"; but "five eighths" are inches.
    const isFraction = number.fraction && !(number.value > 1 && Number.isInteger(2 * number.value));
    // "The T20s only need 2": so little only where it is said to be one.
    const isLittle =
      /^(?:needs?|wants?|gets?)$/.test(before) && /^(?:only|just)$/.test(terms[at - 2]?.text ?? "");
    const least = isLittle ? 1 : 3;
    if (taken(at) || isFraction || number.value < least || number.value > 400 || !ends || !said) continue;
    const torque = { value: number.value, unit, decimals: number.fraction ? 1 : number.decimals };
    found.push({
      // Told by a place or by nothing at all it may be the number of something else: that is asked.
      ...(alone || apart || placed || isNear ? { contradicts: true as const } : {}),
      figure: bareFigure(torque, high && { value: high.value, unit, decimals: high.decimals }, after),
      from: at,
      to: number.next,
    });
    at = number.next - 1;
  }
  return found;
}

/**
 * A second torque in the same breath is a further pass where it is said to be one; otherwise the later figure
 * stands.
 */
export function put(group: Group, figure: SaidFigure, said: string, at: number, isNamed: boolean): void {
  const before = group.figures.at(-1);
  // "Then the long bolt, 95" is what is done next, and no second pass over it.
  const further =
    (!isNamed && /\bthen\b/i.test(said)) ||
    /\b(?:second (?:time|round|pass|stage)|final(?:ly)?|round again|next (?:round|time|pass)|and again|(?:pass|stage|step|round) (?:2|3|two|three))\b/i.test(
      said,
    );
  const torques = torquesBefore(before);
  const last = torques?.at(-1);
  if (
    before &&
    torques &&
    last &&
    further &&
    figure.figure.form === "value" &&
    quantityNm(figure.figure.torque) > quantityNm(last) &&
    at - group.figuredAt <= 5
  )
    group.figures[group.figures.length - 1] = {
      ...before,
      figure: { form: "passes", torques: [...torques, figure.figure.torque] },
      span: { start: before.span.start, end: figure.span.end },
    };
  else if (
    before &&
    torques &&
    last &&
    figure.figure.form === "procedure" &&
    figure.figure.moves[0]?.form === "value" &&
    further &&
    figure.figure.moves[0].torque.value > last.value &&
    at - group.figuredAt <= 5
  )
    group.figures[group.figures.length - 1] = {
      ...figure,
      figure: {
        ...figure.figure,
        moves: [
          { form: "passes", torques: [...torques, figure.figure.moves[0].torque] },
          ...figure.figure.moves.slice(1),
        ],
      },
    };
  else group.figures.push(figure);
  group.figuredAt = at;
}

function torquesBefore(before: SaidFigure | undefined) {
  if (before?.figure.form === "value") return [before.figure.torque];
  if (before?.figure.form === "passes") return before.figure.torques;
  return undefined;
}

/**
 * "and then it's another 90 degrees", "a quarter turn more": an angle that stands without its torque, in
 * degrees.
 */
export function angleAlone(
  terms: readonly Term[],
  { from, to }: Clause,
  taken: ReadonlySet<number>,
): number | undefined {
  for (let at = from; at < to; at++) {
    const number = taken.has(at) ? undefined : spokenNumber(terms, at);
    if (!number) continue;
    const unit = terms[number.next]?.text ?? "";
    const before = terms
      .slice(Math.max(from, at - 4), at)
      .map((term) => term.text)
      .join(" ");
    // "Snug + 1/4 turn" is no torque turned further.
    if (
      /\b(?:back|backs|backed|off|loosen|slacken|undo|snug|tight|hand|finger|fingers|seats?|seated|touch\w*)\b/.test(
        before,
      ) ||
      isTurnedBack(terms, number.next)
    )
      continue;
    if (
      /^(?:degrees?|deg|°|º)$/.test(unit) &&
      number.value >= 15 &&
      number.value <= 360 &&
      /\b(?:another|plus|then|further|extra|turn|more|and|only|gets?|\+)\b|\+/.test(before)
    )
      return number.value;
    // "40 plus a quarter turn", "then another half a turn".
    const behind = `${unit} ${terms[number.next + 1]?.text ?? ""}`;
    if (
      number.fraction &&
      number.value <= 0.5 &&
      /^(?:turn\b|a turn$|of a$)/.test(behind) &&
      /(?:\b(?:another|plus|then|further)|\+)(?: (?:another|a|an|further))*$/.test(before)
    )
      return number.value * 360;
    // "they get a 90 after that, so a quarter turn".
    const turned = terms
      .slice(number.next, number.next + 8)
      .some((term, k) => term.text === "quarter" && terms[number.next + k + 1]?.text === "turn");
    if (
      turned &&
      number.value === 90 &&
      /\b(?:gets?|another|plus|then) (?:an? |another )?$/.test(`${before} `)
    )
      return number.value;
  }
  return undefined;
}

/** What the next clause or two say of a figure just said: "that's for the later one". */
export function notThisAfter(
  text: string,
  terms: readonly Term[],
  told: readonly Told[],
  i: number,
): string | undefined {
  const said = saidAfter(text, terms, told, i);
  const setAside = /\bi (?:just )?(?:ignored?|skipped|went past) (?:that|it|this)\b/i.exec(said)?.[0];
  if (setAside) return setAside;
  return /^\W*(?:but |and |so )?(?:that(?:'s| is| was) (?:for|the (?:older|later|other|early|old|automatic|diesel))|that one's for|(?:but )?(?:that's|it's) (?:for )?(?:the )?(?:older|later|early|bigger|other|wrong)|(?:please )?don't(?: (?:do|use) (?:that|it))?$|please don't|don't (?:do|use) (?:that|it)|do not use|which is for|and that was right for|but (?:that's|that is|that was|it's|it is) (?:for |on )?(?:the|a|an) (?!most|max|limit|least|minimum|figure|spec|one (?!of|with|for|from|in)|same|right|correct|main|point|bare|absolute)\w+)/i.exec(
    said,
  )?.[0];
}

export function saidAfter(text: string, terms: readonly Term[], told: readonly Told[], i: number): string {
  const next = told[i + 1];
  return next
    ? saidIn(text, terms, {
        from: next.from,
        to: told[i + 2] && told[i + 2]?.sentence === next.sentence ? (told[i + 2]?.to ?? next.to) : next.to,
      })
    : "";
}

/**
 * An angle said after a torque, "and then another 90 degrees", is turned on from it; said once more in other
 * words it is not.
 */
export function turnFurther(group: Group, angle: number, said: string): void {
  const last = group.figures.at(-1);
  if (!last) return;
  const { figure } = last;
  if (figure.form === "value" || figure.form === "passes") last.figure = turnedOn(figure, [angle]);
  else if (
    figure.form === "procedure" &&
    figure.moves.length < 4 &&
    !/\b(?:that's|so|which is|i\.?e)\b/i.test(said)
  )
    last.figure = turnedOn(figure, [angle]);
}

/**
 * "at 45 first and then at 90", "first time around fifteen and then second time around thirty": the pass said
 * before a figure, without its unit.
 */
export function passBefore(
  terms: readonly Term[],
  at: number,
): { value: number; decimals: number; from: number } | undefined {
  let i = at - 1;
  let then = false;
  for (
    ;
    i >= 0 &&
    at - i < 9 &&
    /^(?:then|second|time|round|pass|around|at|to|the|and|,|\.|again|it's|them|all|go|up|finally|final)$/.test(
      terms[i]?.text ?? "",
    );
    i--
  )
    then ||= /^(?:then|second|final|finally)$/.test(terms[i]?.text ?? "");
  if (!then) return undefined;
  const first = terms[i]?.text === "first";
  if (first) i--;
  const from = [i - 1, i].find((start) => spokenNumber(terms, start)?.next === i + 1);
  const number = from === undefined ? undefined : spokenNumber(terms, from);
  const before = from === undefined ? "" : (terms[from - 1]?.text ?? "");
  const firstTime =
    /^(?:time|round|pass|go|like|about|to|at)$/.test(before) &&
    from !== undefined &&
    terms[from - 2]?.text === "first";
  if (
    !number ||
    from === undefined ||
    number.fraction ||
    !(first || firstTime || /^(?:at|to|around|first|pass|stage)$/.test(before))
  )
    return undefined;
  return { value: number.value, decimals: number.decimals, from };
}

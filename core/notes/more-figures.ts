import { holdingTorques } from "../torque/torques-of";
import { passBefore } from "./figures";
import type { Group } from "./group";
import { spokenNumber } from "./spoken-number";
import { type Walk, type Here, mentionsWithGroups } from "./walk";
import type { FoundTorque } from "./written-torque";

/** "The long ones get 70 foot pounds and the little one 35": a second figure in the unit of the first. */
export function behindWritten(
  { heard: { terms } }: Walk,
  { clause, mentions }: Here,
  first: FoundTorque | undefined,
): FoundTorque[] {
  const unit = first && holdingTorques(first.figure)[0]?.unit;
  if (!first || !unit) return [];
  return mentions.flatMap((mention): FoundTorque[] => {
    const at = /^(?:to|at|gets?|is|are)$/.test(terms[mention.to]?.text ?? "") ? mention.to + 1 : mention.to;
    const number = mention.from >= first.to ? spokenNumber(terms, at) : undefined;
    if (
      !number ||
      number.fraction ||
      number.value < 3 ||
      number.value > 400 ||
      (number.next < clause.to && !/^(?:and|,)$/.test(terms[number.next]?.text ?? ""))
    )
      return [];
    return [
      {
        figure: { form: "value", torque: { value: number.value, unit, decimals: number.decimals } },
        from: at,
        to: number.next,
      },
    ];
  });
}

/**
 * "30 foot pounds, but in two rounds, first time around fifteen and then second time around thirty": the
 * passes to a figure that is known.
 */
export function passesOfLast({ heard: { terms }, last, inTorque }: Walk, { clause }: Here): void {
  const known = last?.figures.at(-1);
  if (known?.figure.form !== "value") return;
  for (let at = clause.from; at < clause.to; at++) {
    const number = inTorque.has(at) ? undefined : spokenNumber(terms, at);
    const pass = number && number.value === known.figure.torque.value ? passBefore(terms, at) : undefined;
    if (!pass || pass.value >= known.figure.torque.value) continue;
    known.figure = {
      form: "passes",
      torques: [{ ...known.figure.torque, value: pass.value, decimals: pass.decimals }, known.figure.torque],
    };
    return;
  }
}

/** So many clauses on, "the same" is still the figure that was said. */
const SOON = 6;

const lastFigured = (groups: readonly Group[], but: Group, at: number): Group | undefined =>
  groups
    .filter((group) => group !== but && group.figures.length > 0 && at - group.figuredAt <= SOON)
    .sort((a, b) => b.figuredAt - a.figuredAt)[0];

/** "upper plug same as lower", "the rear ones same as the front": one has what is known of the other. */
export function sameAs({ heard: { told }, groups, last }: Walk, here: Here): void {
  const [named, ...more] = mentionsWithGroups(here).map(({ group }) => group);
  // "Rear shackle has two bolts, same size".
  const isTail =
    /^\W*(?:and |also |all |both )*(?:the )?same (?:sizes?|heads?)\W*$/i.test(here.said) &&
    last?.first === here.i - 1 &&
    told[last.first]?.sentence === here.clause.sentence;
  const one = named ?? (isTail ? last : undefined);
  // "Top nut 18, hold the stud with a 6 allen. Bottom nut same."
  const before = one && groups[groups.indexOf(one) - 1];
  const isSame = /\b(?:the )?same(?: again| size| there)?\W*$/i.test(here.said) && more.length === 0;
  const isNew = one !== undefined && (isTail || one.first === here.i);
  if ((isSame || isTail) && isNew && one.undo === undefined && before?.family === one.family) {
    one.undo = before.undo;
    one.hold = before.hold;
    if (before.traits.has("counter-hold")) one.traits.add("counter-hold");
  }
  // "Thirty to fifty foot pounds. The eye bolt the same."
  const isOpen =
    here.goingBack &&
    !/\bsame size\b/i.test(here.said) &&
    one?.undo !== undefined &&
    one.figures.length === 0;
  const figured = isOpen ? lastFigured(groups, one, here.i) : undefined;
  if (isSame && one && figured) one.figures.push(...figured.figures.slice(-1));
  // "Same torque"; "harness nuts same thing".
  const isSameFigure =
    /\bsame (?:torque|figure|number|spec)\b/i.test(here.said) ||
    (here.goingBack && /\b(?:same thing|ditto)\W*$/i.test(here.said));
  const mine = one ?? last;
  const theirs = isSameFigure && mine?.figures.length === 0 ? lastFigured(groups, mine, here.i) : undefined;
  if (mine && theirs) mine.figures.push(...theirs.figures.slice(-1));
  const as = /\bsame as (?:the |for the |on the )?(\w+)/i.exec(here.said)?.[1]?.toLowerCase();
  if (!one || !as) return;
  const other = groups.find((group) => group !== one && group.family === one.family && group.marks.has(as));
  if (!other) return;
  if (one.figures.length === 0) one.figures.push(...other.figures);
  one.undo ??= other.undo;
  one.doUp ??= other.doUp;
}

import type { Decide } from "../model/decide";
import type { Cause, Check, Topic } from "./topic";

export interface JudgedCause {
  id: string;
  name: string;
  /** Among the causes that are written down, 0 to 1. */
  chance: number;
  /** Results that speak for it and against it, in words. */
  evidenceFor: string[];
  evidenceAgainst: string[];
  handOver: string | undefined;
  /** The sheet on the shelf that puts it right. */
  sheet: string | undefined;
}

/**
 * A result that is so many times likelier with a cause than without speaks for it; so many times less,
 * against.
 */
const TELLING = 1.5;
/** What one line of evidence of a person's own counts for. */
const OWN_FACTOR = 3;

/** The result of a check that was written down, as its place among the results. */
function resultOf(check: Check, { results }: Decide): number | undefined {
  const at = check.results.indexOf(results[check.id] ?? "");
  return at < 0 ? undefined : at;
}

function likelihood(check: Check, cause: string, result: number): number {
  return check.tells[cause]?.[result] ?? 1 / check.results.length;
}

/**
 * The causes of a symptom with how likely each is after the checks made so far, the likeliest first.
 * By Bayes' rule, the checks taken as telling apart from each other. It orders the looking; it proves
 * nothing.
 */
export function judgeCauses(topic: Topic, decide: Decide): JudgedCause[] {
  const made = topic.checks.flatMap((check) => {
    const result = resultOf(check, decide);
    return result === undefined ? [] : [{ check, result }];
  });
  const average = ({ check, result }: { check: Check; result: number }) =>
    topic.causes.reduce((sum, { id, often }) => sum + often * likelihood(check, id, result), 0) /
    topic.causes.reduce((sum, { often }) => sum + often, 0);
  const known = topic.causes.map(({ id, name, often, handOver, sheet }: Cause) => {
    const telling = made.map((one) => ({
      says: `${one.check.ask}: ${one.check.results[one.result] ?? ""}`,
      ratio: likelihood(one.check, id, one.result) / average(one),
    }));
    return {
      id,
      name,
      handOver,
      sheet,
      weight: made.reduce((product, { check, result }) => product * likelihood(check, id, result), often),
      evidenceFor: telling.filter(({ ratio }) => ratio >= TELLING).map(({ says }) => says),
      evidenceAgainst: telling.filter(({ ratio }) => ratio <= 1 / TELLING).map(({ says }) => says),
    };
  });
  const usual = topic.causes.reduce((sum, { often }) => sum + often, 0) / topic.causes.length;
  const neutral = made.reduce((product, one) => product * average(one), usual);
  const own = decide.own.map((cause) => ({
    id: cause.id,
    name: cause.name,
    handOver: undefined,
    sheet: undefined,
    weight: neutral * OWN_FACTOR ** (cause.for.length - cause.against.length),
    evidenceFor: cause.for,
    evidenceAgainst: cause.against,
  }));
  const all = [...known, ...own];
  const total = all.reduce((sum, { weight }) => sum + weight, 0);
  return all
    .map(({ weight, ...cause }) => ({ ...cause, chance: total > 0 ? weight / total : 1 / all.length }))
    .sort((a, b) => b.chance - a.chance);
}

/**
 * The check not made yet that tells the two likeliest causes apart best; undefined when none does or all are
 * made.
 */
export function nextCheck(
  topic: Topic,
  decide: Decide,
): { check: Check; between: [string, string] } | undefined {
  const [first, second] = judgeCauses(topic, decide);
  if (!first || !second) return undefined;
  const open = topic.checks.filter((check) => resultOf(check, decide) === undefined);
  const power = (check: Check) =>
    check.results.reduce(
      (sum, _, result) =>
        sum + Math.abs(likelihood(check, first.id, result) - likelihood(check, second.id, result)),
      0,
    );
  const best = [...open].sort((a, b) => power(b) - power(a))[0];
  return best && power(best) > 0.1 ? { check: best, between: [first.name, second.name] } : undefined;
}

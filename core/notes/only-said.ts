import type { Term } from "./terms";
import { AWAY, HEADS, HOME, NAME_VERBS } from "./vocabulary";

/** Said with the verb of a deed, and none: "do every step", "take your time", "see the tear here". */
export function isOnlySaid(terms: readonly Term[], at: number, to: number): boolean {
  const text = (n: number) => (n < to ? (terms[n]?.text ?? "") : "");
  const [word, next, after] = [text(at), text(at + 1), text(at + 2)];
  if (/^(?:themselves|itself|yourself|himself)$/.test(next)) return true;
  switch (word) {
    case "do":
      return !terms.slice(at + 1, Math.min(to, at + 7)).some((term) => Object.hasOwn(HEADS, term.text));
    case "turn":
    case "turned":
      // "It turned out to be the switch."
      return next === "out" && /^(?:to|that|it)$/.test(after);
    case "paint":
      return terms[at + 1]?.tag === "mark";
    case "took":
      // "Took me five hours".
      return !/^(?:the|it|them|em|that|those|this|these|my|off|out)$/.test(next);
    case "take":
      // "Take it for a drive" is said among what proves it.
      if (after === "for" && text(at + 3) === "a") return true;
      return /^(?:time|care|note|turns?|break)$/.test(/^(?:your|a|good|extra|it)$/.test(next) ? after : next);
    case "see":
    case "feel":
      return !/^(?:if|whether|how|for|that)$/.test(next) || (/^(?:that|for)$/.test(next) && after === "");
    case "look":
    case "listen":
      return /^(?:here|carefully|now|guys|folks)$/.test(next);
    case "start":
      return /^(?:over|again|with|from|at|in|on)$/.test(next);
    default:
      return false;
  }
}

/** Names of parts that begin with what looks like a verb, and are told with nothing behind them. */
const TWO_WORDS =
  /^(?:drop (?:link|arm)|push ?rod|slide pin|lift pump|feed (?:pump|line)|drive (?:shaft|belt))s?$/;

/** "Drain plug", "feed hose off": a name, and nothing that is drained or fed. */
export function isCompound(terms: readonly Term[], at: number, from: number): boolean {
  const [word, next, after] = [0, 1, 2].map((n) => terms[at + n]?.text ?? "");
  if (at !== from || !NAME_VERBS.has(word ?? "")) return false;
  if (TWO_WORDS.test(`${word} ${next}`)) return true;
  if (Object.hasOwn(HEADS, next ?? "")) return true;
  return (
    terms[at + 1]?.tag === "noun" &&
    !/^(?:em|them|it)$/.test(next ?? "") &&
    (AWAY.has(after ?? "") || HOME.has(after ?? ""))
  );
}

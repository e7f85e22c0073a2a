import { text } from "./counts";
import type { Group } from "./group";
import { type FoundSize, USUAL } from "./size-words";
import { spokenNumber } from "./spoken-number";
import { HEADS, PLACES } from "./vocabulary";
import { type Here, type Walk, mentionsWithGroups } from "./walk";

/** A head of a clause that is told by its number alone, and whether it is as good as said. */
export interface BareHead {
  size: Extract<FoundSize, { kind: "head" }>;
  isSure: boolean;
}

/** Smaller heads are told with their unit: by itself such a number counts something. */
const SMALLEST = 7;

/**
 * "Nut is nineteen, take it off", "one bolt on the bottom, fourteen": a number that no unit follows, of what
 * has no head yet and comes off, and which nothing else can be the number of.
 */
export function bareHead(walk: Walk, here: Here): BareHead | undefined {
  const { terms } = walk.heard;
  const { clause } = here;
  if (here.notThis || here.sizes.length > 0 || OF_SOMETHING_ELSE.test(here.said)) return undefined;
  const group = aimedAt(walk, here);
  // As things go back a number is a figure, but of what was not named before, "also 12".
  const isAlso = terms[clause.from]?.text === "also" && (group?.first ?? 0) >= walk.turn;
  if (here.goingBack && !isAlso) return undefined;
  if (!group || group.undo || /^(?:clip|terminal)$/.test(group.family)) return undefined;
  const from = here.mentions.at(-1)?.to ?? clause.from;
  for (let at = from; at < clause.to; at++) {
    const number = spokenNumber(terms, at);
    if (!number) continue;
    if (
      !number.fraction &&
      number.decimals === 0 &&
      number.value >= SMALLEST &&
      USUAL.has(number.value) &&
      number.value !== group.count &&
      !walk.inTorque.has(at) &&
      (number.next === clause.to || (isAlso && walk.inTorque.has(number.next))) &&
      leadsIn(terms[at - 1]?.text ?? "")
    )
      return {
        size: {
          kind: "head",
          head: { profile: "hexagon", unit: "mm", size: number.value },
          from: at,
          to: number.next,
        },
        isSure: SAYS_SO.test(terms[at - 1]?.text ?? ""),
      };
    at = Math.max(at, number.next - 1);
  }
  return undefined;
}

/** What is torqued, counted, turned, priced or dated so. */
const OF_SOMETHING_ELSE =
  /\b(?:torqued?|figure|tight(?:en\w*)?|snug|turns?|marks?|cylinders?|number|stage|step|threads?|grade|page|cost|price|paid|years?|times?|o'clock|minutes?|degrees?)\b/i;

const SAYS_SO = /^(?:is|are|it's|they're|that's|those|a|an)$/;

const leadsIn = (before: string) =>
  SAYS_SO.test(before) ||
  PLACES.has(before) ||
  Object.hasOwn(HEADS, before) ||
  /^(?:ones?|lot|all|both|also|it|[,:])$/.test(before);

/** The one fastener that a clause speaks of, or points back to. */
function aimedAt(walk: Walk, here: Here): Group | undefined {
  const named = mentionsWithGroups(here).map(({ group }) => group);
  if (named.length > 0) return named.every((one) => one === named[0]) ? named[0] : undefined;
  const { last } = walk;
  const points = /^\W*(?:and |so )?(?:it|that|they|those|these)(?:'s|'re| is| are)\b/i.test(here.said);
  const alone = here.clause.to - here.clause.from <= 2;
  // "And the ball joint nut? A: 18": a letter that says who speaks is no clause between.
  const before = walk.heard.told[here.i - 1];
  const near =
    before && before.to - before.from === 1 && /^[a-z]$/.test(text(walk.heard.terms, before.from)) ? 2 : 1;
  return here.mentions.length === 0 && (points || alone) && last && here.i - last.last <= near
    ? last
    : undefined;
}

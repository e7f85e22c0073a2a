import { behind, wordsFrom } from "./behind";
import { isAction } from "./clauses";
import { text } from "./counts";
import type { Family, Mention } from "./mention";
import type { Term } from "./terms";
import { HEADS, PART_HEADS, SHAPES, TOOL_HEADS } from "./vocabulary";

/** The word of a fastener where something else is spoken of: a tool, a part, where another one sits. */
export const isNoFastener = (
  terms: readonly Term[],
  at: number,
  from: number,
  family: Family,
  mentions: readonly Mention[],
): boolean =>
  isOfAnother(terms, at) ||
  isClampOfTool(terms, at, from) ||
  isPlaceOnly(terms, at, from) ||
  isToldWith(terms, at, family, mentions);

/** "Clip it back on", "screw the new one in": something done. */
export function isVerb(terms: readonly Term[], at: number): boolean {
  const next = text(terms, at + 1);
  // "Clip in ball ends", and not "bolt in the middle".
  const leads =
    at === 0 ||
    /^(?:mark|conjunction|adverb)$/.test(terms[at - 1]?.tag ?? "") ||
    /^(?:then|and|now|floor|on)$/.test(text(terms, at - 1));
  if (
    leads &&
    /^(?:clip|plug|bolt|screw|pin|clamp)$/.test(text(terms, at)) &&
    /^(?:in|on|up|down|back|together)$/.test(next) &&
    terms[at + 2]?.tag === "noun"
  )
    return true;
  // "Screw the new one on".
  if (leads && /^(?:screw|bolt)$/.test(text(terms, at)) && /^(?:the|it|them|your)$/.test(next)) return true;
  const before = text(terms, at - 1);
  if (
    /^(?:to|gonna|will|can|must|don't|i|you|we|just)$/.test(before) &&
    !/s$/.test(text(terms, at)) &&
    /^(?:the|a|an|it|them|your|my|on|up|in|everything)$/.test(next)
  )
    return true;
  return (
    isAction(terms, at) && /^(?:the|a|an|it|your|my|everything)$/.test(next) && terms[at - 1]?.tag !== "noun"
  );
}

/** "Bolt head", "stud puller", "drain plug washer": the last noun is what is spoken of. */
function isOfAnother(terms: readonly Term[], at: number): boolean {
  const next = text(terms, at + 1);
  // "The bolt in kind, not the press in kind."
  const isKind =
    /^(?:in|on|up|-)$/.test(next) && /^(?:kind|type|sort|style|design)$/.test(text(terms, at + 2));
  const isPart = terms[at + 1]?.tag === "noun" && PART_HEADS.has(next) && !HEADS[next];
  const isLater = HEADS[next] !== undefined && !/^(?:pins?|clips?)$/.test(next) && !SHAPES.has(next);
  // "two screws torx 25": the screws are spoken of.
  const isHead =
    SHAPES.has(text(terms, at)) &&
    (TOOL_HEADS.has(next) ||
      terms[at + 1]?.tag === "number" ||
      /^[te]\d/.test(next) ||
      HEADS[text(terms, at - 1)] !== undefined);
  return OF_ONE.test(next) || isKind || isPart || isLater || isHead;
}
const OF_ONE =
  /^(?:heads?|hole|holes|puller|splitter|extractor|driver|remover|circle|pattern|thread|threads|kit|grease|gauge|cutter|pliers|tool|spanner|wrench|socket|set|box|end|ends|side|plate|bracket|bar|rail|strap|seals?|o-rings?|boots?|flats?|faces?)$/;

/** A C clamp is a tool, and so is what something is clamped with. */
const isClampOfTool = (terms: readonly Term[], at: number, from: number): boolean =>
  /^clamps?$/.test(text(terms, at)) &&
  (/^[cg]$/.test(text(terms, at - 1)) ||
    /\b(?:clamp|pinch|squeeze|close|shut)\b.* with (?:a|the|my|your) (?:\w+ )?$/.test(
      `${wordsFrom(terms, from, at)} `,
    ));

/** "a strap on one of the studs", "hit it between the studs": where it sits. */
function isPlaceOnly(terms: readonly Term[], at: number, from: number): boolean {
  const before = `${wordsFrom(terms, Math.max(from, at - 6), at)} `;
  return (
    /\bbetween (?:the|those|two of the) (?:\w+ )?$/.test(before) ||
    /\b(?:on|to|off|from|under|behind) (?:one|two) of the (?:\w+ )?$/.test(before)
  );
}

/** What was named before it has it already. */
function isToldWith(
  terms: readonly Term[],
  at: number,
  family: Family,
  mentions: readonly Mention[],
): boolean {
  // "nuts on studs", "a nut on the ball stud": where the nut sits.
  const isSeat =
    /^(?:stud|bolt)$/.test(family) &&
    mentions.some(
      (one) =>
        one.family === "nut" &&
        (family === "stud" || text(terms, one.to) === "of") &&
        one.to + behind(terms, one.to).words.length > at,
    );
  // "one little bolt with a wire clip on it": what hangs on the bolt.
  const bearer = mentions.at(-1);
  const hangs =
    family === "clip" &&
    bearer !== undefined &&
    /^(?:bolt|nut|stud)$/.test(bearer.family) &&
    text(terms, bearer.to) === "with" &&
    at - bearer.to <= 4;
  // "Bolts and nuts": told as one already.
  return isSeat || hangs || mentions.some((one) => one.through && one.family === "bolt" && at < one.to);
}

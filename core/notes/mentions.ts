import { othersIn } from "./anaphora";
import { batteryTerminal } from "./battery";
import { behind, wordsFrom } from "./behind";
import { type Clause, isAction } from "./clauses";
import { countBefore, isDefinite, isPerSide, ofThem, text } from "./counts";
import { type Family, type Mention, marksOf, mentionAt, singular } from "./mention";
import { nameBefore } from "./name-before";
import { isPlugByName, isWired, onlyPlug } from "./plugs";
import { screwedThing } from "./screwed-thing";
import { type FoundSize } from "./size-words";
import { spokenNumber } from "./spoken-number";
import type { Term } from "./terms";
import { FASTENING_PIN, HEADS, PART_HEADS, PLACES, SCREWED_PLUG } from "./vocabulary";
import { asOne } from "./what-it-is";

/** Every fastener that a run of words speaks of. */
export function mentionsIn(
  terms: readonly Term[],
  { from, to }: Clause,
  sizes: readonly FoundSize[],
  taken: ReadonlySet<number>,
): Mention[] {
  const mentions: Mention[] = [];
  const sizeEndingAt = (at: number) => sizes.find((size) => size.kind !== "length" && size.to === at);
  const sizeStartingAt = (at: number) => sizes.some((size) => size.kind === "head" && size.from === at);
  for (let at = from; at < to; at++) {
    const word = text(terms, at);
    const family = HEADS[word];
    if (family && !isVerb(terms, at) && !taken.has(at)) {
      // "bolt head", "stud puller", "nut splitter": the last noun is what is spoken of.
      if (
        /^(?:heads?|hole|holes|puller|splitter|extractor|driver|remover|circle|pattern|thread|threads|kit|grease|gauge|cutter|pliers|tool|spanner|wrench|socket|set|box|end|ends|side|plate|bracket|seals?|o-rings?|boots?|flats?|faces?)$/.test(
          text(terms, at + 1),
        )
      )
        continue;
      // "The bolt in kind, not the press in kind."
      if (
        /^(?:in|on|up|-)$/.test(text(terms, at + 1)) &&
        /^(?:kind|type|sort|style|design)$/.test(text(terms, at + 2))
      )
        continue;
      // A C clamp is a tool, and so is what something is clamped with.
      if (
        /^clamps?$/.test(word) &&
        (/^[cg]$/.test(text(terms, at - 1)) ||
          /\b(?:clamp|pinch|squeeze|close|shut)\b.* with (?:a|the|my|your) (?:\w+ )?$/.test(
            `${wordsFrom(terms, from, at)} `,
          ))
      )
        continue;
      // "a strap on one of the studs", "hit it between the studs": where it sits.
      if (
        /\bbetween (?:the|those|two of the) (?:\w+ )?$/.test(`${before(terms, at, from)} `) ||
        /\b(?:on|to|off|from|under|behind) (?:one|two) of the (?:\w+ )?$/.test(`${before(terms, at, from)} `)
      )
        continue;
      // "two screws torx 25": the screws are spoken of.
      if (
        word === "torx" &&
        (terms[at + 1]?.tag === "number" || /^[te]\d/.test(text(terms, at + 1)) || HEADS[text(terms, at - 1)])
      )
        continue;
      // "drain plug washer": a part that goes with it.
      if (terms[at + 1]?.tag === "noun" && PART_HEADS.has(text(terms, at + 1)) && !HEADS[text(terms, at + 1)])
        continue;
      if (HEADS[text(terms, at + 1)] && !/^(?:pins?|clips?|torx)$/.test(text(terms, at + 1))) continue;
      // "nuts on studs", "a nut on the ball stud": where the nut sits.
      if (
        /^(?:stud|bolt)$/.test(family) &&
        mentions.some(
          (one) =>
            one.family === "nut" &&
            (family === "stud" || text(terms, one.to) === "of") &&
            one.to + behind(terms, one.to).words.length > at,
        )
      )
        continue;
      // "one little bolt with a wire clip on it": what hangs on the bolt.
      const bearer = mentions.at(-1);
      if (
        family === "clip" &&
        bearer &&
        /^(?:bolt|nut|stud)$/.test(bearer.family) &&
        text(terms, bearer.to) === "with" &&
        at - bearer.to <= 4
      )
        continue;
      // "Bolts and nuts": told as one already.
      if (mentions.some((one) => one.through && one.family === "bolt" && at < one.to)) continue;
      const mention = named(terms, at, from, family, sizeEndingAt, taken, sizeStartingAt);
      if (mention) mentions.push(mention);
      continue;
    }
    if (isPlugByName(terms, at, from)) {
      mentions.push(
        mentionAt(at, at + 1, {
          family: "plug",
          head: "plug",
          marks: [word],
          name: `${word} plug`,
          count: 1,
          definite: true,
        }),
      );
      continue;
    }
    // "The two M10s that hold the bracket": bolts by their thread.
    const thread = word === "m" && text(terms, at + 2) === "s" ? text(terms, at + 1) : "";
    if (/^\d{1,2}$/.test(thread) && terms[at + 2]?.start === terms[at + 1]?.end) {
      const { count, start } = countBefore(terms, at, from);
      mentions.push(
        mentionAt(start, at + 3, {
          family: "bolt",
          head: "bolts",
          marks: [`m${thread}`],
          name: `M${thread} bolts`,
          count,
          definite: isDefinite(terms, start),
        }),
      );
      continue;
    }
    const called = batteryTerminal(terms, at) ?? screwedThing(terms, at, from);
    if (called) mentions.push(called);
  }
  mentions.push(...othersIn(terms, { from, to }, sizes, taken, mentions));
  for (const mention of mentions) mention.marks = [...mention.marks, ...heightBehind(terms, mention)];
  return asOne(
    terms,
    mentions.sort((a, b) => a.from - b.from),
  );
}

/** "One bolt up high", "a nut down low": the upper and the lower one. */
function heightBehind(terms: readonly Term[], { to, marks, count }: Mention): string[] {
  const words = wordsFrom(terms, to, to + 2);
  if (count !== 1 || marks.some((mark) => PLACES.has(mark))) return [];
  if (/^(?:up (?:high|top)|high up)$/.test(words)) return ["upper"];
  return /^(?:down low|low down)$/.test(words) ? ["lower"] : [];
}

/** The words straight before one, within a clause. */
const before = (terms: readonly Term[], at: number, from: number): string =>
  terms
    .slice(Math.max(from, at - 6), at)
    .map((term) => term.text)
    .join(" ");

/** "Cover bolts 13x 10 mm", "coil bolts x4": how many, behind their name. */
function timesBehind(terms: readonly Term[], at: number): number | undefined {
  const [first, second] = /^[x×]$/.test(text(terms, at)) ? [at + 1, at] : [at, at + 1];
  const number = spokenNumber(terms, first);
  return number &&
    /^[x×]$/.test(text(terms, second)) &&
    Number.isInteger(number.value) &&
    number.value >= 2 &&
    number.value <= 32
    ? number.value
    : undefined;
}

/** What a head says of its fastener besides: a locknut is another than the nut that it locks. */
const KINDS: Readonly<Record<string, readonly string[]>> = { banjo: ["banjo"], locknut: ["lock"] };

function isVerb(terms: readonly Term[], at: number): boolean {
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

/** "The plugs", where a text speaks of what only spark plugs have. */
const speaksOfSparks = (terms: readonly Term[]): boolean =>
  terms.some(
    ({ text: word }, at) =>
      word === "spark" ||
      /^(?:gap|gapped|pregapped)$/.test(word) ||
      (word === "plug" && /^(?:socket|wells?|tubes?)$/.test(text(terms, at + 1))) ||
      (/^coils?$/.test(word) && /^packs?$/.test(text(terms, at + 1))),
  );

function named(
  terms: readonly Term[],
  at: number,
  from: number,
  family: Family,
  sizeEndingAt: (at: number) => FoundSize | undefined,
  taken: ReadonlySet<number>,
  sizeStartingAt: (at: number) => boolean,
): Mention | undefined {
  const noun = text(terms, at);
  const { start, marks, size } = nameBefore(terms, at, from, sizeEndingAt, taken);
  if (
    /^torx$/.test(noun) &&
    (marks.some((mark) => /^(?:inverted|external|male|internal|inside|outside)$/.test(mark)) ||
      /^(?:a|an|the|not)$/.test(text(terms, start - 1)))
  )
    return undefined;
  if (noun === "plugs" && marks.length === 0 && !size && speaksOfSparks(terms)) marks.push("spark");
  const only = noun === "plug" && marks.length === 0 ? onlyPlug(terms) : undefined;
  if (only && (start === from || /^(?:the|that|this|new)$/.test(text(terms, start - 1)))) marks.push(only);
  // "The plug is a 14 mm hex key", "that plug's 35 Nm": turned, and not pushed in.
  const turned =
    /^(?:the|that|this|my|your)$/.test(text(terms, start - 1)) &&
    [1, 2, 3, 4, 5].some((n) => taken.has(at + n) || sizeStartingAt(at + n));
  // "While in there plugs 16 mm thin wall".
  const isSized = sizeStartingAt(at + 1) && !/^(?:connector|wiring|harness)$/.test(text(terms, at - 1));
  // "Gearbox plug 30".
  const figured =
    noun === "plug" && marks.length > 0 && !isWired(terms) && spokenNumber(terms, at + 1) !== undefined;
  if (
    family === "plug" &&
    !marks.some((mark) => SCREWED_PLUG.has(mark)) &&
    !size &&
    !turned &&
    !isSized &&
    !figured &&
    !(noun === "plugs" && /^(?:both|all|two)$/.test(text(terms, start - 1)))
  )
    return undefined;
  if (family === "pin" && !marks.some((mark) => FASTENING_PIN.has(mark))) return undefined;
  // The end of a cable, where nothing is bled.
  if (
    /^nipples?$/.test(noun) &&
    (marks.includes("grease") || !terms.some((term) => /^(?:bleed|fluid)/.test(term.text)))
  )
    return undefined;
  // Stays where it is by itself.
  if (marks.some((mark) => /^(?:captive|caged|welded)$/.test(mark))) return undefined;
  if (noun === "terminals" && marks.length === 0) marks.push("battery");
  if (family === "terminal" && !marks.some((mark) => /^(?:battery|negative|positive|earth)$/.test(mark)))
    return undefined;
  // "A fitting that's a sixteen": no other fitting is told by its head.
  const sizedBehind =
    [1, 2, 3, 4].some((n) => sizeStartingAt(at + n)) ||
    (/^(?:that's|it's|they're|that)$/.test(text(terms, at + 1)) &&
      [2, 3].some((n) => (spokenNumber(terms, at + n)?.value ?? 0) > 6));
  if (family === "union" && marks.length === 0 && noun.startsWith("fitting") && !sizedBehind)
    return undefined;
  // "Bleed it, the nipple's a …".
  if (
    /^nipples?$/.test(noun) &&
    terms.slice(Math.max(0, at - 8), at).some((term) => /^bleed/.test(term.text))
  )
    marks.unshift("bleed");
  // What holds a wheel, whatever else it is called.
  if (/^lug/.test(noun) && !marks.includes("wheel")) marks.unshift("wheel");
  const after = behind(terms, at + 1);
  const { count, start: counted } = countBefore(terms, start, from);
  // "The top two bolts": where they are, before how many.
  const place = text(terms, counted - 1);
  const isPlaced =
    count !== undefined && PLACES.has(place) && /^(?:the|those|these)$/.test(text(terms, counted - 2));
  if (isPlaced) marks.unshift(place);
  const through =
    /^(?:and|with)$/.test(text(terms, at + 1)) &&
    /^(?:nuts?|bolts?)$/.test(text(terms, at + 2)) &&
    HEADS[text(terms, at + 2)] !== family;
  return {
    from: counted,
    to: through ? at + 3 : at + 1,
    family,
    head: noun,
    marks: marksOf([
      ...marks,
      ...(KINDS[singular(noun)] ?? []),
      ...(marks.includes("lug") ? ["wheel"] : []),
      ...after.marks,
    ]),
    name: [...marks, noun, ...(marks.length === 0 ? after.words : [])].join(" "),
    count: count ?? ofThem(terms, at + 1) ?? timesBehind(terms, at + 1),
    perSide: isPerSide(terms, at + 1),
    // "that's just the one bolt" is told for the first time.
    definite:
      isPlaced ||
      (isDefinite(terms, counted) && !(count === 1 && text(terms, counted + 1) === "one")) ||
      /^(?:every|each)$/.test(text(terms, counted - 1)),
    pointing: false,
    through,
  };
}

import { type Clause, isAction } from "./clauses";
import { batteryTerminal } from "./battery";
import { countBefore, isDefinite, isPerSide, isPointing, ofThem, text } from "./counts";
import { type FoundSize } from "./scan-size";
import { spokenNumber } from "./spoken-number";
import type { Term } from "./terms";
import { FASTENING_PIN, HEADS, NOT_IN_NAME, ONES, OPPOSITES, PART_HEADS, SCREWED_PLUG, TOOL_HEADS } from "./vocabulary";

export type Family = (typeof HEADS)[string] | "one";

/** A fastener spoken of, by word numbers: by its name, as "the long one", or by its size, as "those two 13s". */
export interface Mention extends Clause {
  family: Family;
  /** The head as it was said; for "one" and sizes empty. */
  head: string;
  /** What tells it from others, each word without its plural. */
  marks: readonly string[];
  /** As it was said, without article and count. */
  name: string;
  count: number | undefined;
  /** "each side", "a wheel": the count is said of one of two. */
  perSide: boolean;
  /** Said with "the", "those" or "all": it has been named before, or is about to be clear. */
  definite: boolean;
  /** Told by its size alone: "those two 13s". */
  sized?: true;
  /** Some of a group, by where they are: "the front two". */
  some?: true;
  /** "these are", "they're": whatever was spoken of just now, and nothing else. */
  pointing: boolean;
  /** A pair of "bolt and nut": both are one. */
  through: boolean;
}

export const singular = (word: string) => word.replace(/(?<=[a-z]{3})(?:(?<=sh|ch|ss|x)es|s)$/, (end, at: number) => (/(?:ss|is|us)$/.test(word) ? end : at ? "" : ""));

/** Every fastener that a run of words speaks of. */
export function mentionsIn(terms: readonly Term[], { from, to }: Clause, sizes: readonly FoundSize[], taken: ReadonlySet<number>): Mention[] {
  const mentions: Mention[] = [];
  const sizeEndingAt = (at: number) => sizes.find((size) => size.what !== "length" && size.to === at);
  for (let at = from; at < to; at++) {
    const word = text(terms, at);
    const family = HEADS[word];
    if (family && !isVerb(terms, at) && !taken.has(at)) {
      // "bolt head", "stud puller", "nut splitter": the last noun is what is spoken of.
      if (
        /^(?:heads?|hole|holes|puller|splitter|extractor|driver|remover|circle|pattern|thread|threads|kit|grease|gauge|cutter|pliers|tool|spanner|wrench|socket|set|box|end|ends|side|plate|bracket)$/.test(
          text(terms, at + 1),
        )
      )
        continue;
      // "drain plug washer": a part that goes with it.
      if (terms[at + 1]?.tag === "noun" && PART_HEADS.has(text(terms, at + 1)) && !HEADS[text(terms, at + 1)]) continue;
      if (HEADS[text(terms, at + 1)] && !/^(?:pins?|clips?)$/.test(text(terms, at + 1))) continue;
      const mention = named(terms, at, from, family, sizeEndingAt);
      if (mention) mentions.push(mention);
      continue;
    }
    const battery = batteryTerminal(terms, at);
    if (battery) {
      mentions.push(battery);
      continue;
    }
    if (ONES.has(word) && !taken.has(at)) {
      const mention = anaphor(terms, at, from);
      if (mention) mentions.push(mention);
    }
  }
  // "the front two", "those top three": some of what was named, told by where they are.
  for (let at = from + 1; at < to; at++) {
    const number = spokenNumber(terms, at);
    if (!number || number.fraction || number.value < 2 || number.value > 12 || !PLACES.has(text(terms, at - 1)) || !/^(?:the|those|these|and)$/.test(text(terms, at - 2))) continue;
    if (HEADS[text(terms, number.next)] || terms[number.next]?.tag === "noun" || sizes.some((size) => size.from === at) || taken.has(at)) continue;
    mentions.push({
      from: at - 2,
      to: at + 1,
      family: "one",
      some: true,
      head: "",
      marks: [text(terms, at - 1)],
      name: text(terms, at - 1),
      count: number.value,
      perSide: false,
      definite: true,
      pointing: false,
      through: false,
    });
  }
  // "two 10s", "the 13s": a size in the plural is what it fits.
  for (const size of sizes) {
    const lobes = size.what === "head" && /^six-lobe|spline/.test(size.head.profile);
    if (
      size.what !== "head" ||
      size.from < from ||
      size.to > to ||
      (lobes && !/s$/.test(text(terms, size.to - 1)) && countBefore(terms, size.from, from).count === undefined) ||
      (!lobes && !/s$/.test(text(terms, size.to - 1)) && !/^[x×]$/.test(text(terms, size.from - 1))) ||
      (/^(?:mm|mils|inches|millimetres|millimeters)$/.test(text(terms, size.to - 1)) && !/^[x×]$/.test(text(terms, size.from - 1)))
    )
      continue;
    if (TOOL_HEADS.has(text(terms, size.to))) continue;
    const { count, start } = countBefore(terms, size.from, from);
    if (mentions.some((one) => one.from <= size.to && one.to >= size.from - 1)) continue;
    mentions.push({
      from: start,
      to: size.to,
      family: "one",
      sized: true,
      head: "",
      marks: [],
      name: "",
      count,
      perSide: isPerSide(terms, size.to),
      definite: isDefinite(terms, start),
      pointing: isPointing(terms, start - 1),
      through: false,
    });
  }
  // "there's three of them": whatever they are, their size comes with them.
  for (let at = from; at < to && mentions.length === 0; at++) {
    const number = spokenNumber(terms, at);
    if (!number || number.fraction || number.value > 30 || text(terms, number.next) !== "of" || !/^(?:them|em|these|those)$/.test(text(terms, number.next + 1))) continue;
    mentions.push({
      from: at,
      to: number.next + 2,
      family: "one",
      sized: true,
      head: "",
      marks: [],
      name: "",
      count: number.value,
      perSide: isPerSide(terms, number.next + 2),
      definite: false,
      pointing: false,
      through: false,
    });
  }
  return mentions.sort((a, b) => a.from - b.from);
}

const PLACES = new Set(OPPOSITES.flat());

function isVerb(terms: readonly Term[], at: number): boolean {
  const next = text(terms, at + 1);
  if (/^(?:it|them|that|those|these)$/.test(next) && !/^(?:that|those|these)$/.test(next)) return true;
  const before = text(terms, at - 1);
  if (/^(?:to|gonna|will|can|must|don't|i|you|we|just)$/.test(before) && !/s$/.test(text(terms, at)) && /^(?:the|a|an|it|them|your|my|on|up|in|everything)$/.test(next))
    return true;
  return isAction(terms, at) && /^(?:the|a|an|it|your|my|everything)$/.test(next) && terms[at - 1]?.tag !== "noun";
}

function named(terms: readonly Term[], at: number, from: number, family: Family, sizeEndingAt: (at: number) => FoundSize | undefined): Mention | undefined {
  const noun = text(terms, at);
  let start = at;
  const marks: string[] = [];
  let size: FoundSize | undefined;
  for (let i = at - 1; i >= from; i--) {
    const found = sizeEndingAt(i + 1) ?? (/^(?:head|headed|hex|socket|-)$/.test(text(terms, i)) ? sizeEndingAt(i) : undefined);
    if (found && found.from >= from) {
      size = found;
      start = found.from;
      i = found.from;
      continue;
    }
    const word = text(terms, i);
    if (word === "-" && at - i < 5) continue;
    if (NOT_IN_NAME.has(word) || !/^[a-zà-ÿ-]+$/.test(word) || spokenNumber(terms, i) !== undefined || at - i > 5) break;
    if (terms[i]?.tag === "verb" && !/ing$|ed$/.test(word) && !HEADS[word] && marks.length > 0 && isAction(terms, i)) break;
    if (terms[i]?.tag === "preposition" || terms[i]?.tag === "conjunction" || terms[i]?.tag === "pronoun") break;
    marks.unshift(word);
    start = i;
  }
  if (/^torx$/.test(noun) && (marks.some((mark) => /^(?:inverted|external|male|internal|inside|outside)$/.test(mark)) || /^(?:a|an|the|not)$/.test(text(terms, start - 1))))
    return undefined;
  if (family === "plug" && !marks.some((mark) => SCREWED_PLUG.has(mark)) && !size) return undefined;
  if (family === "pin" && !marks.some((mark) => FASTENING_PIN.has(mark))) return undefined;
  if (/^nipples?$/.test(noun) && !marks.some((mark) => /^(?:bleed|grease|brake)$/.test(mark)) && !size) return undefined;
  if (family === "terminal" && !marks.some((mark) => /^(?:battery|negative|positive|earth)$/.test(mark))) return undefined;
  if (family === "union" && marks.length === 0 && noun.startsWith("fitting")) return undefined;
  const after = behind(terms, at + 1);
  const { count, start: counted } = countBefore(terms, start, from);
  const through = /^(?:and|with)$/.test(text(terms, at + 1)) && /^(?:nuts?|bolts?)$/.test(text(terms, at + 2)) && HEADS[text(terms, at + 2)] !== family;
  return {
    from: counted,
    to: through ? at + 3 : at + 1,
    family,
    head: noun,
    marks: [...marks, ...after.marks].map(singular),
    name: [...marks, noun, ...(marks.length === 0 ? after.words : [])].join(" "),
    count: count ?? ofThem(terms, at + 1),
    perSide: isPerSide(terms, at + 1),
    definite: isDefinite(terms, counted) || /^(?:every|each)$/.test(text(terms, counted - 1)),
    pointing: false,
    through,
  };
}

/** "nut for the charge wire", "bolts along the front", "the bolt underneath": where it is, in a few words. */
function behind(terms: readonly Term[], at: number): { words: string[]; marks: string[] } {
  if (text(terms, at) === "going") return behind(terms, at + 1);
  if (/^(?:underneath|behind|below|above)$/.test(text(terms, at))) return { words: [text(terms, at)], marks: [text(terms, at)] };
  if (!/^(?:for|on|of|at|in|from|along|under|through|holding|behind|that|around|across)$/.test(text(terms, at))) return { words: [], marks: [] };
  const words = [text(terms, at)];
  const marks: string[] = [];
  let i = at + 1;
  if (text(terms, at) === "that") {
    if (!/^(?:holds?|hold|held|go|goes)$/.test(text(terms, i))) return { words: [], marks: [] };
    words.push(text(terms, i++));
  }
  for (; i < at + 6; i++) {
    const word = text(terms, i);
    const term = terms[i];
    if (
      !term ||
      term.tag === "mark" ||
      term.tag === "verb" ||
      term.tag === "pronoun" ||
      term.tag === "conjunction" ||
      (term.tag === "preposition" && marks.length > 0) ||
      term.tag === "number"
    )
      break;
    words.push(word);
    if (!NOT_IN_NAME.has(word)) marks.push(word);
    if (term.tag === "noun" && terms[i + 1]?.tag !== "noun" && marks.length > 0) break;
  }
  return marks.length === 0 || marks.some((mark) => /^(?:air|ground|floor|hand|way|car|head|threads?|end|bench|bag|bin|box|while|time|turn|half|day|drawer|shelf)$/.test(mark))
    ? { words: [], marks: [] }
    : { words, marks };
}

/** "the long one", "those two", "the other two", "the rear pair". */
function anaphor(terms: readonly Term[], at: number, from: number): Mention | undefined {
  if (text(terms, at) === "one" && terms[at + 1]?.tag === "noun" && !/^(?:at|on)$/.test(text(terms, at + 1))) return undefined;
  const marks: string[] = [];
  let start = at;
  for (let i = at - 1; i >= from && at - i <= 4; i--) {
    const word = text(terms, i);
    if (/^(?:the|that|this|those|these|a|an|my|all|his|both)$/.test(word)) {
      start = i;
      break;
    }
    if (NOT_IN_NAME.has(word) || !/^[a-z-]+$/.test(word) || spokenNumber(terms, i) !== undefined) break;
    marks.unshift(word);
    start = i;
  }
  const where = behind(terms, at + 1);
  const all = [...marks, ...where.marks].map(singular);
  if (text(terms, at) === "ones" && all.length > 0 && start < at && !/^(?:the|those|these|a)$/.test(text(terms, start)))
    return {
      from: start,
      to: at + 1,
      family: "one",
      head: "",
      marks: all,
      name: [...marks, ...where.words].join(" "),
      count: countBefore(terms, start, from).count,
      perSide: false,
      definite: true,
      pointing: false,
      through: false,
    };
  if (
    start === at ||
    !(/^(?:the|that|this|those|these|his)$/.test(text(terms, start)) || (/^(?:a|an|one)$/.test(text(terms, start)) && all.length > 0 && text(terms, at) === "one")) ||
    (all.length === 0 && !/^(?:that|this|those|these)$/.test(text(terms, start)))
  )
    return undefined;
  const { count } = countBefore(terms, at, from);
  return {
    from: start,
    to: at + 1,
    family: "one",
    head: "",
    marks: all,
    name: [...marks, ...where.words].join(" "),
    count: text(terms, at) === "pair" ? 2 : count,
    perSide: false,
    definite: true,
    pointing: all.length === 0 && /^(?:is|are|was|were|go|goes|get|gets)$/.test(text(terms, at + 1)),
    through: false,
  };
}

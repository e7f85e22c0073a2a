import { behind, wordsFrom } from "./behind";
import type { Clause } from "./clauses";
import { countBefore, isDefinite, isPerSide, isPointing, text } from "./counts";
import { soManyThere } from "./elsewhere";
import { type Mention, mentionAt, marksOf } from "./mention";
import { MOST_OF_ONE_KIND, isShare, leadingPlaced, ofThem, sharesOf, smallNumber } from "./of-them";
import type { FoundSize } from "./size-words";
import { spokenNumber } from "./spoken-number";
import type { Term } from "./terms";
import { HEADS, NOT_IN_NAME, ONES, PLACES, PROFILE_NAMES, THINGS, TOOL_HEADS } from "./vocabulary";

/**
 * Fasteners spoken of without a name: by where they are, by their size or the kind of their head, by how many
 * there are.
 */
export function othersIn(
  terms: readonly Term[],
  clause: Clause,
  sizes: readonly FoundSize[],
  taken: ReadonlySet<number>,
  named: readonly Mention[],
): Mention[] {
  const found: Mention[] = [];
  const add = (one: Mention | undefined, apart = 0) => {
    if (one && ![...named, ...found].some(({ from, to }) => from < one.to + apart && to > one.from - apart))
      found.push(one);
  };
  const places = Array.from({ length: clause.to - clause.from }, (_, k) => clause.from + k).filter(
    (at) => !taken.has(at),
  );
  for (const at of places) add(byProfile(terms, at, clause.from));
  for (const at of places) if (ONES.has(text(terms, at))) add(theOne(terms, at, clause.from, taken));
  for (const at of places) {
    if (sizes.some(({ from, to }) => at >= from && at < to)) continue;
    add(someOf(terms, at, clause.from));
    add(countedAt(terms, at, clause));
    add(allOf(terms, at, clause.from));
  }
  for (const at of places) add(placedOnes(terms, at, clause.from));
  for (const at of places) add(placeWithFigure(terms, at, clause));
  for (const size of sizes) if (size.from >= clause.from) add(bySize(terms, clause, size), 1);
  // "Nine of them are 13 mm and the two outer ones are a 14": the first are told before any are named.
  const others = [...named, ...found];
  const first = others.reduce((least, { from }) => Math.min(least, from), clause.to);
  const some =
    others.length === 0 || isShare(terms, clause.from, first)
      ? ofThem(terms, { ...clause, to: first })
      : undefined;
  add(some);
  if (named.length === 0 && found.every((one) => one.ofThem))
    for (const share of sharesOf(terms, clause)) add(share);
  if (named.length + found.length === 0) add(leadingPlaced(terms, clause));
  if (named.length + found.length === 0) add(soManyThere(terms, clause));
  return found;
}

/** "The rears 120 Nm": those at the back. */
function placedOnes(terms: readonly Term[], at: number, from: number): Mention | undefined {
  const place = /^(rear|front|upper|lower|inner|outer|top|bottom)s$/.exec(text(terms, at))?.[1];
  const number = smallNumber(terms, at - 1, MOST_OF_ONE_KIND);
  const leads = at === from || number !== undefined || /^(?:the|both|then|and)$/.test(text(terms, at - 1));
  if (!place || !leads || terms[at + 1]?.tag === "noun") return undefined;
  return mentionAt(at, at + 1, {
    marks: marksOf([place]),
    name: place,
    definite: true,
    count: number?.value,
  });
}

/** "the long one", "these two little guys", "the other two", "the rear pair". */
function theOne(
  terms: readonly Term[],
  at: number,
  from: number,
  taken: ReadonlySet<number>,
): Mention | undefined {
  const one = text(terms, at);
  if (one === "one" && terms[at + 1]?.tag === "noun" && !/^(?:at|on)$/.test(text(terms, at + 1)))
    return undefined;
  const marks: string[] = [];
  let start = at;
  for (let i = at - 1; i >= from && at - i <= 4; i--) {
    const word = text(terms, i);
    if (/^(?:the|that|this|those|these|a|an|my|all|his|both)$/.test(word)) {
      start = i;
      break;
    }
    // "the back ones": where they are, though "back" is mostly where something goes.
    const placed =
      PLACES.has(word) &&
      (/^(?:the|those|these|that|this)$/.test(text(terms, i - 1)) ||
        (one === "ones" && (i === from || /^(?:then|and|now)$/.test(text(terms, i - 1)))));
    if (
      taken.has(i) ||
      (NOT_IN_NAME.has(word) && !placed) ||
      !/^[a-z-]+$/.test(word) ||
      spokenNumber(terms, i) !== undefined
    )
      break;
    marks.unshift(word);
    start = i;
  }
  const counted = countBefore(terms, start, from);
  if (counted.count !== undefined && counted.start < start) start = counted.start;
  const where = behind(terms, at + 1);
  const all = marksOf([...marks, ...where.marks]);
  const article = text(terms, start);
  const count = one === "pair" ? 2 : (counted.count ?? countBefore(terms, at, from).count);
  const mention = mentionAt(start, at + 1, {
    marks: all,
    name: [...marks, ...where.words.filter((word) => !/^(?:goes|going|go)$/.test(word))].join(" "),
    count,
    definite: true,
  });
  if (one === "ones" && all.length > 0 && start < at && !/^(?:the|those|these|a)$/.test(article))
    return { ...mention, definite: true };
  // "top one is 18 mil bottom one is 21", in speech without its articles.
  const placed = start < at && PLACES.has(article) && one === "one";
  const pointed =
    placed ||
    /^(?:the|that|this|those|these|his)$/.test(article) ||
    (/^(?:a|an|one)$/.test(article) && all.length > 0 && one === "one");
  if (start === at || !pointed || (all.length === 0 && !/^(?:that|this|those|these)$/.test(article)))
    return undefined;
  return {
    ...mention,
    // "That one goes into the block", of what was just named: with where it goes.
    pointing:
      (all.length === 0 && /^(?:is|are|was|were|go|goes|get|gets)$/.test(text(terms, at + 1))) ||
      (marks.length === 0 &&
        /^(?:that|this)$/.test(article) &&
        /^(?:goes|went|comes)$/.test(text(terms, at + 1))),
  };
}

const TORQUE_UNIT = /^(?:nm|newtons?|n|ft|foot|feet|lbs?|lbf|pounds?|inch|in|kgf|kgm)$/;

/** "upper 50 Nm, lower 70 Nm": what sits there, told by its figure. */
function placeWithFigure(terms: readonly Term[], at: number, { from, to }: Clause): Mention | undefined {
  const word = text(terms, at);
  if (!PLACES.has(word) || !(at === from || /^(?:,|;|:|and|the|then|\n)$/.test(text(terms, at - 1))))
    return undefined;
  const next = /^(?:[:=-]|is|are|at|gets?|to)$/.test(text(terms, at + 1)) ? at + 2 : at + 1;
  // "rear 2 x 55 Nm": two of them.
  const times = /^[x×]$/.test(text(terms, next + 1)) ? spokenNumber(terms, next) : undefined;
  const number = spokenNumber(terms, times ? times.next + 1 : next);
  // "Upper 25", and nothing else.
  const alone = next === at + 1 && at === from && number?.next === to && number.value >= 5;
  if (!number || number.fraction || !(alone || TORQUE_UNIT.test(text(terms, number.next)))) return undefined;
  return mentionAt(at, times ? times.next + 1 : at + 1, {
    marks: marksOf([word]),
    name: word,
    definite: true,
    count: times?.value,
    byFigure: true,
  });
}

/** "the front two", "those top three": some of what was named, told by where they are. */
function someOf(terms: readonly Term[], at: number, from: number): Mention | undefined {
  const number = smallNumber(terms, at);
  if (
    !number ||
    number.value < 2 ||
    at <= from ||
    !PLACES.has(text(terms, at - 1)) ||
    !(at - 1 === from || /^(?:the|those|these|and)$/.test(text(terms, at - 2)))
  )
    return undefined;
  if (
    HEADS[text(terms, number.next)] ||
    /^(?:noun|adjective)$/.test(terms[number.next]?.tag ?? "") ||
    /ed$/.test(text(terms, number.next))
  )
    return undefined;
  return mentionAt(Math.max(from, at - 2), at + 1, {
    some: true,
    marks: marksOf([text(terms, at - 1)]),
    name: text(terms, at - 1),
    count: number.value,
    definite: true,
  });
}

/** "there's two going down in the body", "the three in the arm": told by how many and where they sit. */
function countedAt(terms: readonly Term[], at: number, { from, to }: Clause): Mention | undefined {
  const number = smallNumber(terms, at);
  const before = text(terms, at - 1);
  // "three up top and two more down low": as many of the kind, elsewhere.
  const elsewhere =
    /^(?:and|plus)$/.test(before) &&
    text(terms, number?.next ?? at) === "more" &&
    /^(?:down|up|over|under|underneath|behind|below|lower|at)$/.test(text(terms, (number?.next ?? at) + 1));
  if (
    !number ||
    at === from ||
    !(elsewhere || /^(?:there's|are|the|got|has|have|those|these|them)$/.test(before))
  )
    return undefined;
  // "there's two more down on the bottom edge": others than those just named.
  if (
    text(terms, number.next) === "more" &&
    (elsewhere || /^(?:there's|are|got|has|have|then)$/.test(before))
  ) {
    const there = behind(
      terms,
      number.next + (/^(?:down|up|over|in)$/.test(text(terms, number.next + 1)) ? 2 : 1),
    );
    const end = number.next + 1 + there.words.length;
    return mentionAt(at - 1, end, {
      more: true,
      marks: marksOf(there.marks),
      name: there.marks.join(" "),
      count: number.value,
    });
  }
  const pointed =
    /^(?:these|those)$/.test(before) && /^(?:here|there|guys)$/.test(text(terms, number.next)) ? 1 : 0;
  const where = behind(
    terms,
    number.next + pointed + (pointed && /^(?:are|is)$/.test(text(terms, number.next + pointed)) ? 1 : 0),
  );
  const placed = where.marks.filter((mark) => THINGS.has(mark) || PLACES.has(mark) || HEADS[mark] === "clip");
  if (where.words.length === 0 || placed.length === 0 || number.next + where.words.length > to)
    return undefined;
  return mentionAt(at - 1, number.next + where.words.length, {
    placed: true,
    marks: marksOf(placed),
    name: placed.join(" "),
    count: number.value,
    definite: !/^(?:there's|are|got|has|have)$/.test(before),
  });
}

/** "the three triple squares", "the spline ones": by the kind of their head. */
function byProfile(terms: readonly Term[], at: number, from: number): Mention | undefined {
  const entry = PROFILE_NAMES.find(([words]) => words.every((word, k) => text(terms, at + k) === word));
  if (!entry) return undefined;
  const [words, profile] = entry;
  const { count, start } = countBefore(terms, at, from);
  if (start === at && count === undefined && at > from) return undefined;
  return mentionAt(start, at + words.length, { profile, count, definite: isDefinite(terms, start) });
}

/** "two 10s", "the 13s": a size in the plural is what it fits. */
function bySize(terms: readonly Term[], { from, to }: Clause, size: FoundSize): Mention | undefined {
  if (size.kind !== "head" || size.to > to || TOOL_HEADS.has(text(terms, size.to))) return undefined;
  const last = text(terms, size.to - 1);
  const times = /^[x×]$/.test(text(terms, size.from - 1));
  // "Held by four more of the sevens": others than those that were named.
  const ofThose = wordsFrom(terms, Math.max(from, size.from - 3), size.from) === "more of the";
  const { count, start } = countBefore(terms, ofThose ? size.from - 2 : size.from, from);
  if (/^(?:eighths|sixteenths|quarters)$/.test(last) && (count ?? 1) < 2) return undefined;
  const lobes = /^six-lobe|spline/.test(size.head.profile);
  // "two 10 mm, lay it over", "four 5 mm allens": counted, and nothing named behind.
  const before = [3, 2, 1].map((back) => text(terms, start - back)).join(" ");
  const holding =
    count === 1 &&
    /\b(?:held|holds|hold)(?: on| in| down)?(?: by| with)?\s*$/.test(before) &&
    /^(?:allens?|torx|hex)$/.test(text(terms, size.to));
  const listed =
    (holding ||
      (count !== undefined && count > 1) ||
      // "Two clips + one 12 mm".
      (count === 1 && /^(?:\+|plus)$/.test(text(terms, start - 1)))) &&
    /^(?:mm|mil|mils|half)$/.test(last) &&
    /^(?:[,.;\n)]|at|on|in|allens?|heads?|torx|hex|e|ones|those|they|)$/.test(text(terms, size.to));
  if (listed)
    return mentionAt(start, size.to, {
      sized: true,
      // "Two 10 mm in the armrest".
      marks: marksOf(behind(terms, size.to).marks),
      count,
      perSide: isPerSide(terms, size.to),
      definite: isDefinite(terms, start),
    });
  // "The thirteen is 22".
  const told =
    text(terms, size.from - 1) === "the" &&
    /^(?:is|gets?|takes)$/.test(text(terms, size.to)) &&
    spokenNumber(terms, size.to + 1) !== undefined;
  if (
    !told &&
    !/s$/.test(last) &&
    !(lobes && ((count ?? 0) > 1 || (count === 1 && /^(?:and|plus)$/.test(text(terms, start - 1))))) &&
    !(!lobes && times)
  )
    return undefined;
  if (/^(?:mm|mils|inches|millimetres|millimeters)$/.test(last) && !times) return undefined;
  return mentionAt(start, size.to, {
    sized: true,
    count,
    perSide: isPerSide(terms, size.to),
    definite: isDefinite(terms, start),
    pointing: isPointing(terms, start - 1),
  });
}

/** "start all six by hand", "all four to 24": told by how many there are. */
function allOf(terms: readonly Term[], at: number, from: number): Mention | undefined {
  const number = smallNumber(terms, at, MOST_OF_ONE_KIND);
  // "the two go all the way through".
  const next = number ? text(terms, number.next) : "";
  // "the four at 30", "the two to 24".
  const figured =
    number !== undefined && /^(?:at|to)$/.test(next) && spokenNumber(terms, number.next + 1) !== undefined;
  const goes =
    text(terms, at - 1) === "the" && (figured || /^(?:go|are|get|have|come|take|need|want)$/.test(next));
  if (
    !number ||
    number.value < 2 ||
    at <= from ||
    (!goes && !/^(?:all|these|those)$/.test(text(terms, at - 1)))
  )
    return undefined;
  if (goes) return mentionAt(at - 1, number.next, { count: number.value, definite: true, all: true });
  const after = terms[number.next];
  if (
    after &&
    (after.tag === "noun" ||
      after.tag === "adjective" ||
      HEADS[after.text] ||
      /^(?:of|the|new|mm|nm|newton|foot|inch)$/.test(after.text))
  )
    return undefined;
  return mentionAt(at - 1, number.next, { count: number.value, definite: true, all: true });
}

import { countBothSides } from "./both-sides";
import { calledByThread } from "./called-by-thread";
import { type Told, type Clause } from "./clauses";
import { consolidated, isReal } from "./consolidate";
import { turnOf } from "./deeds";
import type { Group, Grouped } from "./group";
import { withHalvesJoined } from "./halves";
import { type Heard, placeIn, saidIn, sentenceOf, spanOf } from "./heard";
import { listedLines } from "./listed-steps";
import { takeLooks, takeLooksOfEach } from "./looks";
import { marksOf } from "./mention";
import { mentionsIn } from "./mentions";
import { isThing } from "./particle";
import { settleFigures } from "./settle";
import { takeFigures } from "./take-figures";
import { takeMentions } from "./take-mentions";
import { takeSizes } from "./take-sizes";
import type { Term } from "./terms";
import { sizesOfTools } from "./tool-sizes";
import { topicIn } from "./topic";
import { traitsOf } from "./traits";
import { ACTIONS, DOUBTFUL, HEADS, NOT_THIS_ONE, NO_HEADING, TOOL_HEADS, WAS_BOUGHT } from "./vocabulary";
import { type Here, type Walk, beginAhead } from "./walk";

/**
 * Gathers every mention of a fastener over the whole text into the true groups, with the sizes, figures and
 * traits said of each.
 *
 * @param known groups that stand in tables: what is told beside them is told of them.
 */
export function groupsOf(heard: Heard, known: readonly Group[] = []): Grouped {
  const walk: Walk = {
    heard,
    groups: [...known],
    loose: [],
    struck: [],
    takenBack: [],
    inTorque: new Set(
      heard.torques.flatMap(({ from, to }) => Array.from({ length: to - from }, (_, i) => from + i)),
    ),
    isList: listedLines(heard.text).length > 0,
    turn: turnOf(heard),
    last: undefined,
    lastSize: undefined,
    lastStruck: undefined,
    lastFigureAt: -Infinity,
    otherEnd: undefined,
    unknown: undefined,
    sizeAhead: undefined,
    title: [],
    topic: [],
    topicSentence: -1,
    topicAt: -1,
    headedSentence: -1,
    atHeight: undefined,
    wheelsOff: undefined,
    others: undefined,
    same: [],
    otherFrom: -2,
  };
  heard.told.forEach((_, i) => {
    const here = enter(walk, i);
    if (!here) return;
    comeBackTo(walk, here);
    takeMentions(walk, here);
    takeLooks(walk, here);
    takeLooksOfEach(walk, here);
    takeSizes(walk, here);
    takeFigures(walk, here);
    traitsOf(walk, here);
    beginAhead(walk, i);
  });
  sizesOfTools(heard, walk.groups);
  const wheels = walk.groups.find(({ name }) => HOLDS_WHEELS.test(name));
  if (wheels && walk.wheelsOff) holdsWheels(wheels, walk.wheelsOff);
  calledByThread(walk.groups, heard.terms);
  const groups = consolidated(walk.groups).filter(isReal);
  settleFigures(groups);
  countBothSides(groups, heard);
  for (const group of groups) group.name = withLetters(group.name);
  return {
    ...heard,
    turn: walk.turn,
    groups: withHalvesJoined(groups),
    loose: [...walk.loose, ...walk.takenBack],
    struck: walk.struck,
  };
}

/** "Cooler lines, start them by hand", once things go back: what holds them is spoken of from here on. */
function comeBackTo(walk: Walk, { i, goingBack, clause, mentions, things, sizes }: Here): void {
  const isThing = clause.to - clause.from === things.length;
  if (!goingBack || mentions.length > 0 || sizes.length > 0 || !isThing) return;
  const known = walk.groups.filter(({ topic, marks }) =>
    things.every((word) => topic.includes(word) || marks.has(word)),
  );
  const [only, ...others] = known;
  if (!only || others.length > 0) return;
  only.last = i;
  walk.last = only;
}

/** What was told of the wheels before their bolts were named. */
function holdsWheels(wheels: Group, { size, each }: NonNullable<Walk["wheelsOff"]>): void {
  wheels.undo ??= size;
  if (each === undefined || (wheels.count ?? 1) > 1) return;
  wheels.count = each;
  wheels.perSide = true;
  wheels.name = wheels.name.replace(/\b(?:bolt|nut|stud)$/, "$&s");
}

/** And no bolt of a wheel cylinder, or of the steering wheel. */
const HOLDS_WHEELS = /(?<!\bsteering )\bwheel (?:bolt|nut|stud|lug)s?\b|\blug nuts?\b/;

/** "U-bolt", "P-clip": called by the letter that they look like. */
const withLetters = (name: string): string =>
  name.replace(/\b([a-z]) (?=(?:bolt|clip|clamp)s?\b)/g, (_, letter: string) => `${letter.toUpperCase()}-`);

/** "This is a diesel pickup": what is told of diesels is told of this one. */
const isOurs = (text: string, says: string) =>
  /^(?:diesel|automatic)'?s?$/i.test(says) &&
  new RegExp(`(?<!\\b(?:not|isn't|than|unlike) (?:a |an |the )?)\\b${says.slice(0, 6)}`, "i").test(
    text.slice(0, OPENING),
  );
/** So many letters in, what car it is has been told. */
const OPENING = 220;

/** "**Airbag**" on a line of its own, "Lower cowl: 3 × T20": what is told of from here on, whatever it is. */
function headingOf({ terms, told }: Heard, i: number): string[] {
  const clause = told[i];
  if (!clause) return [];
  const words = terms.slice(clause.from, clause.to).filter(({ tag }) => tag !== "mark");
  const before = clause.from === 0 ? "\n" : (terms[clause.from - 1]?.text ?? "");
  const after = terms[clause.to]?.text ?? "\n";
  const alone = before === "\n" && after === "\n";
  const leads = after === ":" && /^(?:\n|[.)*-])$/.test(before);
  const names = words.every(
    ({ text, tag }) =>
      (/^(?:noun|adjective)$/.test(tag) ||
        isThing(text) ||
        // "Oil cooler:", where nothing is oiled.
        (leads && tag === "verb" && !Object.hasOwn(ACTIONS, text))) &&
      /^[a-z-]{3,}$/.test(text) &&
      HEADS[text] === undefined &&
      !TOOL_HEADS.has(text) &&
      !NO_HEADING.test(text),
  );
  return words.length > 0 && words.length <= 3 && names && (alone || leads)
    ? marksOf(words.map(({ text }) => text))
    : [];
}

/** "Arm to knuckle: two bolts", "mount to box 50 Nm": what the other end of it is fixed to. */
function joinedTo(terms: readonly Term[], { from, to }: Clause): string[] {
  const behindFirst = terms.slice(from + 1, to - 1).findIndex(({ text }) => text === "to");
  const at = behindFirst < 0 ? -1 : from + 1 + behindFirst;
  const isOf = (i: number) => terms[i]?.tag === "noun" || isThing(terms[i]?.text ?? "");
  const leads = at > from && at - from <= 3 && terms.slice(from, at).every((_, k) => isOf(from + k));
  if (!leads || !isOf(at + 1) || topicIn(terms, { from, to: at }).length === 0) return [];
  const behind = terms[at + 2]?.tag === "noun" ? at + 3 : at + 2;
  const ends = behind >= to ? terms[to]?.text === ":" : /^(?:number|verb)$/.test(terms[behind]?.tag ?? "");
  return ends ? ["to", ...marksOf(terms.slice(at + 1, behind).map(({ text }) => text))] : [];
}

/**
 * "Slave itself", where the telling began with the clutch slave cylinder: what the job is about, by one of
 * its words.
 */
const ofTitle = ({ heard: { terms }, title }: Walk, { from, to }: Clause): string[] =>
  terms
    .slice(from, Math.min(to, from + 3))
    .some(
      ({ text, tag }, k) =>
        tag === "noun" && title.includes(text) && HEADS[terms[from + k + 1]?.text ?? ""] === undefined,
    )
    ? title
    : [];

const nextSaid = ({ heard: { text, terms, told } }: Walk, i: number) => {
  const [here, next] = [told[i], told[i + 1]];
  return here && next?.sentence === here.sentence ? saidIn(text, terms, next) : "";
};

/** "upper = fill", "the bottom one is the drain": what a place is for. */
const IS_CALLED =
  /\b(upper|lower|top|bottom|front|rear|inner|outer|left|right|big|small)(?: one| plug| hose| pipe)?(?:'s| is| =)(?: the)? (drain|fill|filler|level|feed|return|inlet|outlet|bleed)\b/g;

/** Steps into a clause: what it works on from here, and what it speaks of. Undefined where it lists tools. */
function enter(walk: Walk, i: number): Here | undefined {
  const { text, terms, told, sizes, listing } = walk.heard;
  const clause = told[i];
  if (!clause) return undefined;
  const said = saidIn(text, terms, clause);
  const named = topicIn(terms, clause);
  if (walk.title.length === 0 && named.length > 1) walk.title = named;
  // "Rear bush: two bolts, vertical": with where it is.
  const heading = headingOf(walk.heard, i);
  const headed =
    named.length === 0 || (heading.length > named.length && named.every((word) => heading.includes(word)))
      ? heading
      : [];
  const things = [...nearestHeads(headed, named, walk, clause), ...joinedTo(terms, clause)];
  // "this little plastic thing …": the thing before it, told once more.
  const describes =
    clause.sentence - walk.topicSentence <= 1 &&
    /^\W*(?:this|that|it)(?:'s| is) (?:the|a|an) (?:\w+ ){0,4}(?:that|which) (?:goes|holds|sits|runs|comes)\b/i.test(
      said,
    );
  const againTold =
    describes ||
    /^\W*(?:this|that|the|these|those) (?:\w+ ){0,3}(?:thing|one|ones|guy|part|bit)\b/i.test(said);
  // "They've got a washer with them": told of what was spoken of, and nothing that is worked on.
  const isAside = /^\W*(?:and |but )?(?:they|those|these)(?:'ve| have)(?: got)?\b/i.test(said);
  const untouched =
    isAside ||
    isDescribed(walk.heard, clause) ||
    WAS_BOUGHT.test(said) ||
    // "Tape the glass up to the frame": out of the way, and not worked on; but "tie rod", "prop shaft".
    /^\W*(?:(?:first|then|and|so|now) )*(?:tape|prop|wedge|tie|hang) (?:the|that|this|it|your|my|up)\b/i.test(
      said,
    ) ||
    /\bstays? (?:where|on|in|put|there|bolted)\b/i.test(said) ||
    /\b(?:do not|don't|no need to|needn't|without) (?:need to )?(?:\w+ )?(?:touch|pull|remove|take|undo|move|disturb|bother)/i.test(
      said,
    );
  // "lift the cap and there's a nut": what hides it is not what it holds.
  const hides =
    /\b(?:lift|pop|pull|prise|pry|flip|slide|under)\b[^.]{0,16}\b(?:cap|boot|cover|flap)\b|\b(?:pull|peel|fold|lift|move|swing|push|pop)\b.*\b(?:back|aside|out of the way)\W*$/i.test(
      said,
    ) && /^\W*(?:and )?there(?:'s| is| are)\b/i.test(nextSaid(walk, i));
  if (heading.length > 0) walk.headedSentence = clause.sentence;
  const underHeading =
    walk.headedSentence === clause.sentence &&
    heading.length === 0 &&
    /\b(?:caps?|covers?|boots?|flaps?|bungs?)\b/i.test(said);
  if (things.length > 0 && !againTold && !untouched && !hides && !underHeading) {
    walk.topic = things;
    walk.topicSentence = clause.sentence;
    walk.topicAt = i;
  } else if (clause.sentence > walk.topicSentence + 2) walk.topic = [];
  if (listing.has(i)) return undefined;
  for (const [, place, use] of said.toLowerCase().matchAll(IS_CALLED))
    if (place && use) walk.same.push([place, use]);
  const before = told[i - 1];
  const led =
    before && before.sentence === clause.sentence && before.to - before.from <= 4
      ? saidIn(text, terms, before)
      : "";
  const inClause = sizes.filter((size) => size.from >= clause.from && size.from < clause.to);
  // What is said of another car goes for the rest of its sentence, where that has an end.
  const inherited =
    before?.sentence === clause.sentence &&
    before.paragraph === clause.paragraph &&
    clause.to - before.from < 40 &&
    walk.otherFrom === i - 1 &&
    !/^\W*(?:but |and )?(?:here|on (?:this|mine|ours)|this one|ours|mine)\b/i.test(said) &&
    /[.;!?]|\n[^\n]+\n[^\n]+\n/.test(text);
  const says = NOT_THIS_ONE.exec(said);
  // "One is a 15, and the other one's a 13": of two bolts, and not of two cars.
  const isOfTwo =
    /^other ones?$/i.test(says?.[0] ?? "") && walk.last !== undefined && i - walk.last.last <= 3;
  // "The old one has a cover plate that has to come over": of this car, and still of use.
  const comesOver = /^old one$/i.test(says?.[0] ?? "") && COMES_OVER.test(sentenceOf(walk.heard, i));
  const found = isOfTwo || comesOver ? null : says;
  const other = (found && !isOurs(text, found[0]) ? found : null) ?? (inherited ? /^.*/.exec(said) : null);
  const notThis = other
    ? { says: other[0], start: placeIn(text, spanOf(terms, clause.from, clause.to).start, other.index) }
    : undefined;
  if (notThis) walk.otherFrom = i;
  return {
    i,
    clause,
    said,
    goingBack: i >= walk.turn,
    inDoubt:
      DOUBTFUL.test(said) || DOUBTFUL.test(led) || text[spanOf(terms, clause.from, clause.to).end] === "?",
    notThis,
    sizes: inClause,
    mentions: mentionsIn(terms, clause, inClause, walk.inTorque),
    places: [],
    before: walk.last,
    also: [],
    guessed: new Set(),
    heldFrom: Infinity,
    things,
    noSize: new Set(),
  };
}

/** "Wire's short", "(under little caps)": how a thing is, or where something sits, and nothing that is worked on. */
function isDescribed({ text, terms }: Heard, { from, to }: Clause): boolean {
  const words = terms.slice(from, to);
  const said = words.map((word) => word.text).join(" ");
  const isState =
    words.at(-1)?.tag === "adjective" &&
    /^(?!(?:here|there|it|that|this)'s)(?:the )?[a-z-]+(?:'s| is| are)(?: (?:a bit|so|too|very|quite|really))? [a-z-]+$/.test(
      said,
    );
  const inBrackets =
    /\(\s*$/.test(text.slice(0, words[0]?.start)) &&
    /^(?:under|behind|inside|beneath|below|above|beside|near) /.test(said);
  return isState || inBrackets;
}

const COMES_OVER =
  /\b(?:come|comes|go|goes|swap\w*|transfer\w*|move\w*|change\w*) (?:\w+ )?(?:over|across)\b/i;

function nearestHeads(headed: string[], named: string[], walk: Walk, clause: Told) {
  if (headed.length === 0 && named.length > 0) return named;
  if (headed.length > 0) return headed;
  return ofTitle(walk, clause);
}

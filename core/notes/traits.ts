import type { Group } from "./group";
import { placeIn, saidIn } from "./heard";
import { DENIED, OTHERS_SAY } from "./vocabulary";
import { type Here, type Walk, byTopic } from "./walk";

const AT_HEIGHT =
  /\b(?:ride height|normal height|at that height|weight (?:of the car )?(?:is )?on (?:it|the suspension)|(?:car|truck|van)(?:'s| is)? (?:back )?(?:down )?(?:sat |sitting |standing )?on its (?:own )?wheels|(?:on to|onto) the blocks|full weight|(?:until|till) the (?:car|body|van|truck)(?: just)? (?:starts to )?lifts?|(?:until|till) the (?:car|body|van|truck)(?:'s| is) (?:sitting|sat|resting) on (?:it|the jack))\b/i;

/**
 * What is told of how it is done up, by its words. `wheel`: said in passing it is of the wheels alone.
 * `named`: only where the fastener stands beside it.
 */
const TRAITS: readonly { trait: string; words: RegExp; wheel?: true; named?: true; within?: number }[] = [
  {
    trait: "by hand first",
    words:
      /\b(?:(?:by|in by) (?:hand|fingers?)|with (?:your|my|the|his|her) (?:hands?|fingers?)|finger[- ]?(?:tight(?:en)?|start)|hand[- ](?:start|tighten)|start (?:all|both|every|each|them|em)\b(?! (?:up|engines?))|started with|fingers all the way|(?:couple|few) (?:of )?threads|in loose(?:ly)?|loose(?:ly)? (?:first|to start|in))\b/i,
  },
  {
    trait: "cross",
    words:
      /\b(?:criss[- ]?cross|cross pattern|in a (?:star|cross)|star pattern|diagonal(?:ly)?|(?:center|centre|middle) (?:out|outwards)|start(?:ing)? (?:in|from|at) (?:the )?(?:center|centre|middle)|opposite corners)\b/i,
  },
  {
    trait: "on the ground",
    words:
      /\b(?:(?:down )?on the (?:ground|floor|deck)|(?:lower|drop|let|set) (?:it|her|the car) (?:back )?down|wheels? (?:back )?on the ground|weight on the wheels)\b/i,
    wheel: true,
  },
  {
    trait: "at ride height",
    words: AT_HEIGHT,
  },
  {
    trait: "single-use",
    words:
      /\b(?:single[- ]use|one[- ]time|(?:don'?t|never|do not|not) re-?use(?:\W*$| (?:it|them|em|those|these|that|any)\b| (?:\w+ ){0,3}?(?:ones?|bolts?|nuts?|screws?|studs?|pins?)\b(?! heads?))|don'?t use (?:those|the old (?:ones|nuts|bolts)|them) (?:twice|again)|used once|once only|only hold once|stretch bolts?|they(?:'re| are) (?:all )?stretch\b|new (?:ones?|nuts?|bolts?) every time|straight in the bin|always new|throw (?:them|those) (?:out|away)|replaced? every time|bin(?:ning)? (?:them|those|both))\b/i,
  },
  {
    trait: "single-use",
    words:
      /\b(?:(?:must|has to|have to|should|needs? to) be new|(?:also|are|is) new(?=\W*$|\W+(?:and|too|so)\b)|(?:want|need|use|fit|get) (?:a )?new ones?\b(?! (?:in|on|goes|is)\b))/i,
    named: true,
    within: 1,
  },
  { trait: "new pin", words: /\bnew (?:split |cotter )?pins?\b/i },
  {
    trait: "left-hand thread",
    words: /\bleft[- ]hand(?:ed)?(?: thread(?:s|ed)?\b|\W*$)|\breverse thread|\bbackwards thread\b/i,
    named: true,
    within: 2,
  },
  {
    trait: "count turns",
    words:
      /\bcount(?:ed|ing)? (?:the |your |my )?(?:turns|threads)|\bturns? (?:exactly|counted)\b|\bi am counting\b/i,
  },
  {
    trait: "anti-seize",
    words: /\banti[- ]?seize|copper (?:grease|slip|paste)|\bnickel on\b|of that nickel\b/i,
  },
  {
    trait: "grease",
    words:
      /\b(?:smear|dab|film|bit) of (?!copper)(?:\w+ )?grease\b|\bgrease (?:the threads|on the threads)\b|\bgreased\b/i,
    named: true,
  },
  {
    trait: "counter-hold",
    words:
      /\bcounter-?hold|hold(?:ing)? (?:the|that) (?:nut|head|stud|bolt)\b|\bor it(?:'ll| will) just spin|wrench on the (?:top|bottom)\b/i,
    named: true,
  },
];

/** "All the screws finger tight before any is tightened": of whatever goes back. */
const OF_ALL = /\b(?:all (?:of )?(?:the|your|these) (?:bolts|nuts|screws|fixings|fasteners)|everything)\b/i;
const openGroups = ({ groups }: Walk): Group[] =>
  groups.filter(
    ({ family, figures, undo, marks }) =>
      /^(?:bolt|nut)$/.test(family) && undo && figures.length === 0 && !marks.has("wheel"),
  );

/** But for "not until the car is on its wheels". */
const isDenied = (before: string) => DENIED.test(before.replace(/\bnot (?=until|till|before)/gi, ""));

const SNUG =
  /\bhand[- ]?tight\b|\bfinger[- ]?tight\b|\bfingers only\b|\bsnug\b|\bnip(?:ped)? (?:it |them |up)?(?:up)?\b|\bfirm\b|\bjust tight\b|\bgood and tight\b/i;
const BY_HAND = /\b(?:hand|finger)[- ]?tight\b|\b(?:hands?|fingers) only\b/i;
/** By its name, or by its colour where a drop of it is spoken of. */
const LOCKER =
  /\b(?:thread ?lock(?:er)?|locking fluid|stud ?lock|thread ?glue)\b|\b(?:drop|dab|bit|spot|touch|some|little)(?: bit)?(?: of)?(?: the)? (?:blue|red|purple)\b(?! (?:wires?|hose|cable|clip|tab|paint|plug|rubber|rag|tape|pen|marks?|connector|lock|ones?|cap|lever)\b)/i;
/** What is said of a fastener with its name no longer beside it: within so many clauses. */
const STILL = 3;

/**
 * Adds what a clause tells of how its fastener is done up: to the one it names, to that of what it works on,
 * or to the one spoken of just now.
 */
export function traitsOf(walk: Walk, here: Here): void {
  const { said, i } = here;
  standsAtHeight(walk, here);
  const named = here.places.filter((group) => group !== undefined).at(-1);
  const sameSentence =
    walk.last &&
    walk.heard.told[walk.last.last]?.sentence === here.clause.sentence &&
    here.clause.to - (walk.heard.told[walk.last.last]?.from ?? 0) < 40;
  // As things go back, until another thing is named.
  const still = here.goingBack && walk.topicAt <= (walk.last?.last ?? Infinity) ? 2 * STILL : STILL;
  const near = walk.last && (sameSentence || i - walk.last.last <= still) ? walk.last : undefined;
  const group: Group | undefined = named ?? byTopic(walk, here) ?? near;
  if (!group || here.notThis || OTHERS_SAY.test(said)) return;
  // Wheels go back on with what held them: "don't reuse the old nuts" is said of others of their kind.
  const renewed =
    group.marks.has("wheel") && !/\b(?:wheel|lug)/i.test(said)
      ? walk.groups.findLast((one) => one !== group && one.family === group.family)
      : group;
  // "Jack under the hub, up to ride height", a line by itself: said of what follows, and not of the line before.
  const ofItsLine =
    !walk.isList || walk.heard.told[group.last]?.sentence === here.clause.sentence || named !== undefined;
  for (const { trait, words, wheel, named: beside, within } of TRAITS) {
    // Of what follows, where nothing is named with it.
    const isAhead = walk.atHeight?.at === i && named === undefined;
    if (trait === "at ride height" && (!ofItsLine || isAhead)) continue;
    const match = words.exec(said);
    const stands =
      named !== undefined ||
      (within !== undefined && walk.last !== undefined && i - walk.last.last <= within);
    if (!match || (beside && !stands) || isDenied(said.slice(0, match.index))) continue;
    const figured = group.figuredAt === i && group.figures.length > 0;
    const torqued = figured || /\b(?:torque|tighten|final|do (?:it|them) up)\b/i.test(said);
    if (wheel && !group.marks.has("wheel") && !torqued) continue;
    // "The three by hand, the big nut by hand": each that stands before the words.
    const each = [...said.matchAll(new RegExp(words, "gi"))].map(
      ({ index }) => before(walk, here, index) ?? group,
    );
    if (trait === "at ride height" && group.marks.has("wheel")) group.traits.add("on the ground");
    else if (trait === "by hand first" && OF_ALL.test(said))
      openGroups(walk).forEach((one) => one.traits.add(trait));
    else if (trait === "single-use" && renewed !== group) renewed?.traits.add(trait);
    else [...each, ...here.also].forEach((one) => one.traits.add(trait));
  }
  // "New pinch bolt, new nut": what goes back new was not to go back a second time.
  here.mentions.forEach((mention, k) => {
    const fitted =
      here.goingBack &&
      walk.heard.terms
        .slice(Math.max(here.clause.from, mention.from - 1), mention.to)
        .some((term) => term.text === "new");
    if (fitted) here.places[k]?.traits.add("single-use");
  });
  // "It's a left hand · no wait · it's a right hand thread".
  if (/\b(?:right[- ]hand|normal|regular|ordinary) thread/i.test(said) && isTakenBack(walk, here))
    group.traits.delete("left-hand thread");
  if (LOCKER.test(said) && !/\bdo not|don't|no thread/i.test(said)) {
    const strength = lockerGrade(said);
    group.traits.add(`threadlocker, ${strength} strength`);
  }
  if (SNUG.test(said) && !/\d/.test(said)) group.traits.add("snug");
  if (BY_HAND.test(said) && !/\d/.test(said)) group.traits.add("hand tight");
}

/** So many clauses on, what is torqued is still torqued as the vehicle stands. */
const STANDS_FOR = 15;

/** What has no rubber in it, however the vehicle stands. */
const NO_BUSH =
  /\b(?:wheels?|knuckle|ball|hose|cable|abs|sensor|wire|flares?|pipe|line|nipples?|bleed|undertray|screws?|clips?|caliper|hub)\b/i;

/** "So with it at that height, first the front pivot … and the rear one, 110": all that gets its figure there. */
function standsAtHeight(walk: Walk, { said, i, clause, goingBack, notThis }: Here): void {
  const match = AT_HEIGHT.exec(said);
  const { told } = walk.heard;
  // "Front bolt 70 Nm, with the weight on it": of that one, which was told before.
  const isOfLast = told[walk.last?.figuredAt ?? -1]?.sentence === clause.sentence;
  if (match && goingBack && !notThis && !isOfLast && !isDenied(said.slice(0, match.index)))
    walk.atHeight = { at: i, paragraph: clause.paragraph };
  const { atHeight } = walk;
  if (!atHeight || clause.paragraph - atHeight.paragraph > 2 || i - atHeight.at > STANDS_FOR) return;
  for (const group of walk.groups) {
    const called = [group.name, ...group.topic, ...group.marks].join(" ");
    if (group.figuredAt === i && group.figures.length > 0 && !NO_BUSH.test(called))
      group.traits.add("at ride height");
  }
}

/** What was said last is taken back, in a clause or two before. */
function isTakenBack({ heard: { text, terms, told } }: Walk, { i, clause }: Here): boolean {
  const near = { from: told[Math.max(0, i - 3)]?.from ?? clause.from, to: clause.to };
  const said = saidIn(text, terms, near);
  // "The other side is a right hand thread": that of another, and the warning stays.
  return (
    /\b(?:no,? (?:wait|it's|sorry)|wait|it's not|nope|sorry|scratch that|i mean|actually)\b/i.test(said) &&
    !/\b(?:other|left|right) (?:side|one|hand side)\b/i.test(said)
  );
}

function lockerGrade(said: string) {
  if (/\bhigh|red|permanent|stud/i.test(said)) return "high";
  if (/\blow|purple/i.test(said)) return "low";
  return "medium";
}

/** The group named nearest before a place in what a clause says. */
function before(
  { heard: { text, terms } }: Walk,
  { clause, mentions, places }: Here,
  index: number,
): Group | undefined {
  const at = placeIn(text, terms[clause.from]?.start ?? 0, index);
  const k = mentions.findLastIndex((mention) => (terms[mention.from]?.start ?? Infinity) < at);
  return k < 0 ? undefined : places[k];
}

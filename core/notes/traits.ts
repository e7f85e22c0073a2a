import type { Group } from "./group";
import { DENIED, OTHERS_SAY } from "./vocabulary";
import { type Here, type Walk, byTopic } from "./walk";

/**
 * What is told of how it is done up, by its words. `wheel`: said in passing it is of the wheels alone.
 * `named`: only where the fastener stands beside it.
 */
const TRAITS: readonly { trait: string; words: RegExp; wheel?: true; named?: true; within?: number }[] = [
  {
    trait: "by hand first",
    words:
      /\b(?:(?:by|in by) (?:hand|fingers?)|with (?:your|my|the|his|her) (?:hands?|fingers?)|finger[- ]?(?:tight|start)|hand[- ]start|started with|fingers all the way)\b/i,
  },
  {
    trait: "cross",
    words:
      /\b(?:criss[- ]?cross|cross pattern|in a (?:star|cross)|star pattern|diagonal(?:ly)?|(?:center|centre|middle) (?:out|outwards)|opposite corners)\b/i,
  },
  {
    trait: "on the ground",
    words:
      /\b(?:(?:down )?on the (?:ground|floor|deck)|(?:lower|drop|let|set) (?:it|her|the car) (?:back )?down|wheels? (?:back )?on the ground|weight on the wheels)\b/i,
    wheel: true,
  },
  {
    trait: "at ride height",
    words:
      /\b(?:ride height|normal height|weight (?:of the car )?on (?:it|the suspension)|(?:on to|onto) the blocks|full weight)\b/i,
  },
  {
    trait: "single-use",
    words:
      /\b(?:single[- ]use|one[- ]time|(?:don'?t|never|do not|not) re-?use|don'?t use (?:those|the old (?:ones|nuts|bolts)|them) (?:twice|again)|used once|once only|only hold once|stretch bolts?|they(?:'re| are) (?:all )?stretch\b|new (?:ones?|nuts?|bolts?) every time|straight in the bin|always new|throw (?:them|those) (?:out|away)|replaced? every time|bin(?:ning)? (?:them|those|both))\b/i,
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

const SNUG =
  /\bhand[- ]?tight\b|\bfinger[- ]?tight\b|\bfingers only\b|\bsnug\b|\bnip(?:ped)? (?:it |them |up)?(?:up)?\b|\bfirm\b|\bjust tight\b|\bgood and tight\b/i;
const BY_HAND = /\b(?:hand|finger)[- ]?tight\b|\b(?:hands?|fingers) only\b/i;
const LOCKER = /\b(?:thread ?lock(?:er)?|locking fluid|stud ?lock|thread ?glue)\b/i;
/** What is said of a fastener with its name no longer beside it: within so many clauses. */
const STILL = 3;

/**
 * Adds what a clause tells of how its fastener is done up: to the one it names, to that of what it works on,
 * or to the one spoken of just now.
 */
export function traitsOf(walk: Walk, here: Here): void {
  const { said, i } = here;
  const named = here.places.filter((group) => group !== undefined).at(-1);
  const sameSentence =
    walk.last &&
    walk.heard.told[walk.last.last]?.sentence === here.clause.sentence &&
    here.clause.to - (walk.heard.told[walk.last.last]?.from ?? 0) < 40;
  const near = walk.last && (sameSentence || i - walk.last.last <= STILL) ? walk.last : undefined;
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
    if (trait === "at ride height" && !ofItsLine) continue;
    const match = words.exec(said);
    const stands =
      named !== undefined ||
      (within !== undefined && walk.last !== undefined && i - walk.last.last <= within);
    if (!match || (beside && !stands) || DENIED.test(said.slice(0, match.index))) continue;
    const figured = group.figuredAt === i && group.figures.length > 0;
    const torqued = figured || /\b(?:torque|tighten|final|do (?:it|them) up)\b/i.test(said);
    if (wheel && !group.marks.has("wheel") && !torqued) continue;
    // "The three by hand, the big nut by hand": each that stands before the words.
    const each = [...said.matchAll(new RegExp(words, "gi"))].map(
      ({ index }) => before(walk, here, index) ?? group,
    );
    if (trait === "single-use" && renewed !== group) renewed?.traits.add(trait);
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
  if (LOCKER.test(said) && !/\bdo not|don't|no thread/i.test(said)) {
    const strength = lockerGrade(said);
    group.traits.add(`threadlocker, ${strength} strength`);
  }
  if (SNUG.test(said) && !/\d/.test(said)) group.traits.add("snug");
  if (BY_HAND.test(said) && !/\d/.test(said)) group.traits.add("hand tight");
}

function lockerGrade(said: string) {
  if (/\bhigh|red|permanent|stud/i.test(said)) return "high";
  if (/\blow|purple/i.test(said)) return "low";
  return "medium";
}

/** The group named nearest before a place in what a clause says. */
function before(
  { heard: { terms } }: Walk,
  { clause, mentions, places }: Here,
  index: number,
): Group | undefined {
  const at = (terms[clause.from]?.start ?? 0) + index;
  const k = mentions.findLastIndex((mention) => (terms[mention.from]?.start ?? Infinity) < at);
  return k < 0 ? undefined : places[k];
}

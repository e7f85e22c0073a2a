import type { Group } from "./group";

const TRAITS: readonly [trait: string, words: RegExp][] = [
  ["by hand first", /\b(?:by hand|with (?:your|my|the) fingers?|finger[- ]?(?:tight|start)|hand[- ]start|started with|fingers all the way)\b/i],
  ["cross", /\b(?:criss[- ]?cross|cross pattern|in a (?:star|cross)|star pattern|diagonal(?:ly)?|(?:center|centre|middle) out(?:wards)?|opposite corners)\b/i],
  ["on the ground", /\b(?:(?:down )?on the (?:ground|floor|deck)|(?:lower|drop|let) (?:it|her|the car) (?:down)?|wheels? (?:back )?on the ground|weight on the wheels)\b/i],
  ["at ride height", /\b(?:ride height|normal height|weight (?:of the car )?on (?:it|the suspension)|(?:on to|onto) the blocks|full weight)\b/i],
  [
    "single-use",
    /\b(?:single[- ]use|one[- ]time|(?:don'?t|never|do not|not) re-?use|don'?t use those twice|used once|only hold once|stretch bolts?|new (?:ones?|nuts?|bolts?) every time|straight in the bin|always new|throw (?:them|those|it) (?:out|away)|replaced? every time|bin (?:them|it))\b/i,
  ],
  ["new pin", /\bnew (?:split |cotter )?pin\b/i],
  ["left-hand thread", /\bleft[- ]hand(?:ed)? thread|reverse thread|backwards thread\b/i],
  ["count turns", /\bcount(?:ed|ing)? (?:the |your |my )?(?:turns|threads)|\bturns? (?:exactly|counted)\b/i],
  ["anti-seize", /\banti[- ]?seize|copper (?:grease|slip|paste)|\bnickel on\b|of that nickel\b/i],
  ["grease", /\b(?:smear|dab|film|bit) of (?:\w+ )?grease\b|\bgrease (?:the|them|it|on)\b/i],
  ["counter-hold", /\bcounter-?hold|hold(?:ing)? (?:the|that) (?:nut|head|stud|bolt|back)\b|\bor it(?:'ll| will) just spin|wrench on the (?:top|bottom)\b/i],
];

export function traitsOf(said: string, places: readonly Group[], last: Group | undefined): void {
  const groups = places.length > 0 ? [...new Set(places)].slice(-2) : last ? [last] : [];
  if (groups.length === 0) return;
  for (const [trait, words] of TRAITS) if (words.test(said)) groups.slice(-1).forEach((group) => group.traits.add(trait));
  if (/\b(?:thread ?lock(?:er)?|locking fluid|stud ?lock|thread ?glue)\b/i.test(said) && !/\bdo not|don't|no thread/i.test(said))
    groups.at(-1)?.traits.add(`threadlocker, ${/\bhigh|red|permanent|stud/i.test(said) ? "high" : /\blow|purple/i.test(said) ? "low" : "medium"} strength`);
  if (
    /\bhand[- ]?tight\b|\bfinger[- ]?tight\b|\bfingers only\b|\bsnug\b|\bnip(?:ped)? (?:it |them |up)?(?:up)?\b|\bfirm\b|\bjust tight\b|\bgood and tight\b/i.test(said) &&
    !/\d/.test(said)
  )
    groups.at(-1)?.traits.add("snug");
}

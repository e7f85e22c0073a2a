import type { Amount } from "../model/supply";
import type { Tool } from "../model/tool";

/** Words that name a kind of tool, the longest first where one holds another. */
export const KIND_WORDS: readonly [RegExp, Tool["kind"]][] = [
  [/\btorque wrench(?:es)?\b/, "torque wrench"],
  [/\b(?:torque )?angle gauges?\b/, "angle gauge"],
  [/\b(?:torque )?multipliers?\b/, "multiplier"],
  [/\b(?:uni(?:versal)?(?: |-)?joints?|u-joints?|wobble joints?)\b/, "universal joint"],
  [/\bextensions?(?: bars?)?\b/, "extension"],
  [/\b(?:drive )?adap[te]{2}rs?\b|\breducers?\b|\bstep[ -]?(?:up|down)s?\b/, "drive adapter"],
  [/\bcrowf(?:oo|ee)t(?: spanners?| wrench(?:es)?)?\b/, "crowfoot"],
  [/\b(?:ratchet spanners?|ratcheting spanners?|spanners?)\b/, "spanner"],
  [
    /\b(?:breaker bars?|power bars?|ratchets?|t-bars?|sliding bars?|(?<!pry |crow |wrecking )bars?)\b/,
    "bar or ratchet",
  ],
  [/\b(?:(?:axle|jack) )?stands?\b/, "stands"],
  [/\b(?:trolley |bottle |scissor )?jacks?\b/, "jack"],
  [
    /\b(?:t|l)[ -]handle\b|\b(?:hex(?:agon)?|lobe|six-lobe|spline)? ?(?:keys|drivers?|screwdrivers?)\b|\bkeys?\b/,
    "key",
  ],
  [/\b(?:sockets?|bits?|socket bits?)\b/, "socket"],
];

/** A square drive named anywhere in a line, alone or with its words; not within a mixed number. */
export const DRIVE =
  /(?<![\d/]|\d[\s-])(1\/4|3\/8|1\/2|3\/4)(?![\d/])(?:\s*-?\s*(?:in|inch|")(?![a-z]))?(?:\s*(?:square|sq|drive|dr)\b)*/;

export const SPANNER_WORDS: readonly [RegExp, NonNullable<Extract<Tool, { kind: "spanner" }>["form"]>][] = [
  [/\b(?:flare|flare nut|brake pipe|line|union)\b/, "flare"],
  [/\bratchet(?:ing)?\b/, "ratchet"],
  [/\bring\b/, "ring"],
  [/\bopen(?: |-)?(?:end(?:ed)?)?\b/, "open"],
  [/\bcombination\b/, "combination"],
];

export const AMOUNT_WORDS: Record<string, { unit: Amount["unit"]; times: number }> = {
  ml: { unit: "mL", times: 1 },
  cl: { unit: "mL", times: 10 },
  l: { unit: "mL", times: 1000 },
  litre: { unit: "mL", times: 1000 },
  liter: { unit: "mL", times: 1000 },
  g: { unit: "g", times: 1 },
  kg: { unit: "g", times: 1000 },
  m: { unit: "m", times: 1 },
  piece: { unit: "pieces", times: 1 },
  pc: { unit: "pieces", times: 1 },
  can: { unit: "pieces", times: 1 },
  bottle: { unit: "pieces", times: 1 },
  tube: { unit: "pieces", times: 1 },
  roll: { unit: "pieces", times: 1 },
  box: { unit: "pieces", times: 1 },
  pack: { unit: "pieces", times: 1 },
  bag: { unit: "pieces", times: 1 },
  pair: { unit: "pieces", times: 2 },
  // 231 cubic inches; 4.54609 L; the pound is 453.59237 g (as in quantity/measure.ts).
  quart: { unit: "mL", times: 3785.411784 / 4 },
  qt: { unit: "mL", times: 3785.411784 / 4 },
  "us gallon": { unit: "mL", times: 3785.411784 },
  "imperial gallon": { unit: "mL", times: 4546.09 },
  "imp gallon": { unit: "mL", times: 4546.09 },
  /** Which one is asked. */
  gallon: { unit: "mL", times: 3785.411784 },
  lb: { unit: "g", times: 453.59237 },
  pound: { unit: "g", times: 453.59237 },
};

/** A shape that is turned from inside: on a square it is a bit, in the hand a key. */
export const INTERNAL =
  /\b(?:allen|hex(?:agon)?|spline|torx|star|six-?lobe|cross(?:-?heads?)?|phillips|slotted|flat[ -]?(?:heads?|blades?)|square (?:bits?|keys?))\b(?=.*\d)|\bph ?\d|(?<![a-z])t[ -]?\d{1,3}\b|\bm\d+ spline/;

/** Sizes and what is said of them, and no word for what has that size. */
export const ONLY_SIZES =
  /^(?:(?:1[02]|6)[ -]?(?:point|pt)s?|deep|long|impact|metric|sae|imperial|flare|ring|open|mm|in|inch|"|e?\d[\d/.,\s-]*(?:mm|in|inch|")?|[\s,])+$/;

/** What may be said of sockets with their sizes; another word is the name of something else. */
export const OF_SOCKETS =
  /^(?:drive|dr|sq|square|metric|inch(?:es)?|in|mm|sae|af|imperial|deep|shallow|long|short|impact|set|sizes?|no|not|without|except|but|missing|less|lacks|and|to|up|through|from|points?|pt|t|e|m|ph|[tem]\d+|ph\d+|spline|torx|star|lobe|six|allen|hex(?:agon)?|cross|head|phillips|slotted|flat|blade|square|tamper|security|black|chrome|old|new|my|the|of|a|in)$/;

/** Said behind a line whose name is all that is to be known of it. */
export const BY_NAME = /[\s,]*\bby (?:its )?name$/;

/** Tools that are known by their names: a number in one is no size that a fastener is fitted by. */
export const NAMED =
  /\b(?:hammers?|mallets?|sledges?|pry ?bars?|crow ?bars?|pliers|cutters?|snips|screwdrivers?|phillips|cross-?heads?|flat-?heads?|flat blades?|slotted(?!.*socket)|pullers?|splitters?|separators?|press(?:es)?|vises?|vices?|clamps?|files?|punch(?:es)?|chisels?|drifts?|(?:hack)?saws?|drills?|drill bits?|taps?|dies?|extractors?|adjustable|(?:pipe|strap|chain|filter|lug|monkey) wrench(?:es)?|wheel braces?|impact (?:guns?|drivers?|wrench(?:es)?)|(?:air|electric|cordless) (?:impact|ratchets?|drills?)|grinders?|heat guns?|torch(?:es)?|lamps?|lights?|multimeters?|feeler gauges?|thread gauges?|magnets?|mirrors?|funnels?|drain pans?|trays?|chocks?|ramps?|creepers?|gloves|goggles|compressors?|vacuum pumps?|scan tools?|code readers?|(?:seal|bearing) drivers?|chuck keys?|chargers?|brush(?:es)?|scrapers?|verniers?|micrometers?|stethoscopes?|syringes?|ratchet straps?|tow straps?|engine stands?|jack pads?)\b/;

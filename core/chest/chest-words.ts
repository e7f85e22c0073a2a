import type { Amount } from "../model/supply";
import type { Tool } from "../model/tool";

/** Words that name a kind of tool, the longest first where one holds another. */
export const KIND_WORDS: readonly [RegExp, Tool["kind"]][] = [
  [/\btorque wrench(?:es)?\b/, "torque wrench"],
  [/\b(?:torque )?angle gauges?\b/, "angle gauge"],
  [/\b(?:torque )?multipliers?\b/, "multiplier"],
  [/\b(?:uni(?:versal)?(?: |-)?joints?|u-joints?|wobble joints?)\b/, "universal joint"],
  [/\bextensions?(?: bars?)?\b/, "extension"],
  [/\b(?:drive )?adap[te]{2}rs?\b/, "drive adapter"],
  [/\bcrow(?:'s)?[ -]?f(?:oo|ee)t(?: spanners?| wrench(?:es)?)?\b/, "crowfoot"],
  [/\b(?:ratchet spanners?|ratcheting spanners?|spanners?)\b/, "spanner"],
  [
    /\b(?:breaker bars?|power bars?|ratchets?|t-bars?|sliding bars?|(?<!pry |crow |wrecking )bars?)\b/,
    "bar or ratchet",
  ],
  [/\b(?:(?:axle|jack) )?stands?\b/, "stands"],
  [/\b(?:trolley |bottle |scissor )?jacks?\b/, "jack"],
  [
    /\b(?:t|l)[ -]handle keys?\b|\b(?:hex(?:agon)?|lobe|six-lobe|spline)? ?(?:keys|drivers?|screwdrivers?)\b|\b(?:hex(?:agon)?|lobe|six-lobe) key\b/,
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
  litres: { unit: "mL", times: 1000 },
  liter: { unit: "mL", times: 1000 },
  liters: { unit: "mL", times: 1000 },
  g: { unit: "g", times: 1 },
  kg: { unit: "g", times: 1000 },
  m: { unit: "m", times: 1 },
  pieces: { unit: "pieces", times: 1 },
  piece: { unit: "pieces", times: 1 },
  pcs: { unit: "pieces", times: 1 },
  pair: { unit: "pieces", times: 2 },
  pairs: { unit: "pieces", times: 2 },
};

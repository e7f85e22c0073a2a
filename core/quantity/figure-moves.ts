import { readNumber } from "./read-number";
import type { Move } from "./torque-figure";

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`;
const UP_TO_TEN = ["one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten"];
const COUNT = String.raw`(\d{1,2}|${UP_TO_TEN.join("|")})`;
const LENGTH = String.raw`${NUMBER}\s*(mm|millimet(?:re|er)s?|cm|in(?:ch(?:es)?)?|")`;
const FACE = String.raw`(?: (?:the )?(?:face|surface|edge|housing|bore|flush))?`;
const MM: Readonly<Record<string, number>> = { c: 10, i: 25.4, '"': 25.4 };

/** How a move that says all by itself is written; the longer before what begins it. */
const WRITTEN: readonly [written: RegExp, move: (found: RegExpExecArray) => Move | undefined][] = [
  [/(?:just )?(?:snug|good and tight|nipped up)(?: up)?(?![a-z])/y, () => ({ form: "snug" })],
  [
    /(?:by )?(?:hand|finger)[ -]?tight(?:en(?:ed)?)?(?![a-z])|by hand(?![a-z])|run (?:it |them )?(?:in|up|down) by hand(?![a-z])/y,
    () => ({ form: "hand tight" }),
  ],
  [
    new RegExp(
      String.raw`(?:(?:until|till|with|so that)\s+)?${COUNT}(?:\s*(?:to|or|-|–)\s*${COUNT})? (?:full )?threads? (?:are |is |stands? |sticks? |stuck |poking )?(?:show(?:s|ing)?|proud|out|through|visible)(?: of the nut)?(?![a-z])`,
      "y",
    ),
    ([, least, most]) => threads(count(least), count(most)),
  ],
  [
    /(?:driven |pressed |tapped )?(?:in )?(?:until (?:it is |it's )?)?flush(?: (?:with|to) (?:the )?(?:face|surface|edge|housing|bore))?(?![a-z])/y,
    () => ({ form: "depth", belowMm: 0 }),
  ],
  [
    new RegExp(String.raw`(?:to a depth of )?${LENGTH} (?:deep|below|under|recessed)${FACE}(?![a-z])`, "y"),
    ([, length, unit]) => depth(length, unit, 1),
  ],
  [
    new RegExp(String.raw`to a depth of ${LENGTH}(?![a-z])`, "y"),
    ([, length, unit]) => depth(length, unit, 1),
  ],
  [
    new RegExp(String.raw`${LENGTH} (?:proud|above|standing out)${FACE}(?![a-z])`, "y"),
    ([, length, unit]) => depth(length, unit, -1),
  ],
  [
    /(?:(?:back|slack(?:en)?|turn)(?:ed)?(?: it)? )?(?:off|back) (?:to|until) (?:the )?(?:next |nearest |first )?slot(?: lines up| meets the hole)?(?![a-z])/y,
    () => ({ form: "back off", by: "to the slot" }),
  ],
  [
    /(?:a )?(?:spring|constant[- ]tension) (?:hose )?clamps?(?![a-z])/y,
    () => ({ form: "fitted", as: "spring clamp" }),
  ],
  [
    /(?:a )?(?:(?:push|press)(?:[- ]in)?[- ](?:clip|rivet|pin|fastener)s?|(?:push(?:ed)?|pressed) (?:in |home )?until it clicks|until it clicks)(?![a-z])/y,
    () => ({ form: "fitted", as: "push clip" }),
  ],
  [/(?:a )?plastic (?:wing )?nuts?(?![a-z])/y, () => ({ form: "fitted", as: "plastic nut" })],
];

/** The move that begins at a place of a figure in small letters; undefined where none does. */
export function moveAt(text: string, at: number): { text: string; move: Move } | undefined {
  for (const [written, make] of WRITTEN) {
    written.lastIndex = at;
    const found = written.exec(text);
    const move = found && make(found);
    if (found && move) return { text: found[0], move };
  }
  return undefined;
}

function threads(least: number | undefined, most: number | undefined): Move | undefined {
  if (least === undefined || least < 1 || (most !== undefined && most <= least)) return undefined;
  return most === undefined ? { form: "threads", least } : { form: "threads", least, most };
}

function count(said: string | undefined): number | undefined {
  if (said === undefined) return undefined;
  return UP_TO_TEN.includes(said) ? UP_TO_TEN.indexOf(said) + 1 : Number(said);
}

function depth(length: string | undefined, unit: string | undefined, way: 1 | -1): Move | undefined {
  if (length === undefined || unit === undefined) return undefined;
  const mm = readNumber(length, "The depth").value * (MM[unit.charAt(0)] ?? 1);
  return mm > 500 ? undefined : { form: "depth", belowMm: way * Number(mm.toFixed(2)) };
}

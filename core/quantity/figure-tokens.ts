import { moveAt } from "./figure-moves";
import { NUMBER } from "./read-number";
import { type FoundUnit, torqueUnitAt } from "./read-torque-unit";
import type { Move } from "./torque-figure";

type PlainToken =
  | "back off"
  | "maximum"
  | "least"
  | "between"
  | "plus or minus"
  | "times"
  | "degrees"
  | "turns"
  | "flats"
  | "part of a turn"
  | "back to the mark"
  | "and"
  | "to"
  | "dash"
  | "plus"
  | "link"
  | "slash"
  | "open"
  | "close"
  | "strange";

/** A piece of a written torque figure; a move is one that says all by itself. A stage is "stage 2:", "2nd pass" or "1)". */
export type FigureToken =
  | { kind: "number"; text: string }
  | { kind: "unit"; text: string; unit: FoundUnit }
  | { kind: "stage"; text: string; number: number }
  | { kind: "move"; text: string; move: Move }
  | { [Is in PlainToken]: { kind: Is; text: string } }[PlainToken];

/** What each piece may be, the longer before what begins it. */
const WORDS: readonly [RegExp, PlainToken][] = [
  [
    /(?:max(?:imum)?\.?(?: of)?|up to(?: a max(?:imum)? of)?|(?:no|not|never) more than|not (?:over|above)|at most|less than|or less|<=?|≤)(?![a-z])/y,
    "maximum",
  ],
  [/(?:min(?:imum)?\.?(?: of)?|at least|no less than|more than|or more|>=?|≥)(?![a-z])/y, "least"],
  [/between(?![a-z])/y, "between"],
  [/±|\+\s?\/\s?-|\+-|plus (?:or|\/) minus/y, "plus or minus"],
  [/[x×*](?=\s*\d)|times(?![a-z])/y, "times"],
  [/(?:°|º|deg(?:ree)?s?(?![a-z]))\.?/y, "degrees"],
  [/turn(?: it)?(?: (?:on|by|further|another))*(?=\s+(?:a |an |another )?(?:\d|quarter|half))/y, "link"],
  [/(?:(?:of )?an? )?turns?(?![a-z])/y, "turns"],
  [/flats?(?![a-z])(?: of a hexagon)?/y, "flats"],
  [/(?:an? )?(?:quarter|half)(?: of)?(?![a-z])/y, "part of a turn"],
  [
    /(?:(?:back|slacken|loosen|undo)(?:ed)? (?:it |them )?(?:off|back)|slack(?:en|ened)?(?: it| them)? off|turn(?:ed)? (?:it |them )?back)(?: (?:until|till) (?:it is|they are|it's) free| again| by)?(?![a-z])/y,
    "back off",
  ],
  [/back(?: to (?:the )?mark)?(?![a-z])/y, "back to the mark"],
  [
    /(?:do (?:it )?up|back|turn it|and then|then(?: on)?|first(?: to)?|second(?:ly)?|third|finally|followed by|another|an? further|further|plus|tighten(?: to)?|torque(?: to)?|by|all)(?![a-z])|[,;:]|\r?\n/y,
    "link",
  ],
  [/and(?![a-z])/y, "and"],
  [/to(?![a-z])/y, "to"],
  [/\.{2,3}|…|[-–—]/y, "dash"],
  [/\+/y, "plus"],
  [/[/|=]|or(?![a-z])/y, "slash"],
  [/[([{]/y, "open"],
  [/[)\]}]/y, "close"],
];

/** Words that are links everywhere but do more than link: a plus that is said. */
const PLUS_SAID = /^plus$/;
const STAGE =
  /(?:stage|step|pass|phase)\s*(?:no\.?\s*)?(\d{1,2})\s*[:.)=-]?\s*|(\d)(?:st|nd|rd|th)(?:\s*(?:stage|step|pass))?\s*:?\s*|(\d)\)\s*/y;
const NUMBERS = new RegExp(NUMBER, "y");
const SPACE = /\s+/y;
const ANYTHING = /[a-z·⋅.]+|[^\s]/y;

/** A written torque figure in its pieces, spaces left out; what is none of them is "strange". */
export function figureTokens(typed: string): FigureToken[] {
  const text = typed.toLowerCase().replace(/[’‘]/g, "'").replace(/[−‒]/g, "-");
  const tokens: FigureToken[] = [];
  let at = 0;
  while (at < text.length) {
    const space = take(SPACE, text, at);
    if (space) {
      at += space.length;
      continue;
    }
    const token = tokenAt(text, at, tokens.at(-1));
    tokens.push(token);
    at += Math.max(1, token.text.length);
  }
  return tokens;
}

function tokenAt(text: string, at: number, before: FigureToken | undefined): FigureToken {
  STAGE.lastIndex = at;
  const stage = STAGE.exec(text);
  if (stage && !(before?.kind === "number"))
    return { kind: "stage", text: stage[0], number: Number(stage[1] ?? stage[2] ?? stage[3]) };
  const move = moveAt(text, at);
  if (move) return { kind: "move", ...move };
  const number = take(NUMBERS, text, at);
  if (number) return { kind: "number", text: number };
  const unit = torqueUnitAt(text, at);
  if (unit) return { kind: "unit", text: text.slice(at, unit.to), unit };
  for (const [pattern, kind] of WORDS) {
    const word = take(pattern, text, at);
    if (word) return PLUS_SAID.test(word) ? { kind: "plus", text: word } : { kind, text: word };
  }
  return { kind: "strange", text: take(ANYTHING, text, at) ?? text.slice(at, at + 1) };
}

/** What a sticky pattern takes at a place; undefined for nothing. */
function take(pattern: RegExp, text: string, at: number): string | undefined {
  pattern.lastIndex = at;
  const found = pattern.exec(text)?.[0];
  return found === undefined || found === "" ? undefined : found;
}

/** Whether a piece begins a part of its own, with nothing between: a number, or what is backed off. */
export const beginsPart = (token: FigureToken | undefined): boolean =>
  token?.kind === "number" ||
  token?.kind === "back off" ||
  (token?.kind === "move" && token.move.form === "back off");

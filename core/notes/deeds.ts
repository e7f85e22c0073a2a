import type { Clause } from "./clauses";
import { doneIn, LATER, newIn } from "./done";
import { type Heard, saidIn } from "./heard";
import { type Done, particleIn } from "./particle";
import { MEANWHILE } from "./step-phase";
import { NOT_THIS_ONE, OTHERS_SAY } from "./vocabulary";

/** Said of what might be, of others, or of another day. */
const NOT_DONE =
  /^\W*(?:and |so |but |or |then )*(?:if|unless|before (?:you|we|i|it|they|the|your|any|\w+ing)\b|in case|otherwise|or else|until|till|because|cause|cuz|since|which|who|though|although)\b|\b(?:don'?t|do not|never|can'?t|cannot|won'?t|shouldn'?t|didn'?t|wouldn'?t|could|would|today|yesterday|this (?:morning|weekend|week)|how (?:do|did|to)|you(?:'ll| will) (?:see|find|notice|need|have)|you can|you could|(?:been|was|were) \w+ing|another day|some other (?:day|time)|i once|one time|last time|the first time|years? ago|used to|people|somebody|someone|some (?:folks|people)|i'?ve seen|they'?ll|he (?:said|says)|she (?:said|says)|subscribe|sponsor(?:ed)?|comments|welcome|thank)\b/i;
/** What each clause says is done; undefined where nothing is, or only might be. */
export function deedsOf({
  text,
  terms,
  told,
  listing,
  turn,
}: Pick<Heard, "text" | "terms" | "told" | "listing"> & { turn?: number }): (Done | undefined)[] {
  return told.map((clause, i) => {
    const said = saidIn(text, terms, clause);
    if (
      listing.has(i) ||
      NOT_DONE.test(said) ||
      NOT_THIS_ONE.test(said) ||
      OTHERS_SAY.test(said) ||
      (LATER.test(said) && turn !== undefined && i >= turn)
    )
      return undefined;
    const done = doneIn(terms, clause) ?? particleIn(terms, clause);
    // "The front ones go up into the floor", "we'll do the cover bolts too": how it is, until it goes back.
    if (
      done?.way === "on" &&
      turn !== undefined &&
      i < turn &&
      (/^(?:into|onto)$/.test(done.particle) || (done.says === "tighten" && /\bdo\b/i.test(said)))
    )
      return undefined;
    return done ?? (turn !== undefined && i >= turn ? newIn(terms, clause) : undefined);
  });
}

/**
 * The clause from which things go back: where the fewest come off after it and go on before it, and where it
 * is said best. One place for the whole telling, so that a plug put back on the way turns nothing round.
 */
export function turnOf(
  heard: Pick<Heard, "text" | "terms" | "told" | "listing" | "torques" | "sizes">,
): number {
  const { text, terms, told, torques, sizes } = heard;
  const deeds = deedsOf(heard);
  // A figure told before anything has come off tells what the bolts are, and not that they go back.
  const firstOff = deeds.findIndex((deed) => deed?.way === "off");
  const weight = deeds.map((deed, i) => {
    const clause = told[i];
    // Nothing goes back before anything has come off, and a rag or a tray put somewhere is no part that goes
    // back.
    if (!clause || i < firstOff || (deed?.way === "on" && MEANWHILE.test(saidIn(text, terms, clause))))
      return 0;
    const torque = torques.some(({ from }) => from >= clause.from && from < clause.to);
    // A head told without a figure is mostly that of what is undone.
    const head = sizes.some(({ kind, from }) => kind === "head" && from >= clause.from && from < clause.to);
    return directionOf(deed) + (torque ? 1.5 : 0) - (head && !torque ? HEAD_TOLD : 0);
  });
  // Before the turn what goes on counts against it, after it what comes off.
  let against = weight.reduce((sum, one) => sum + Math.max(0, -one), 0);
  let best = { at: told.length, cost: Infinity };
  for (let at = 0; at <= told.length; at++) {
    const clause = told[at];
    const said = clause ? saidIn(text, terms, clause) : "";
    const heads = clause && HEADING.test(said) && isHeading(terms, clause);
    const cue = heads ? 3 : turnWeight(said);
    const cost = against - cue;
    // Where nothing comes off at all, what comes before the first that goes on is no part of going back.
    if (cost < best.cost || (firstOff < 0 && cost === best.cost)) best = { at, cost };
    const one = weight[at] ?? 0;
    against += one;
  }
  return best.at;
}

const HEAD_TOLD = 0.3;

/** What the second half of a telling is headed with: "In:", "Mounting.", "Back on". */
const HEADING =
  /^\W*(?:(?:and |now |so |then )?(?:going |putting (?:it )?)?back(?: (?:in|on|up|together))?|in|on|in again|on again|fitting|mounting|installing|building up|other way round)\W*$/i;
/** Alone on its line, or before what it heads. */
function isHeading(terms: Heard["terms"], { from, to }: Clause): boolean {
  const [before, after] = [terms[from - 1]?.text ?? "\n", terms[to]?.text ?? "\n"];
  return /^[\n.:;!?*#-]$/.test(before) && (/^[:\n]$/.test(after) || (to - from > 1 && /^[,.]$/.test(after)));
}

/** Says in so many words that it goes together again. */
const TURNS =
  /\b(?:(?:ok|okay|now|so|alright|right|time to|start) (?:we're |i'm |it's )?(?:going|go|putting (?:it|this|everything)) back (?:in|on|together)|back together|let'?s get (?:this|it|that|everything|her|him) (?:all )?back|^re-?fitting|^\W*re-?fit\W*$|re-?assembl\w+|^assembly|^installation|right then|in reverse|^putting back|new one)\b/i;

function turnWeight(said: string) {
  if (TURNS.test(said)) return 3;
  if (
    /^\W*(?:and |now |so |ok |okay |right |all right |alright |then )*(?:the )?new (?!ones? )\w+/i.test(said)
  )
    return 1.5;
  return 0;
}

function directionOf(deed: Done | undefined) {
  if (deed?.way === "off") return -1;
  if (deed?.way === "on") return 1;
  return 0;
}

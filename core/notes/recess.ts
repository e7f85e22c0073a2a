import type { Clause } from "./clauses";
import type { Group, SaidSize } from "./group";
import { saidIn } from "./heard";
import type { Here, Walk } from "./walk";

/** "Six Allen bolts hold it, five mil": the size of a recess, where the head was said to have one. */
export function withRecess(
  walk: Walk,
  here: Here,
  one: SaidSize,
  { from: at, to }: Clause,
  group: Group,
): SaidSize {
  const { text, terms, told } = walk.heard;
  const { profile, size: across, unit } = one.head;
  if (profile !== "hexagon") return one;
  const mention = here.mentions.find((each, k) => here.places[k] === group && each.from <= at);
  const named = Math.max(...[...group.clauses].filter((i) => i < here.i));
  const clause = here.i - named <= 2 ? told[named] : undefined;
  const from = mention?.from ?? (here.mentions.length > 0 ? undefined : clause?.from) ?? at;
  const said = saidIn(text, terms, { from, to: Math.min(terms.length, to + 2) });
  if (HAS_TWELVE_POINTS.test(said)) return { ...one, head: { ...one.head, profile: "twelve-point" } };
  if (across > (unit === "in" ? LARGEST_KEY.in : LARGEST_KEY.mm)) return one;
  return HAS_RECESS.test(said) ? { ...one, head: { ...one.head, profile: "hexagon key" } } : one;
}
const HAS_TWELVE_POINTS = /\b(?:twelve|12)[- ]?point(?:s|ed)? (?:bolts?|nuts?|screws?|heads?)\b/i;
const HAS_RECESS =
  /\b(?:allen(?:[- ]heads?|[- ]headed)? (?:bolts?|screws?)|allen[- ]?heads?|allens|socket[- ]head|cap[- ](?:head )?(?:bolts?|screws?)|internal hex|hex sockets?)\b(?![^.]*\b(?:wrench|spanner|ring)\b)/i;
/** The largest recesses of cap screws in common use: ISO 4762, M24, and 3/4 in of a 1 in screw (ASME B18.3). */
const LARGEST_KEY = { mm: 19, in: 0.75 } as const;

/** "A screw behind the handle, that's a Phillips". */
export function shapedCross({ last }: Walk, { said, sizes, i }: Here): void {
  if (last && IS_CROSS.test(said) && sizes.length === 0 && i - last.last <= 1)
    last.name = last.name.replace(/(?<!cross-head )\b(?:screws?|bolts?)\b/, "cross-head $&");
}
const IS_CROSS =
  /^\W*(?:and )?(?:that's|it's|that is|it is|those are|they're|they are|these are|both)(?: just| all| both)?(?: an?)? (?:phillips|pozi|pozidriv|cross[- ]?heads?)\b(?! (?:screws?|bolts?))/i;

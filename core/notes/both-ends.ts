import { formatHeadSize } from "../quantity/read-head-size";
import { isOfBolt } from "./called-by-thread";
import type { SaidSize } from "./group";
import { saidIn, spanOf } from "./heard";
import { type Here, type Walk, mentionsWithGroups } from "./walk";

/** "Nut 15 / head 13", "a 7/8 wrench on the head and another 7/8 on the nut": the first is turned, the other held. */
export function bothEnds(walk: Walk, here: Here): boolean {
  const { text, terms } = walk.heard;
  const [first, second] = here.sizes;
  if (here.sizes.length !== 2 || first?.kind !== "head" || second?.kind !== "head") return false;
  const between = saidIn(text, terms, { from: first.to, to: second.from });
  const before = saidIn(text, terms, { from: here.clause.from, to: first.from });
  const after = saidIn(text, terms, { from: second.to, to: here.clause.to });
  const [one, other] = [
    ON_END.exec(between)?.[1] ?? OF_END.exec(before)?.[1] ?? ITS_END.exec(between)?.[1],
    ON_END.exec(after)?.[1] ?? OF_END.exec(between)?.[1] ?? ITS_END.exec(after)?.[1],
  ].map((end) => end?.toLowerCase());
  const group = mentionsWithGroups(here)[0]?.group ?? walk.last;
  if (!one || !other || one === other || !group || (group.undo && !isOfThread(walk, group.undo)))
    return false;
  const saidOf = ({ head, from, to }: typeof first): SaidSize => ({
    head,
    span: spanOf(terms, from, to),
    doubtful: here.inDoubt,
  });
  // "A 14 on the flats and a 15 on the nut": what is turned is the nut.
  const [turned, held] = STAYS.test(one) ? [second, first] : [first, second];
  group.undo = saidOf(turned);
  group.hold = saidOf(held);
  group.traits.add("counter-hold");
  group.last = here.i;
  walk.otherEnd = undefined;
  return true;
}
const OF_END = /\b(nut|head|bolt)(?:(?:'s| is| takes)(?: an?)?|s are| ?[/,;&+-]*) ?$/i;
const ON_END = /^(?:\w+ )?on the (nut|head|bolt|flats|pin|stud|shaft|stem|rod)\b/i;
/** "17 heads with a 19 nut". */
const ITS_END = /^(?:mm |mils? )?(head|nut)s?\b/i;
const STAYS = /^(?:flats|pin|stud|shaft|stem|rod)$/;

/** "They were T25, not 30": of those that had the head which is denied, whatever was spoken of since. */
export function corrects(walk: Walk, here: Here): boolean {
  const { text, terms, told, sizes } = walk.heard;
  const next = told[here.i + 1];
  const to = next?.sentence === here.clause.sentence ? next.to : here.clause.to;
  const [first, second] = sizes.filter(({ from }) => from >= here.clause.from && from < to);
  if (first?.kind !== "head" || second?.kind !== "head" || first.to > here.clause.to) return false;
  if (here.goingBack || here.places.some((group) => group !== undefined)) return false;
  if (!/^(?:\W*\w+){0,2}\W*not(?: an?)?\W*$/i.test(saidIn(text, terms, { from: first.to, to: second.from })))
    return false;
  // "T25, not 30": of the same kind.
  const isBare = second.to === second.from + 1 && /^\d+$/.test(terms[second.from]?.text ?? "");
  const denied = isBare ? { ...first.head, size: second.head.size } : second.head;
  const group = walk.groups.findLast(
    ({ undo }) => undo && formatHeadSize(undo.head) === formatHeadSize(denied),
  );
  // Of what was spoken of last it is struck where it is said.
  if (!group?.undo || group === walk.last) return false;
  walk.struck.push({ span: group.undo.span, what: formatHeadSize(denied), of: "size" });
  group.undo = { head: first.head, span: spanOf(terms, first.from, first.to), doubtful: false };
  return true;
}

/** "9/16 bolts": in inches a bolt is called by its thread, where another size is said of what turns it. */
export const isOfThread = ({ heard: { terms } }: Walk, size: SaidSize): boolean =>
  size.head.unit === "in" && isOfBolt(terms, size);

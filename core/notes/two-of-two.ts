import { formatHeadSize } from "../quantity/read-head-size";
import type { Group } from "./group";
import { saidIn, spanOf } from "./heard";
import { bySize } from "./told-apart";
import type { Walk, Here } from "./walk";

/**
 * "Two bolts, one's a fifteen, the other's a thirteen": two of one kind and no pair; told apart from then on
 * by how large they are.
 */
export function twoOfTwo({ heard: { text, terms }, groups }: Walk, { i, clause, said, sizes }: Here): void {
  const heads = sizes.filter((size) => size.kind === "head");
  const [first, second] = heads;
  if (
    !first ||
    !second ||
    heads.length > 2 ||
    !/\bone(?: is|'s)?\b.*\b(?:the )?other(?: one)?(?: is|'s)?\b/i.test(said)
  )
    return;
  const between = saidIn(text, terms, { from: first.to, to: second.from });
  const pair = groups.find(
    (group) =>
      group.count === 2 &&
      group.clauses.has(i) &&
      group.undo !== undefined &&
      formatHeadSize(group.undo.head) === formatHeadSize(first.head),
  );
  if (
    !pair ||
    !/\bother\b/i.test(between) ||
    first.head.unit !== second.head.unit ||
    first.head.size === second.head.size ||
    clause.to < second.to
  )
    return;
  const other: Group = {
    ...pair,
    marks: new Set(pair.marks),
    count: 1,
    undo: { head: second.head, span: spanOf(terms, second.from, second.to), doubtful: false },
    aliases: [],
    figures: [],
    traits: new Set(pair.traits),
    spans: [spanOf(terms, second.from, second.to)],
    clauses: new Set([i]),
  };
  pair.count = 1;
  bySize(pair, other, second.head);
  groups.push(other);
}

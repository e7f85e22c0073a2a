import { wordsFrom } from "./behind";
import type { Mention } from "./mention";
import type { Term } from "./terms";

/** "The two at the front are 10 mm bolts": one thing, and what it is. */
export function asOne(terms: readonly Term[], mentions: readonly Mention[]): Mention[] {
  return mentions.flatMap((mention, k) => {
    const [before, after] = [mentions[k - 1], mentions[k + 1]];
    if (before && isWhat(terms, before, mention)) return [];
    if (!after || !isWhat(terms, mention, after)) return [mention];
    return [
      {
        ...mention,
        to: after.to,
        family: after.family,
        head: after.head,
        name: `${mention.name} ${after.head}`.trim(),
        count: mention.count ?? after.count,
        marks: [...mention.marks, ...after.marks],
      },
    ];
  });
}

/** "A bolt", "a bolt up through the subframe": with nothing that it is called. */
const isBare = ({ marks, name, head }: Mention): boolean => marks.length === 0 || name.startsWith(head);

const isWhat = (terms: readonly Term[], one: Mention, what: Mention): boolean =>
  one.family === "one" &&
  one.marks.length > 0 &&
  !one.byFigure &&
  what.family !== "one" &&
  isBare(what) &&
  !what.definite &&
  what.to - one.to <= 6 &&
  /^(?:at the \w+ |on the \w+ |in the \w+ )?(?:is|are|was|were)(?: an?| also| all| just| both)*(?: [\d.]+| mm| mil)*(?: \w+)?$/.test(
    wordsFrom(terms, one.to, what.to - 1),
  );

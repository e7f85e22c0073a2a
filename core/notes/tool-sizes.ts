import type { Group } from "./group";
import { type Heard, saidIn, spanOf } from "./heard";
import { singular } from "./mention";
import { byWords } from "./same-group";
import { DOUBTFUL, NOT_IN_NAME, TOOL_HEADS } from "./vocabulary";

/** "A 17 socket for the wheels": what a list of tools says of sizes. */
export function sizesOfTools({ text, terms, told, sizes, listing }: Heard, groups: readonly Group[]): void {
  for (const i of listing) {
    const clause = told[i];
    if (!clause) continue;
    for (const size of sizes) {
      if (size.kind !== "head" || size.from < clause.from || size.from >= clause.to) continue;
      const after = terms.slice(size.to, Math.min(clause.to, size.to + 9));
      const at = after.findIndex(({ text: word }) => word === "for");
      // "A 19 mm wheel wrench".
      const named = at < 0 && TOOL_HEADS.has(after[1]?.text ?? "") ? after.slice(0, 1) : [];
      if ((at < 0 || at > 3) && named.length === 0) continue;
      const words = (at < 0 ? named : after.slice(at + 1)).map(({ text: word }) => singular(word));
      const group = byWords(
        groups.filter(({ undo }) => !undo),
        words.filter((word) => !NOT_IN_NAME.has(word) && word.length > 2),
      );
      if (group)
        group.undo = {
          head: size.head,
          span: spanOf(terms, size.from, size.to),
          doubtful: DOUBTFUL.test(saidIn(text, terms, clause)),
        };
    }
  }
}

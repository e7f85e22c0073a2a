import { judgeFigure } from "../fastener/judge-figure";
import { usualPitches } from "../thread/thread";
import type { Group, SaidSize } from "./group";
import type { Term } from "./terms";

/** "Twelve mil bolts", "9/16 bolts": the size of the bolt itself, if it is not that of its head. */
export const isOfBolt = (terms: readonly Term[], { span }: SaidSize): boolean =>
  /^(?:bolt|stud)s?$/.test(terms.find(({ start }) => start >= span.end)?.text ?? "");

/**
 * "85 newton metres, they're twelve mil bolts": bolts called by their diameter. No head of that size goes with the
 * figure, and the thread does: what turns them was not said there.
 */
export function calledByThread(groups: readonly Group[], terms: readonly Term[]): void {
  for (const group of groups) {
    const { name, count = 1, figures } = group;
    const size = group.doUp ?? group.undo;
    // Not where the figure was hardly meant for these.
    const figure = figures.findLast(({ loosely }) => !loosely)?.figure;
    if (!size || !figure || size.head.unit !== "mm" || !isOfBolt(terms, size)) continue;
    const [thread] = usualPitches({ metricMm: size.head.size });
    const bolt = { id: "bolt", name, count, figure };
    if (
      !thread ||
      !judgeFigure({ ...bolt, sizeToUndo: size.head })?.grave ||
      judgeFigure({ ...bolt, thread })
    )
      continue;
    if (group.undo === size) group.undo = undefined;
    if (group.doUp === size) group.doUp = undefined;
  }
}

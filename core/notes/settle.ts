import { judgeFigure } from "../fastener/judge-figure";
import type { TorqueFigure } from "../quantity/torque-figure";
import { threadsOfHead } from "../thread/head-threads";
import { withoutUndefined } from "../without-undefined";
import type { Group } from "./group";
import { alike } from "./same-group";

/** Whether a figure neither leaves a bolt with this head loose nor breaks the thread that most of them have. */
export function isBorne({ name, count = 1, undo, doUp }: Group, figure: TorqueFigure | undefined): boolean {
  const head = doUp ?? undo;
  if (!head || !figure) return false;
  const half = { id: "half", name, count, sizeToUndo: head.head, figure };
  const [thread] = threadsOfHead(head.head);
  return (
    judgeFigure(half)?.grave !== true &&
    judgeFigure({ ...half, ...withoutUndefined({ thread }) })?.judgement?.verdict !== "too much"
  );
}

const isMany = ({ name, count }: Group): boolean => (count ?? (/s$/.test(name) ? 2 : 1)) > 1;

/**
 * "Bolts 45 Nm", where more lots than one could be meant: what its head cannot bear, or what was guessed of a lot that
 * was given another figure by name, goes to the only other lot that has none and can. It is asked.
 */
function settle(groups: readonly Group[], group: Group): void {
  for (const figure of [...group.figures]) {
    const { loosely } = figure;
    if (!loosely) continue;
    const isSized = (group.undo ?? group.doUp) !== undefined;
    const isNamedOther = group.figures.some((one) => !one.loosely && !one.doubtful);
    if (!(isSized && !isBorne(group, figure.figure)) && !(loosely.isGuess && isNamedOther)) continue;
    const [only, ...more] = groups.filter(
      (other) =>
        other !== group &&
        other.figures.length === 0 &&
        alike(other.family, group.family) &&
        isMany(other) === loosely.many &&
        isBorne(other, figure.figure),
    );
    if (!only || more.length > 0) continue;
    group.figures.splice(group.figures.indexOf(figure), 1);
    only.figures.push({ ...figure, doubtful: true });
    only.figuredAt = group.figuredAt;
  }
}

/**
 * "18 inch pounds … eighteen foot pounds like I said": what was said last stands, but for what its head cannot bear
 * where the other reading fits.
 */
function settleUnit(group: Group): void {
  const { figures } = group;
  const last = figures.at(-1);
  const other = figures.findLast((one) => last !== undefined && inOtherUnit(one.figure, last.figure));
  if (!last || !other || isBorne(group, last.figure) || !isBorne(group, other.figure)) return;
  group.figures = [...figures.filter((one) => one !== other), other];
}

const inOtherUnit = (one: TorqueFigure, other: TorqueFigure): boolean =>
  one.form === "value" &&
  other.form === "value" &&
  one.torque.value === other.torque.value &&
  one.torque.unit !== other.torque.unit;

/** Figures whose lot was not said for sure: to the one that they fit, and to those told apart from it. All are asked. */
export function settleFigures(groups: readonly Group[]): void {
  for (const group of groups) settle(groups, group);
  groups.forEach(settleUnit);
  for (const group of groups) {
    const { apartFrom, figures } = group;
    if (apartFrom && figures.length === 0)
      group.figures = apartFrom.figures.map((figure) => ({ ...figure, doubtful: true }));
  }
}

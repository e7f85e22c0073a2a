import { singular } from "./mention";
import { WHAT_ELSE } from "./step-words";
import type { StepAt } from "./told-step";
import { HEADS, THINGS } from "./vocabulary";

/** So many clauses apart, two tellings may be of one deed. */
const A_BREATH = 3;

/** Steps that are told in two breaths, or twice, and done once; in a list each line is one that was meant. */
export function onceEach(steps: readonly StepAt[], isList: boolean): StepAt[] {
  const together = withWhatTheyHold(steps);
  return isList ? together : withTheirTorque(saidInFewer(together));
}

/** "Slacken the clamp of the duct, pull the duct off": one step, as nobody does the one without the other. */
function withWhatTheyHold(steps: readonly StepAt[]): StepAt[] {
  const one: StepAt[] = [];
  for (const step of steps) {
    const before = one.at(-1);
    const thing = step.what.split(" ").at(-1) ?? "";
    if (
      before?.group &&
      !step.group &&
      step.phase === "take apart" &&
      before.phase === step.phase &&
      step.at - before.at <= 2 &&
      /^(?:remove|lift out|pop off)$/.test(step.says) &&
      /^(?:remove|undo|loosen|pop off)$/.test(before.says) &&
      THINGS.has(thing) &&
      (before.group.topic.includes(thing) || before.group.marks.has(thing))
    ) {
      before.what = `${before.what} and ${step.what}`;
      before.own = undefined;
      before.span = { start: before.span.start, end: step.span.end };
    } else one.push(step);
  }
  return one;
}

/** "Fill it back up … so five litres of coolant": what is named is meant where nothing is. */
function saidInFewer(steps: readonly StepAt[]): StepAt[] {
  const words = ({ what }: StepAt) =>
    what
      .split(" ")
      .filter((word) => word !== "new")
      .map(singular);
  // "The cover bolts out, the cover off": the cover is none of its bolts.
  const isFastener = (step: StepAt) => Object.hasOwn(HEADS, words(step).at(-1) ?? "");
  return steps.filter((step, n) => {
    const isUsual = step.what === WHAT_ELSE[step.says];
    return !steps.some(
      (other, m) =>
        m !== n &&
        other.says === step.says &&
        other.phase === step.phase &&
        other.what !== step.what &&
        (isUsual ||
          (Math.abs(other.at - step.at) <= A_BREATH &&
            (other.group ?? step.group) === (step.group ?? other.group) &&
            isFastener(step) === isFastener(other) &&
            // Of two that say the same the later stays.
            (words(other).length > words(step).length || m > n) &&
            words(step).every((word) => words(other).includes(word)))),
    );
  });
}

/** "New bolts in, 20 newton metres": they go in and are torqued in one. */
function withTheirTorque(steps: readonly StepAt[]): StepAt[] {
  return steps.filter((step) => {
    const thing = singular(step.what.split(" ").at(-1) ?? "");
    return !(
      step.group &&
      step.says === "fit" &&
      Object.hasOwn(HEADS, thing) &&
      steps.some(
        ({ group, says, at }) =>
          group === step.group && says === "torque" && at >= step.at && at - step.at <= A_BREATH,
      )
    );
  });
}

import type { Route, Step } from "../model/job";
import type { LookedAt, Task, Work } from "../model/work";
import { type Moment, eventsOf, withEvent } from "./event";
import { finishStep } from "./progress";

/**
 * What a step asks for, one task after another: mark or photograph it, do it, wait, measure, look.
 * Example: a soak → ["hands", "wait"].
 */
export function tasksOf(step: Step): Task[] {
  const tasks: Task[] = [];
  if (step.photo || (step.mark !== undefined && step.kind !== "count")) tasks.push("mark");
  // A wait has to be begun, even where nothing else is done.
  if (step.kind !== "look" || step.wait) tasks.push("hands");
  if (step.wait) tasks.push("wait");
  if (step.measure) tasks.push("measure");
  return tasks.length === 0 ? ["look"] : tasks;
}

/** The task that is on in a step; the last one when all are done. */
export function currentTask(work: Work, step: Step): Task {
  const tasks = tasksOf(step);
  const done = new Set(
    eventsOf(work, "task").flatMap((event) => (event.stepId === step.id ? [event.task] : [])),
  );
  return tasks.find((task) => !done.has(task)) ?? tasks.at(-1) ?? "hands";
}

/**
 * The work with one of a step's tasks done: the next of its tasks is on then, or the next step is open. A
 * task that is not the one that is on changes nothing, so that a button pressed twice before it was drawn
 * anew does not pass over the next.
 */
export function finishTask(
  work: Work,
  route: Route,
  step: Step,
  task: Task,
  moment: Moment,
  found?: LookedAt,
): Work {
  if (task !== currentTask(work, step)) return work;
  if (task === tasksOf(step).at(-1)) return finishStep(work, route, step.id, moment, found);
  return withEvent(work, { ...moment, type: "task", stepId: step.id, task });
}

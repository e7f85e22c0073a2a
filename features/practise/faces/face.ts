import type { Outcome, Task, TaskOf } from "@/core/practise/drill";

/** What every face of a drill is given: its task, whether it is over, and whom to tell how it went. */
export interface TaskFaceProps<K extends Task["kind"]> {
  task: TaskOf<K>;
  isOver: boolean;
  onDone: (outcome: Outcome) => void;
}

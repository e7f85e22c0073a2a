import type { ComponentType } from "react";
import type { Step, StepKind } from "@/core/model/job";
import type { Task } from "@/core/model/work";
import { CountFace } from "./CountFace";
import type { FaceProps } from "./face";
import { LookFace } from "./LookFace";
import { MarkFace } from "./MarkFace";
import { MeasureFace } from "./MeasureFace";
import { PlainFace } from "./PlainFace";
import { TorqueFace } from "./TorqueFace";
import { WaitFace } from "./WaitFace";

type Face = ComponentType<FaceProps>;

/**
 * The face of a step of each kind while the hands are at it. A raise stops at its ticks before it comes to
 * this.
 */
const BY_KIND: Record<StepKind, Face> = {
  do: PlainFace,
  undo: PlainFace,
  "hand-start": PlainFace,
  torque: TorqueFace,
  count: CountFace,
  look: PlainFace,
  raise: PlainFace,
  lower: PlainFace,
};

/** The face of every other task of a step, whatever its kind. */
const BY_TASK: Record<Exclude<Task, "hands">, Face> = {
  mark: MarkFace,
  wait: WaitFace,
  measure: MeasureFace,
  look: LookFace,
};

/** The face for the task that is on in a step. */
export function faceOf(step: Step, task: Task): Face {
  return task === "hands" ? BY_KIND[step.kind] : BY_TASK[task];
}

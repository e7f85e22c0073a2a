import type { Fastener, Job, Route, Step } from "@/core/model/job";
import type { Tool } from "@/core/model/tool";
import type { Vehicle } from "@/core/model/vehicle";
import type { LookedAt, Work } from "@/core/model/work";
import type { Move } from "../use-work";

/** What every face of a step is given. */
export interface FaceProps {
  job: Job;
  route: Route;
  work: Work;
  step: Step;
  /** The fastener that the step works on, as many of it as it handles. */
  fastener: Fastener | undefined;
  vehicle: Vehicle;
  tools: Tool[];
  /** Whether the vehicle's fasteners are to be taken as rusted. */
  rusted: boolean;
  isDone: boolean;
  move: Move;
  /** Does the task that is on: the step's next task follows, or the next step. */
  finish: (found?: LookedAt) => void;
  /**
   * What the action bar of each face needs beside its own button; it takes the focus whenever `watchFor`
   * changes, unless there is none.
   */
  bar: {
    onBack: (() => void) | undefined;
    onTrouble: (() => void) | undefined;
    watchFor: string | undefined;
  };
}

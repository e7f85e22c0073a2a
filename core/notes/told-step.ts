import type { Phase } from "../model/job";
import type { Group } from "./group";
import type { Span } from "./heard";

/** Something to be done, with the words it came from. */

export interface ToldStep {
  phase: Phase;
  says: string;
  what: string;
  /** In the words of whoever told it, where those are few. */
  own: string | undefined;
  /** The fastener group it works on. */
  group: Group | undefined;
  span: Span;
}
export type StepAt = ToldStep & { at: number; implied?: true };

import { InputError } from "../input-error";
import type { Draft } from "../model/record";
import type { Tool } from "../model/tool";

/** An answer to what a line does not say: its words, and the line with it said. */
export interface Answer {
  says: string;
  put: (line: string) => string;
}

/** A line that is understood but for one thing, which one press can say. */
export class Missing extends InputError {
  constructor(
    question: string,
    readonly answers: readonly Answer[],
  ) {
    super(question);
  }
}

/** A line that is a name and a number: a tool that is known by its name only, if that is what is meant. */
export class KnownByName extends Missing {}

/** An answer that is written behind what is there. */
export const behind = (says: string, words = says): Answer => ({ says, put: (line) => `${line} ${words}` });

/** An answer that is written before what is there. */
export const before = (says: string, words = says): Answer => ({ says, put: (line) => `${words} ${line}` });
/** A tool that has no id yet. */

export type ToolDraft = Draft<Tool>;

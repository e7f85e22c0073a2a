import { expose } from "comlink";
import { InputError } from "@/core/input-error";
import { type LabAsk, type LabTold, labOf } from "@/core/practise/lab";

/** What the bolts came to, or the sentence that says why none were pulled: errors lose their kind on the way. */
export type LabAnswer = { kind: "told"; told: LabTold } | { kind: "refused"; says: string };

const worker = {
  pull: (ask: LabAsk): LabAnswer => {
    try {
      return { kind: "told", told: labOf(ask) };
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      return { kind: "refused", says: error.message };
    }
  },
};
export type LabWorker = typeof worker;
expose(worker);

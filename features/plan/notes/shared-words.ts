import { MOST_LETTERS, plainTextOf } from "@/core/notes/plain-text";
import { keepHere } from "@/ui/kept-here";
import { letSharedGo, sharedIn } from "../../shared/shared-in";

/** The words that another app has shared and that no job has taken yet; undefined where there are none. */
export async function sharedWords(): Promise<string | undefined> {
  const file = await sharedIn("words");
  const text = file && plainTextOf(file.name, await file.text()).slice(0, MOST_LETTERS);
  return text === "" ? undefined : text;
}

/** Lays the words into a job's notes, where its reader finds them, and lets go of them once they lie there. */
export async function giveWordsTo(jobId: string, text: string): Promise<void> {
  const kept = keepHere(`draft notes ${jobId}`, JSON.stringify({ notes: text, edits: "", source: "" }));
  if (kept) await letSharedGo("words");
}

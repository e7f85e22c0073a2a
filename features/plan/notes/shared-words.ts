import { MOST_LETTERS, plainTextOf } from "@/core/notes/plain-text";
import { keepHere } from "@/ui/kept-here";

/** Where the service worker keeps what another app has shared, until a job is chosen for it. */
const SHARED_CACHE = "shared words";
const SHARED_AT = "/shared-words";

/** The words that another app has shared and that no job has taken yet; undefined where there are none. */
export async function sharedWords(): Promise<string | undefined> {
  if (typeof caches === "undefined") return undefined;
  const kept = await caches.open(SHARED_CACHE).then((cache) => cache.match(SHARED_AT));
  const text =
    kept &&
    plainTextOf(decodeURIComponent(kept.headers.get("x-file-name") ?? "shared.txt"), await kept.text()).slice(
      0,
      MOST_LETTERS,
    );
  return text === "" ? undefined : text;
}

/** Lays the words into a job's notes, where its reader finds them, and lets go of them once they lie there. */
export async function giveWordsTo(jobId: string, text: string): Promise<void> {
  const kept = keepHere(`draft notes ${jobId}`, JSON.stringify({ notes: text, edits: "", source: "" }));
  if (kept) await caches.open(SHARED_CACHE).then((cache) => cache.delete(SHARED_AT));
}

import { InputError } from "@/core/input-error";
import { StaleError } from "@/data/write-change";
import { MISSING_PART, isMissingPart } from "@/ui/missing-part";

/** Why a change could not be written, in sentences that say what is safe and what to do. */
export function whyNotSaved(error: unknown): string {
  if (error instanceof InputError) return error.message;
  if (error instanceof StaleError)
    return "Something else was changed meanwhile, so nothing was written: look at it again.";
  if (error instanceof Error && isMissingPart(error))
    return `${MISSING_PART} This last change was not kept: do it again once there is a signal.`;
  const name = error instanceof Error || error instanceof DOMException ? error.name : "";
  if (name === "QuotaExceededError")
    return "The storage is full, so this was not kept; what was saved before is still there. Free some space, or keep no originals of photos, then do it again.";
  if (name === "InvalidStateError")
    return "A newer Vest Pocket is open in another tab, so this one writes no more. Reload this tab and go on.";
  if (name === "TimeoutError")
    return "The browser has not answered for a minute, so it is not known whether this was kept. Look at it again after a reload; free some space if it stays so.";
  return "This browser would not save it. Export all under Files now, as long as it is on the screen; a private window may keep nothing, and a full disk no more: use an ordinary one, or free some space, then do it again.";
}

import { InputError } from "@/core/input-error";
import { StaleError } from "@/data/write-change";
import { whyNotSaved } from "./why-not-saved";

test("why a change was not kept is said in words, with what to do", () => {
  const missing = Object.assign(new Error("Loading chunk 7 failed."), { name: "ChunkLoadError" });
  for (const [error, says] of [
    [new InputError("The grip length must be more than zero."), "The grip length must be more than zero."],
    [new StaleError(), "look at it again"],
    [missing, "A part of the app did not come: .* do it again once there is a signal"],
    [new DOMException("", "QuotaExceededError"), "The storage is full"],
    [new DOMException("", "InvalidStateError"), "Reload this tab"],
    [new DOMException("", "TimeoutError"), "has not answered for a minute"],
    ["?", "would not save it"],
  ] as const)
    expect(whyNotSaved(error)).toMatch(new RegExp(says));
});

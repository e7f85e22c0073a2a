import { LEAST_UNNAMED, MILLIMETRES } from "./size-words";
import { spokenNumber } from "./spoken-number";
import type { Word } from "./words";

/** "Six hex-head screws", "8 socket cap bolts": how many, and what their heads are like. */
export function isCountOf(
  words: readonly Word[],
  from: number,
  { value, next }: { value: number; next: number },
): boolean {
  // "The 13 hex bolts" may be heads of 13, where no other head is told.
  const isSure =
    !/^\d/.test(words[from]?.text ?? "") ||
    value < LEAST_UNNAMED ||
    words.slice(next, next + 10).some(({ text }) => MILLIMETRES.has(text));
  if (!isSure || spokenNumber(words, from - 1)) return false;
  let at = next;
  while (
    /^(?:hex|hexagon|hexagonal|socket|allen|cap|flange|flanged|key|heads?|headed|-)$/.test(
      words[at]?.text ?? "",
    )
  )
    at++;
  return (
    at > next &&
    /^(?:hex|hexagon|hexagonal|socket|allen|cap|flange|flanged)$/.test(words[next]?.text ?? "") &&
    /^(?:bolts|nuts|screws)$/.test(words[at]?.text ?? "")
  );
}

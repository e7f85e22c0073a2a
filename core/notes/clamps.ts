import type { Group } from "./group";
import { type Mention, singular } from "./mention";
import type { Taking } from "./new-group";
import { touch } from "./resolve";
import type { Here, Walk } from "./walk";

/** "The clamp is a band one with a single bolt through it": what does the clamp up, and no bolt besides. */
export function takeBoltOfClamp({ walk, here, mention }: Taking): boolean {
  const clamp = here.places.findLast((group) => group !== undefined);
  const { terms } = walk.heard;
  const isThrough = /^(?:through|in|on) (?:it|them|each)\b/.test(
    terms
      .slice(mention.to, mention.to + 2)
      .map(({ text: word }) => word)
      .join(" "),
  );
  if (clamp?.family !== "clip" || mention.family !== "bolt" || !isThrough) return false;
  touch(clamp, { ...mention, count: undefined, marks: [], name: "" }, terms, here.i);
  here.places.push(clamp);
  return true;
}

/** "There's a p-clip on the lifting eye, one bolt": the bolt that holds the clip just named. */
export function ofClip({ last, heard: { told } }: Walk, { i, clause, mentions }: Here): string[] | undefined {
  const [only] = mentions;
  const isPlain = only?.family === "bolt" && only.count === 1 && only.marks.length === 0 && !only.definite;
  const isBeside =
    last?.family === "clip" && i - last.last === 1 && told[last.last]?.sentence === clause.sentence;
  return isPlain && mentions.length === 1 && isBeside ? last.name.split(" ").map(singular) : undefined;
}

/** "Battery back on, 5 Nm on the clamp": what it is undone by. */
export const clampOfBattery = (
  { last }: Walk,
  { i }: Here,
  { family, head, marks }: Mention,
): Group | undefined =>
  family === "clip" &&
  /^clamps?$/.test(head) &&
  marks.every((mark) => mark === "battery") &&
  last?.family === "terminal" &&
  i - last.last <= 1
    ? last
    : undefined;

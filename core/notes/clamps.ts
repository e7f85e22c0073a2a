import type { Group } from "./group";
import { type Mention, singular } from "./mention";
import type { Taking } from "./new-group";
import { touch } from "./resolve";
import type { Here, Walk } from "./walk";

/**
 * "The clamp is a band one with a single bolt through it", "clamp at the joint: 1 bolt": what does it up,
 * and no bolt besides.
 */
export function takeBoltOfClamp({ walk, here, mention }: Taking): boolean {
  const clamp = here.places.findLast((group) => group !== undefined) ?? besideIt(walk, here, mention);
  const { terms } = walk.heard;
  const isItsNut =
    mention.family === "nut" &&
    mention.marks.length === 0 &&
    clamp === walk.last &&
    /\bclamps?\b/.test(clamp?.name ?? "");
  const isThrough = /^(?:through|in|on) (?:it|them|each)\b/.test(
    terms
      .slice(mention.to, mention.to + 2)
      .map(({ text: word }) => word)
      .join(" "),
  );
  const isItsBolt = mention.family === "bolt" && (isThrough || here.places.length === 0);
  if (clamp?.family !== "clip" || !(isItsBolt || isItsNut)) return false;
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

/** The clamp named just before in the same sentence, where no more is said of its bolt than that it is one. */
function besideIt(
  { last, heard: { told } }: Walk,
  { i, clause, mentions }: Here,
  { count, marks, definite }: Mention,
): Group | undefined {
  const isPlain = (count ?? 1) === 1 && marks.length === 0 && !definite && mentions.length === 1;
  return isPlain &&
    last &&
    /\bclamps?\b/.test(last.name) &&
    i - last.last === 1 &&
    told[last.last]?.sentence === clause.sentence
    ? last
    : undefined;
}

/** Nothing turns or tightens a clamp that is squeezed. */
export const isSqueezed = ({ family, marks }: Group): boolean =>
  family === "clip" && ["squeeze", "spring", "push"].some((kind) => marks.has(kind));

/** "Battery back on, 5 Nm on the clamp": what it is undone by. */
export const clampOfBattery = (
  { last }: Walk,
  { i, things }: Here,
  { family, head, marks }: Mention,
): Group | undefined =>
  // "This air tube has a clamp on each end", straight behind the battery.
  things.every((word) => word === "battery") &&
  family === "clip" &&
  /^clamps?$/.test(head) &&
  marks.every((mark) => mark === "battery") &&
  last?.family === "terminal" &&
  i - last.last <= 1
    ? last
    : undefined;

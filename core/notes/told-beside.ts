import type { Group } from "./group";
import { type Heard, sentenceAround } from "./heard";
import { type Family, singular } from "./mention";

/**
 * "Two M6 bolts hold the guide plate … guide plate 9 Nm": the only bolts still without a figure that were first told
 * of in one sentence with what is named, whatever they are called.
 */
export function toldBeside(
  { groups, heard }: { groups: readonly Group[]; heard: Heard },
  words: readonly string[],
  at: number,
  family: Family = "bolt",
): Group | undefined {
  const named = words.filter((word) => word !== "to").map(singular);
  // A clamp is called by its kind.
  if (named.length === 0 || !/^(?:bolt|nut)$/.test(family)) return undefined;
  const beside = groups.filter(({ first, figures, family: its }) => {
    const isHere = heard.told[first]?.sentence === heard.told[at]?.sentence;
    if (figures.length > 0 || its !== family || isHere) return false;
    const said = new Set(sentenceAround(heard, first).map(({ text }) => singular(text)));
    return named.every((word) => said.has(word));
  });
  return beside.length === 1 ? beside[0] : undefined;
}

import { HEADS } from "./vocabulary";

/**
 * When something was said, at the head of its line, and the lines of numbers and times of captions: nobody
 * said those.
 */
export const TIMES =
  /^[ \t]*(?:\d+[ \t]*\n[ \t]*)?[[(]?(?:\d{1,2}:)?\d{1,2}:\d{2}(?:[.,]\d{1,3})?(?:[ \t]*-->[ \t]*[\d:.,]+)?[\])]?(?=[ \t\n])/gm;

/** At the head of many lines, and no one's name. */
const SAYS_WHAT =
  /\b(?:torque|figure|size|step|tools?|parts?|note|count|undo|remove|fit|refit|warning|caution|time|cost|head|left|right|front|rear|upper|lower|side|qty|figures)\b/i;

/** "Jo: …" at the head of three lines and more: who says it, and no word of it. */
export function speakersIn(text: string): RegExpMatchArray[] {
  const labels = [
    ...text.matchAll(
      /^[ \t]*(?:[[(]?[\d:. apm]+[\])]?[ \t]*)?([A-Za-zÀ-ÿ]{2,}(?: [A-Z][a-z]*)?):(?=[ \t])/gm,
    ),
  ];
  const times = (name: string | undefined) =>
    labels.filter((label) => label[1]?.toLowerCase() === name?.toLowerCase()).length;
  return labels.filter(
    (label) =>
      times(label[1]) >= 3 &&
      !SAYS_WHAT.test(label[1] ?? "") &&
      !Object.hasOwn(HEADS, (label[1] ?? "").toLowerCase()),
  );
}

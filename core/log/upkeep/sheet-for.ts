import type { Sheet } from "../../shelf/sheet";
import { SHELF } from "../../shelf/shelf";
import { isPartOf } from "../part-key";

/**
 * The sheet on the shelf by which a part is renewed: one that is called after it, or that always brings it; of
 * several the one that renews least beside it. Undefined where there is none. Example: "Brake fluid" → the brake
 * fluid change.
 */
export function sheetFor(part: string): Sheet | undefined {
  const isFewer = (a: Sheet, b: Sheet) => a.parts.length - b.parts.length;
  const [named] = SHELF.filter(({ title, foundBy }) =>
    [title, ...foundBy.flatMap((line) => line.split(", "))].some((says) => isPartOf(part, says)),
  ).toSorted(isFewer);
  const [brings] = SHELF.filter(({ parts, supplies = [] }) =>
    [...parts, ...supplies].some(({ name, when }) => when === undefined && isPartOf(part, name)),
  ).toSorted(isFewer);
  return named ?? brings;
}

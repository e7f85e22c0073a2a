import type { Sheet } from "../../shelf/sheet";
import { SHELF } from "../../shelf/shelf";
import { isPartOf } from "../part-key";

/**
 * The sheet on the shelf by which a part is renewed: one that always brings it; of several one that is
 * called after it, and renews least beside it. Undefined where there is none. Example: "Brake fluid" → the brake fluid change.
 */
export function sheetFor(part: string): Sheet | undefined {
  const brings = SHELF.filter(({ parts, supplies = [] }) =>
    [...parts, ...supplies].some(({ name, when }) => when === undefined && isPartOf(part, name)),
  );
  const named = brings.filter(({ title }) => isPartOf(part, title));
  return (named.length > 0 ? named : brings).toSorted((a, b) => a.parts.length - b.parts.length)[0];
}

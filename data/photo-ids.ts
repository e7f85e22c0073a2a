import type { Household } from "@/core/model/household";

/** Ids of all photos that the works and the log of a household name, each once. */
export function photoIdsOf({ works, replacements }: Pick<Household, "works" | "replacements">): string[] {
  const ofWorks = works.flatMap(({ events }) =>
    events.flatMap((event) => (event.type === "photo" ? [event.photoId] : [])),
  );
  return [...new Set([...ofWorks, ...replacements.flatMap(({ photoIds = [] }) => photoIds)])];
}

import type { Household } from "@/core/model/household";

/** Ids of all photos that the works of a household name, each once. */
export function photoIdsOf({ works }: Pick<Household, "works">): string[] {
  return [...new Set(works.flatMap(({ events }) => events.flatMap((event) => (event.type === "photo" ? [event.photoId] : []))))];
}

import type { Work } from "../model/work";
import { eventsOf } from "./event";

/** Ids of the photos taken in a step, in the order they were taken. */
export function photosOf(work: Work, stepId: string): string[] {
  return eventsOf(work, "photo").flatMap((event) => (event.stepId === stepId ? [event.photoId] : []));
}

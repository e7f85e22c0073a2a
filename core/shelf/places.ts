import type { Place } from "../model/place";
import type { Sheet } from "./sheet";

/** The places by which a sheet is looked for, from front to rear; a wheel's is its axle's. */
export const SHELF_PLACES = [
  "front",
  "engine",
  "gearbox",
  "cabin",
  "underneath",
  "rear",
] as const satisfies Place[];

/** Where on the vehicle a sheet's job is; one that asks for the axle is at both. */
export function placesOf({ place, asks }: Pick<Sheet, "place" | "asks">): readonly Place[] {
  return asks.some(({ id }) => id === "axle") ? ["front", "rear"] : [place];
}

import type { Hand } from "./hand";

/** The six pockets, in the order of their keys 1 to 6, and what each opens on. */
export const POCKETS = [
  { name: "Garage", path: "/garage", on: "vehicle" },
  { name: "Plan", path: "/plan", on: "job" },
  { name: "Kit", path: "/kit", on: "job" },
  { name: "Day", path: "/day", on: "job" },
  { name: "Work", path: "/work", on: "job" },
  { name: "Log", path: "/log", on: "vehicle" },
] as const;

/** The address of a pocket with what is in hand, so that it can be kept and opened again. */
export function pocketHref({ path, on }: (typeof POCKETS)[number], hand: Hand): string {
  const id = on === "vehicle" ? hand.vehicleId : hand.jobId;
  return id ? `${path}?id=${encodeURIComponent(id)}` : path;
}

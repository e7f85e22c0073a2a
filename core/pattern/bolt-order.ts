import type { Fastener } from "../model/job";
import { centreOutOrder } from "./centre-out-order";
import { circleOrder } from "./circle-order";

/**
 * The order in which the bolts of a fastener are tightened, numbered from 1; plain counting where no pattern
 * is drawn.
 */
export function boltOrder(fastener: Fastener): number[] {
  const { pattern, count } = fastener;
  if (pattern?.layout === "circle") return circleOrder(count);
  if (pattern?.layout === "points" && pattern.points.length === count) return centreOutOrder(pattern.points);
  return Array.from({ length: count }, (_, i) => i + 1);
}

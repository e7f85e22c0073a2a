import { InputError } from "../input-error";

export interface Point {
  x: number;
  y: number;
}

/**
 * The order in which to tighten bolts that are not on a circle: from the centre outwards, alternating sides,
 * so that a gasket is pressed out flat from its middle. Bolts are numbered from 1 in the order given.
 * @throws InputError when there are no points or one is not finite.
 * Source: first principles; the usual rule for covers and heads. Example: five in a row → [3, 2, 4, 1, 5].
 */
export function centreOutOrder(points: readonly Point[]): number[] {
  if (points.length === 0) throw new InputError("Draw at least one bolt.", "points");
  if (points.some(({ x, y }) => !Number.isFinite(x) || !Number.isFinite(y)))
    throw new InputError("Every bolt needs a place.", "points");
  const centre = { x: mean(points.map((p) => p.x)), y: mean(points.map((p) => p.y)) };
  const waiting = points.map((point, i) => ({ bolt: i + 1, x: point.x - centre.x, y: point.y - centre.y }));
  const order: number[] = [];
  let last: { x: number; y: number } | undefined;
  while (waiting.length > 0) {
    const nearest = Math.min(...waiting.map((p) => Math.hypot(p.x, p.y)));
    const ring = waiting.filter((p) => Math.hypot(p.x, p.y) <= nearest + 1e-9);
    const from = last;
    // Of those equally far out, the one most opposite to the bolt just done; the first drawn where equal.
    const next = from
      ? ring.reduce((best, p) =>
          p.x * from.x + p.y * from.y < best.x * from.x + best.y * from.y - 1e-9 ? p : best,
        )
      : ring[0];
    if (!next) break;
    order.push(next.bolt);
    waiting.splice(waiting.indexOf(next), 1);
    last = next;
  }
  return order;
}

function mean(values: number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}

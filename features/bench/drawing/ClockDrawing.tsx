"use client";

import { shown } from "@/core/quantity/shown";
import type { DrawingOf } from "@/core/slip/drawing";
import { formatClock } from "@/core/turn/clock";
import { EDGE, INK, LINE, Paper, RAISED, SOFT, Say, polygon } from "@/ui/drawing/Paper";

const X = 105;
const Y = 105;
const RADIUS = 84;

/** Degrees clockwise from straight up, to a place on the paper. */
function at(deg: number, radius: number): { x: number; y: number } {
  const angle = ((deg - 90) * Math.PI) / 180;
  return { x: X + radius * Math.cos(angle), y: Y + radius * Math.sin(angle) };
}

/** A clock face with the mark before and after, the way between, and a tick at the end of each swing. */
export function ClockDrawing({ from, angleDeg, swings }: DrawingOf<"clock">) {
  const start = from * 30;
  const end = start + angleDeg;
  const first = at(start, RADIUS);
  const last = at(end, RADIUS);
  const steps = Math.min(720, Math.ceil(Math.min(angleDeg, 7200) / 4));
  // More than one turn winds inwards, so that each round can be seen.
  const winding = Array.from({ length: steps + 1 }, (_, i) =>
    at(start + (angleDeg * i) / steps, 62 - (angleDeg > 360 ? (24 * i) / steps : 0)),
  );
  return (
    <Paper
      height={210}
      says={`A mark goes from ${formatClock(from)} round by ${shown(angleDeg, 4)} degrees in ${swings.length} swings`}
    >
      <circle cx={X} cy={Y} r={RADIUS} fill={RAISED} stroke={EDGE} />
      {Array.from({ length: 12 }, (_, i) => {
        const [outer, inner] = [at(i * 30, RADIUS), at(i * 30, RADIUS - (i % 3 === 0 ? 10 : 6))];
        return (
          <line key={i} x1={outer.x} y1={outer.y} x2={inner.x} y2={inner.y} stroke={SOFT} strokeWidth={1.5} />
        );
      })}
      <polygon points={polygon(X, Y, 26, 6, end)} fill={EDGE} />
      <polyline
        points={winding.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(" ")}
        strokeWidth={5}
      />
      {swings.slice(0, 40).map((sum) => {
        const spot = at(start + sum, 62 - (angleDeg > 360 ? (24 * sum) / angleDeg : 0));
        return <circle key={sum} cx={spot.x} cy={spot.y} r={4.5} fill={RAISED} strokeWidth={2} />;
      })}
      <line x1={X} y1={Y} x2={first.x} y2={first.y} stroke={SOFT} strokeDasharray="4 4" />
      <line x1={X} y1={Y} x2={last.x} y2={last.y} stroke={INK} strokeWidth={4} />
      <Say x={212} y={70} colour={SOFT}>
        before
      </Say>
      <Say x={212} y={88}>
        {formatClock(from)}
      </Say>
      <Say x={212} y={118} colour={LINE} bold>
        after
      </Say>
      <Say x={212} y={136} bold>
        {formatClock((end / 30) % 12 || 12)}
      </Say>
    </Paper>
  );
}

"use client";

import { shown } from "@/core/quantity/shown";
import type { DrawingOf } from "@/core/slip/drawing";
import { CastleNut } from "@/ui/drawing/CastleNut";
import { INK, Paper, SOFT, Say } from "@/ui/drawing/Paper";

const X = 105;
const Y = 100;

/** The nut from above, with its slots, and the hole through the bolt: how far apart they are. */
export function CastleDrawing({ slots, shortDeg, way }: DrawingOf<"castle">) {
  const spot = (deg: number, radius: number) => ({
    x: X + radius * Math.cos((deg * Math.PI) / 180),
    y: Y + radius * Math.sin((deg * Math.PI) / 180),
  });
  const goesDeg = way === "on" ? shortDeg : 360 / slots - shortDeg;
  const arc = spot(way === "on" ? -shortDeg : goesDeg, 88);
  return (
    <Paper
      height={200}
      says={`A castle nut of ${slots} slots, turned ${way} by ${shown(goesDeg)} degrees to bring a slot to the hole`}
    >
      <CastleNut x={X} y={Y} slots={slots} turnedDeg={-shortDeg} />
      <line x1={X + 35} y1={Y} x2={X + 100} y2={Y} stroke={INK} strokeDasharray="4 3" strokeWidth={1.5} />
      <path d={`M ${arc.x} ${arc.y} A 88 88 0 0 ${way === "on" ? 1 : 0} ${X + 88} ${Y}`} strokeWidth={4} />
      <Say x={212} y={Y - 10} bold>
        {shown(goesDeg)}° {way}
      </Say>
      <Say x={212} y={Y + 22} colour={SOFT}>
        the hole
      </Say>
    </Paper>
  );
}

"use client";

import { shown } from "@/core/quantity/shown";
import type { DrawingOf } from "@/core/slip/drawing";
import { EDGE, INK, Paper, SOFT, Say } from "@/ui/drawing/Paper";

const X = 160;
const Y = 96;
const HALF = 78;
/** Such angles are too small to see as they are. */
const TIMES = 10;

/** The wheel from above, before and after, the angle drawn ten times as large. */
export function ToeDrawing({ rimMm, angleDeg, acrossMm }: DrawingOf<"toe">) {
  const turned = Math.max(-60, Math.min(60, angleDeg * TIMES));
  return (
    <Paper
      height={194}
      says={`A wheel from above turned by ${shown(angleDeg)} degrees, ${shown(acrossMm)} mm across its rim`}
    >
      <rect x={X - 22} y={Y - HALF} width={44} height={2 * HALF} rx={8} stroke={SOFT} strokeDasharray="5 4" />
      <g transform={`rotate(${turned} ${X} ${Y})`}>
        <rect x={X - 22} y={Y - HALF} width={44} height={2 * HALF} rx={8} fill={EDGE} fillOpacity={0.7} />
        <line x1={X} y1={Y - HALF} x2={X} y2={Y + HALF} stroke={INK} />
      </g>
      <Say x={8} y={24} colour={SOFT}>
        front
      </Say>
      <Say x={8} y={Y} bold>
        {shown(angleDeg)}°
      </Say>
      <Say x={8} y={Y + 20}>
        {shown(acrossMm)} mm on {shown(rimMm, 4)}
      </Say>
      <Say x={8} y={186} colour={SOFT}>
        the angle is drawn ten times as large
      </Say>
    </Paper>
  );
}

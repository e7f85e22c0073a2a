"use client";

import { shown } from "@/core/quantity/shown";
import type { DrawingOf } from "@/core/slip/drawing";
import { formatClock } from "@/core/turn/clock";
import { EDGE, INK, LINE, Paper, RAISED, SOFT, Say, WIDTH } from "@/ui/drawing/Paper";

const LEFT = 16;
const MOST_LINES = 160;

/** A thread to scale with the length that the turns move along it, and the mark before and after. */
export function TurnsDrawing({ turns, pitchMm, from, to }: DrawingOf<"turns">) {
  const travel = turns * pitchMm;
  const lengthMm = Math.max(20, travel * 1.25);
  const scale = (WIDTH - 2 * LEFT) / lengthMm;
  const lines = Math.min(MOST_LINES, Math.floor(lengthMm / pitchMm));
  return (
    <Paper
      height={110}
      says={`${shown(turns, 4)} turns of a thread of ${shown(pitchMm)} mm pitch move ${shown(travel, 4)} mm`}
    >
      <rect x={LEFT} y={34} width={WIDTH - 2 * LEFT} height={34} fill={RAISED} stroke={LINE} />
      {Array.from({ length: lines }, (_, i) => (
        <line
          key={i}
          x1={LEFT + (i + 1) * pitchMm * scale}
          y1={34}
          x2={LEFT + (i + 0.5) * pitchMm * scale}
          y2={68}
          stroke={EDGE}
          strokeWidth={1}
        />
      ))}
      <rect x={LEFT} y={34} width={travel * scale} height={34} fill={LINE} fillOpacity={0.25} stroke="none" />
      <path d={`M ${LEFT} 22 H ${LEFT + travel * scale} m -7 -5 l 7 5 l -7 5`} stroke={INK} />
      <Say x={LEFT + (travel * scale) / 2} y={16} at="middle" bold>
        {shown(travel, 4)} mm
      </Say>
      <Say x={LEFT} y={90} colour={SOFT}>
        mark off: {formatClock(from)} to {formatClock(to)}
      </Say>
      <Say x={LEFT} y={106}>
        mark on: {formatClock(to)} to {formatClock(from)}
      </Say>
    </Paper>
  );
}

"use client";

import { shown } from "@/core/quantity/shown";
import type { DrawingOf } from "@/core/slip/drawing";
import { GOOD, INK, Paper, SOFT, STOP, Say, WIDTH } from "@/ui/drawing/Paper";

const LEFT = 12;

/**
 * The clamping force that is meant, and the one that comes of ignoring the state of the thread, to one scale.
 */
export function ClampDrawing({ forceIfIgnored: [low, high] }: DrawingOf<"clamp">) {
  const scale = (WIDTH - 2 * LEFT) / Math.max(1.6, high * 1.1);
  const at = (force: number) => LEFT + force * scale;
  return (
    <Paper
      height={120}
      says={`Clamping force as meant, and ${shown(low)} to ${shown(high)} times as much if the figure is used unchanged`}
    >
      <Say x={LEFT} y={16} colour={SOFT}>
        clamped as meant
      </Say>
      <rect x={LEFT} y={22} width={at(1) - LEFT} height={22} fill={GOOD} stroke="none" />
      <Say x={LEFT} y={68} colour={SOFT}>
        if the figure is left as it is
      </Say>
      <rect
        x={LEFT}
        y={74}
        width={at(low) - LEFT}
        height={22}
        fill={high > 1.25 ? STOP : GOOD}
        stroke="none"
      />
      <rect
        x={at(low)}
        y={74}
        width={Math.max(0, at(high) - at(low))}
        height={22}
        fill={high > 1.25 ? STOP : GOOD}
        fillOpacity={0.45}
        stroke="none"
      />
      <path d={`M ${at(1)} 22 v 22 M ${at(1)} 74 v 28`} stroke={INK} strokeDasharray="4 4" />
      <Say x={at(1)} y={116} at="middle">
        1
      </Say>
      {high !== 1 && (
        <Say x={Math.min(WIDTH - 18, at(high))} y={116} at="middle">
          {shown(high)}
        </Say>
      )}
    </Paper>
  );
}

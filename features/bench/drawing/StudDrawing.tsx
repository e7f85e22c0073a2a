"use client";

import { shown } from "@/core/quantity/shown";
import type { DrawingOf } from "@/core/slip/drawing";
import { EDGE, GOOD, INK, LINE, Paper, RAISED, SOFT, STOP, Say, WIDTH } from "@/ui/drawing/Paper";

const LEFT = 34;
const MIDDLE = 92;
const FILLS = [EDGE, RAISED];

/** The bolt through every layer into its hole, cut along its middle, to scale. */
export function StudDrawing({ diameterMm, lengthMm, layers, wantedMm, depthMm }: DrawingOf<"stud">) {
  const clamped = layers.reduce((sum, { mm }) => sum + mm, 0);
  const base = Math.max(lengthMm - clamped, wantedMm, depthMm ?? 0) * 1.2;
  const scale = Math.min((WIDTH - LEFT - 14) / (clamped + base), 90 / (diameterMm * 2));
  const half = (diameterMm * scale) / 2;
  const at = (mm: number) => LEFT + mm * scale;
  const tall = Math.max(44, half * 2.4);
  const starts = layers.map((_, i) => layers.slice(0, i).reduce((sum, { mm }) => sum + mm, 0));
  const enough = lengthMm - clamped >= wantedMm - 1e-9;
  return (
    <Paper
      height={196}
      says={`A bolt ${shown(lengthMm, 4)} mm long through ${layers.length} layers of ${shown(clamped, 4)} mm together, screwed in by ${shown(lengthMm - clamped, 4)} mm`}
    >
      {layers.map(({ name, mm }, i) => (
        <g key={i}>
          <rect
            x={at(starts[i] ?? 0)}
            y={MIDDLE - tall / 2}
            width={mm * scale}
            height={tall}
            fill={FILLS[i % 2]}
            stroke={SOFT}
            strokeWidth={1}
          />
          <Say
            x={at((starts[i] ?? 0) + mm / 2)}
            y={MIDDLE - Math.max(tall / 2, half * 1.7) - 6 - (i % 3) * 16}
            at="middle"
          >
            {name} {shown(mm, 4)}
          </Say>
        </g>
      ))}
      <rect
        x={at(clamped)}
        y={MIDDLE - tall / 2}
        width={base * scale}
        height={tall}
        fill={EDGE}
        fillOpacity={0.5}
        stroke={SOFT}
        strokeWidth={1}
      />
      {depthMm !== undefined && (
        <line
          x1={at(clamped + depthMm)}
          y1={MIDDLE - half - 4}
          x2={at(clamped + depthMm)}
          y2={MIDDLE + half + 4}
          stroke={STOP}
          strokeWidth={3}
        />
      )}
      <rect
        x={LEFT - half * 1.2}
        y={MIDDLE - half * 1.7}
        width={half * 1.2}
        height={half * 3.4}
        fill={RAISED}
      />
      <rect x={LEFT} y={MIDDLE - half} width={lengthMm * scale} height={2 * half} fill={RAISED} />
      <rect
        x={at(clamped)}
        y={MIDDLE - half}
        width={Math.max(0, lengthMm - clamped) * scale}
        height={2 * half}
        fill={enough ? GOOD : STOP}
        fillOpacity={0.4}
        stroke={LINE}
      />
      <path
        d={`M ${at(clamped)} ${MIDDLE + tall / 2 + 12} H ${at(clamped + wantedMm)} m -6 -4 l 6 4 l -6 4`}
        stroke={INK}
      />
      <Say x={at(clamped)} y={MIDDLE + tall / 2 + 32} bold>
        wanted {shown(wantedMm, 4)} mm
      </Say>
      <Say x={at(clamped)} y={MIDDLE + tall / 2 + 50} colour={SOFT}>
        screwed in {shown(lengthMm - clamped, 4)} mm
      </Say>
    </Paper>
  );
}

"use client";

import { shown } from "@/core/quantity/shown";
import type { DrawingOf } from "@/core/slip/drawing";
import { EDGE, GOOD, INK, LINE, Paper, SHEET, SOFT, STOP, Say, WIDTH, polygon } from "@/ui/drawing/Paper";

const LEFT = 20;
const BAR_Y = 68;
/** What the paper's width stands for when the bar is shorter, mm. */
const USUAL_MM = 700;

/** The bar to scale with the pull at its end, and under it each piece against what it bears. */
export function ChainDrawing({ barLengthMm, pullN, pullLimitN, pieces, torqueNm }: DrawingOf<"chain">) {
  const scale = (WIDTH - 2 * LEFT - 20) / Math.max(barLengthMm, USUAL_MM);
  const end = LEFT + 10 + barLengthMm * scale;
  const arrow = 12 + Math.min(30, (pullN / pullLimitN) * 18);
  const most = Math.max(torqueNm[1], ...pieces.map(({ limitNm }) => limitNm));
  const width = WIDTH - 2 * LEFT;
  return (
    <Paper
      height={106 + pieces.length * 34}
      says={`A bar of ${Math.round(barLengthMm)} mm pulled with up to ${Math.round(pullN)} newtons, and ${pieces.length} pieces against what each bears`}
    >
      <line
        x1={LEFT + 10}
        y1={BAR_Y}
        x2={end}
        y2={BAR_Y}
        strokeWidth={9}
        opacity={0.4}
        strokeLinecap="round"
      />
      <polygon points={polygon(LEFT + 10, BAR_Y, 11, 6)} fill={SHEET} />
      <path
        d={`M ${end} ${BAR_Y - 8} v ${-arrow} m -5 7 l 5 -8 l 5 8`}
        stroke={pullN > pullLimitN ? STOP : INK}
      />
      <Say
        x={Math.min(end, WIDTH - 34)}
        y={BAR_Y - 14 - arrow}
        at="middle"
        bold
        colour={pullN > pullLimitN ? STOP : INK}
      >
        {shown(pullN)} N
      </Say>
      <Say x={(LEFT + 10 + end) / 2} y={BAR_Y + 22} at="middle">
        {shown(barLengthMm, 4)} mm
      </Say>
      {pieces.map(({ name, limitNm }, i) => {
        const y = 106 + i * 34;
        const over = torqueNm[1] > limitNm;
        return (
          <g key={i}>
            <rect
              x={LEFT}
              y={y + 16}
              width={(limitNm / most) * width}
              height={8}
              fill={EDGE}
              stroke={SOFT}
              strokeWidth={1}
            />
            <rect
              x={LEFT}
              y={y + 16}
              width={(Math.min(torqueNm[1], most) / most) * width}
              height={8}
              fill={over ? STOP : GOOD}
              fillOpacity={0.8}
              stroke="none"
            />
            <Say x={LEFT} y={y + 11} colour={over ? STOP : LINE}>
              {over ? "■ " : ""}
              {name}: up to {Math.round(torqueNm[1])} of {Math.round(limitNm)} N·m
            </Say>
          </g>
        );
      })}
    </Paper>
  );
}

"use client";

import { shown } from "@/core/quantity/shown";
import { fromNm, toNm } from "@/core/quantity/torque-unit";
import type { DrawingOf } from "@/core/slip/drawing";
import { INK, LINE, Paper, SOFT, Say, WIDTH, roundScale } from "@/ui/drawing/Paper";

const MARGIN = 16;

/** One bar with newton-metres above and pound-feet below, to one scale, and a line at each torque. */
export function ScalesDrawing({ torquesNm }: DrawingOf<"scales">) {
  const { end, step } = roundScale(Math.max(...torquesNm) * 1.15, 8);
  const at = (nm: number) => MARGIN + (nm / end) * (WIDTH - 2 * MARGIN);
  const pounds = roundScale(fromNm(end, "lbf.ft"), 8);
  const ticks = (to: number, by: number) =>
    Array.from({ length: Math.floor(to / by + 1e-9) + 1 }, (_, i) => i * by);
  return (
    <Paper
      height={112}
      says={`A scale of newton-metres over one of pound-feet, with ${torquesNm.map((nm) => `${shown(nm)} newton-metres`).join(" and ")} marked`}
    >
      <line x1={MARGIN} y1={56} x2={WIDTH - MARGIN} y2={56} />
      {ticks(end, step).map((nm) => (
        <g key={nm}>
          <line x1={at(nm)} y1={56} x2={at(nm)} y2={44} />
          <Say x={at(nm)} y={38} at="middle">
            {shown(nm)}
          </Say>
        </g>
      ))}
      {ticks(fromNm(end, "lbf.ft"), pounds.step).map((lb) => (
        <g key={lb}>
          <line x1={at(toNm(lb, "lbf.ft"))} y1={56} x2={at(toNm(lb, "lbf.ft"))} y2={68} />
          <Say x={at(toNm(lb, "lbf.ft"))} y={84} at="middle">
            {shown(lb)}
          </Say>
        </g>
      ))}
      <Say x={MARGIN} y={16} colour={SOFT}>
        N·m
      </Say>
      <Say x={MARGIN} y={106} colour={SOFT}>
        lb·ft
      </Say>
      {torquesNm.map((nm, i) => (
        <line key={i} x1={at(nm)} y1={20} x2={at(nm)} y2={92} stroke={INK} strokeWidth={4} />
      ))}
      {torquesNm.length === 2 && (
        <line
          x1={at(torquesNm[0] ?? 0)}
          y1={56}
          x2={at(torquesNm[1] ?? 0)}
          y2={56}
          stroke={LINE}
          strokeWidth={8}
        />
      )}
    </Paper>
  );
}

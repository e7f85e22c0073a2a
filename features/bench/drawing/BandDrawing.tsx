"use client";

import { shown } from "@/core/quantity/shown";
import { fromNm, toNm, torqueSymbol } from "@/core/quantity/torque-unit";
import type { DrawingOf } from "@/core/slip/drawing";
import { nominal } from "@/core/thread/sane";
import { EDGE, GOOD, INK, Paper, SOFT, STOP, Say, WIDTH } from "@/ui/drawing/Paper";

const LEFT = 64;
const ROW = 26;
const TOP = 34;

/** What each thread bears, on a scale where each mark is ten times the last, and the figure across them. */
export function BandDrawing({ torquesNm, each, maximumNm, unit }: DrawingOf<"band">) {
  // One row for each diameter: fine pitches differ too little to be drawn apart.
  const rows = each.filter(
    ({ thread }, i) => each.findIndex((other) => nominal(other.thread) === nominal(thread)) === i,
  );
  const all = [...rows.flatMap(({ bandNm }) => bandNm), ...torquesNm];
  const low = Math.log10(Math.min(...all) / 1.6);
  const high = Math.log10(Math.max(...all) * 1.6);
  const at = (nm: number) => LEFT + ((Math.log10(nm) - low) / (high - low)) * (WIDTH - LEFT - 12);
  const bottom = TOP + rows.length * ROW;
  const lowest = Math.ceil(Math.log10(fromNm(10 ** low, unit)));
  const highest = Math.floor(Math.log10(fromNm(10 ** high, unit)));
  const marks = Array.from({ length: Math.max(0, highest - lowest + 1) }, (_, i) => 10 ** (lowest + i));
  return (
    <Paper
      height={bottom + 34}
      says={`The torques that make sense for ${rows.map(({ thread }) => nominal(thread)).join(", ")}, with the figure across them`}
    >
      {marks.map((mark) => (
        <g key={mark}>
          <line
            x1={at(toNm(mark, unit))}
            y1={TOP - 6}
            x2={at(toNm(mark, unit))}
            y2={bottom + 4}
            stroke={EDGE}
            strokeWidth={1}
          />
          <Say x={at(toNm(mark, unit))} y={bottom + 18} at="middle" colour={SOFT}>
            {shown(mark)}
          </Say>
        </g>
      ))}
      <Say x={4} y={bottom + 18} colour={SOFT}>
        {torqueSymbol(unit)}
      </Say>
      {rows.map(({ thread, bandNm, fits }, i) => (
        <g key={nominal(thread)}>
          <Say x={4} y={TOP + i * ROW + 16}>
            {nominal(thread)}
          </Say>
          <rect
            x={at(bandNm[0])}
            y={TOP + i * ROW + 4}
            width={at(bandNm[1]) - at(bandNm[0])}
            height={ROW - 10}
            fill={fits ? GOOD : EDGE}
            stroke={fits ? GOOD : SOFT}
            strokeWidth={1}
          />
        </g>
      ))}
      {maximumNm !== undefined && (
        <line
          x1={at(maximumNm)}
          y1={TOP - 8}
          x2={at(maximumNm)}
          y2={bottom + 4}
          stroke={STOP}
          strokeWidth={3}
          strokeDasharray="5 4"
        />
      )}
      {torquesNm.map((nm, i) => (
        <g key={i}>
          <line x1={at(nm)} y1={TOP - 10} x2={at(nm)} y2={bottom + 4} stroke={INK} strokeWidth={4} />
          <Say x={Math.min(WIDTH - 30, Math.max(LEFT + 10, at(nm)))} y={18} at="middle" bold>
            {shown(fromNm(nm, unit))}
          </Say>
        </g>
      ))}
    </Paper>
  );
}

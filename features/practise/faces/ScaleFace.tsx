"use client";

import { Box, chakra } from "@chakra-ui/react";
import { useState } from "react";
import { judgeScale, scaleSaid } from "@/core/practise/judge";
import { torqueSymbol } from "@/core/quantity/torque-unit";
import { stepDecimals } from "@/core/torque/nearest-mark";
import { Button } from "@/ui/Button";
import { EDGE, INK, LINE, Paper, RAISED, SHEET, SOFT } from "@/ui/drawing/Paper";
import type { TaskFaceProps } from "./face";

const Slider = chakra("input", {
  base: { width: "100%", minHeight: "44px", accentColor: "var(--chakra-colors-drawing)" },
});

/** A wrench's scale and ring, to be set: nothing but the marks tells what it is set to. */
export function ScaleFace({ task, isOver, onDone }: TaskFaceProps<"scale">) {
  const { min, max, step, turn, unit } = task;
  const marks = Math.round((max - min) / step);
  const [at, setAt] = useState(0);
  const decimals = stepDecimals(step);
  const value = Number((min + at * step).toFixed(decimals));
  const says = scaleSaid(task, { value, unit, decimals: turn % 1 === 0 ? decimals : Math.max(1, decimals) });
  const go = (by: number) => setAt((now) => Math.min(marks, Math.max(0, now + by)));
  const ofTurn = Math.round(turn / step);
  return (
    <Box display="grid" gap="3">
      <ScaleDrawing
        min={min}
        max={max}
        turn={turn}
        step={step}
        value={value}
        says={`The scale in ${torqueSymbol(unit)}: ${says}`}
      />
      <Slider
        type="range"
        aria-label="The ring"
        aria-valuetext={says}
        min={0}
        max={marks}
        value={at}
        disabled={isOver}
        onChange={(event) => setAt(Number(event.target.value))}
      />
      <Box display="grid" gridTemplateColumns="repeat(4, 1fr)" gap="2">
        {[
          [-ofTurn, "− turn", "A turn back"],
          [-1, "− mark", "A mark back"],
          [1, "+ mark", "A mark on"],
          [ofTurn, "+ turn", "A turn on"],
        ].map(([by, short, long]) => (
          <Button
            key={short}
            aria-label={String(long)}
            disabled={isOver}
            paddingInline="1"
            minHeight="56px"
            onClick={() => go(Number(by))}
          >
            {short}
          </Button>
        ))}
      </Box>
      {!isOver && (
        <Button look="primary" size="work" onClick={() => onDone(judgeScale(task, value))}>
          It is set
        </Button>
      )}
    </Box>
  );
}

const TUBE = { x: 24, width: 272, y: 30, height: 56 };

/** A line for each turn of the ring, and the ring itself with its marks at the line. */
function ScaleDrawing({
  min,
  max,
  turn,
  step,
  value,
  says,
}: {
  min: number;
  max: number;
  turn: number;
  step: number;
  value: number;
  says: string;
}) {
  // Two turns to either side are in sight.
  const perTurn = 58;
  const ringX = 190;
  const x = (of: number) => ringX - ((value - of) / turn) * perTurn;
  const lines = Array.from({ length: Math.floor((max - min) / turn) + 1 }, (_, i) => min + i * turn);
  const marks = Math.round(turn / step);
  const ringAt = Math.round(((((value - min) % turn) + turn) % turn) / step);
  const numbered = Math.max(1, Math.round(marks / 10));
  return (
    <Paper height={190} says={says}>
      <rect {...TUBE} fill={RAISED} stroke={LINE} />
      {lines
        .filter((of) => x(of) > TUBE.x + 6 && x(of) <= ringX + 0.5)
        .map((of) => (
          <g key={of}>
            <line x1={x(of)} y1={TUBE.y + 6} x2={x(of)} y2={TUBE.y + 32} stroke={INK} strokeWidth={2.5} />
            <text
              x={x(of) - 4}
              y={TUBE.y + 50}
              textAnchor="end"
              fill={INK}
              stroke="none"
              fontSize={17}
              fontWeight={600}
            >
              {Number(of.toFixed(2))}
            </text>
          </g>
        ))}
      <rect
        x={ringX}
        y={TUBE.y - 12}
        width={TUBE.x + TUBE.width - ringX}
        height={TUBE.height + 92}
        rx={6}
        fill={SHEET}
        stroke={LINE}
      />
      <line x1={ringX - 16} y1={104} x2={ringX} y2={104} stroke={INK} strokeWidth={4} />
      {Array.from({ length: 11 }, (_, i) => i - 5).map((off) => {
        const mark = (((ringAt + off) % marks) + marks) % marks;
        const y = 104 - off * 14;
        if (y < TUBE.y - 4 || y > 172) return null;
        const named = mark % numbered === 0;
        return (
          <g key={off}>
            <line
              x1={ringX}
              y1={y}
              x2={ringX + (named ? 24 : 14)}
              y2={y}
              stroke={off === 0 ? INK : EDGE}
              strokeWidth={off === 0 ? 3 : 2}
            />
            {named && (
              <text x={ringX + 32} y={y + 5} fill={off === 0 ? INK : SOFT} stroke="none" fontSize={15}>
                {Number((mark * step).toFixed(2))}
              </text>
            )}
          </g>
        );
      })}
      <text x={24} y={160} fill={SOFT} stroke="none">
        scale
      </text>
      <text x={296} y={184} textAnchor="end" fill={SOFT} stroke="none">
        ring
      </text>
    </Paper>
  );
}

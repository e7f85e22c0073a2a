"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { judgeTurn } from "@/core/practise/judge";
import { Button } from "@/ui/Button";
import { EDGE, INK, LINE, RAISED, SHEET, SOFT, STOP, polygon } from "@/ui/drawing/Paper";
import type { TaskFaceProps } from "./face";
import { useTurning } from "./use-turning";

const C = 150;

/** An angle turned by the eye: by a clock face, or by the paint mark and the flats. */
export function TurnFace({ task, isOver, onDone }: TaskFaceProps<"turn">) {
  const { swingDeg, by } = task;
  const [{ bolt, handle }, setTurned] = useState({ bolt: 0, handle: 0 });
  // The bolt goes on with the handle and never back; the handle has its room and has to be brought back.
  const turn = (deg: number) =>
    setTurned((now) => {
      const next = Math.min(swingDeg, Math.max(0, now.handle + deg));
      return { handle: next, bolt: now.bolt + Math.max(0, next - now.handle) };
    });
  const hand = useTurning(isOver ? () => undefined : turn);
  const clockSaid = `The mark stands at ${clockOf(bolt)}`;
  return (
    <Box display="grid" gap="3" justifyItems="center">
      <svg
        viewBox="0 0 300 300"
        width="100%"
        role="img"
        aria-label={clockSaid}
        style={{ maxWidth: 340, touchAction: "none", cursor: "grab" }}
        fill="none"
        {...hand}
      >
        <circle cx={C} cy={C} r={136} fill={RAISED} stroke={EDGE} strokeWidth={2} />
        {by === "clock" &&
          Array.from({ length: 12 }, (_, i) => (
            <line
              key={i}
              x1={C}
              y1={18}
              x2={C}
              y2={i % 3 === 0 ? 42 : 30}
              stroke={i % 3 === 0 ? INK : SOFT}
              strokeWidth={i % 3 === 0 ? 4 : 2}
              transform={`rotate(${i * 30} ${C} ${C})`}
            />
          ))}
        {/* Where the mark was: paint on what does not turn. */}
        <line x1={C} y1={by === "clock" ? 46 : 24} x2={C} y2={72} stroke={STOP} strokeWidth={5} />
        <g transform={`rotate(${handle} ${C} ${C})`}>
          <rect x={C - 9} y={C} width={18} height={132} rx={8} fill={SHEET} stroke={LINE} strokeWidth={2} />
        </g>
        <g transform={`rotate(${bolt} ${C} ${C})`}>
          <polygon points={polygon(C, C, 66, 6)} fill={SHEET} stroke={LINE} strokeWidth={3} />
          <line x1={C} y1={C - 26} x2={C} y2={C - 56} stroke={STOP} strokeWidth={6} />
        </g>
      </svg>
      <Box srOnly role="status" aria-live="polite">
        {clockSaid}
      </Box>
      <Box color="soft" role="status" aria-live="polite">
        {handle >= swingDeg
          ? "The handle meets something: take it back and go on."
          : "Turn with a finger round the bolt, or:"}
      </Box>
      {!isOver && (
        <>
          <Box display="grid" gridTemplateColumns="repeat(3, 1fr)" gap="2" width="100%" maxWidth="420px">
            <Button minHeight="56px" onClick={() => turn(-swingDeg)}>
              Handle back
            </Button>
            <Button minHeight="56px" onClick={() => turn(5)}>
              A little on
            </Button>
            <Button minHeight="56px" onClick={() => turn(20)}>
              On
            </Button>
          </Box>
          <Button look="primary" size="work" onClick={() => onDone(judgeTurn(task, bolt))}>
            That is the angle
          </Button>
        </>
      )}
    </Box>
  );
}

/** To the nearest half hour: as near as an eye tells it. */
function clockOf(deg: number): string {
  const halves = Math.round(((deg % 360) / 360) * 24) % 24;
  const hour = Math.floor(halves / 2) || 12;
  return halves % 2 === 0 ? `${hour} o'clock` : `half past ${hour}`;
}

"use client";

import type { DrawingOf } from "@/core/slip/drawing";
import { INK, LINE, Paper, RAISED, SOFT, STOP, Say, WIDTH } from "@/ui/drawing/Paper";

/** What hangs over the axles front and rear, and the wheel, mm: enough for a picture. */
const OVERHANG = 850;
const WHEEL = 310;
const GROUND = 148;

/**
 * The vehicle from its left side, front to the left, raised as high as it is to be, with its stands to scale.
 */
export function StandsDrawing({
  wheelbaseMm,
  frontInsetMm,
  rearInsetMm,
  liftMm,
  slopeDeg,
  roll,
}: DrawingOf<"stands">) {
  const scale = (WIDTH - 24) / (wheelbaseMm + 2 * OVERHANG);
  const front = 12 + OVERHANG * scale;
  const rear = front + wheelbaseMm * scale;
  const wheel = WHEEL * scale;
  const both = frontInsetMm !== undefined && rearInsetMm !== undefined;
  const lift = liftMm * scale;
  const tilt = both ? 0 : (Math.asin(Math.min(0.5, liftMm / wheelbaseMm)) * 180) / Math.PI;
  const pivot = frontInsetMm === undefined ? front : rear;
  const turned =
    frontInsetMm === undefined
      ? `rotate(${-tilt} ${pivot} ${GROUND - wheel})`
      : `rotate(${tilt} ${pivot} ${GROUND - wheel})`;
  const body = GROUND - wheel * 0.8;
  const stand = (x: number) => (
    <path
      key={x}
      d={`M ${x - 9} ${GROUND} L ${x - 3} ${body - lift} H ${x + 3} L ${x + 9} ${GROUND} Z`}
      fill={LINE}
      stroke={LINE}
    />
  );
  return (
    <Paper
      height={182}
      says={`The vehicle from its left side with the ${whichEnd(both, frontInsetMm)} on stands${roll ? `, wanting to roll ${roll}` : ""}`}
    >
      <g transform={slopeDeg > 0.05 ? `rotate(${Math.min(slopeDeg, 12)} ${WIDTH / 2} ${GROUND})` : undefined}>
        <line x1={4} y1={GROUND} x2={WIDTH - 4} y2={GROUND} stroke={slopeDeg > 1 ? STOP : SOFT} />
        {frontInsetMm !== undefined && stand(front + frontInsetMm * scale)}
        {rearInsetMm !== undefined && stand(rear - rearInsetMm * scale)}
        <g transform={both ? `translate(0 ${-lift})` : turned}>
          <path
            d={`M ${front - OVERHANG * scale + 4} ${body} v -22 q 4 -12 ${(OVERHANG + 500) * scale} -14 l ${500 * scale} -26 h ${wheelbaseMm * scale * 0.42} l ${600 * scale} 26 q 14 4 14 18 v 18 Z`}
            fill={RAISED}
          />
          {[front, rear].map((x) => (
            <circle key={x} cx={x} cy={GROUND - wheel} r={wheel} fill={INK} stroke={RAISED} />
          ))}
        </g>
      </g>
      <Say x={8} y={174} colour={SOFT}>
        front
      </Say>
      {roll && (
        <path
          d={
            roll === "forward"
              ? `M ${WIDTH / 2 + 50} 168 h -100 m 9 -6 l -9 6 l 9 6`
              : `M ${WIDTH / 2 - 50} 168 h 100 m -9 -6 l 9 6 l -9 6`
          }
          stroke={STOP}
          strokeWidth={3}
        />
      )}
      {roll && (
        <Say x={WIDTH - 8} y={174} at="end" colour={STOP}>
          wants to roll
        </Say>
      )}
    </Paper>
  );
}

function whichEnd(both: boolean, frontInsetMm: number | undefined) {
  if (both) return "whole of it";
  if (frontInsetMm === undefined) return "rear";
  return "front";
}

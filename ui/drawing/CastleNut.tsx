"use client";

import { EDGE, INK, LINE, RAISED, SHEET, polygon } from "./Paper";

/** How wide a castle nut is drawn from its middle, at scale 1. */
export const CASTLE_NUT_RADIUS = 82;

interface CastleNutProps {
  x: number;
  y: number;
  scale?: number;
  slots: number;
  /** How far the nut is turned from where a slot meets the hole, degrees. */
  turnedDeg: number;
}

/** A castle nut from above over its bolt, whose hole lies across. */
export function CastleNut({ x, y, scale = 1, slots, turnedDeg }: CastleNutProps) {
  return (
    <g transform={`translate(${x} ${y}) scale(${scale})`}>
      <g transform={`rotate(${turnedDeg})`}>
        <polygon points={polygon(0, 0, CASTLE_NUT_RADIUS, 6)} fill={RAISED} />
        <circle r={60} fill={EDGE} stroke={LINE} />
        {Array.from({ length: slots }, (_, i) => (
          <rect
            key={i}
            x={34}
            y={-5}
            width={28}
            height={10}
            fill={SHEET}
            stroke={LINE}
            strokeWidth={1.5}
            transform={`rotate(${(i * 360) / slots})`}
          />
        ))}
      </g>
      <circle r={35} fill={RAISED} stroke={LINE} />
      <rect x={-35} y={-4} width={70} height={8} fill={INK} stroke="none" />
    </g>
  );
}

"use client";

import { INK, RAISED, STOP } from "./Paper";

/** A head with an arrow round it: the way the hand turns. */
export function TurnWay({ to, size = 96 }: { to: "clockwise" | "anticlockwise"; size?: number }) {
  return (
    <svg
      viewBox="0 0 120 120"
      width={size}
      height={size}
      role="img"
      aria-label={`Turn it ${to}`}
      style={{ flexShrink: 0, ...(to === "clockwise" ? {} : { transform: "scaleX(-1)" }) }}
    >
      <polygon
        points="60,34 82.5,47 82.5,73 60,86 37.5,73 37.5,47"
        fill={RAISED}
        stroke={INK}
        strokeWidth="3"
      />
      <path d="M 22 84 A 46 46 0 1 1 92 93" fill="none" stroke={STOP} strokeWidth="7" strokeLinecap="round" />
      <polygon points="76,104 104,96 92,78" fill={STOP} />
    </svg>
  );
}

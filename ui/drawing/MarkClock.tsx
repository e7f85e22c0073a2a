"use client";

import { EDGE, INK, RAISED, SOFT } from "./Paper";

/** A bolt's head with its mark on a clock face. */
export function MarkClock({ hours, says }: { hours: number; says: string }) {
  const angle = (hours * Math.PI) / 6;
  const at = (radius: number) => ({ x: 80 + radius * Math.sin(angle), y: 80 - radius * Math.cos(angle) });
  return (
    <svg
      viewBox="0 0 160 160"
      width="160"
      height="160"
      role="img"
      aria-label={says}
      style={{ flexShrink: 0 }}
    >
      <circle cx="80" cy="80" r="76" fill={RAISED} stroke={EDGE} strokeWidth="2" />
      {Array.from({ length: 12 }, (_, i) => {
        const turn = (i * Math.PI) / 6;
        const inner = i % 3 === 0 ? 62 : 68;
        return (
          <line
            key={i}
            x1={80 + inner * Math.sin(turn)}
            y1={80 - inner * Math.cos(turn)}
            x2={80 + 74 * Math.sin(turn)}
            y2={80 - 74 * Math.cos(turn)}
            stroke={SOFT}
            strokeWidth={i % 3 === 0 ? 3 : 1.5}
          />
        );
      })}
      <g transform={`rotate(${hours * 30} 80 80)`}>
        <polygon
          points="80,38 116.4,59 116.4,101 80,122 43.6,101 43.6,59"
          fill="none"
          stroke={INK}
          strokeWidth="3"
        />
      </g>
      <line x1="80" y1="80" x2={at(56).x} y2={at(56).y} stroke={INK} strokeWidth="7" strokeLinecap="round" />
    </svg>
  );
}

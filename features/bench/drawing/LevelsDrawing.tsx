"use client";

import type { DrawingOf } from "@/core/slip/drawing";
import { EDGE, INK, LINE, Paper, RAISED, SOFT, Say } from "@/ui/drawing/Paper";

const BOTTOM = 190;
const TALL = 168;
const LOOKS = { left: SOFT, concentrate: LINE, water: EDGE } as const;

/** The system as one vessel, what is in it and what goes in, each as high as it is much. */
export function LevelsDrawing({ capacityL, parts }: DrawingOf<"levels">) {
  const tops = parts.map(
    (_, i) =>
      BOTTOM - (parts.slice(0, i + 1).reduce((sum, { litres }) => sum + litres, 0) / capacityL) * TALL,
  );
  // Words keep clear of one another where a part is thin.
  const words = tops.map((top, i) => ({ at: (top + (tops[i - 1] ?? BOTTOM)) / 2 + 5 }));
  words.forEach((word, i) => {
    const below = words[i - 1];
    if (below && below.at - word.at < 20) word.at = below.at - 20;
  });
  return (
    <Paper
      height={204}
      says={`A system of ${capacityL.toFixed(2)} litres: ${parts.map(({ name, litres }) => `${litres.toFixed(2)} ${name}`).join(", ")}`}
    >
      <rect x={24} y={BOTTOM - TALL} width={120} height={TALL} fill={RAISED} stroke="none" />
      {parts.map(({ name, look }, i) => (
        <rect
          key={name}
          x={24}
          y={tops[i] ?? 0}
          width={120}
          height={Math.max(0, (tops[i - 1] ?? BOTTOM) - (tops[i] ?? 0))}
          fill={LOOKS[look]}
          fillOpacity={0.75}
          stroke={INK}
          strokeWidth={1}
        />
      ))}
      <path d={`M 24 ${BOTTOM - TALL - 8} V ${BOTTOM} H 144 V ${BOTTOM - TALL - 8}`} strokeWidth={3} />
      {parts.map(({ name, litres }, i) => (
        <g key={name}>
          <line
            x1={144}
            y1={((tops[i] ?? 0) + (tops[i - 1] ?? BOTTOM)) / 2}
            x2={160}
            y2={(words[i]?.at ?? 0) - 5}
            stroke={SOFT}
            strokeWidth={1}
          />
          <Say x={164} y={words[i]?.at ?? 0} bold={i > 0}>
            {litres.toFixed(2)} L {name}
          </Say>
        </g>
      ))}
      <Say x={164} y={BOTTOM - TALL - 4} colour={SOFT}>
        holds {capacityL.toFixed(2)} L
      </Say>
    </Paper>
  );
}

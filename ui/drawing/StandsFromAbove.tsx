"use client";

import type { Stance } from "@/core/model/job";
import { EDGE, GOOD, INK, LINE, RAISED, SOFT, STOP, WIDTH } from "./Paper";

interface StandsFromAboveProps {
  stance: Exclude<Stance, "on the ground">;
  chocked: boolean;
  standing: boolean;
}

const AXLES = { front: 78, rear: 232 } as const;

/**
 * The vehicle from the side of its stands, lying with its nose to the left: which end is up, where each stand
 * goes, and which wheels are chocked on both sides.
 */
export function StandsFromAbove({ stance, chocked, standing }: StandsFromAboveProps) {
  const raised = endsRaised(stance);
  const down = (["front", "rear"] as const).filter((end) => !raised.includes(end as never));
  const says = `From above, nose to the left. Stands under the ${raised.join(" and the ")}, one each side${down.length > 0 ? `; both ${down[0]} wheels chocked before and behind` : ""}.`;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 150`}
      width="100%"
      role="img"
      aria-label={says}
      style={{ display: "block", maxWidth: 420, fontSize: 13 }}
      fill="none"
      stroke={LINE}
      strokeWidth={2}
    >
      <path
        d="M 34 75 Q 34 34 70 32 L 268 32 Q 288 34 290 75 Q 288 116 268 118 L 70 118 Q 34 116 34 75 Z"
        fill={RAISED}
      />
      <path
        d="M 108 46 Q 96 75 108 104 L 130 96 L 130 54 Z M 240 50 L 240 100 L 262 108 Q 270 75 262 42 Z"
        stroke={EDGE}
      />
      {(["front", "rear"] as const).flatMap((end) =>
        [24, 112].map((y) => (
          <rect
            key={`${end} ${y}`}
            x={AXLES[end] - 20}
            y={y}
            width={40}
            height={14}
            rx={4}
            fill={INK}
            stroke="none"
            opacity={raised.includes(end as never) ? 0.35 : 1}
          />
        )),
      )}
      {raised.flatMap((end) =>
        [46, 104].map((y) => (
          <path
            key={`${end} ${y}`}
            d={`M ${AXLES[end] + (end === "front" ? 34 : -34)} ${y - 11} l 12 20 l -24 0 Z`}
            fill={standing ? GOOD : "none"}
            stroke={standing ? GOOD : STOP}
            strokeWidth={3}
          />
        )),
      )}
      {down.flatMap((end) =>
        [31, 119].flatMap((y) =>
          [-1, 1].map((side) => (
            <path
              key={`${end} ${y} ${side}`}
              d={`M ${AXLES[end] + side * 22} ${y + 8} l ${side * 16} 0 l ${-side * 14} -14 Z`}
              fill={chocked ? GOOD : "none"}
              stroke={chocked ? GOOD : STOP}
              strokeWidth={2.5}
            />
          )),
        ),
      )}
      <text x={WIDTH / 2} y={146} textAnchor="middle" fill={SOFT} stroke="none">
        nose left · ▲ stand · ◣ chock
      </text>
    </svg>
  );
}

function endsRaised(stance: string) {
  if (stance === "all up") return ["front", "rear"] as const;
  if (stance === "front up") return ["front"] as const;
  return ["rear"] as const;
}

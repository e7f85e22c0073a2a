"use client";

import { EDGE, INK, LINE, SHEET, SOFT, Say, STOP } from "./Paper";

const WATCH = "var(--chakra-colors-watch)";

/** What the pages of the Log look like once there is something on them. */
export const LOG_EXAMPLES = {
  replaced: {
    says: "For example: what was replaced hangs from the vehicle's line, what is due stands ahead",
    draw: (
      <>
        <line x1={14} y1={48} x2={220} y2={48} strokeWidth={4} />
        <line x1={220} y1={48} x2={306} y2={48} strokeDasharray="6 5" />
        {[
          [52, "pads"],
          [124, "oil"],
          [190, "battery"],
        ].map(([x, says]) => (
          <g key={x}>
            <line x1={Number(x)} y1={48} x2={Number(x)} y2={80} stroke={SOFT} />
            <circle cx={Number(x)} cy={84} r={5} fill={LINE} />
            <Say x={Number(x)} y={108} at="middle">
              {says}
            </Say>
          </g>
        ))}
        <path d="M 270 40 l 7 -12 l 7 12 Z" fill={WATCH} stroke="none" />
        <Say x={277} y={20} at="middle" colour={WATCH}>
          oil due
        </Say>
      </>
    ),
  },
  due: {
    says: "For example: what is due soon, with the days between which it falls",
    draw: (
      <>
        {[
          ["▲ Oil and filter", 66, 90, WATCH],
          ["Brake fluid", 150, 70, INK],
          ["Coolant", 214, 86, INK],
        ].map(([says, x, width, colour], i) => (
          <g key={says}>
            <Say x={14} y={28 + i * 34} colour={String(colour)} bold>
              {says}
            </Say>
            <rect x={Number(x) + 20} y={34 + i * 34} width={width} height={8} fill={EDGE} stroke="none" />
            <line
              x1={Number(x) + 20 + Number(width) / 2}
              y1={30 + i * 34}
              x2={Number(x) + 20 + Number(width) / 2}
              y2={46 + i * 34}
            />
          </g>
        ))}
      </>
    ),
  },
  wear: {
    says: "For example: a tread that gets less, and where it meets its limit",
    draw: (
      <>
        <line x1={30} y1={14} x2={30} y2={112} stroke={EDGE} />
        <line x1={30} y1={112} x2={306} y2={112} stroke={EDGE} />
        <line x1={30} y1={92} x2={306} y2={92} stroke={STOP} strokeDasharray="6 5" />
        {[
          [50, 26],
          [110, 42],
          [160, 57],
        ].map(([x, y]) => (
          <circle key={x} cx={x} cy={y} r={5} fill={LINE} />
        ))}
        <path d="M 50 26 L 160 57 L 284 92" strokeDasharray="none" />
        <Say x={304} y={86} at="end" colour={STOP}>
          limit
        </Say>
      </>
    ),
  },
  costs: {
    says: "For example: what each year has cost",
    draw: (
      <>
        {[44, 78, 30, 60].map((height, i) => (
          <rect
            key={height}
            x={44 + i * 62}
            y={100 - height}
            width={38}
            height={height}
            fill={LINE}
            stroke="none"
          />
        ))}
        <line x1={24} y1={100} x2={300} y2={100} stroke={EDGE} />
      </>
    ),
  },
  owed: {
    says: "For example: the wheel bolts are to be checked once more in 80 km",
    draw: (
      <>
        <path d="M 40 24 h 226 l 14 14 v 66 h -240 Z" fill={SHEET} stroke={EDGE} />
        <rect x={56} y={46} width={18} height={18} rx={3} />
        <Say x={86} y={60} bold>
          Wheel bolts once more
        </Say>
        <Say x={86} y={84} colour={SOFT}>
          after 80 km, about Saturday
        </Say>
      </>
    ),
  },
} as const;

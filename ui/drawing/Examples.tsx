"use client";

import type { ReactNode } from "react";
import { LOG_EXAMPLES } from "./LogExamples";
import { EDGE, GOOD, INK, LINE, Paper, RAISED, SHEET, SOFT, Say, STOP, polygon } from "./Paper";

const MARKER = "var(--chakra-colors-marker)";
const WATCH = "var(--chakra-colors-watch)";

/** What a place looks like once there is something in it, drawn with figures that are nobody's. */
export const EXAMPLES = {
  garage: {
    says: "For example: a vehicle from above, with what is well, what soon is due, and what is not known",
    draw: (
      <>
        <path
          d="M 60 62 Q 60 26 104 24 L 236 24 Q 262 26 264 62 Q 262 98 236 100 L 104 100 Q 60 98 60 62 Z"
          fill={RAISED}
        />
        {[98, 226].flatMap((x) =>
          [14, 98].map((y) => (
            <rect key={`${x} ${y}`} x={x - 20} y={y} width={40} height={12} rx={4} fill={INK} stroke="none" />
          )),
        )}
        <circle cx={98} cy={40} r={7} fill={GOOD} stroke="none" />
        <path d="M 219 92 l 8 -15 l 8 15 Z" fill={WATCH} stroke="none" />
        <rect x={91} y={78} width={14} height={14} fill={STOP} stroke="none" />
        <circle cx={227} cy={40} r={7} fill={SHEET} />
      </>
    ),
  },
  bench: {
    says: "For example: a wrench with a crowfoot on, and what to set",
    draw: (
      <>
        <line x1={20} y1={78} x2={210} y2={78} strokeWidth={9} stroke={SOFT} />
        <line x1={20} y1={78} x2={62} y2={78} strokeWidth={15} strokeLinecap="round" />
        <rect x={206} y={70} width={16} height={16} fill={SHEET} />
        <line x1={222} y1={78} x2={262} y2={78} strokeWidth={6} />
        <polygon points={polygon(278, 78, 16, 6)} fill={RAISED} />
        <Say x={40} y={36} bold>
          set 35.9 N·m, the bolt gets 40
        </Say>
      </>
    ),
  },
  practise: {
    says: "For example: bolts on a ring, one pulled higher than its neighbours",
    draw: (
      <>
        <circle cx={160} cy={62} r={36} stroke={EDGE} strokeWidth={9} />
        {[1, 0.6, 0.8, 0.9].map((full, i) => {
          const [x, y] = [160 + 52 * Math.cos((i * Math.PI) / 2), 62 + 44 * Math.sin((i * Math.PI) / 2)];
          return (
            <g key={full}>
              <circle cx={x} cy={y} r={13} fill={RAISED} stroke={INK} />
              <rect x={x - 5} y={y + 8 - full * 16} width={10} height={full * 16} fill={LINE} stroke="none" />
            </g>
          );
        })}
      </>
    ),
  },
  files: {
    says: "For example: from one device to another by a code, with no network",
    draw: (
      <>
        <rect x={24} y={26} width={112} height={72} rx={5} fill={SHEET} />
        <rect x={230} y={18} width={56} height={92} rx={7} fill={SHEET} />
        {[0, 1, 2, 3].flatMap((row) =>
          [0, 1, 2, 3].map((column) =>
            (row * 3 + column * 5) % 4 < 2 ? (
              <rect
                key={`${row} ${column}`}
                x={56 + column * 12}
                y={38 + row * 12}
                width={12}
                height={12}
                fill={INK}
                stroke="none"
              />
            ) : null,
          ),
        )}
        <path d="M 148 62 h 64 l -10 -8 m 10 8 l -10 8" strokeWidth={3} />
      </>
    ),
  },
  plan: {
    says: "For example: steps by phase, the next one marked",
    draw: (
      <>
        {["Make safe", "Take apart", "Put back"].map((phase, i) => (
          <g key={phase}>
            <Say x={14 + i * 102} y={24} bold>
              {phase}
            </Say>
            {[0, 1, 2].map((row) => (
              <g key={row}>
                <rect
                  x={14 + i * 102}
                  y={36 + row * 30}
                  width={92}
                  height={22}
                  rx={3}
                  fill={i === 1 && row === 1 ? MARKER : SHEET}
                  stroke={EDGE}
                />
                <line
                  x1={36 + i * 102}
                  y1={47 + row * 30}
                  x2={92 + i * 102 - row * 14}
                  y2={47 + row * 30}
                  stroke={SOFT}
                />
                {(i === 0 || (i === 1 && row === 0)) && (
                  <path
                    d={`M ${20 + i * 102} ${47 + row * 30} l 4 4 l 7 -9`}
                    stroke={GOOD}
                    strokeWidth={2.5}
                  />
                )}
              </g>
            ))}
          </g>
        ))}
      </>
    ),
  },
  kit: {
    says: "For example: a socket, a wrench and a spanner laid out, one still to find",
    draw: (
      <>
        {[14, 116, 218].map((x, i) => (
          <rect
            key={x}
            x={x}
            y={16}
            width={88}
            height={98}
            rx={4}
            fill={SHEET}
            stroke={i === 2 ? STOP : EDGE}
            strokeDasharray={i === 2 ? "5 4" : undefined}
          />
        ))}
        <circle cx={58} cy={52} r={20} fill={RAISED} />
        <polygon points={polygon(58, 52, 12, 6)} />
        <path d="M 130 52 h 44 M 174 42 h 16 v 20 h -16 Z M 124 52 a 8 8 0 1 1 12 0" strokeWidth={4} />
        <path
          d="M 232 64 l 40 -26 M 270 26 l 12 4 l -4 12 M 226 76 a 9 9 0 1 1 8 -14"
          stroke={STOP}
          strokeWidth={3}
          strokeDasharray="5 4"
        />
        <Say x={58} y={102} at="middle" bold>
          17 mm
        </Say>
        <Say x={160} y={102} at="middle" bold>
          20–110 N·m
        </Say>
        <Say x={262} y={102} at="middle" colour={STOP} bold>
          ■ to find
        </Say>
      </>
    ),
  },
  day: {
    says: "For example: a day with a wait that needs no hands, and the hours by which it is over",
    draw: (
      <>
        <rect x={14} y={44} width={92} height={34} fill={LINE} stroke="none" />
        <rect x={106} y={44} width={54} height={34} fill={RAISED} strokeDasharray="4 4" />
        <rect x={160} y={44} width={84} height={34} fill={LINE} stroke="none" />
        <rect x={244} y={50} width={56} height={22} fill={EDGE} stroke="none" />
        <Say x={14} y={34}>
          09:00
        </Say>
        <Say x={106} y={34} colour={SOFT}>
          soaks
        </Say>
        <Say x={304} y={34} at="end">
          over by 14:10
        </Say>
        <Say x={14} y={104} bold>
          83 in 100 that it rolls in time
        </Say>
      </>
    ),
  },
  work: {
    says: "For example: what to set, and the bolt that is next",
    draw: (
      <>
        <text
          x={14}
          y={92}
          fill={INK}
          stroke="none"
          style={{ fontFamily: "var(--chakra-fonts-heading)", fontWeight: 700, fontSize: 78 }}
        >
          26.5
        </text>
        {[
          { x: 240, y: 34, fill: GOOD },
          { x: 288, y: 66, fill: RAISED },
          { x: 240, y: 98, fill: MARKER },
          { x: 192, y: 66, fill: RAISED },
        ].map(({ x, y, fill }) => (
          <circle key={`${x} ${y}`} cx={x} cy={y} r={17} fill={fill} stroke={INK} />
        ))}
      </>
    ),
  },
  ...LOG_EXAMPLES,
} as const satisfies Record<string, { says: string; draw: ReactNode }>;
export type Example = keyof typeof EXAMPLES;

/** One of them, on its paper. */
export function ExampleOf({ of }: { of: Example }) {
  const { says, draw } = EXAMPLES[of];
  return (
    <Paper height={124} says={says}>
      {draw}
    </Paper>
  );
}

"use client";

import { chakra } from "@chakra-ui/react";
import type { Rail, RailMark } from "@/core/log/rail";

const TIER = 19;
const STEM = 16;
/** Room at both ends for a flag that stands there. */
const FLAG = 8;
const INK = "var(--chakra-colors-ink)";
const SOFT = "var(--chakra-colors-soft)";
const DRAWING = "var(--chakra-colors-drawing)";
const SHEET = "var(--chakra-colors-sheet)";
/** State by shape as well as colour: a square is overdue, a triangle soon, a ring later. */
const STATE_COLOUR = {
  done: DRAWING,
  overdue: "var(--chakra-colors-stop)",
  soon: "var(--chakra-colors-watch)",
  later: SOFT,
} as const;

const Words = chakra("text");

interface OdometerRailProps {
  rail: Rail;
  width: number;
  /** All of it in words, for those who do not see it. */
  says: string;
  fontSize: number;
  /** For a mouse or a thumb; the table under the rail has the same entries for the keys. */
  onOpen: (entryId: string) => void;
}

/**
 * The odometer as a rail: what was replaced hangs under it, now is the bold cross-tie, what is due stands
 * above the dashed way ahead.
 */
export function OdometerRail({ rail, width, says, fontSize, onOpen }: OdometerRailProps) {
  /** Now, or the end it lies beyond while only a part is looked at. */
  const nowX = Math.min(width, Math.max(0, rail.now.x));
  const below = tiersOf(rail.hanging);
  const above = tiersOf(rail.due);
  const railY = above * TIER + STEM + 10;
  const height = railY + STEM + below * TIER + 44;
  return (
    <svg
      viewBox={`${-FLAG} 0 ${width + 2 * FLAG} ${height}`}
      width="100%"
      style={{ display: "block" }}
      role="img"
      aria-label={says}
      fontSize={fontSize}
    >
      {rail.ticks.map(({ x, label }) => (
        <g key={label}>
          <path d={`M ${x} ${height - 30} V ${height - 22}`} stroke={SOFT} />
          <text x={Math.min(Math.max(x, 34), width - 34)} y={height - 6} textAnchor="middle" fill={SOFT}>
            {label}
          </text>
        </g>
      ))}
      <path d={`M 0 ${railY - 3} H ${nowX} M 0 ${railY + 3} H ${nowX}`} stroke={DRAWING} strokeWidth={2} />
      <path
        d={`M ${nowX} ${railY - 3} H ${width} M ${nowX} ${railY + 3} H ${width}`}
        stroke={DRAWING}
        strokeWidth={2}
        strokeDasharray="7 6"
      />
      {[false, true].map((words) => (
        <g key={String(words)}>
          {rail.hanging.map((mark) => (
            <Hanging key={mark.key} mark={mark} railY={railY} onOpen={onOpen} words={words} />
          ))}
          {rail.due.map((mark) => (
            <Standing key={mark.key} mark={mark} railY={railY} words={words} />
          ))}
        </g>
      ))}
      {nowX === rail.now.x && (
        <path d={`M ${nowX} ${railY - 13} V ${railY + 13}`} stroke={INK} strokeWidth={5} />
      )}
    </svg>
  );
}

function tiersOf(marks: RailMark[]): number {
  return Math.max(0, ...marks.map(({ tier }) => (tier ?? 0) + 1));
}

/**
 * The stem of what hangs under the rail, and with `words` its label: stems are drawn first, so that no line
 * crosses words.
 */
function Hanging({
  mark,
  railY,
  onOpen,
  words,
}: {
  mark: RailMark;
  railY: number;
  onOpen: (entryId: string) => void;
  words: boolean;
}) {
  const foot = railY + STEM + (mark.tier ?? 0) * TIER;
  if (!words)
    return (
      <path
        d={`M ${mark.x} ${railY - 8} V ${mark.tier === undefined ? railY + 12 : foot}`}
        stroke={DRAWING}
        strokeWidth={2}
      />
    );
  const { entryId } = mark;
  return (
    <g {...(entryId ? { onClick: () => onOpen(entryId), style: { cursor: "pointer" } } : {})}>
      <Label mark={mark} y={foot + 14} colour={INK} />
    </g>
  );
}

function Standing({ mark, railY, words }: { mark: RailMark; railY: number; words: boolean }) {
  const top = railY - STEM - (mark.tier ?? 0) * TIER;
  const colour = STATE_COLOUR[mark.state];
  if (words) return <Label mark={mark} y={top - 4} colour={colour} />;
  return (
    <g>
      <title>{`${mark.label}: ${mark.state}`}</title>
      {mark.tier !== undefined && mark.tier > 0 && (
        <path d={`M ${mark.x} ${top + 4} V ${railY - 12}`} stroke={colour} />
      )}
      <Flag x={mark.x} y={railY - 9} state={mark.state} />
    </g>
  );
}

function Label({ mark: { labelX, label, tier }, y, colour }: { mark: RailMark; y: number; colour: string }) {
  if (tier === undefined) return null;
  return (
    <Words
      x={labelX}
      y={y}
      fill={colour}
      stroke={SHEET}
      strokeWidth={5}
      paintOrder="stroke"
      _hover={{ textDecoration: "underline" }}
    >
      {label}
    </Words>
  );
}

function Flag({ x, y, state }: { x: number; y: number; state: RailMark["state"] }) {
  const colour = STATE_COLOUR[state];
  if (state === "overdue") return <rect x={x - 6} y={y - 6} width={12} height={12} fill={colour} />;
  if (state === "soon")
    return <path d={`M ${x - 7} ${y + 5} L ${x} ${y - 7} L ${x + 7} ${y + 5} Z`} fill={colour} />;
  return <circle cx={x} cy={y} r={5} fill={SHEET} stroke={colour} strokeWidth={2.5} />;
}

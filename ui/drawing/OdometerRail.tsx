"use client";

import { chakra } from "@chakra-ui/react";
import Link from "next/link";
import type { Rail, RailMark } from "@/core/log/rail";

const TIER = 19;
const STEM = 16;
const INK = "var(--chakra-colors-ink)";
const SOFT = "var(--chakra-colors-soft)";
const DRAWING = "var(--chakra-colors-drawing)";
const SHEET = "var(--chakra-colors-sheet)";
/** State by shape as well as colour: a square is overdue, a triangle soon, a ring later. */
const STATE_COLOUR = { done: DRAWING, overdue: "var(--chakra-colors-stop)", soon: "var(--chakra-colors-watch)", later: SOFT } as const;

const Mark = chakra("g");

interface OdometerRailProps {
  rail: Rail;
  width: number;
  /** All of it in words, for those who do not see it. */
  says: string;
  fontSize: number;
  hrefOf: (entryId: string) => string;
}

/** The odometer as a rail: what was replaced hangs under it, now is the bold cross-tie, what is due stands above the dashed way ahead. */
export function OdometerRail({ rail, width, says, fontSize, hrefOf }: OdometerRailProps) {
  const below = tiersOf(rail.hanging);
  const above = tiersOf(rail.due);
  const railY = above * TIER + STEM + 10;
  const height = railY + STEM + below * TIER + 44;
  return (
    <svg viewBox={`-4 0 ${width + 8} ${height}`} width="100%" style={{ display: "block" }} role="img" aria-label={says} fontSize={fontSize}>
      {rail.ticks.map(({ x, label }) => (
        <g key={label}>
          <path d={`M ${x} ${railY - 5} V ${height - 22}`} stroke="var(--chakra-colors-grid)" />
          <text x={Math.min(Math.max(x, 24), width - 30)} y={height - 6} textAnchor="middle" fill={SOFT}>
            {label}
          </text>
        </g>
      ))}
      <path d={`M 0 ${railY - 3} H ${rail.now.x} M 0 ${railY + 3} H ${rail.now.x}`} stroke={DRAWING} strokeWidth={2} />
      <path d={`M ${rail.now.x} ${railY - 3} H ${rail.end.x} M ${rail.now.x} ${railY + 3} H ${rail.end.x}`} stroke={DRAWING} strokeWidth={2} strokeDasharray="7 6" />
      {rail.hanging.map((mark) => (
        <Hanging key={mark.key} mark={mark} railY={railY} width={width} href={mark.entryId && hrefOf(mark.entryId)} />
      ))}
      {rail.due.map((mark) => (
        <Standing key={mark.key} mark={mark} railY={railY} width={width} />
      ))}
      <path d={`M ${rail.now.x} ${railY - 13} V ${railY + 13}`} stroke={INK} strokeWidth={5} />
    </svg>
  );
}

function tiersOf(marks: RailMark[]): number {
  return Math.max(0, ...marks.map(({ tier }) => (tier ?? 0) + 1));
}

function Hanging({ mark, railY, width, href }: { mark: RailMark; railY: number; width: number; href: string | undefined }) {
  const foot = railY + STEM + (mark.tier ?? 0) * TIER;
  const drawn = (
    <Mark _hover={{ textDecoration: "underline" }}>
      <title>{mark.label}</title>
      <path d={`M ${mark.x} ${railY - 8} V ${mark.tier === undefined ? railY + 12 : foot}`} stroke={DRAWING} strokeWidth={2} />
      {mark.tier !== undefined && <Label mark={mark} y={foot + 14} width={width} colour={INK} />}
    </Mark>
  );
  // The table under it has the same links; with the keys they are reached there.
  return href ? (
    <Link href={href} tabIndex={-1} aria-hidden>
      {drawn}
    </Link>
  ) : (
    drawn
  );
}

function Standing({ mark, railY, width }: { mark: RailMark; railY: number; width: number }) {
  const top = railY - STEM - (mark.tier ?? 0) * TIER;
  const colour = STATE_COLOUR[mark.state];
  return (
    <g>
      <title>{`${mark.label}: ${mark.state}`}</title>
      {mark.tier !== undefined && mark.tier > 0 && <path d={`M ${mark.x} ${top + 4} V ${railY - 12}`} stroke={colour} />}
      <Flag x={mark.x} y={railY - 9} state={mark.state} />
      {mark.tier !== undefined && <Label mark={mark} y={top - 4} width={width} colour={colour} />}
    </g>
  );
}

function Label({ mark, y, width, colour }: { mark: RailMark; y: number; width: number; colour: string }) {
  // Near the right end the words would run off the paper: they end there instead.
  const atEnd = mark.x > width * 0.8;
  return (
    <text x={atEnd ? width : mark.x} y={y} textAnchor={atEnd ? "end" : "start"} fill={colour} stroke={SHEET} strokeWidth={4} paintOrder="stroke">
      {mark.label}
    </text>
  );
}

function Flag({ x, y, state }: { x: number; y: number; state: RailMark["state"] }) {
  const colour = STATE_COLOUR[state];
  if (state === "overdue") return <rect x={x - 6} y={y - 6} width={12} height={12} fill={colour} />;
  if (state === "soon") return <path d={`M ${x - 7} ${y + 5} L ${x} ${y - 7} L ${x + 7} ${y + 5} Z`} fill={colour} />;
  return <circle cx={x} cy={y} r={5} fill={SHEET} stroke={colour} strokeWidth={2.5} />;
}

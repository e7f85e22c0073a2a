"use client";

import type { ReactNode } from "react";

/** Colours of the drawings, from the theme. */
export const INK = "var(--chakra-colors-ink)";
export const LINE = "var(--chakra-colors-drawing)";
export const SOFT = "var(--chakra-colors-soft)";
export const EDGE = "var(--chakra-colors-edge)";
export const SHEET = "var(--chakra-colors-sheet)";
export const RAISED = "var(--chakra-colors-raised)";
export const GOOD = "var(--chakra-colors-good)";
export const STOP = "var(--chakra-colors-stop)";

export const WIDTH = 320;

/**
 * The paper that every drawing of the Bench is on: 320 wide, as high as it needs, and said in words for those
 * who do not see it.
 */
export function Paper({ height, says, children }: { height: number; says: string; children: ReactNode }) {
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      width="100%"
      role="img"
      aria-label={says}
      style={{ display: "block", maxHeight: 300, fontSize: 13 }}
      fill="none"
      stroke={LINE}
      strokeWidth={2}
    >
      {children}
    </svg>
  );
}

/** Words on a drawing. */
export function Say({
  x,
  y,
  at = "start",
  colour = INK,
  bold = false,
  children,
}: {
  x: number;
  y: number;
  at?: "start" | "middle" | "end";
  colour?: string;
  bold?: boolean;
  children: ReactNode;
}) {
  return (
    <text x={x} y={y} textAnchor={at} fill={colour} stroke="none" style={bold ? { fontWeight: 700 } : {}}>
      {children}
    </text>
  );
}

/** Corners of a regular polygon as an SVG points list. `turned` in degrees. */
export function polygon(x: number, y: number, radius: number, corners: number, turned = 0): string {
  return Array.from({ length: corners }, (_, i) => {
    const angle = (i * 2 * Math.PI) / corners + (turned * Math.PI) / 180;
    return `${(x + radius * Math.cos(angle)).toFixed(2)},${(y + radius * Math.sin(angle)).toFixed(2)}`;
  }).join(" ");
}

/** A round number at or above a value, with a spacing that gives about so many marks up to it. */
export function roundScale(upTo: number, marks: number): { end: number; step: number } {
  const raw = upTo / marks;
  const power = 10 ** Math.floor(Math.log10(raw));
  const step = ([1, 2, 5, 10].find((one) => one * power >= raw * 0.999) ?? 10) * power;
  return { end: Math.ceil(upTo / step - 1e-9) * step, step };
}

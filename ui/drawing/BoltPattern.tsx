"use client";

import { Box, chakra } from "@chakra-ui/react";
import type { Fastener } from "@/core/model/job";

const BOLT = 58;

const Bolt = chakra("button", {
  base: {
    position: "absolute",
    transform: "translate(-50%, -50%)",
    borderRadius: "50%",
    fontFamily: "heading",
    fontWeight: "600",
    fontSize: "26px",
    border: "2px solid",
    cursor: "pointer",
    padding: "0",
  },
  variants: {
    state: {
      waiting: { background: "raised", color: "ink", borderColor: "ink" },
      next: { background: "marker", color: "onMarker", borderColor: "ink", borderWidth: "4px" },
      done: { background: "good", color: "onGood", borderColor: "good" },
    },
  },
});

interface BoltPatternProps {
  fastener: Fastener;
  /** Bolt numbers in the order they are tightened. */
  order: number[];
  ticked: number[];
  next: number | undefined;
  onTick: (bolt: number) => void;
}

/**
 * The bolts where they are, each with its turn in the order; tapping one ticks it, or takes its tick off
 * again.
 */
export function BoltPattern({ fastener, order, ticked, next, onTick }: BoltPatternProps) {
  const { width, height, spots } = place(fastener);
  const path = order.map((bolt) => spots[bolt - 1]).filter((spot) => spot !== undefined);
  return (
    <Box
      position="relative"
      flexShrink={0}
      maxWidth="100%"
      style={{ width, height }}
      zoom={{ base: "calc(1 / var(--work-zoom, 1))", lg: "1" }}
    >
      <svg
        viewBox={`0 0 ${width} ${height}`}
        width={width}
        height={height}
        aria-hidden
        style={{ position: "absolute", inset: 0 }}
      >
        {path.length > 2 && (
          <polyline
            points={path.map(({ x, y }) => `${x},${y}`).join(" ")}
            fill="none"
            stroke="var(--chakra-colors-soft)"
            strokeWidth="1.5"
            strokeDasharray="5 5"
          />
        )}
      </svg>
      {order.map((bolt, i) => {
        const spot = spots[bolt - 1];
        if (!spot) return null;
        const state = boltState(ticked, bolt, next);
        const says = `Bolt ${i + 1}, ${state === "done" ? "done; take its tick off" : state}`;
        return (
          <Bolt
            key={bolt}
            type="button"
            state={state}
            aria-label={says}
            style={{ left: spot.x, top: spot.y, width: spot.size, height: spot.size }}
            onClick={() => onTick(bolt)}
          >
            {i + 1}
          </Bolt>
        );
      })}
    </Box>
  );
}

interface Spot {
  x: number;
  y: number;
  size: number;
}

function boltState(ticked: number[], bolt: number, next: number | undefined) {
  if (ticked.includes(bolt)) return "done";
  if (bolt === next) return "next";
  return "waiting";
}

function place(fastener: Fastener): { width: number; height: number; spots: Spot[] } {
  const { count, pattern } = fastener;
  if (pattern?.layout === "circle" && count > 1) {
    const radius = Math.max(72, (count * (BOLT + 10)) / (2 * Math.PI));
    const side = Math.min(320, 2 * radius + BOLT + 4);
    const reach = (side - BOLT - 4) / 2;
    const spots = Array.from({ length: count }, (_, i) => {
      const angle = (i * 2 * Math.PI) / count - Math.PI / 2;
      return { x: side / 2 + reach * Math.cos(angle), y: side / 2 + reach * Math.sin(angle), size: BOLT };
    });
    return { width: side, height: side, spots };
  }
  if (pattern?.layout === "points" && pattern.points.length === count) return placePoints(pattern.points);
  const perRow = Math.min(count, 5);
  const spots = Array.from({ length: count }, (_, i) => ({
    x: (i % perRow) * (BOLT + 8) + BOLT / 2 + 2,
    y: Math.floor(i / perRow) * (BOLT + 8) + BOLT / 2 + 2,
    size: BOLT,
  }));
  return { width: perRow * (BOLT + 8), height: Math.ceil(count / perRow) * (BOLT + 8), spots };
}

/** Drawn bolts, spread to fill what a phone has; they shrink rather than overlap. */
function placePoints(points: readonly { x: number; y: number }[]): {
  width: number;
  height: number;
  spots: Spot[];
} {
  const WIDEST = 330;
  const xs = points.map(({ x }) => x);
  const ys = points.map(({ y }) => y);
  const spanX = Math.max(...xs) - Math.min(...xs);
  const spanY = Math.max(...ys) - Math.min(...ys);
  const scale = (WIDEST - BOLT - 4) / Math.max(spanX, spanY, 1e-6);
  const gaps = points.flatMap((a, i) =>
    points.slice(i + 1).map((b) => Math.hypot(a.x - b.x, a.y - b.y) * scale),
  );
  const size = points.length === 1 ? BOLT : Math.max(30, Math.min(BOLT, Math.min(...gaps) - 6));
  const spots = points.map(({ x, y }) => ({
    x: (x - Math.min(...xs)) * scale + BOLT / 2 + 2,
    y: (y - Math.min(...ys)) * scale + BOLT / 2 + 2,
    size,
  }));
  return { width: spanX * scale + BOLT + 4, height: spanY * scale + BOLT + 4, spots };
}

"use client";

import { Box, chakra } from "@chakra-ui/react";
import { memo, useMemo } from "react";
import type { Fastener } from "@/core/model/job";
import { useCramped, useWide } from "../use-wide";

/** How large bolts are drawn, and what room they have: on a phone the whole pattern stands above the button. */
const ROOMY = { bolt: 58, gap: 8, perRow: 5, widest: 330, highest: 330 };
const ROOMY_MANY = { bolt: 46, gap: 6, perRow: 6, widest: 330, highest: 250 };
const PHONE = { bolt: 56, gap: 4, perRow: 5, widest: 298, highest: 298 };
const PHONE_MANY = { bolt: 46, gap: 6, perRow: 5, widest: 298, highest: 228 };
/** On its side it has what header, title and tabs leave. */
const CRAMPED_PHONE = { bolt: 34, gap: 4, perRow: 6, widest: 240, highest: 160 };
type Room = typeof ROOMY;
/** So few are drawn as large as buttons. */
const FEW = 6;

function roomFor(wide: boolean, cramped: boolean, count: number): Room {
  if (cramped) return CRAMPED_PHONE;
  if (wide) return count <= FEW ? ROOMY : ROOMY_MANY;
  return count <= FEW ? PHONE : PHONE_MANY;
}

const Round = chakra("button", {
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

export interface BoltPatternProps {
  fastener: Fastener;
  /** Bolt numbers in the order they are tightened. */
  order: readonly number[];
  ticked: readonly number[];
  next: number | undefined;
  /** @param off It was ticked: its tick is to go. */
  onTick: (bolt: number, off: boolean) => void;
}

/**
 * The bolts where they are, each with its turn in the order; tapping one ticks it, or takes its tick off
 * again.
 */
export function BoltPattern({ fastener, order, ticked, next, onTick }: BoltPatternProps) {
  const wide = useWide("lg");
  const cramped = useCramped();
  const { width, height, spots } = useMemo(
    () => place(fastener, roomFor(wide, cramped, fastener.count)),
    [fastener, wide, cramped],
  );
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
        return (
          <Bolt
            key={bolt}
            bolt={bolt}
            turn={i + 1}
            spot={spot}
            state={boltState(ticked, bolt, next)}
            onTick={onTick}
          />
        );
      })}
    </Box>
  );
}

interface BoltProps extends Pick<BoltPatternProps, "onTick"> {
  bolt: number;
  /** When it is tightened: the first, the second. */
  turn: number;
  spot: Spot;
  state: ReturnType<typeof boltState>;
}

/** Drawn anew only when its own state changes: of a dozen that is one or two with a tap. */
const Bolt = memo(function Bolt({ bolt, turn, spot, state, onTick }: BoltProps) {
  return (
    <Round
      type="button"
      state={state}
      aria-label={`Bolt ${turn}, ${state === "done" ? "done; take its tick off" : state}`}
      style={{
        left: spot.x,
        top: spot.y,
        width: spot.size,
        height: spot.size,
        fontSize: Math.min(26, spot.size * 0.55),
      }}
      onClick={() => onTick(bolt, state === "done")}
    >
      {turn}
    </Round>
  );
});

interface Spot {
  x: number;
  y: number;
  size: number;
}

function boltState(ticked: readonly number[], bolt: number, next: number | undefined) {
  if (ticked.includes(bolt)) return "done";
  if (bolt === next) return "next";
  return "waiting";
}

function place(fastener: Fastener, room: Room): { width: number; height: number; spots: Spot[] } {
  const { count, pattern } = fastener;
  const { bolt, gap, perRow: most, widest, highest } = room;
  if (pattern?.layout === "circle" && count > 1) {
    const radius = Math.max(72, (count * (bolt + gap)) / (2 * Math.PI));
    const side = Math.min(widest, highest, 2 * radius + bolt + 4);
    const reach = (side - bolt - 4) / 2;
    // Many stand close: they shrink rather than overlap.
    const size = Math.min(bolt, 2 * reach * Math.sin(Math.PI / count) - 2);
    const spots = Array.from({ length: count }, (_, i) => {
      const angle = (i * 2 * Math.PI) / count - Math.PI / 2;
      return { x: side / 2 + reach * Math.cos(angle), y: side / 2 + reach * Math.sin(angle), size };
    });
    return { width: side, height: side, spots };
  }
  if (pattern?.layout === "points" && pattern.points.length === count)
    return placePoints(pattern.points, room);
  const perRow = Math.min(count, most);
  const spots = Array.from({ length: count }, (_, i) => ({
    x: (i % perRow) * (bolt + gap) + bolt / 2 + 2,
    y: Math.floor(i / perRow) * (bolt + gap) + bolt / 2 + 2,
    size: bolt,
  }));
  return { width: perRow * (bolt + gap), height: Math.ceil(count / perRow) * (bolt + gap), spots };
}

/** Drawn bolts, spread to fill what there is; they shrink rather than overlap. */
function placePoints(
  points: readonly { x: number; y: number }[],
  { bolt, widest, highest }: Room,
): {
  width: number;
  height: number;
  spots: Spot[];
} {
  const xs = points.map(({ x }) => x);
  const ys = points.map(({ y }) => y);
  const spanX = Math.max(...xs) - Math.min(...xs);
  const spanY = Math.max(...ys) - Math.min(...ys);
  const scale = Math.min(
    (widest - bolt - 4) / Math.max(spanX, 1e-6),
    (highest - bolt - 4) / Math.max(spanY, 1e-6),
  );
  const gaps = points.flatMap((a, i) =>
    points.slice(i + 1).map((b) => Math.hypot(a.x - b.x, a.y - b.y) * scale),
  );
  const size = points.length === 1 ? bolt : Math.max(30, Math.min(bolt, Math.min(...gaps) - 6));
  const spots = points.map(({ x, y }) => ({
    x: (x - Math.min(...xs)) * scale + bolt / 2 + 2,
    y: (y - Math.min(...ys)) * scale + bolt / 2 + 2,
    size,
  }));
  return { width: spanX * scale + bolt + 4, height: spanY * scale + bolt + 4, spots };
}

"use client";

import { Box } from "@chakra-ui/react";
import { type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import type { DrawingOf } from "@/core/slip/drawing";
import { PATTERN_REACH, writePoints } from "@/core/slip/pattern";
import { Button } from "@/ui/Button";
import { INK, LINE, RAISED, SHEET, SOFT } from "@/ui/drawing/Paper";

const MARGIN = 22;
const STEP = 5;
const ARROWS: Record<string, [number, number]> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

/**
 * The bolts where they are, each with its turn. Drawn ones are moved by dragging, or by arrow keys while they
 * have the keyboard.
 */
export function PatternDrawing({
  points,
  order,
  canDrag,
  onPoints,
}: DrawingOf<"pattern"> & { onPoints: (text: string) => void }) {
  const paper = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<number>();
  const reach = Math.max(PATTERN_REACH, ...points.flatMap(({ x, y }) => [Math.abs(x), Math.abs(y)])) + MARGIN;
  const size = (reach / (PATTERN_REACH + MARGIN)) * boltRadius(points);
  const path = order.flatMap((bolt) => points[bolt - 1] ?? []);
  const moved = (at: number, to: { x: number; y: number }) =>
    onPoints(writePoints(points.map((point, i) => (i === at ? to : point))));
  const keep = (value: number) => Math.max(-PATTERN_REACH, Math.min(PATTERN_REACH, value));

  const drag = (event: PointerEvent) => {
    const matrix = paper.current?.getScreenCTM();
    if (held === undefined || !matrix) return;
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    moved(held, { x: keep(x), y: keep(y) });
  };
  const press = (event: KeyboardEvent, at: number) => {
    const by = ARROWS[event.key];
    const point = points[at];
    if (by && point) moved(at, { x: keep(point.x + by[0]), y: keep(point.y + by[1]) });
    else if ((event.key === "Delete" || event.key === "Backspace") && points.length > 1)
      onPoints(writePoints(points.filter((_, i) => i !== at)));
    else return;
    event.preventDefault();
    event.stopPropagation();
  };

  return (
    <Box>
      <svg
        ref={paper}
        viewBox={`${-reach} ${-reach} ${2 * reach} ${2 * reach}`}
        width="100%"
        style={{ display: "block", maxHeight: 280, touchAction: canDrag ? "none" : "auto" }}
        role={canDrag ? "group" : "img"}
        aria-label={`${points.length} bolts, in the order ${order.join(", ")}`}
        onPointerMove={drag}
        onPointerUp={() => setHeld(undefined)}
        onPointerLeave={() => setHeld(undefined)}
      >
        <polyline
          points={path.map(({ x, y }) => `${x},${y}`).join(" ")}
          fill="none"
          stroke={SOFT}
          strokeWidth={1.5}
          strokeDasharray="5 5"
        />
        {points.map(({ x, y }, i) => {
          const turn = order.indexOf(i + 1) + 1;
          const says = `Bolt ${i + 1}, ${turn}. to be tightened`;
          const first = turn === 1;
          return (
            <g
              key={i}
              transform={`translate(${x} ${y})`}
              {...(canDrag
                ? {
                    tabIndex: 0,
                    role: "button",
                    "aria-label": `${says}; arrow keys move it, Delete takes it away`,
                    style: { cursor: "grab" },
                  }
                : {})}
              onPointerDown={() => canDrag && setHeld(i)}
              onKeyDown={(event) => canDrag && press(event, i)}
            >
              <text
                x={0}
                y={-size - 4}
                textAnchor="middle"
                fill={SOFT}
                style={{ fontSize: size * 0.75, userSelect: "none" }}
              >
                {i + 1}
              </text>
              <circle r={size} fill={first ? LINE : RAISED} stroke={LINE} strokeWidth={2.5} />
              <text
                textAnchor="middle"
                dominantBaseline="central"
                fill={first ? SHEET : INK}
                style={{ fontSize: size * 1.1, fontWeight: 700, userSelect: "none" }}
              >
                {turn}
              </text>
            </g>
          );
        })}
      </svg>
      {canDrag && (
        <Box display="flex" gap="2" justifyContent="center">
          <Button
            onClick={() => onPoints(writePoints([...points, freeSpot(points)]))}
            disabled={points.length >= 64}
          >
            Add a bolt
          </Button>
          <Button onClick={() => onPoints(writePoints(points.slice(0, -1)))} disabled={points.length <= 1}>
            Take the last away
          </Button>
        </Box>
      )}
    </Box>
  );
}

function boltRadius(points: readonly { x: number; y: number }[]) {
  if (points.length > 16) return 7;
  if (points.length > 9) return 11;
  return 15;
}

/** A place on the paper that no bolt is near. */
function freeSpot(points: readonly { x: number; y: number }[]): { x: number; y: number } {
  const spots = [0, -60, 60, -30, 30, -90, 90].flatMap((y) =>
    [0, -60, 60, -30, 30, -90, 90].map((x) => ({ x, y })),
  );
  return (
    spots.find((spot) => points.every((point) => Math.hypot(point.x - spot.x, point.y - spot.y) > 25)) ?? {
      x: 0,
      y: 0,
    }
  );
}

"use client";

import { type RefObject, useEffect, useMemo, useState } from "react";

/** How far an arc reaches in from the edge at the most, and the room it is drawn in, pixels. */
const REACH = 20;
const ROOM = 24;
/** With more steps than these only what the one in hand waits for and blocks is drawn: the rest would be a tangle. */
const MOST_STEPS = 60;

interface BlocksEdgeProps {
  /** The list that the steps stand in, each with its id. */
  list: RefObject<HTMLElement | null>;
  waitsFor: ReadonlyMap<string, ReadonlySet<string>>;
  openId: string | undefined;
  /** Where the steps stand is measured anew when this changes. */
  drawnAnew: unknown;
}

/**
 * What blocks what, at the edge of the list: an arc from each step to the one that waits for it; those of the one in
 * hand are strong, with a dot at the step that has to be done first.
 */
export function BlocksEdge({ list, waitsFor, openId, drawnAnew }: BlocksEdgeProps) {
  const [middles, setMiddles] = useState<ReadonlyMap<string, number>>(new Map());
  const [height, setHeight] = useState(0);
  useEffect(() => {
    const element = list.current;
    if (!element) return;
    const measure = () => {
      const rows = [...element.querySelectorAll<HTMLElement>("[data-step]")];
      setMiddles(
        new Map(rows.map((row) => [row.dataset.step ?? "", row.offsetTop + row.offsetHeight / 2] as const)),
      );
      const last = rows.at(-1);
      setHeight(last ? last.offsetTop + last.offsetHeight : 0);
    };
    measure();
    const watch = new ResizeObserver(measure);
    watch.observe(element);
    return () => watch.disconnect();
  }, [list, waitsFor, drawnAnew]);
  const arcs = useMemo(
    () =>
      [...waitsFor].flatMap(([id, before]) =>
        [...before].flatMap((first) => {
          const from = middles.get(first);
          const to = middles.get(id);
          return from === undefined || to === undefined ? [] : [{ first, id, from, to }];
        }),
      ),
    [waitsFor, middles],
  );
  const own = arcs.filter(({ first, id }) => first === openId || id === openId);
  return (
    <svg
      aria-hidden
      width={ROOM}
      height={height}
      style={{ position: "absolute", right: 0, top: 0, pointerEvents: "none" }}
    >
      <g fill="none" stroke="var(--chakra-colors-edge)" strokeWidth="1.5">
        {waitsFor.size <= MOST_STEPS &&
          arcs.map((arc) => <path key={`${arc.first} ${arc.id}`} d={pathOf(arc)} />)}
      </g>
      <g fill="none" stroke="var(--chakra-colors-drawing)" strokeWidth="2.5">
        {own.map((arc) => (
          <path key={`${arc.first} ${arc.id}`} d={pathOf(arc)} />
        ))}
      </g>
      <g fill="var(--chakra-colors-drawing)">
        {own.map(({ first, id, from }) => (
          <circle key={`${first} ${id}`} cx={ROOM - 4} cy={from} r="4" />
        ))}
      </g>
    </svg>
  );
}

/** An arc bulging inwards, the further the longer it is. */
function pathOf({ from, to }: { from: number; to: number }): string {
  const reach = Math.min(REACH, 6 + Math.abs(to - from) / 12);
  const edge = ROOM - 4;
  return `M ${edge} ${from} C ${edge - reach} ${from}, ${edge - reach} ${to}, ${edge} ${to}`;
}

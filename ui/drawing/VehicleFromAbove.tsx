"use client";

import type { Place } from "@/core/model/place";
import { SIDES, type Side } from "@/core/side";

/** Where each place is on the drawing, in its own units; the front is at the top. */
export const PLACE_AT: Record<Place, { x: number; y: number; side: Side }> = {
  front: { x: 330, y: 62, side: "right" },
  "left front": { x: 241, y: 150, side: "left" },
  "right front": { x: 419, y: 150, side: "right" },
  engine: { x: 300, y: 128, side: "left" },
  gearbox: { x: 360, y: 172, side: "right" },
  cabin: { x: 360, y: 300, side: "right" },
  underneath: { x: 300, y: 350, side: "left" },
  "left rear": { x: 241, y: 462, side: "left" },
  "right rear": { x: 419, y: 462, side: "right" },
  rear: { x: 330, y: 548, side: "right" },
};

export interface PlaceMark {
  place: Place;
  /** Short lines beside the drawing; the first is the place itself. */
  lines: string[];
  /** How the place stands; told by shape and by word, not by colour alone. */
  state: PlaceState;
}
export type PlaceState = "stop" | "watch" | "good" | "unknown";

const LINE = 19;
const TOP = 26;
const BOTTOM = 590;

interface Laid {
  mark: PlaceMark;
  top: number;
}

/** A vehicle from above with leaders to what is on each place. With no marks it is the outline alone. */
export function VehicleFromAbove({ marks }: { marks: PlaceMark[] }) {
  const bare = marks.length === 0;
  return (
    <svg
      viewBox={bare ? "215 30 230 560" : "-8 20 682 580"}
      width="100%"
      style={{ display: "block", maxHeight: bare ? 420 : 660 }}
      role="img"
      aria-label="The vehicle from above"
    >
      <Outline />
      {SIDES.flatMap((side) =>
        layOut(marks.filter(({ place }) => PLACE_AT[place].side === side)).map((laid) => (
          <Leader key={laid.mark.place} side={side} {...laid} />
        )),
      )}
    </svg>
  );
}

/** Down the middle at even steps, where a finger finds them: the first at the front, the last at the rear. */
const MIDDLE = 330;
const FRONT = 66;
const REAR = 536;

interface PlacesFromAboveProps {
  /** How many things are to be found at each place, from front to rear. */
  places: readonly { place: Place; count: number }[];
  picked: Place | undefined;
  /** A place was pressed; the one that is picked lets go. */
  onPick: (place: Place | undefined) => void;
}

/** A vehicle from above whose places can be pressed, each with how much there is. */
export function PlacesFromAbove({ places, picked, onPick }: PlacesFromAboveProps) {
  return (
    <svg viewBox="190 20 280 580" width="100%" style={{ display: "block", maxHeight: 520 }}>
      <Outline />
      {places.map(({ place, count }, i) => {
        const y = FRONT + (i / Math.max(1, places.length - 1)) * (REAR - FRONT);
        const isPicked = place === picked;
        const press = () => onPick(isPicked ? undefined : place);
        return (
          <g
            key={place}
            role="button"
            tabIndex={0}
            aria-pressed={isPicked}
            aria-label={`${place}, ${count}`}
            style={{ cursor: "pointer" }}
            onClick={press}
            onKeyDown={(event) => {
              if (event.key !== "Enter" && event.key !== " ") return;
              event.preventDefault();
              press();
            }}
          >
            <rect
              x={MIDDLE - 66}
              y={y - 25}
              width={132}
              height={50}
              rx={4}
              fill={`var(--chakra-colors-${isPicked ? "marker" : "sheet"})`}
              stroke={`var(--chakra-colors-${isPicked ? "ink" : "drawing"})`}
              strokeWidth={isPicked ? 3 : 2}
            />
            <text
              x={MIDDLE}
              y={y + 6}
              textAnchor="middle"
              fill={`var(--chakra-colors-${isPicked ? "onMarker" : "ink"})`}
              style={{ fontFamily: "var(--chakra-fonts-heading)", fontWeight: 600, fontSize: 18 }}
            >
              {place} {count}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

function Outline() {
  return (
    <g fill="none" stroke="var(--chakra-colors-drawing)" strokeWidth={2}>
      <g fill="var(--chakra-colors-ink)" stroke="none">
        {[241, 419].flatMap((x) =>
          [150, 462].map((y) => (
            <rect key={`${x} ${y}`} x={x - 13} y={y - 34} width={26} height={68} rx={5} />
          )),
        )}
      </g>
      <path
        d="M 244 210 L 248 92 Q 252 44 330 42 Q 408 44 412 92 L 416 210 L 416 500 Q 416 572 376 576 L 284 576 Q 244 572 244 500 Z"
        fill="var(--chakra-colors-raised)"
      />
      <path d="M 262 222 Q 330 200 398 222 L 386 266 L 274 266 Z" fill="var(--chakra-colors-pad)" />
      <path d="M 272 492 L 388 492 L 398 536 Q 330 548 262 536 Z" fill="var(--chakra-colors-pad)" />
      <path
        d="M 270 284 V 476 M 390 284 V 476 M 256 104 Q 330 88 404 104"
        stroke="var(--chakra-colors-edge)"
      />
    </g>
  );
}

function Leader({ mark, top, side }: Laid & { side: Side }) {
  const at = PLACE_AT[mark.place];
  const left = side === "left";
  const elbow = left ? 196 : 464;
  const wheel = mark.place.includes(" ");
  return (
    <g>
      <path d={`M ${elbow} ${top - 5} L ${at.x} ${at.y}`} stroke="var(--chakra-colors-soft)" fill="none" />
      <StateShape
        state={mark.state}
        x={at.x}
        y={at.y}
        edge={wheel ? "var(--chakra-colors-sheet)" : "var(--chakra-colors-drawing)"}
      />
      <text x={left ? 0 : 472} y={top} fill="var(--chakra-colors-ink)" style={{ fontSize: 15.5 }}>
        {mark.lines.map((line, i) => (
          <tspan
            key={line}
            x={left ? 0 : 472}
            dy={i === 0 ? 0 : LINE}
            style={
              i === 0
                ? { fontFamily: "var(--chakra-fonts-heading)", fontWeight: 600, fontSize: 19 }
                : { fill: "var(--chakra-colors-soft)" }
            }
          >
            {line}
          </tspan>
        ))}
      </text>
    </g>
  );
}

/**
 * A square where something has to be done, a triangle where it soon has, a disc where all is well, a ring
 * where nothing is known.
 */
function StateShape({ state, x, y, edge }: { state: PlaceState; x: number; y: number; edge: string }) {
  const line = { stroke: edge, strokeWidth: 2.5 };
  if (state === "stop")
    return <rect x={x - 8} y={y - 8} width={16} height={16} fill="var(--chakra-colors-stop)" {...line} />;
  if (state === "watch")
    return (
      <path
        d={`M ${x - 10} ${y + 8} L ${x} ${y - 10} L ${x + 10} ${y + 8} Z`}
        fill="var(--chakra-colors-watch)"
        {...line}
      />
    );
  return (
    <circle
      cx={x}
      cy={y}
      r={8}
      fill={state === "good" ? "var(--chakra-colors-good)" : "var(--chakra-colors-sheet)"}
      {...line}
    />
  );
}

/**
 * Labels of one side from top to bottom, each as near its place as the one above it allows, all on the paper.
 */
function layOut(marks: PlaceMark[]): Laid[] {
  const sorted = [...marks].sort((a, b) => PLACE_AT[a.place].y - PLACE_AT[b.place].y);
  const height = ({ lines }: PlaceMark) => lines.length * LINE + 14;
  let room = TOP + 14;
  const down = sorted.map((mark) => {
    const top = Math.max(room, PLACE_AT[mark.place].y - 20);
    room = top + height(mark);
    return { mark, top };
  });
  let floor = BOTTOM;
  return down
    .reverse()
    .map(({ mark, top }) => {
      const lifted = Math.min(top, floor - height(mark) + LINE);
      floor = lifted - LINE;
      return { mark, top: lifted };
    })
    .reverse();
}

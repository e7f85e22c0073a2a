"use client";

import { type CSSProperties, useRef } from "react";
import type { BarDay } from "@/core/day/bar";
import { DAY_MIN, clockOf, minutesOf } from "@/core/day/clock";
import type { DayTold } from "@/core/day/day";
import { goalWords } from "@/core/day/words";
import type { DayPlan } from "@/core/model/day-plan";
import { DragTime } from "./DragTime";

/** What is dragged on the bar. */
export type Draggable = Partial<Pick<DayPlan, "startsAt" | "pauses">>;

/** How wide a minute is on a phone, where time goes down, px; and the most lanes of what is open. */
const UPRIGHT_PX = 1.7;
const MOST_OPEN = 4;
/** Shorter than this a piece has no room for its name: share of the bar lying, px standing. */
const NAMED_SHARE = 0.07;
const NAMED_PX = 16;

/** An hour nearer than this to the start would lie under it, share of the bar. */
const NEAR_SHARE = 0.09;

/** A strip across the bar: where it begins and how thick it is, px. */
interface Lane {
  at: number;
  size: number;
}

interface BarRowProps {
  day: BarDay;
  told: DayTold;
  titles: ReadonlyMap<string, string>;
  upright: boolean;
  pauses: DayPlan["pauses"];
  start: number | undefined;
  onDrag: (next: Draggable) => void;
  onDrop: (next: Draggable, says: string) => void;
}

const INK = "var(--chakra-colors-ink)";
const HATCH = "repeating-linear-gradient(135deg, var(--chakra-colors-ink) 0 1.5px, transparent 1.5px 7px)";

function lanesOf(day: BarDay, upright: boolean) {
  const sizes = upright
    ? { hours: 46, hands: 128, helper: 56, waits: 34, open: 16, shop: 10 }
    : { hours: 22, hands: 46, helper: 34, waits: 22, open: 19, shop: 8 };
  let at = 0;
  const next = (size: number): Lane => {
    const lane = { at, size };
    at += size + 3;
    return lane;
  };
  const hours = next(sizes.hours);
  const hands = day.hands.map((_, i) => next(i === 0 ? sizes.hands : sizes.helper));
  const waits = next(sizes.waits);
  const open = day.open.slice(0, MOST_OPEN).map(() => next(sizes.open));
  const shop = next(sizes.shop);
  return { hours, hands, waits, open, shop, all: at };
}

/** One day of the bar: time goes to the right on a desk, down on a phone. */
export function BarRow({ day, told, titles, upright, pauses, start, onDrag, onDrop }: BarRowProps) {
  const box = useRef<HTMLDivElement>(null);
  const lanes = lanesOf(day, upright);
  const whole: Lane = { at: 0, size: lanes.all };
  const long = day.to - day.from;
  const share = (minutes: number) => `${(minutes / long) * 100}%`;
  const put = (lane: Lane, from: number, to: number): CSSProperties => ({
    position: "absolute",
    ...(upright
      ? {
          top: share(from - day.from),
          height: share(to - from),
          left: lane.at,
          width: lane === whole ? "100%" : lane.size,
        }
      : {
          left: share(from - day.from),
          width: share(to - from),
          top: lane.at,
          height: lane === whole ? "100%" : lane.size,
        }),
  });
  const named = (from: number, to: number) =>
    upright ? (to - from) * UPRIGHT_PX >= NAMED_PX : (to - from) / long >= NAMED_SHARE;
  const clipped = (from: number, to: number) => [Math.max(from, day.from), Math.min(to, day.to)] as const;
  const hours = Array.from({ length: Math.floor(long / 60) + 1 }, (_, i) => day.from + i * 60);
  const minutesAlong = (px: number) => {
    const rect = box.current?.getBoundingClientRect();
    return rect ? (px / (upright ? rect.height : rect.width)) * long : 0;
  };
  return (
    <div
      ref={box}
      data-testid="day-bar"
      style={{
        position: "relative",
        marginTop: 6,
        ...(upright ? { height: long * UPRIGHT_PX, width: "100%" } : { height: lanes.all }),
        background: told.light.length > 0 ? "var(--chakra-colors-pad)" : undefined,
        borderBlock: "1px solid var(--chakra-colors-edge)",
        overflow: "hidden",
      }}
    >
      {day.light.map(([from, to]) => {
        const [start, end] = clipped(from, to);
        return end > start ? (
          <div key={from} style={{ ...put(whole, start, end), background: "var(--chakra-colors-raised)" }} />
        ) : null;
      })}
      {hours.map((hour) => (
        <div
          key={hour}
          style={{
            ...put(whole, hour, hour),
            ...(upright ? { borderTop: LINE, width: "100%" } : { borderLeft: LINE }),
            fontSize: 13,
            color: "var(--chakra-colors-soft)",
            padding: "1px 3px",
            whiteSpace: "nowrap",
          }}
        >
          {hour < day.to && !(start !== undefined && Math.abs(hour - start) < long * NEAR_SHARE)
            ? clockOf(hour)
            : ""}
        </div>
      ))}
      {day.hands.map((pieces, person) =>
        pieces.map(({ id, from, to }) => (
          <div
            key={`${id} ${from}`}
            title={`${clockOf(from)} ${titles.get(id) ?? ""}`}
            data-step={id}
            style={{ ...put(lanes.hands[person] ?? whole, from, to), ...HANDS }}
          >
            {named(from, to) ? titles.get(id) : ""}
          </div>
        )),
      )}
      {day.waits.map(({ id, from, to }) => (
        <div
          key={`${id} ${from}`}
          title={`Wait: ${titles.get(id) ?? ""}`}
          style={{
            ...put(lanes.waits, from, to),
            background: HATCH,
            border: `1px solid ${INK}`,
            boxSizing: "border-box",
          }}
        />
      ))}
      {day.open.slice(0, MOST_OPEN).map(({ id, says, from, to }, i) => (
        <div key={id} title={says} style={{ ...put(lanes.open[i] ?? whole, from, to), ...OPEN }}>
          {upright ? "" : `◆ ${says}`}
        </div>
      ))}
      {day.shop.map(([from, to]) => {
        const [opens, shuts] = clipped(from, to);
        return shuts > opens ? (
          <div
            key={from}
            title="The shop is open"
            style={{ ...put(lanes.shop, opens, shuts), background: "var(--chakra-colors-drawing)" }}
          />
        ) : null;
      })}
      <Finish day={day} put={put} lane={whole} upright={upright} />
      {told.goal.at >= day.from && told.goal.at <= day.to && (
        <div
          title={`To roll ${goalWords(told)}`}
          style={{
            ...put(whole, told.goal.at, told.goal.at),
            ...(upright ? { borderTop: GOAL, width: "100%" } : { borderLeft: GOAL }),
          }}
        />
      )}
      <Handles {...{ day, lanes, put, pauses, start, upright, onDrag, onDrop }} minutesAlong={minutesAlong} />
    </div>
  );
}

const LINE = "1px solid color-mix(in srgb, var(--chakra-colors-ink) 18%, transparent)";
const GOAL = "3px dashed var(--chakra-colors-stop)";
const HANDS: CSSProperties = {
  background: "var(--chakra-colors-drawing)",
  color: "var(--chakra-colors-on-ink)",
  border: "1px solid var(--chakra-colors-sheet)",
  boxSizing: "border-box",
  fontSize: 12,
  lineHeight: 1.15,
  padding: "1px 3px",
  overflow: "hidden",
};
const OPEN: CSSProperties = {
  background: "var(--chakra-colors-watch-paper)",
  border: "1px solid var(--chakra-colors-watch)",
  color: "var(--chakra-colors-watch)",
  boxSizing: "border-box",
  fontSize: 12,
  lineHeight: "16px",
  padding: "0 4px",
  whiteSpace: "nowrap",
};

/** What is dragged on it: the pauses, and the start. */
function Handles({
  day,
  lanes,
  put,
  pauses,
  start,
  upright,
  minutesAlong,
  onDrag,
  onDrop,
}: Pick<BarRowProps, "day" | "pauses" | "start" | "upright" | "onDrag" | "onDrop"> & {
  lanes: ReturnType<typeof lanesOf>;
  put: (lane: Lane, from: number, to: number) => CSSProperties;
  minutesAlong: (px: number) => number;
}) {
  const midnight = Math.floor(day.from / DAY_MIN) * DAY_MIN;
  return (
    <>
      {pauses.map(({ at, minutes }, i) => {
        const from = midnight + minutesOf(at);
        if (from < day.from || from + minutes > day.to) return null;
        const moved = (clock: string) => pauses.map((one, j) => (j === i ? { ...one, at: clock } : one));
        return (
          <DragTime
            key={i}
            label={`Rest of ${minutes} min`}
            says="rest"
            upright={upright}
            at={minutesOf(at)}
            style={put(lanes.hands[0] ?? lanes.hours, from, from + minutes)}
            minutesAlong={minutesAlong}
            onMove={(minute) => onDrag({ pauses: moved(clockOf(minute)) })}
            onDone={(minute) => onDrop({ pauses: moved(clockOf(minute)) }, `Rest at ${clockOf(minute)}.`)}
          />
        );
      })}
      {start !== undefined && start >= day.from && start < day.to && (
        <DragTime
          label="Start"
          says={`▸${clockOf(start)}`}
          upright={upright}
          at={start}
          style={{
            ...put(lanes.hours, start, start),
            ...(upright ? { height: 30, width: lanes.hours.size } : { width: 52 }),
          }}
          minutesAlong={minutesAlong}
          onMove={(minute) => onDrag({ startsAt: clockOf(minute) })}
          onDone={(minute) => onDrop({ startsAt: clockOf(minute) }, `Begins at ${clockOf(minute)}.`)}
        />
      )}
    </>
  );
}

/** The band that the end lies in: from the middle to 95 of 100, with 80 of 100 marked. */
function Finish({
  day,
  put,
  lane,
  upright,
}: {
  day: BarDay;
  put: (lane: Lane, from: number, to: number) => CSSProperties;
  lane: Lane;
  upright: boolean;
}) {
  if (!day.finish) return null;
  const { p50, p80, p95 } = day.finish;
  const [from, to] = [Math.max(p50, day.from), Math.min(p95, day.to)];
  return (
    <>
      <div
        style={{
          ...put(lane, from, to),
          background: "color-mix(in srgb, var(--chakra-colors-good) 26%, transparent)",
          pointerEvents: "none",
        }}
      />
      <div
        title={`80 of 100 are over by ${clockOf(p80)}`}
        style={{
          ...put(lane, p80, p80),
          ...(upright ? { borderTop: END, width: "100%" } : { borderLeft: END }),
        }}
      />
    </>
  );
}

const END = "3px solid var(--chakra-colors-good)";

"use client";

import { type CSSProperties, type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import { DAY_MIN, clockOf } from "@/core/day/clock";

interface DragTimeProps {
  label: string;
  says: string;
  upright: boolean;
  /** Minutes since midnight. */
  at: number;
  style: CSSProperties;
  /** Minutes that so many px of the bar are. */
  minutesAlong: (px: number) => number;
  onMove: (minute: number) => void;
  onDone: (minute: number) => void;
}

/** Whole steps that a hand or a key moves by, minutes. */
const STEP = 5;
const KEYS: Readonly<Record<string, number>> = {
  ArrowLeft: -STEP,
  ArrowUp: -STEP,
  ArrowRight: STEP,
  ArrowDown: STEP,
  PageUp: -60,
  PageDown: 60,
};

/** A moment on the bar that a hand or the arrow keys move. */
export function DragTime({ label, says, upright, at, style, minutesAlong, onMove, onDone }: DragTimeProps) {
  const held = useRef<{ from: number; at: number; now: number }>(undefined);
  const [grabbed, setGrabbed] = useState(false);
  const along = (event: PointerEvent) => (upright ? event.clientY : event.clientX);
  const within = (minute: number) => Math.min(DAY_MIN - STEP, Math.max(0, Math.round(minute / STEP) * STEP));
  const down = (event: PointerEvent<HTMLButtonElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    held.current = { from: along(event), at, now: at };
    setGrabbed(true);
  };
  const move = (event: PointerEvent<HTMLButtonElement>) => {
    const { current } = held;
    if (!current) return;
    const minute = within(current.at + minutesAlong(along(event) - current.from));
    if (minute === current.now) return;
    current.now = minute;
    onMove(minute);
  };
  const up = () => {
    const { current } = held;
    held.current = undefined;
    setGrabbed(false);
    if (current && current.now !== current.at) onDone(current.now);
  };
  const key = (event: KeyboardEvent) => {
    const by = KEYS[event.key];
    if (by === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    onDone(within(at + by));
  };
  return (
    <button
      type="button"
      role="slider"
      aria-label={label}
      aria-valuemin={0}
      aria-valuemax={DAY_MIN}
      aria-valuenow={at}
      aria-valuetext={clockOf(at)}
      aria-orientation={upright ? "vertical" : "horizontal"}
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={up}
      onKeyDown={key}
      style={{
        ...style,
        touchAction: "none",
        cursor: grabbed ? "grabbing" : "grab",
        background: "var(--chakra-colors-sheet)",
        color: "var(--chakra-colors-ink)",
        border: "2px solid var(--chakra-colors-ink)",
        boxSizing: "border-box",
        borderRadius: 4,
        fontSize: 12,
        padding: 0,
        overflow: "hidden",
        zIndex: 2,
      }}
    >
      {says}
    </button>
  );
}

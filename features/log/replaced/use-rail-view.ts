"use client";

import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from "react";
import { type RailView, WHOLE_RAIL, movedAlong, zoomed } from "@/core/log/rail";

/** How much nearer a press of a key or a button goes, and how far along, as a share of what is looked at. */
const NEARER = 1.6;
const ALONG = 0.3;
/** What a turn of a wheel, or two fingers on a touch pad, comes to. */
const PER_WHEEL = 0.0025;

/**
 * What of the rail is looked at: nearer and farther by two fingers, a wheel with Ctrl, keys and buttons; along it by one
 * finger once it is nearer, or keys.
 */
export function useRailView() {
  const [view, setView] = useState<RailView>(WHOLE_RAIL);
  const box = useRef<HTMLDivElement>(null);
  /** Where each finger is, across the rail, as a share of its width. */
  const fingers = useRef(new Map<number, number>());
  const whole = view.from === 0 && view.to === 1;

  const across = (clientX: number) => {
    const { left, width } = box.current?.getBoundingClientRect() ?? { left: 0, width: 1 };
    return (clientX - left) / width;
  };
  const nearer = (times: number, at?: number) => setView((now) => zoomed(now, times, at));
  const along = (by: number) => setView((now) => movedAlong(now, by));

  useEffect(() => {
    const element = box.current;
    // A wheel's event has to be kept from the page, which React's own listener cannot.
    const turn = (event: WheelEvent) => {
      if (!event.ctrlKey || !element) return;
      event.preventDefault();
      const { left, width } = element.getBoundingClientRect();
      const at = (event.clientX - left) / width;
      setView((now) => zoomed(now, Math.exp(-event.deltaY * PER_WHEEL), at));
    };
    element?.addEventListener("wheel", turn, { passive: false });
    return () => element?.removeEventListener("wheel", turn);
  }, []);

  const onKeyDown = (event: KeyboardEvent) => {
    const act = {
      "+": () => nearer(NEARER),
      "=": () => nearer(NEARER),
      "-": () => nearer(1 / NEARER),
      "0": () => setView(WHOLE_RAIL),
      ArrowLeft: () => along(-ALONG),
      ArrowRight: () => along(ALONG),
    }[event.key];
    if (!act || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    event.stopPropagation();
    act();
  };
  const onPointerDown = ({ pointerId, clientX, pointerType }: PointerEvent) => {
    if (pointerType === "touch") fingers.current.set(pointerId, across(clientX));
  };
  const onPointerMove = ({ pointerId, clientX }: PointerEvent) => {
    const before = fingers.current.get(pointerId);
    if (before === undefined) return;
    const now = across(clientX);
    const other = [...fingers.current].find(([id]) => id !== pointerId)?.[1];
    fingers.current.set(pointerId, now);
    if (other === undefined) along(before - now);
    else if (Math.abs(before - other) > 0.02)
      nearer(Math.abs(now - other) / Math.abs(before - other), (now + other) / 2);
  };
  const letGo = ({ pointerId }: PointerEvent) => fingers.current.delete(pointerId);

  return {
    view,
    whole,
    nearer: () => nearer(NEARER),
    farther: () => nearer(1 / NEARER),
    earlier: () => along(-ALONG),
    later: () => along(ALONG),
    /** For the box around the rail: one finger still scrolls the page up and down. */
    box: {
      ref: box,
      tabIndex: 0,
      style: { touchAction: "pan-y" },
      onKeyDown,
      onPointerDown,
      onPointerMove,
      onPointerUp: letGo,
      onPointerCancel: letGo,
    },
  };
}

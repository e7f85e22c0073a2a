"use client";

import { type MouseEvent, useEffect, useRef, useState } from "react";

/** Long enough that no drop of water and no sleeve does it. */
export const LONG_PRESS_MS = 500;

export interface LongPress {
  /** True while it is held and not yet long enough. */
  held: boolean;
  on: {
    onPointerDown: () => void;
    onPointerUp: () => void;
    onPointerCancel: () => void;
    onPointerLeave: () => void;
    onClick: (event: MouseEvent) => void;
  };
}

/**
 * A button that only means it when it is held for half a second: for wet hands, whose drops press too. A key
 * means it at once.
 * @param action undefined while it cannot be pressed
 */
export function useLongPress(wanted: boolean, action: (() => void) | undefined): LongPress | undefined {
  const [held, setHeld] = useState(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const latest = useRef(action);
  useEffect(() => {
    latest.current = action;
  });
  useEffect(() => () => clearTimeout(timer.current), []);
  if (!wanted) return undefined;
  const letGo = () => {
    clearTimeout(timer.current);
    setHeld(false);
  };
  return {
    held,
    on: {
      onPointerDown: () => {
        if (!latest.current) return;
        setHeld(true);
        timer.current = setTimeout(() => {
          setHeld(false);
          navigator.vibrate?.(40);
          latest.current?.();
        }, LONG_PRESS_MS);
      },
      onPointerUp: letGo,
      onPointerCancel: letGo,
      onPointerLeave: letGo,
      // A click of a key, and of a screen reader, has no pointer and no length.
      onClick: (event) => event.detail === 0 && latest.current?.(),
    },
  };
}

"use client";

import { type PointerEvent, useRef } from "react";

/**
 * Something that is turned by a pointer that goes round its middle.
 * @param onTurn told each further piece, in degrees, clockwise above nothing.
 */
export function useTurning(onTurn: (byDeg: number) => void): {
  onPointerDown: (event: PointerEvent<SVGSVGElement>) => void;
  onPointerMove: (event: PointerEvent<SVGSVGElement>) => void;
  onPointerUp: () => void;
  onPointerCancel: () => void;
} {
  const last = useRef<number>(undefined);
  const angleOf = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    return (
      (Math.atan2(event.clientY - box.top - box.height / 2, event.clientX - box.left - box.width / 2) * 180) /
      Math.PI
    );
  };
  const end = () => {
    last.current = undefined;
  };
  return {
    onPointerDown: (event) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      last.current = angleOf(event);
    },
    onPointerMove: (event) => {
      if (last.current === undefined) return;
      const now = angleOf(event);
      onTurn(((now - last.current + 540) % 360) - 180);
      last.current = now;
    },
    onPointerUp: end,
    onPointerCancel: end,
  };
}

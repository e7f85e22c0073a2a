"use client";

import { type KeyboardEvent, type PointerEvent, useEffect } from "react";
import type { DigitalWrench } from "@/core/torque/digital-wrench";

export interface Hold {
  onPointerDown: (event: PointerEvent<HTMLButtonElement>) => void;
  onPointerUp: () => void;
  onPointerCancel: () => void;
  onKeyDown: (event: KeyboardEvent<HTMLButtonElement>) => void;
}

/** Pulls the stand-in's hand for as long as the button, the space bar or a finger is held. */
export function useHold(hand: DigitalWrench["hand"]): Hold | undefined {
  useEffect(() => {
    if (!hand) return;
    const down = (event: globalThis.KeyboardEvent) => {
      const elsewhere =
        event.target instanceof Element &&
        event.target.closest("input, textarea, select, button:not([data-testid=the-one]), a");
      if (event.key !== " " || event.repeat || elsewhere) return;
      event.preventDefault();
      hand.pull();
    };
    const up = (event: globalThis.KeyboardEvent) => event.key === " " && hand.letGo();
    document.addEventListener("keydown", down);
    document.addEventListener("keyup", up);
    // A hand that leaves the window lets go.
    window.addEventListener("blur", hand.letGo);
    return () => {
      document.removeEventListener("keydown", down);
      document.removeEventListener("keyup", up);
      window.removeEventListener("blur", hand.letGo);
      hand.letGo();
    };
  }, [hand]);
  if (!hand) return undefined;
  return {
    onPointerDown: (event) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      hand.pull();
    },
    onPointerUp: hand.letGo,
    onPointerCancel: hand.letGo,
    onKeyDown: (event) => event.key === " " && event.preventDefault(),
  };
}

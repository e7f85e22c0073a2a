"use client";

import { useCallback, useEffect, useRef, useState } from "react";

/** Browsers that ask first whether a page may feel how the phone is turned. */
interface Asks {
  requestPermission?: () => Promise<"granted" | "denied">;
}

/** "silent": it is asked, and tells nothing. */
export type Motion = "none" | "off" | "on" | "refused" | "silent";

/**
 * How far the phone was turned, flat in the hand like a handle, since it began to be held: degrees clockwise.
 * @param onTurn told while it is on.
 */
export function useMotion(onTurn: (deg: number) => void): {
  motion: Motion;
  /** Begins to feel; asks the browser where it wants to be asked. */
  begin: () => Promise<void>;
  end: () => void;
  /** From here on it is counted anew. */
  zero: () => void;
} {
  const [motion, setMotion] = useState<Motion>(() =>
    typeof DeviceOrientationEvent === "undefined" || !("ontouchstart" in window) ? "none" : "off",
  );
  const last = useRef<number>(undefined);
  const turned = useRef(0);
  const told = useRef(onTurn);
  useEffect(() => {
    told.current = onTurn;
  });
  useEffect(() => {
    if (motion !== "on") return;
    const feel = ({ alpha }: DeviceOrientationEvent) => {
      if (alpha === null) return setMotion("silent");
      // It counts against the clock, and begins anew at 360.
      const step = last.current === undefined ? 0 : ((last.current - alpha + 540) % 360) - 180;
      last.current = alpha;
      turned.current += step;
      told.current(turned.current);
    };
    window.addEventListener("deviceorientation", feel);
    return () => window.removeEventListener("deviceorientation", feel);
  }, [motion]);
  const begin = useCallback(async () => {
    const asks = DeviceOrientationEvent as unknown as Asks;
    const answer = await asks.requestPermission?.().catch(() => "denied" as const);
    setMotion(answer === "denied" ? "refused" : "on");
  }, []);
  return {
    motion,
    begin,
    end: useCallback(() => setMotion("off"), []),
    zero: useCallback(() => {
      last.current = undefined;
      turned.current = 0;
    }, []),
  };
}

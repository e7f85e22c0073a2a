"use client";

import { useEffect, useState } from "react";

/** The time now in ms, anew every second while it is needed. */
export function useNow(needed: boolean): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!needed) return;
    const tick = () => setNow(Date.now());
    tick();
    const timer = setInterval(tick, 1000);
    return () => clearInterval(timer);
  }, [needed]);
  return now;
}

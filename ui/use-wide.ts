"use client";

import { useCallback, useSyncExternalStore } from "react";

/**
 * The theme's breakpoints, for what is drawn once and differs, where styles alone would have to draw it
 * twice.
 */
const QUERY = { md: "(min-width: 768px)", lg: "(min-width: 1024px)" } as const;

/** A phone on its side, as styles ask for it. */
export const CRAMPED = "@media (orientation: landscape) and (max-height: 500px)";

/** True while the window is at least that wide. */
export function useWide(at: keyof typeof QUERY): boolean {
  const subscribe = useCallback(
    (changed: () => void) => {
      const width = matchMedia(QUERY[at]);
      width.addEventListener("change", changed);
      return () => width.removeEventListener("change", changed);
    },
    [at],
  );
  return useSyncExternalStore(
    subscribe,
    () => matchMedia(QUERY[at]).matches,
    () => true,
  );
}

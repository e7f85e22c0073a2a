"use client";

import { useCallback, useSyncExternalStore } from "react";

/**
 * The theme's breakpoints, for what is drawn once and differs, where styles alone would have to draw it
 * twice.
 */
const QUERY = {
  md: "(min-width: 768px)",
  lg: "(min-width: 1024px)",
  /** A phone on its side. */
  cramped: "(orientation: landscape) and (max-height: 500px)",
} as const;

/** A phone on its side, as styles ask for it. */
export const CRAMPED = `@media ${QUERY.cramped}`;

/** True while the window is at least that wide; what nobody knows yet is taken for a desk. */
export const useWide = (at: "md" | "lg"): boolean => useQuery(at, true);

/** True while the app is on a phone on its side. */
export const useCramped = (): boolean => useQuery("cramped", false);

function useQuery(at: keyof typeof QUERY, unknown: boolean): boolean {
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
    () => unknown,
  );
}

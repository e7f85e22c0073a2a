"use client";

import { useMemo, useSyncExternalStore } from "react";

const TOKENS = ["ink", "soft", "edge", "drawing", "watch", "stop", "good", "sheet", "grid"] as const;
export type Inks = Record<(typeof TOKENS)[number], string>;

/** The theme's colours as a canvas needs them, anew when the look changes between day and night. */
export function useInks(): Inks {
  const look = useSyncExternalStore(onLook, lookNow, () => "");
  return useMemo(() => {
    void look;
    const style = getComputedStyle(document.documentElement);
    return Object.fromEntries(
      TOKENS.map((token) => [token, style.getPropertyValue(`--chakra-colors-${token}`).trim()]),
    ) as Inks;
  }, [look]);
}

function lookNow(): string {
  return document.documentElement.className;
}

function onLook(changed: () => void): () => void {
  const observer = new MutationObserver(changed);
  observer.observe(document.documentElement, { attributeFilter: ["class"] });
  return () => observer.disconnect();
}

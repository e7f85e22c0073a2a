"use client";

import { useTheme } from "next-themes";
import { useIsHere } from "../use-is-here";

/** How the app can look, beside as the device asks. */
export const LOOKS = ["light", "night", "glare"] as const;
export type Look = (typeof LOOKS)[number] | "device";

/**
 * The look that was chosen, and a way to choose another. The page as it is sent knows of none: it is told as
 * the device's until the browser has it.
 */
export function useLook(): [Look, (look: Look) => void] {
  const { theme, setTheme } = useTheme();
  const isHere = useIsHere();
  const chosen = isHere ? LOOKS.find((look) => look === theme) : undefined;
  return [chosen ?? "device", (look) => setTheme(look === "device" ? "system" : look)];
}

"use client";

import type { ComponentType } from "react";
import { later } from "@/ui/later";

/**
 * The screen of a page, drawn in the browser only: everything on it comes from this browser's own store. Where the
 * page is opened it is fetched at once, while the page is still being taken over; where it is only linked to, not
 * before it is shown.
 */
export function screenAt(path: `/${string}`, load: () => Promise<ComponentType>): ComponentType {
  if (typeof window !== "undefined" && window.location.pathname === path) void load().catch(() => undefined);
  return later(load);
}

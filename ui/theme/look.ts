"use client";

import { useSyncExternalStore } from "react";
import { LOOK_KEY } from "./look-script";

/** How the app looks: by day, by night, against the sun, or as the device asks. */
export type Look = "device" | "light" | "night" | "glare";

const listeners = new Set<() => void>();

/** The look in force and a way to change it. */
export function useLook(): [Look, (look: Look) => void] {
  const look = useSyncExternalStore(subscribe, readLook, () => "device" as const);
  return [look, saveLook];
}

function readLook(): Look {
  const saved = localStorage.getItem(LOOK_KEY);
  return saved === "light" || saved === "night" || saved === "glare" ? saved : "device";
}

function saveLook(look: Look): void {
  if (look === "device") localStorage.removeItem(LOOK_KEY);
  else localStorage.setItem(LOOK_KEY, look);
  applyLook();
  listeners.forEach((listener) => listener());
}

function applyLook(): void {
  const look = readLook();
  const night = look === "night" || (look === "device" && matchMedia("(prefers-color-scheme: dark)").matches);
  document.documentElement.classList.toggle("dark", night);
  document.documentElement.classList.toggle("glare", look === "glare");
}

function subscribe(listener: () => void): () => void {
  const device = matchMedia("(prefers-color-scheme: dark)");
  listeners.add(listener);
  device.addEventListener("change", applyLook);
  return () => {
    listeners.delete(listener);
    device.removeEventListener("change", applyLook);
  };
}

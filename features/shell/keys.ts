"use client";

import { useEffect, useRef } from "react";

/**
 * Listens for one key while the component is there. Keys typed into a field are left alone, and so are
 * Space and Enter on a button or link, which already mean that button.
 */
export function useKey(keys: string | readonly string[], action: (event: KeyboardEvent) => void, enabled = true): void {
  const latest = useRef(action);
  useEffect(() => {
    latest.current = action;
  });
  const wanted = typeof keys === "string" ? keys : keys.join("\n");
  useEffect(() => {
    if (!enabled) return;
    const list = wanted.split("\n");
    const listen = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || !list.includes(event.key)) return;
      if (isTaken(event)) return;
      event.preventDefault();
      latest.current(event);
    };
    document.addEventListener("keydown", listen);
    return () => document.removeEventListener("keydown", listen);
  }, [wanted, enabled]);
}

function isTaken(event: KeyboardEvent): boolean {
  const target = event.target instanceof Element ? event.target : null;
  if (!target) return false;
  if (target.closest("input:not([type=checkbox]):not([type=radio]), textarea, select, [contenteditable=true]")) return event.key !== "Escape";
  if (document.querySelector("dialog[open]") && !target.closest("dialog")) return true;
  const presses = event.key === " " || event.key === "Enter";
  return presses && target.closest("button, a, input, summary, [role=button]") !== null;
}

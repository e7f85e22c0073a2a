"use client";

import { useEffect, useRef } from "react";

interface Keyed {
  /** As the browser names them. */
  presses: readonly string[];
  /** As the help shows them; a run of keys by its first and last. */
  shown: readonly string[];
  run?: true;
  says: string;
}

/** Every key of the app: what listens, what the help lists. */
export const KEYS = {
  pocket: {
    presses: ["1", "2", "3", "4", "5", "6"],
    shown: ["1", "6"],
    run: true,
    says: "Garage, Plan, Kit, Day, Work, Log",
  },
  bench: { presses: ["b", "B"], shown: ["B"], says: "The Bench, out and away again" },
  practise: { presses: ["p", "P"], shown: ["P"], says: "Practise, on a bolt that is nobody’s" },
  add: { presses: ["n", "N"], shown: ["N"], says: "New vehicle, step, tool, entry or measure" },
  search: { presses: ["/"], shown: ["/"], says: "Search, in the Log and on the Bench" },
  away: { presses: ["Escape"], shown: ["Esc"], says: "Put away what is open" },
  primary: { presses: [" ", "Enter", "PageDown"], shown: ["Space", "Enter"], says: "The big button in Work" },
  earlier: { presses: ["ArrowLeft"], shown: ["←"], says: "The step before, in Plan and Work" },
  later: { presses: ["ArrowRight"], shown: ["→"], says: "The step after, in Plan and Work" },
  takeBack: { presses: ["Backspace", "PageUp"], shown: ["⌫"], says: "Take back the last tick in Work" },
  trouble: { presses: ["t", "T"], shown: ["T"], says: "Not as planned, or trouble, in Work" },
  more: { presses: ["+", "=", "ArrowUp"], shown: ["+"], says: "One more, while counting" },
  less: { presses: ["-", "ArrowDown"], shown: ["−"], says: "One less, while counting" },
  watch: { presses: ["w", "W"], shown: ["W"], says: "Watch it, while looking" },
  replace: { presses: ["r", "R"], shown: ["R"], says: "Replace it, while looking" },
  help: { presses: ["?"], shown: ["?"], says: "What this screen is for, and these keys" },
} as const satisfies Record<string, Keyed>;

export type Key = keyof typeof KEYS;

/**
 * Listens for a key of the table while the component is there. Keys typed into a field are left alone, and so
 * are Space and Enter on a button or link, which already mean that button.
 */
export function useKey(name: Key, action: (event: KeyboardEvent) => void, enabled = true): void {
  const latest = useRef(action);
  useEffect(() => {
    latest.current = action;
  });
  useEffect(() => {
    if (!enabled) return;
    const list: readonly string[] = KEYS[name].presses;
    const listen = (event: KeyboardEvent) => {
      if (
        event.defaultPrevented ||
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        !list.includes(event.key)
      )
        return;
      if (isTaken(event)) return;
      event.preventDefault();
      latest.current(event);
    };
    const meant = ({ detail }: CustomEvent<Key>) => {
      if (detail === name && !document.querySelector("dialog[open]"))
        latest.current(new KeyboardEvent("keydown", { key: list[0] ?? "" }));
    };
    document.addEventListener("keydown", listen);
    document.addEventListener(MEANT, meant as EventListener);
    return () => {
      document.removeEventListener("keydown", listen);
      document.removeEventListener(MEANT, meant as EventListener);
    };
  }, [name, enabled]);
}

const MEANT = "key meant";

/** Does what a key would, for somebody who has no hand for it: a headset's button, a word, a press anywhere. */
export function mean(name: Key): void {
  document.dispatchEvent(new CustomEvent<Key>(MEANT, { detail: name }));
}

function isTaken(event: KeyboardEvent): boolean {
  const target = event.target instanceof Element ? event.target : null;
  if (!target) return false;
  if (
    target.closest("input:not([type=checkbox]):not([type=radio]), textarea, select, [contenteditable=true]")
  )
    return event.key !== "Escape";
  if (document.querySelector("dialog[open]") && !target.closest("dialog")) return true;
  const presses = event.key === " " || event.key === "Enter";
  return presses && target.closest("button, a, input, summary, [role=button]") !== null;
}

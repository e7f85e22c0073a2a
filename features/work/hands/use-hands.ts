"use client";

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { z } from "zod";
import { useSetting } from "@/data/hooks";

export const TEXT_SIZES = [1, 1.25, 1.5, 2] as const;

const handsSchema = z.object({
  /** Steps are read aloud. */
  aloud: z.boolean().catch(false),
  /** The screen is kept awake. */
  awake: z.boolean().catch(false),
  /** A press anywhere is the one button. */
  anywhere: z.boolean().catch(false),
  size: z
    .number()
    .refine((size) => (TEXT_SIZES as readonly number[]).includes(size))
    .catch(1),
});
export type Hands = z.infer<typeof handsSchema>;

/** How Work is used with the hands full; kept in this browser. */
export function useHands(): [Hands, (change: Partial<Hands>) => void] {
  const [text, save] = useSetting("hands");
  const hands = useMemo(() => readHands(text ?? null), [text]);
  const latest = useRef(save);
  useEffect(() => {
    latest.current = save;
  });
  const change = useCallback((change: Partial<Hands>) => void latest.current(JSON.stringify({ ...hands, ...change })), [hands]);
  return [hands, change];
}

function readHands(text: string | null): Hands {
  try {
    return handsSchema.parse(JSON.parse(text ?? "{}"));
  } catch {
    return handsSchema.parse({});
  }
}

/** Keeps the screen awake while it is wanted and allowed; tells when it is not allowed. */
export function useAwake(wanted: boolean): "off" | "awake" | "refused" {
  const [state, setState] = useState<"awake" | "refused">();
  useEffect(() => {
    if (!wanted) return;
    let lock: WakeLockSentinel | undefined;
    let gone = false;
    const ask = async () => {
      if (document.visibilityState !== "visible") return;
      try {
        const got = await navigator.wakeLock.request("screen");
        if (gone) return void got.release();
        lock = got;
        setState("awake");
      } catch {
        setState("refused");
      }
    };
    void ask();
    // The browser lets it go when another tab is looked at.
    document.addEventListener("visibilitychange", ask);
    return () => {
      gone = true;
      document.removeEventListener("visibilitychange", ask);
      void lock?.release();
    };
  }, [wanted]);
  return wanted ? (state ?? "off") : "off";
}

const CONTROLS = "button, a, input, select, textarea, label, summary, dialog, [role=dialog], nav, #bench";

/** A press anywhere in the middle of the screen is the one button; presses on other controls stay what they are. */
export function usePressAnywhere(wanted: boolean): void {
  useEffect(() => {
    if (!wanted) return;
    const press = (event: MouseEvent) => {
      const target = event.target instanceof Element ? event.target : undefined;
      if (!target?.closest("main") || target.closest(CONTROLS)) return;
      document.querySelector<HTMLButtonElement>("[data-testid=the-one]")?.click();
    };
    document.addEventListener("click", press);
    return () => document.removeEventListener("click", press);
  }, [wanted]);
}

/** Says something aloud with the browser's own voice, in place of what it is saying. */
export function sayAloud(text: string): void {
  if (!("speechSynthesis" in window) || text === "") return;
  window.speechSynthesis.cancel();
  const utterance = new SpeechSynthesisUtterance(text);
  utterance.lang = "en";
  window.speechSynthesis.speak(utterance);
}

/** Reads aloud whatever is new: each text is said once, when it changes. */
export function useReadAloud(wanted: boolean, text: string): void {
  useEffect(() => {
    if (wanted) sayAloud(text);
  }, [wanted, text]);
  useEffect(() => () => ("speechSynthesis" in window ? window.speechSynthesis.cancel() : undefined), []);
}

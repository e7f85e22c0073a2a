"use client";

import { useCallback, useEffect, useState } from "react";
import { useSetting } from "@/data/hooks";
import { type SettingValue } from "@/data/settings";
import { mean } from "../../shell/keys";

const NONE: SettingValue<"hands"> = {
  aloud: false,
  awake: false,
  anywhere: false,
  headset: false,
  listen: false,
  long: false,
  size: 1,
};

/** How Work is used with the hands full; kept in this browser. */
export function useHands(): [SettingValue<"hands">, (change: Partial<SettingValue<"hands">>) => void] {
  const [kept, save] = useSetting("hands");
  const hands = kept ?? NONE;
  const change = useCallback(
    (change: Partial<SettingValue<"hands">>) => void save({ ...hands, ...change }),
    [hands, save],
  );
  return [hands, change];
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

/**
 * A press anywhere in the middle of the screen is the one button; presses on other controls stay what they
 * are.
 */
export function usePressAnywhere(wanted: boolean): void {
  useEffect(() => {
    if (!wanted) return;
    const press = (event: MouseEvent) => {
      const target = event.target instanceof Element ? event.target : undefined;
      if (!target?.closest("main") || target.closest(CONTROLS)) return;
      mean("primary");
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

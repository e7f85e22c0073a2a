"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { type Command, commandHeard } from "@/core/work/command-heard";
import { useSetting } from "@/data/hooks";

/** The part of the browser's speech recognition (Web Speech API, W3C community draft) that is used here. */
interface Recognition extends EventTarget {
  lang: string;
  continuous: boolean;
  processLocally: boolean;
  start: () => void;
  abort: () => void;
}
interface RecognitionClass {
  new (): Recognition;
  available?: (asked: { langs: string[]; processLocally: boolean }) => Promise<string>;
}
interface Heard extends Event {
  resultIndex: number;
  results: ArrayLike<ArrayLike<{ transcript: string }> & { isFinal: boolean }>;
}

const LANG = "en";
/** Before it listens again, so that one that ends at once does not spin. */
const PAUSE_MS = 300;

export type Listening = "off" | "asking" | "listening" | "cannot" | "refused";

const recognition = () => (window as { SpeechRecognition?: RecognitionClass }).SpeechRecognition;

/** Whether this browser recognises speech by itself, and sends nothing of it to a server. */
async function listensAlone(): Promise<boolean> {
  const can = await recognition()
    ?.available?.({ langs: [LANG], processLocally: true })
    .catch(() => "no");
  return can === "available";
}

/** Asks the browser whether it listens alone; one that fell over at the question is not asked again. */
function useListensAlone(): (() => Promise<boolean>) | undefined {
  const [asked, save] = useSetting("asked to listen");
  const before = useRef(asked);
  useEffect(() => {
    before.current = asked;
  });
  const ask = useCallback(async () => {
    if (before.current === "asking") return false;
    await save("asking");
    const can = await listensAlone();
    await save("answered");
    return can;
  }, [save]);
  return asked === undefined ? undefined : ask;
}

/**
 * Listens for the commands of Work while it is wanted, on this device only. While the app itself speaks nothing is
 * taken, or it would obey its own voice.
 */
export function useListening(wanted: boolean, obey: (command: Command) => void): Listening {
  const [state, setState] = useState<Listening>("asking");
  const ask = useListensAlone();
  const latest = useRef(obey);
  useEffect(() => {
    latest.current = obey;
  });
  useEffect(() => {
    if (!wanted || !ask) return;
    let gone = false;
    let ears: Recognition | undefined;
    let again: ReturnType<typeof setTimeout> | undefined;
    const begin = async () => {
      const can = await ask();
      if (gone) return;
      const Own = can ? recognition() : undefined;
      if (!Own) return setState("cannot");
      ears = new Own();
      Object.assign(ears, { lang: LANG, continuous: true, processLocally: true });
      ears.addEventListener("start", () => setState("listening"));
      ears.addEventListener("result", (event) => {
        const { results, resultIndex } = event as Heard;
        const result = results[resultIndex];
        if (!result?.isFinal || window.speechSynthesis?.speaking) return;
        const command = commandHeard(result[0]?.transcript ?? "");
        if (command) latest.current(command);
      });
      let refused = false;
      ears.addEventListener("error", (event) => {
        refused ||= ["not-allowed", "service-not-allowed", "audio-capture"].includes(
          (event as Event & { error?: string }).error ?? "",
        );
      });
      // A browser stops by itself after a silence.
      ears.addEventListener("end", () => {
        if (gone) return;
        if (refused) setState("refused");
        else again = setTimeout(() => ears?.start(), PAUSE_MS);
      });
      ears.start();
    };
    void begin();
    return () => {
      gone = true;
      clearTimeout(again);
      ears?.abort();
    };
  }, [wanted, ask]);
  return wanted ? state : "off";
}

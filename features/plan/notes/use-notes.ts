"use client";

import { type Remote, wrap } from "comlink";
import { useEffect, useRef, useState } from "react";
import type { Proposed } from "@/core/notes/proposal";
import type { NotesWorker } from "@/workers/notes.worker";

/** How long the typing has to rest before it is read again. */
const REST_MS = 300;

/**
 * What a narration proposes, read in a worker while it is typed: undefined until the first is there,
 * `reading` while a newer text is being read.
 */
export function useNotes(text: string): {
  proposed: Proposed | undefined;
  reading: boolean;
  failed: boolean;
} {
  const worker = useRef<Remote<NotesWorker>>(undefined);
  const read = useRef(false);
  const [result, setResult] = useState<{ text: string; proposed: Proposed | undefined }>();
  useEffect(() => {
    const started = new Worker(new URL("../../../workers/notes.worker.ts", import.meta.url), {
      type: "module",
    });
    worker.current = wrap<NotesWorker>(started);
    return () => {
      worker.current = undefined;
      started.terminate();
    };
  }, []);
  useEffect(() => {
    let wanted = true;
    const timer = setTimeout(
      () =>
        worker.current?.read(text).then(
          (proposed) => wanted && setResult({ text, proposed }),
          () => wanted && setResult({ text, proposed: undefined }),
        ),
      read.current ? REST_MS : 0,
    );
    read.current = true;
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [text]);
  return {
    proposed: result?.proposed,
    reading: result?.text !== text,
    failed: result !== undefined && result.text === text && result.proposed === undefined,
  };
}

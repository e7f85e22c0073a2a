"use client";

import { type Remote, proxy, wrap } from "comlink";
import { useCallback, useEffect, useRef, useState } from "react";
import type { FilesWorker } from "@/workers/files.worker";

/** What is being done, and how far it has come, 0 to 1; undefined where that cannot be told. */
export interface Busy {
  says: string;
  share: number | undefined;
}

class Cancelled extends Error {}

/** The worker that reads and writes files: `run` starts a task of it, `cancel` ends it at once and leaves everything as it was. */
export function useFiles() {
  const [busy, setBusy] = useState<Busy>();
  const running = useRef<{ worker: Worker; fail: (error: Error) => void }>(undefined);
  const stop = useCallback(() => {
    running.current?.worker.terminate();
    running.current?.fail(new Cancelled("Cancelled."));
    running.current = undefined;
  }, []);
  useEffect(() => stop, [stop]);

  /** Resolves to what the task gives; undefined when it was cancelled. Rejects with the sentence of what went wrong. */
  const run = useCallback(async <T>(says: string, task: (worker: Remote<FilesWorker>, progress: (done: number, of: number) => void) => Promise<T>): Promise<T | undefined> => {
    const worker = new Worker(new URL("../../workers/files.worker.ts", import.meta.url), { type: "module" });
    setBusy({ says, share: undefined });
    const progress = proxy((done: number, of: number) => setBusy({ says, share: of === 0 ? 1 : done / of }));
    try {
      return await new Promise<T>((resolve, fail) => {
        running.current = { worker, fail };
        worker.addEventListener("error", () => fail(new Error("This could not be done here. Reload the page and try again.")));
        task(wrap<FilesWorker>(worker), progress).then(resolve, fail);
      });
    } catch (error) {
      if (error instanceof Cancelled) return undefined;
      throw error;
    } finally {
      worker.terminate();
      running.current = undefined;
      setBusy(undefined);
    }
  }, []);
  return { busy, run, cancel: stop };
}

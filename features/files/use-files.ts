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

/**
 * The worker that reads and writes files: `run` starts a task of it, `stop` ends it with whatever it is doing
 * and leaves everything as it was. Until then it stays, so that bringing in what was read does not begin with
 * starting another; ended, it lets go of what it read.
 */
export function useFiles() {
  const [busy, setBusy] = useState<Busy>();
  const own = useRef<{ worker: Worker; files: Remote<FilesWorker> }>(undefined);
  const fail = useRef<(error: Error) => void>(undefined);
  const end = useCallback((why: Error) => {
    own.current?.worker.terminate();
    own.current = undefined;
    fail.current?.(why);
  }, []);
  const stop = useCallback(() => end(new Cancelled("Cancelled.")), [end]);
  useEffect(() => stop, [stop]);

  /**
   * Resolves to what the task gives; undefined when it was cancelled. Rejects with the sentence of what went
   * wrong.
   */
  const run = useCallback(
    async <T>(
      says: string,
      task: (files: Remote<FilesWorker>, progress: (done: number, of: number) => void) => Promise<T>,
    ): Promise<T | undefined> => {
      const { files } = (own.current ??= start(() =>
        end(new Error("This could not be done here. Reload the page and try again.")),
      ));
      setBusy({ says, share: undefined });
      const progress = proxy((done: number, of: number) =>
        setBusy({ says, share: of === 0 ? 1 : done / of }),
      );
      try {
        return await new Promise<T>((resolve, reject) => {
          fail.current = reject;
          task(files, progress).then(resolve, reject);
        });
      } catch (error) {
        if (error instanceof Cancelled) return undefined;
        throw error;
      } finally {
        fail.current = undefined;
        setBusy(undefined);
      }
    },
    [end],
  );
  return { busy, run, stop };
}

function start(onError: () => void) {
  const worker = new Worker(new URL("../../workers/files.worker.ts", import.meta.url), { type: "module" });
  worker.addEventListener("error", onError);
  return { worker, files: wrap<FilesWorker>(worker) };
}

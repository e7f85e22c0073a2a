"use client";

import { type Remote, wrap } from "comlink";
import { useEffect, useRef, useState } from "react";
import type { LabAsk } from "@/core/practise/lab";
import type { LabAnswer, LabWorker } from "@/workers/lab.worker";

/** What a worker makes of the last thing asked; what came before stands until it has answered. */
export function useLab(ask: LabAsk | undefined): { answer: LabAnswer | undefined; isStale: boolean } {
  const worker = useRef<Remote<LabWorker>>(undefined);
  const [told, setTold] = useState<{ ask: LabAsk; answer: LabAnswer }>();
  useEffect(() => {
    const started = new Worker(new URL("../../../workers/lab.worker.ts", import.meta.url), {
      type: "module",
    });
    worker.current = wrap<LabWorker>(started);
    return () => {
      worker.current = undefined;
      started.terminate();
    };
  }, []);
  useEffect(() => {
    if (!ask) return;
    let isLate = false;
    void worker.current?.pull(ask).then((answer) => {
      if (!isLate) setTold({ ask, answer });
    });
    return () => {
      isLate = true;
    };
  }, [ask]);
  return { answer: told?.answer, isStale: told !== undefined && told.ask !== ask };
}

"use client";

import { type Remote, wrap } from "comlink";
import { useEffect, useRef, useState } from "react";
import type { ToldShopping } from "@/core/shop/tell";
import type { ShopFor, ShoppingWorker } from "@/workers/shopping.worker";

interface Result {
  ask: ShopFor;
  told: ToldShopping | undefined;
}

/**
 * The shopping worked out in a worker, so that the screen never waits; undefined until the first is there.
 * `stale` while a newer one is being worked out.
 */
export function useShopping(ask: ShopFor | undefined): {
  told: ToldShopping | undefined;
  stale: boolean;
  failed: boolean;
} {
  const worker = useRef<Remote<ShoppingWorker>>(undefined);
  const [result, setResult] = useState<Result>();
  useEffect(() => {
    const started = new Worker(new URL("../../../workers/shopping.worker.ts", import.meta.url), {
      type: "module",
    });
    worker.current = wrap<ShoppingWorker>(started);
    return () => {
      worker.current = undefined;
      started.terminate();
    };
  }, []);
  useEffect(() => {
    if (!ask) return;
    let wanted = true;
    worker.current?.shopFor(ask).then(
      (told) => wanted && setResult({ ask, told }),
      () => wanted && setResult({ ask, told: undefined }),
    );
    return () => {
      wanted = false;
    };
  }, [ask]);
  return {
    told: result?.told,
    stale: result?.ask !== ask,
    failed: result !== undefined && result.ask === ask && result.told === undefined,
  };
}

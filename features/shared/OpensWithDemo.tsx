"use client";

import { type ReactNode, useEffect } from "react";
import { useSetting } from "@/data/hooks";
import { Loading } from "@/ui/Loading";
import { useLoadDemo } from "./demo-garage";

/**
 * The demo command's build has the demo in it whichever page is opened first; a demo that was removed stays
 * removed.
 */
export function OpensWithDemo({ children }: { children: ReactNode }) {
  return process.env.NEXT_PUBLIC_OPEN_WITH === "demo" ? <LoadsDemo>{children}</LoadsDemo> : children;
}

function LoadsDemo({ children }: { children: ReactNode }) {
  const [started, saveStarted] = useSetting("started");
  const loadDemo = useLoadDemo();
  const isNew = started === null;
  useEffect(() => {
    if (!isNew) return;
    void loadDemo().then((loaded) => (loaded ? saveStarted("demo") : undefined));
    // Once, when the browser is found to be new.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [isNew]);
  return started === undefined || isNew ? <Loading /> : children;
}

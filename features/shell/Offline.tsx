"use client";

import { Box } from "@chakra-ui/react";
import { usePathname } from "next/navigation";
import { type ReactNode, useEffect, useState } from "react";
import { Button } from "@/ui/Button";

const SCRIPT = "/serwist/sw.js";
const FIRST_PAUSE_MS = 2000;
const LONGEST_PAUSE_MS = 300_000;

/**
 * Keeps the app for when there is no signal, and offers a newer one when it has come; in the middle of a job
 * it waits.
 */
export function Offline() {
  const [waiting, setWaiting] = useState<ServiceWorker>();
  const [taken, setTaken] = useState(false);
  const working = usePathname().startsWith("/work");
  useEffect(() => {
    if (process.env.NODE_ENV !== "production" || !("serviceWorker" in navigator)) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    /**
     * A bad signal may have lost one of a hundred files: then nothing is kept yet, and it is tried again,
     * each time after longer.
     */
    const keep = (again: number) => {
      const later = () => {
        clearTimeout(timer);
        timer = setTimeout(() => keep(again + 1), Math.min(LONGEST_PAUSE_MS, FIRST_PAUSE_MS * 2 ** again));
      };
      // Private windows refuse it: then the app works for as long as there is a signal.
      navigator.serviceWorker
        .register(SCRIPT, { scope: "/" })
        .then((registration) => watch(registration, setWaiting, later), later);
    };
    keep(0);
    // The first that there ever is takes nothing over from another.
    let had = navigator.serviceWorker.controller !== null;
    const changed = () => {
      setTaken(had);
      had = true;
    };
    navigator.serviceWorker.addEventListener("controllerchange", changed);
    return () => {
      clearTimeout(timer);
      navigator.serviceWorker.removeEventListener("controllerchange", changed);
    };
  }, []);
  if (working) return null;
  if (taken)
    return (
      <Bar says="A newer version was taken in another tab. Reload this one before you go on.">
        <Button onClick={() => location.reload()}>Reload</Button>
      </Bar>
    );
  if (!waiting) return null;
  const take = () => {
    navigator.serviceWorker.addEventListener("controllerchange", () => location.reload(), { once: true });
    waiting.postMessage({ type: "SKIP_WAITING" });
  };
  return (
    <Bar says="A newer version of Vest Pocket is here. Nothing that is stored changes.">
      <Button onClick={take}>Take it now</Button>
    </Bar>
  );
}

function Bar({ says, children }: { says: string; children: ReactNode }) {
  return (
    <Box
      role="status"
      display="flex"
      gap="3"
      alignItems="center"
      justifyContent="center"
      flexWrap="wrap"
      background="watchPaper"
      borderBottom="1px solid"
      borderColor="watchEdge"
      padding="2"
    >
      <span>{says}</span>
      {children}
    </Box>
  );
}

function watch(
  registration: ServiceWorkerRegistration,
  onWaiting: (worker: ServiceWorker) => void,
  onFailed: () => void,
): void {
  // The first one there ever is has nobody to wait for.
  const tell = () =>
    registration.waiting && navigator.serviceWorker.controller && onWaiting(registration.waiting);
  // On a busy device the first look may come after all is over, and a worker that has failed may still be
  // called the one coming in.
  const failed = () =>
    ![registration.active, registration.waiting, registration.installing].some(
      (worker) => worker && worker.state !== "redundant",
    );
  const look = () => {
    tell();
    if (failed()) onFailed();
  };
  const follow = () => {
    registration.installing?.addEventListener("statechange", look);
    look();
  };
  registration.addEventListener("updatefound", follow);
  follow();
  // Asked for at each visit; without a signal there is nothing newer.
  registration.update().catch(() => undefined);
}

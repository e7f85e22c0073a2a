"use client";

import { useEffect, useRef, useState } from "react";

/** Whether this browser may ring, and a way to ask it; undefined where it cannot at all. */
export function useMayRing(): { may: NotificationPermission; ask: () => void } | undefined {
  const can = typeof Notification !== "undefined" && "serviceWorker" in navigator;
  const [may, setMay] = useState<NotificationPermission>(can ? Notification.permission : "denied");
  return can ? { may, ask: () => void Notification.requestPermission().then(setMay) } : undefined;
}

/** Rings through the system while the app is out of sight, where it was allowed; signal or none. */
export function ring(says: string): void {
  if (typeof Notification === "undefined" || Notification.permission !== "granted" || !document.hidden)
    return;
  void navigator.serviceWorker.ready.then(
    (registration) => registration.showNotification("Vest Pocket", { body: says, tag: says }),
    () => undefined,
  );
}

/** Something that comes at a moment, ms since 1970. */
export interface Alarm {
  at: number;
  says: string;
}

/** Longer than this a timer of the browser does not hold, ms. */
const LONGEST_TIMER = 2_000_000_000;

/** Rings for each moment once, as long as a page that knows of it is open. */
export function useAlarms(alarms: readonly Alarm[]): void {
  const rung = useRef(new Set<string>());
  useEffect(() => {
    const timers = alarms.flatMap(({ at, says }) => {
      const left = at - Date.now();
      if (left < 0 || left > LONGEST_TIMER || rung.current.has(says)) return [];
      return [
        setTimeout(() => {
          rung.current.add(says);
          ring(says);
        }, left),
      ];
    });
    return () => timers.forEach(clearTimeout);
  }, [alarms]);
}

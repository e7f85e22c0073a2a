"use client";

import { useSyncExternalStore } from "react";

const nothing = () => () => undefined;

/** Whether the browser has taken the page over: false in the page as it is sent. */
export const useIsHere = (): boolean =>
  useSyncExternalStore(
    nothing,
    () => true,
    () => false,
  );

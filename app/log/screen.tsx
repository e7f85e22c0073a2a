"use client";

import dynamic from "next/dynamic";
import { Loading } from "@/ui/Loading";

/** Drawn in the browser only: everything on it comes from this browser's own store. */
export const LogScreen = dynamic(
  () => import("@/features/log/LogScreen").then((module) => module.LogScreen),
  { ssr: false, loading: () => <Loading /> },
);

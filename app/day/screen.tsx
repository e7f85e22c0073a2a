"use client";

import dynamic from "next/dynamic";
import { Loading } from "@/ui/Loading";

/** Drawn in the browser only: everything on it comes from this browser's own store. */
export const DayScreen = dynamic(
  () => import("@/features/day/DayScreen").then((module) => module.DayScreen),
  { ssr: false, loading: () => <Loading /> },
);

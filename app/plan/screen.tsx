"use client";

import dynamic from "next/dynamic";
import { Loading } from "@/ui/Loading";

/** Drawn in the browser only: everything on it comes from this browser's own store. */
export const PlanScreen = dynamic(
  () => import("@/features/plan/PlanScreen").then((module) => module.PlanScreen),
  { ssr: false, loading: () => <Loading /> },
);

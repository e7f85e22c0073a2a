"use client";

import dynamic from "next/dynamic";
import { Loading } from "@/ui/Loading";

/** Drawn in the browser only: everything on it comes from this browser's own store. */
export const BenchScreen = dynamic(
  () => import("@/features/bench/BenchScreen").then((module) => module.BenchScreen),
  { ssr: false, loading: () => <Loading /> },
);

"use client";

import dynamic from "next/dynamic";
import { Loading } from "@/ui/Loading";

/** Drawn in the browser only: everything on it comes from this browser's own store. */
export const PractiseScreen = dynamic(
  () => import("@/features/practise/PractiseScreen").then((module) => module.PractiseScreen),
  { ssr: false, loading: () => <Loading /> },
);

"use client";

import dynamic from "next/dynamic";
import { Loading } from "@/ui/Loading";

/** Drawn in the browser only: everything on it comes from this browser's own store. */
export const KitScreen = dynamic(
  () => import("@/features/kit/KitScreen").then((module) => module.KitScreen),
  { ssr: false, loading: () => <Loading /> },
);

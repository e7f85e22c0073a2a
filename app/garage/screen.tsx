"use client";

import dynamic from "next/dynamic";
import { Loading } from "@/ui/Loading";

/** Drawn in the browser only: everything on it comes from this browser's own store. */
export const GarageScreen = dynamic(
  () => import("@/features/garage/GarageScreen").then((module) => module.GarageScreen),
  { ssr: false, loading: () => <Loading /> },
);

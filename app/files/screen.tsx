"use client";

import dynamic from "next/dynamic";
import { Loading } from "@/ui/Loading";

/** Drawn in the browser only: everything on it comes from this browser's own store. */
export const FilesScreen = dynamic(
  () => import("@/features/files/FilesScreen").then((module) => module.FilesScreen),
  { ssr: false, loading: () => <Loading /> },
);

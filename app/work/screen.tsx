"use client";

import dynamic from "next/dynamic";
import { Loading } from "@/ui/Loading";

/** Drawn in the browser only: everything on it comes from this browser's own store. */
const Screen = dynamic(() => import("@/features/work/WorkScreen").then((module) => module.WorkScreen), {
  ssr: false,
  loading: () => <Loading />,
});

export function WorkScreen() {
  return <Screen />;
}

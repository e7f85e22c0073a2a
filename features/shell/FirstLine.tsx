"use client";

import dynamic from "next/dynamic";
import { useCollection } from "@/data/hooks";

const FirstLineOf = dynamic(() => import("./FirstLineOf").then((module) => module.FirstLineOf), {
  ssr: false,
});

/** The first line of a screen. Where there is no vehicle yet the screens say that themselves. */
export function FirstLine() {
  const any = (useCollection("vehicles")?.length ?? 0) > 0;
  return any ? <FirstLineOf /> : null;
}

"use client";

import dynamic from "next/dynamic";
import { Loading } from "@/ui/Loading";

export const PartsScreen = dynamic(() => import("./Parts").then((module) => module.Parts), {
  ssr: false,
  loading: () => <Loading />,
});

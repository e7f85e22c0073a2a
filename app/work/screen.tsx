"use client";

import dynamic from "next/dynamic";
import { simulatedWrench } from "@/stand-ins/wrench/simulated-wrench";
import { Loading } from "@/ui/Loading";

/** Drawn in the browser only: everything on it comes from this browser's own store. */
const Screen = dynamic(() => import("@/features/work/WorkScreen").then((module) => module.WorkScreen), { ssr: false, loading: () => <Loading /> });

/** A real wrench would be asked for through the browser here; the stand-in is always near. */
const connectWrench = () => Promise.resolve(simulatedWrench());

export function WorkScreen() {
  return <Screen connectWrench={connectWrench} />;
}

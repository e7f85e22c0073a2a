"use client";

import type { ReactNode } from "react";
import { WrenchProvider } from "@/features/shared/wrench/WrenchProvider";

/** A real wrench would be asked for through the browser here; the stand-in is always near. */
const connect = async () => (await import("@/stand-ins/wrench/simulated-wrench")).simulatedWrench();

export function Wrench({ children }: { children: ReactNode }) {
  return <WrenchProvider connect={connect}>{children}</WrenchProvider>;
}

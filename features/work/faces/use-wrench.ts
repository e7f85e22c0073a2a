"use client";

import { useCallback, useState } from "react";
import { InputError } from "@/core/input-error";
import type { ConnectWrench, DigitalWrench } from "@/core/torque/digital-wrench";

/** The digital wrench in use; it stays connected from step to step. */
let inUse: DigitalWrench | undefined;

export interface WrenchState {
  is: "none" | "connecting" | "connected";
  wrench: DigitalWrench | undefined;
  error: string | undefined;
  connect: () => Promise<void>;
  disconnect: () => void;
}

/** Connects a digital wrench and lets it go again. One that cannot be reached is said, and readings go on by hand. */
export function useWrench(connectWrench: ConnectWrench): WrenchState {
  const [state, setState] = useState<Pick<WrenchState, "is" | "error">>({ is: inUse ? "connected" : "none", error: undefined });
  const connect = useCallback(async () => {
    setState({ is: "connecting", error: undefined });
    try {
      inUse = await connectWrench();
      setState({ is: "connected", error: undefined });
    } catch (error) {
      const says = error instanceof InputError ? error.message : "No wrench could be reached. Switch it on, hold it near, and try again.";
      setState({ is: "none", error: says });
    }
  }, [connectWrench]);
  const disconnect = useCallback(() => {
    inUse?.disconnect();
    inUse = undefined;
    setState({ is: "none", error: undefined });
  }, []);
  return { ...state, wrench: inUse, connect, disconnect };
}

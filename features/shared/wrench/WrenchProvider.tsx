"use client";

import { type ReactNode, createContext, useContext, useMemo, useState } from "react";
import { InputError } from "@/core/input-error";
import type { ConnectWrench, DigitalWrench } from "@/core/torque/digital-wrench";

export interface WrenchState {
  is: "none" | "connecting" | "connected";
  wrench: DigitalWrench | undefined;
  error: string | undefined;
  connect: () => Promise<void>;
  disconnect: () => void;
}

const WrenchContext = createContext<WrenchState | undefined>(undefined);

/**
 * The digital wrench in use: found by `connect`, it stays from step to step and from screen to screen until
 * it is let go.
 */
export function WrenchProvider({ connect: find, children }: { connect: ConnectWrench; children: ReactNode }) {
  const [{ is, wrench, error }, setState] = useState<Pick<WrenchState, "is" | "wrench" | "error">>({
    is: "none",
    wrench: undefined,
    error: undefined,
  });
  const state = useMemo(
    (): WrenchState => ({
      is,
      wrench,
      error,
      connect: async () => {
        setState({ is: "connecting", wrench: undefined, error: undefined });
        try {
          setState({ is: "connected", wrench: await find(), error: undefined });
        } catch (thrown) {
          const says =
            thrown instanceof InputError
              ? thrown.message
              : "No wrench could be reached. Switch it on, hold it near, and try again.";
          setState({ is: "none", wrench: undefined, error: says });
        }
      },
      disconnect: () => {
        wrench?.disconnect();
        setState({ is: "none", wrench: undefined, error: undefined });
      },
    }),
    [is, wrench, error, find],
  );
  return <WrenchContext value={state}>{children}</WrenchContext>;
}

/**
 * The digital wrench, and a way to connect one and to let it go. One that cannot be reached is said, and
 * readings go on by hand.
 */
export function useWrench(): WrenchState {
  const state = useContext(WrenchContext);
  if (!state) throw new Error("useWrench needs a WrenchProvider around it.");
  return state;
}

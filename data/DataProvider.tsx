"use client";

import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { type ReactNode, createContext, useContext, useEffect, useState } from "react";
import type { Collection } from "@/core/model/household";
import { type Repository, createRepository } from "./repository";
import { openStore } from "./store";

const CHANNEL = "vest-pocket changes";

type Door = () => Promise<Repository>;
const DoorContext = createContext<Door | undefined>(undefined);

/** Opens the store once, hands out the repository, and tells this tab and the others what a change touched. */
export function DataProvider({ children }: { children: ReactNode }) {
  const [client] = useState(() => new QueryClient({ defaultOptions: { queries: { networkMode: "always", staleTime: Infinity, retry: false } } }));
  const [door] = useState(createDoor);

  useEffect(() => {
    const channel = new BroadcastChannel(CHANNEL);
    channel.onmessage = ({ data }: MessageEvent<Collection[]>) => refresh(client, data);
    return () => channel.close();
  }, [client]);

  return (
    <QueryClientProvider client={client}>
      <DoorContext value={door}>{children}</DoorContext>
    </QueryClientProvider>
  );
}

/** The promise of the repository; opened at the first call. */
export function useDoor(): Door {
  const door = useContext(DoorContext);
  if (!door) throw new Error("useDoor is used outside DataProvider.");
  return door;
}

function createDoor(): Door {
  let opened: Promise<Repository> | undefined;
  let channel: BroadcastChannel | undefined;
  let askedToPersist = false;
  const onCommit = (collections: Collection[]) => {
    channel ??= new BroadcastChannel(CHANNEL);
    channel.postMessage(collections);
    if (!askedToPersist) {
      askedToPersist = true;
      // Ask the browser not to clear the log when space runs short. A refusal changes nothing here.
      navigator.storage?.persist?.().catch(() => undefined);
    }
  };
  return () => (opened ??= openStore().then((store) => createRepository(store, onCommit)));
}

function refresh(client: QueryClient, collections: Collection[]): void {
  for (const collection of collections) void client.invalidateQueries({ queryKey: [collection] });
}

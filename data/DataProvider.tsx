"use client";

import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { type ReactNode, createContext, useContext, useEffect, useState } from "react";
import { InputError } from "@/core/input-error";
import type { Collection } from "@/core/model/household";
import { type Commit, type Undo, createCommit } from "./commit";
import { type Repository, createRepository } from "./repository";
import { openStore } from "./store";

const CHANNEL = "vest-pocket changes";
const ASKED = "asked to persist";

type Door = () => Promise<Repository>;

interface Data {
  door: Door;
  commit: Commit;
  undo: Undo;
}
const DataContext = createContext<Data | undefined>(undefined);

/** Opens the store once, hands out the repository, and tells the other tabs what a change touched. */
export function DataProvider({ children }: { children: ReactNode }) {
  const [client] = useState(() => new QueryClient({ defaultOptions: { queries: { networkMode: "always", staleTime: Infinity, retry: false } } }));
  const [data] = useState<Data>(() => {
    const door = createDoor();
    return { door, ...createCommit(client, door) };
  });

  useEffect(() => {
    const hear = ({ data }: MessageEvent<Collection[]>) => refresh(client, data);
    otherTabs().addEventListener("message", hear);
    return () => otherTabs().removeEventListener("message", hear);
  }, [client]);

  return (
    <QueryClientProvider client={client}>
      <DataContext value={data}>{children}</DataContext>
    </QueryClientProvider>
  );
}

/** The door and the queue of changes; only for the hooks beside this file. */
export function useDataContext(): Data {
  const data = useContext(DataContext);
  if (!data) throw new Error("The data is asked for outside DataProvider.");
  return data;
}

/** The promise of the repository; opened at the first call. */
export function useDoor(): Door {
  return useDataContext().door;
}

let channel: BroadcastChannel | undefined;

/** One channel to speak and to hear with: what a tab says itself it does not hear, and so does not read again what it has just written. */
function otherTabs(): BroadcastChannel {
  return (channel ??= new BroadcastChannel(CHANNEL));
}

function createDoor(): Door {
  let opened: Promise<Repository> | undefined;
  const onCommit = (collections: Collection[]) => {
    otherTabs().postMessage(collections);
    void askToPersist();
  };
  // Asked once, at the first save ever: whether the browser may clear the log when space runs short. A refusal changes nothing here.
  const askToPersist = async () => {
    const repository = await opened;
    if (!repository || (await repository.setting(ASKED))) return;
    await repository.saveSetting(ASKED, "yes");
    await navigator.storage?.persist?.();
  };
  const opens = async () => {
    const store = await openStore().catch(() => {
      throw new InputError("This browser keeps nothing here: a private window may forbid it, or its storage is full. Open the app in an ordinary window.");
    });
    const repository = createRepository(store, onCommit);
    void repository.sweepPictures(new Date()).catch(() => undefined);
    return repository;
  };
  return () => (opened ??= opens());
}

function refresh(client: QueryClient, collections: Collection[]): void {
  for (const collection of collections) void client.invalidateQueries({ queryKey: [collection] });
}

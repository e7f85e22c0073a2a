"use client";

import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { type ReactNode, createContext, useContext, useEffect, useState } from "react";
import type { Collection } from "@/core/model/collections";
import { type Commit, type Undo, createCommit } from "./commit";
import { type Repository, createRepository } from "./repository";
import { StoreError, openStore } from "./store";
import { type Revision } from "./write-change";

const CHANNEL = "vest-pocket changes";
const ASKED = "asked to persist";
/** A browser that clears a store opens no other until it has done so. */
const TRY_AGAIN_MS = 1000;
/** What writing needs is fetched by then, so that a signal that breaks off later costs nothing. */
const AT_REST_MS = 5000;
const fetchRest = () => [import("./check-change"), import("./sound"), import("./settings"), import("./undo")];

type Door = () => Promise<Repository>;

/**
 * What befalls the store while the app runs: it fails, or is being brought up to this model and has come so
 * far, 0 to 1.
 */
export type Befalls = { error: StoreError } | { updated: number };

interface Trouble {
  hear: (tell: (befalls: Befalls | undefined) => void) => () => void;
  /** Goes on with the store as it is now. */
  goOn: () => void;
}

interface Data {
  door: Door;
  commit: Commit;
  undo: Undo;
  trouble: Trouble;
}
const DataContext = createContext<Data | undefined>(undefined);

/** Opens the store once, hands out the repository, and tells the other tabs what a change touched. */
export function DataProvider({ children }: { children: ReactNode }) {
  const [client] = useState(
    () =>
      new QueryClient({
        defaultOptions: { queries: { networkMode: "always", staleTime: Infinity, retry: false } },
      }),
  );
  const [data] = useState<Data>(() => {
    const { door, trouble } = createOpening();
    return { door, trouble, ...createCommit(client, door) };
  });

  useEffect(() => {
    const rest = setTimeout(() => void Promise.allSettled(fetchRest()), AT_REST_MS);
    return () => clearTimeout(rest);
  }, []);
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

/**
 * One channel to speak and to hear with: what a tab says itself it does not hear, and so does not read again
 * what it has just written.
 */
function otherTabs(): BroadcastChannel {
  return (channel ??= new BroadcastChannel(CHANNEL));
}

/** Every record is read for it: not while the first screen waits for its own. */
const SWEEP_AFTER_MS = 20_000;

interface Opening {
  door: Door;
  trouble: Trouble;
}

/**
 * Opens the store at the first call, and anew when the browser has closed it. One that comes back with less
 * in it than this tab has written or read was dropped: nothing is read from it over what the screen still has
 * until a person has said what is to become of it.
 */
function createOpening(): Opening {
  const startedAt = new Date();
  let opened: Promise<Repository> | undefined;
  let highest = 0;
  let heard: (befalls: Befalls | undefined) => void = () => undefined;
  const onCommit = (collections: Collection[], revision?: Revision) => {
    highest = Math.max(highest, Number(revision ?? 0));
    otherTabs().postMessage(collections);
    void askToPersist();
  };
  // Asked once, at the first save ever: whether the browser may clear the log when space runs short. A
  // refusal changes nothing here.
  const askToPersist = async () => {
    const repository = await opened;
    if (!repository || (await repository.setting(ASKED))) return;
    await repository.saveSetting(ASKED, "yes");
    await navigator.storage?.persist?.();
  };
  const onClosed = () => {
    opened = undefined;
    tryAgain();
  };
  /**
   * Asked for again without being told to, so that what was lost is said before the next tap, and the app
   * goes on by itself when it can.
   */
  const tryAgain = () =>
    void setTimeout(() => {
      door().then(
        () => heard(undefined),
        (error: unknown) => {
          if (!(error instanceof StoreError)) return;
          heard({ error });
          if (error.trouble === "refused") tryAgain();
        },
      );
    }, TRY_AGAIN_MS);
  const opens = async () => {
    const repository = createRepository(
      await openStore(undefined, undefined, undefined, {
        onClosed,
        onProgress: (updated) => heard({ updated }),
      }),
      onCommit,
    );
    heard(undefined);
    const stands = Number((await repository.revision()) ?? 0);
    if (stands < highest)
      throw new StoreError(
        "The browser has dropped what was stored here. What this tab has read is still in its memory.",
        "dropped",
      );
    highest = stands;
    setTimeout(() => void repository.sweepPictures(new Date()).catch(() => undefined), SWEEP_AFTER_MS);
    void repository.letFormerGo(startedAt).catch(() => undefined);
    return repository;
  };
  const door: Door = () => {
    opened ??= opens().catch((error: unknown) => {
      // Asked for again, it is tried again.
      opened = undefined;
      throw error;
    });
    return opened;
  };
  return {
    door,
    trouble: {
      hear: (tell) => {
        heard = tell;
        return () => (heard = () => undefined);
      },
      goOn: () => {
        highest = 0;
        heard(undefined);
      },
    },
  };
}

function refresh(client: QueryClient, collections: Collection[]): void {
  for (const collection of collections) void client.invalidateQueries({ queryKey: [collection] });
}

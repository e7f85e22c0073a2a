import type { QueryClient } from "@tanstack/react-query";
import { COLLECTIONS, type Collection } from "@/core/model/collections";
import type { RecordOf } from "@/core/model/household";
import { type Change, touchedBy } from "./change";
import { type Repository } from "./repository";
import type { Done } from "./undo";
import { type Revision, StaleError } from "./write-change";

/**
 * A change, or how to work it out once every change before it is done; with the revision it has to hold for,
 * where it was shown for one.
 */
export type Commit = (change: Change | (() => Change), basedOn?: { revision: Revision }) => Promise<Done>;

/**
 * Takes a change back, and that alone; resolves to what was done now, so that it can be done again, and to
 * how much was left as it is.
 */
export type Undo = (done: Done) => Promise<{ done: Done; left: number }>;

/**
 * One queue for all changes of this tab: each is written, then shown, before the next is worked out. Where
 * another tab has written meanwhile, what it wrote is read first and the change worked out anew from that, so
 * that no tick of either is lost.
 */
export function createCommit(
  client: QueryClient,
  open: () => Promise<Repository>,
): { commit: Commit; undo: Undo } {
  let last: Promise<unknown> = Promise.resolve();
  /** Where the store stood when this tab last knew all that was in it. */
  let known: { revision: Revision } | undefined;
  const readAnew = async (repository: Repository) => {
    // Before what is read, so that a writing in between is noticed.
    const revision = await repository.revision();
    for (const collection of COLLECTIONS) {
      if (client.getQueryData([collection]) === undefined) continue;
      await dropReads(client, collection);
      client.setQueryData([collection], await repository.list(collection));
    }
    known = { revision };
  };
  const write = async (
    repository: Repository,
    change: Change,
    basedOn: { revision: Revision } | undefined,
  ): Promise<Done> => {
    const { inverse, revision } = await inTime(repository.commit(change, basedOn));
    // One more than was known: nothing else was written in between.
    known = known && Number(revision ?? 0) === Number(known.revision ?? 0) + 1 ? { revision } : undefined;
    for (const collection of touchedBy(change)) await show(client, collection, change);
    return { inverse, after: change };
  };
  /** Each in its turn, and anew where another tab has written meanwhile. */
  const inTurn = <T>(run: (repository: Repository) => Promise<T>): Promise<T> => {
    const untilFresh = async (): Promise<T> => {
      const repository = await open();
      for (;;) {
        try {
          return await run(repository);
        } catch (error) {
          if (!(error instanceof StaleError)) throw error;
          known = undefined;
        }
      }
    };
    const mine = last.then(untilFresh);
    last = mine.catch(() => undefined);
    return mine;
  };
  return {
    commit: (asked, basedOn) => {
      // Shown for one revision: when that is past, whoever showed it has to look again.
      if (basedOn)
        return last.then(async () =>
          write(await open(), typeof asked === "function" ? asked() : asked, basedOn),
        );
      return inTurn(async (repository) => {
        const workedOut = typeof asked === "function";
        if (workedOut && !known) await readAnew(repository);
        return write(repository, workedOut ? asked() : asked, workedOut ? known : undefined);
      });
    },
    undo: (done) =>
      inTurn(async (repository) => {
        const revision = await repository.revision();
        const now = new Map<string, Map<string, RecordOf<Collection>>>();
        for (const collection of COLLECTIONS) {
          const ids = [
            ...(done.inverse.remove?.[collection] ?? []),
            ...(done.inverse.put?.[collection] ?? []).map(({ id }) => id),
          ];
          if (ids.length > 0)
            now.set(
              collection,
              new Map((await repository.some(collection, ids)).map((record) => [record.id, record])),
            );
        }
        const { undoingOf } = await import("./undo");
        const { change, left } = undoingOf(
          done,
          <C extends Collection>(collection: C, id: string) =>
            now.get(collection)?.get(id) as RecordOf<C> | undefined,
        );
        return { done: await write(repository, change, { revision }), left };
      }),
  };
}

/** A store on a full disk may never answer: the next tap must not wait for it for ever. */
const LONGEST_WAIT_MS = 60_000;

async function inTime<T>(writing: Promise<T>): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(
      () => reject(new DOMException("The store has not answered.", "TimeoutError")),
      LONGEST_WAIT_MS,
    );
  });
  try {
    return await Promise.race([writing, late]);
  } finally {
    clearTimeout(timer);
  }
}

/** Lets go of reads that are under way: what they bring was read before what is known now. */
async function dropReads(client: QueryClient, collection: Collection): Promise<void> {
  if (client.isFetching({ queryKey: [collection] }) > 0)
    await client.cancelQueries({ queryKey: [collection] });
}

async function show<C extends Collection>(client: QueryClient, collection: C, change: Change): Promise<void> {
  if (client.getQueryData([collection]) === undefined) {
    // Nobody has read it to its end yet; a read that set out before the write is not to be trusted.
    void client.invalidateQueries({ queryKey: [collection] });
    return;
  }
  await dropReads(client, collection);
  client.setQueryData<RecordOf<C>[]>([collection], (records = []) => {
    const put = new Map<string, RecordOf<C>>(
      ((change.put?.[collection] ?? []) as RecordOf<C>[]).map((record) => [record.id, record]),
    );
    const gone = new Set(change.remove?.[collection] ?? []);
    const kept = records.filter(({ id }) => !gone.has(id)).map((record) => put.get(record.id) ?? record);
    const known = new Set(records.map(({ id }) => id));
    return [...kept, ...[...put.values()].filter(({ id }) => !known.has(id))];
  });
}

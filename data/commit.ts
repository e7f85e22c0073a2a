import type { QueryClient } from "@tanstack/react-query";
import type { Collection, RecordOf } from "@/core/model/household";
import { type Change, touchedBy } from "./change";
import type { Repository } from "./repository";

/** A change, or how to work it out once every change before it is done. */
export type Commit = (change: Change | (() => Change)) => Promise<Change>;

/** One queue for all changes of this tab: each is written, then shown, before the next is worked out. */
export function createCommit(client: QueryClient, open: () => Promise<Repository>): Commit {
  let last: Promise<unknown> = Promise.resolve();
  return (asked) => {
    const run = async () => {
      const repository = await open();
      const change = typeof asked === "function" ? asked() : asked;
      const inverse = await repository.commit(change);
      for (const collection of touchedBy(change)) show(client, collection, change);
      return inverse;
    };
    const mine = last.then(run);
    last = mine.catch(() => undefined);
    return mine;
  };
}

function show<C extends Collection>(client: QueryClient, collection: C, change: Change): void {
  if (client.getQueryData([collection]) === undefined) {
    // Nobody has read it to its end yet; a read that set out before the write is not to be trusted.
    void client.invalidateQueries({ queryKey: [collection] });
    return;
  }
  client.setQueryData<RecordOf<C>[]>([collection], (records = []) => {
    const put = new Map<string, RecordOf<C>>(((change.put?.[collection] ?? []) as RecordOf<C>[]).map((record) => [record.id, record]));
    const gone = new Set(change.remove?.[collection] ?? []);
    const kept = records.filter(({ id }) => !gone.has(id)).map((record) => put.get(record.id) ?? record);
    const known = new Set(records.map(({ id }) => id));
    return [...kept, ...[...put.values()].filter(({ id }) => !known.has(id))];
  });
}

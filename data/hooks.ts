"use client";

import { type QueryClient, useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import type { Collection, RecordOf } from "@/core/model/household";
import { type Change, checkChange, touchedBy } from "./change";
import { useDoor } from "./DataProvider";

/** Every record of a collection; `undefined` while it is being read. An error reaches the nearest error screen. */
export function useCollection<C extends Collection>(collection: C): RecordOf<C>[] | undefined {
  const door = useDoor();
  return useQuery({
    queryKey: [collection],
    queryFn: async () => (await door()).list(collection),
    throwOnError: true,
  }).data;
}

/**
 * Writes a change and resolves to the change that undoes it. The screen shows the change at once;
 * should the write fail, the screen goes back to what is stored and the error is thrown.
 */
export function useCommit(): (change: Change) => Promise<Change> {
  const door = useDoor();
  const client = useQueryClient();
  return useCallback(
    async (change) => {
      checkChange(change);
      for (const collection of touchedBy(change)) showAtOnce(client, collection, change);
      try {
        const inverse = await (await door()).commit(change);
        // A collection nobody has read to its end yet may have been read before the write: read it again.
        for (const collection of touchedBy(change)) if (client.getQueryData([collection]) === undefined) void client.invalidateQueries({ queryKey: [collection] });
        return inverse;
      } catch (error) {
        for (const collection of touchedBy(change)) void client.invalidateQueries({ queryKey: [collection] });
        throw error;
      }
    },
    [client, door],
  );
}

/** The record as it is now, not as it was when the screen was last drawn: two quick taps must both count. */
export function useCurrent<C extends Collection>(collection: C): (id: string) => RecordOf<C> | undefined {
  const client = useQueryClient();
  return useCallback((id) => client.getQueryData<RecordOf<C>[]>([collection])?.find((record) => record.id === id), [client, collection]);
}

/** A single value about this browser: undefined while it is read, null when it was never saved. */
export function useSetting(key: string): [value: string | null | undefined, save: (value: string) => Promise<void>] {
  const door = useDoor();
  const client = useQueryClient();
  const { data } = useQuery({ queryKey: ["setting", key], queryFn: async () => (await (await door()).setting(key)) ?? null, throwOnError: true });
  const save = async (value: string) => {
    await (await door()).saveSetting(key, value);
    client.setQueryData(["setting", key], value);
  };
  return [data, save];
}

function showAtOnce<C extends Collection>(client: QueryClient, collection: C, change: Change): void {
  if (client.getQueryData([collection]) === undefined) return;
  // A read that set out before this change must not come back over it.
  void client.cancelQueries({ queryKey: [collection] });
  client.setQueryData<RecordOf<C>[]>([collection], (records) => {
    if (!records) return undefined;
    const put = new Map<string, RecordOf<C>>(((change.put?.[collection] ?? []) as RecordOf<C>[]).map((record) => [record.id, record]));
    const gone = new Set(change.remove?.[collection] ?? []);
    const kept = records.filter(({ id }) => !gone.has(id)).map((record) => put.get(record.id) ?? record);
    const known = new Set(records.map(({ id }) => id));
    return [...kept, ...[...put.values()].filter(({ id }) => !known.has(id))];
  });
}

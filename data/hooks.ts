"use client";

import { useQueries, useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useState } from "react";
import { COLLECTIONS, type Collection } from "@/core/model/collections";
import type { Household, RecordOf } from "@/core/model/household";
import type { RawHousehold } from "@/core/model/migrations";
import { putAll } from "./change";
import type { Commit, Undo } from "./commit";
import { type Befalls, useDataContext, useDoor } from "./DataProvider";
import { reading } from "./reading";
import type { Setting, SettingName, SettingValue } from "./settings";
import type { Picture } from "./store";

const listOf = <C extends Collection>(collection: C, door: ReturnType<typeof useDoor>) =>
  reading<RecordOf<C>[]>([collection], async () => (await door()).list(collection), []);

/**
 * Every record of a collection; `undefined` while it is being read. An error reaches the nearest error
 * screen.
 */
export function useCollection<C extends Collection>(collection: C): RecordOf<C>[] | undefined {
  return useQuery(listOf(collection, useDoor())).data;
}

/** Every record there is; `undefined` while any of them are being read. */
export function useHousehold(): Household | undefined {
  const door = useDoor();
  return useQueries({
    queries: COLLECTIONS.map((collection) => listOf(collection, door)),
    combine: asHousehold,
  });
}

function asHousehold(lists: readonly { data: RecordOf<Collection>[] | undefined }[]): Household | undefined {
  if (lists.some(({ data }) => data === undefined)) return undefined;
  return Object.fromEntries(
    COLLECTIONS.map((collection, i) => [collection, lists[i]?.data ?? []]),
  ) as unknown as Household;
}

/**
 * Writes a change and resolves to what takes it back; the screen shows it once it is safely stored.
 * Changes are taken one after another: one given as a function is worked out only when its turn has come,
 * from the records as they are then, so that two quick taps both count.
 */
export function useCommit(): Commit {
  return useDataContext().commit;
}

/** Takes back a change that was written, without what others wrote since. */
export function useUndo(): Undo {
  return useDataContext().undo;
}

/** Reads a record as it is now, not as it was when the screen was last drawn. */
export function useCurrent<C extends Collection>(collection: C): (id: string) => RecordOf<C> | undefined {
  const client = useQueryClient();
  return useCallback(
    (id) => client.getQueryData<RecordOf<C>[]>([collection])?.find((record) => record.id === id),
    [client, collection],
  );
}

/** A photo by its id: undefined while it is read, null when it is not in this browser. */
export function usePicture(id: string): Picture | null | undefined {
  const door = useDoor();
  // Let go soon: a hundred photos would fill the memory.
  return useQuery({
    ...reading<Picture | null>(["picture", id], async () => (await (await door()).picture(id)) ?? null, null),
    gcTime: 10_000,
  }).data;
}

/**
 * What has befallen the store while the app runs, and the way on: with all that this tab has read, or with
 * the store as it is now.
 */
export function useStoreTrouble(): {
  befalls: Befalls | undefined;
  inMemory: () => Promise<Household>;
  goOn: (keep: boolean) => Promise<void>;
} {
  const { trouble: source, commit, door } = useDataContext();
  const client = useQueryClient();
  const [befalls, setBefalls] = useState<Befalls>();
  useEffect(() => source.hear(setBefalls), [source]);
  const inMemory = useCallback(async () => {
    const read: RawHousehold = {};
    for (const collection of COLLECTIONS)
      read[collection] = (client.getQueryData([collection]) ?? []) as Record<string, unknown>[];
    return (await import("./sound")).partSound(read).household;
  }, [client]);
  const goOn = useCallback(
    async (keep: boolean) => {
      const household = await inMemory();
      source.goOn();
      await door();
      if (keep) await commit(putAll(household));
      await client.invalidateQueries();
    },
    [client, commit, door, inMemory, source],
  );
  return { befalls, inMemory, goOn };
}

/**
 * A value about this browser: undefined while it is read, null when there is none. `save` stays the same from
 * one drawing to the next.
 */
export function useSetting<Name extends SettingName>(
  name: Name,
): [value: SettingValue<Name> | null | undefined, save: (value: SettingValue<Name>) => Promise<void>] {
  const door = useDoor();
  const client = useQueryClient();
  const { data } = useQuery(
    reading<SettingValue<Name> | null>(
      ["setting", name],
      async () => {
        const text = await (await door()).setting(name);
        return text === undefined ? null : ((await settingOf(name)).read(text) ?? null);
      },
      null,
    ),
  );
  const save = useCallback(
    async (next: SettingValue<Name>) => {
      const setting = await settingOf(name);
      const text = setting.write(next);
      await (await door()).saveSetting(name, text);
      client.setQueryData(["setting", name], setting.read(text) ?? null);
    },
    [client, door, name],
  );
  return [data, save];
}

/** How a setting is read and written: with the model, fetched once there is one. */
async function settingOf<Name extends SettingName>(name: Name) {
  const { SETTINGS } = await import("./settings");
  // The table pairs each name with its value; the compiler cannot see that of a name it does not know.
  return SETTINGS[name] as unknown as Setting<SettingValue<Name>>;
}

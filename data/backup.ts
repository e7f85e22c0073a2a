import { DAY_MS } from "@/core/day";
import { COLLECTIONS, type Collection } from "@/core/model/collections";
import type { RecordOf } from "@/core/model/household";

/**
 * So many changes, or so many days with any, are worth a reminder. Our own judgement: about two jobs' worth,
 * or a month.
 */
const ENOUGH_CHANGES = 25;
const ENOUGH_DAYS = 30;

export interface BackupState {
  /** Own records that were changed since the last backup; the demo does not count. */
  changes: number;
  remind: boolean;
}

/** Whether it is time for a backup. @param last the moment of the last one; undefined when there was none. */
export function backupState(
  records: { [C in Collection]?: readonly RecordOf<C>[] },
  last: string | undefined,
  now: Date,
): BackupState {
  const all = COLLECTIONS.flatMap(
    (collection): readonly RecordOf<Collection>[] => records[collection] ?? [],
  ).filter(({ origin }) => origin === "own");
  const changed = all
    .filter(({ updatedAt }) => last === undefined || updatedAt > last)
    .map(({ updatedAt }) => updatedAt);
  const oldest =
    last ??
    changed.reduce<string | undefined>(
      (first, at) => (first === undefined || at < first ? at : first),
      undefined,
    );
  const days = oldest === undefined ? 0 : (now.getTime() - Date.parse(oldest)) / DAY_MS;
  return {
    changes: changed.length,
    remind: changed.length >= ENOUGH_CHANGES || (changed.length > 0 && days >= ENOUGH_DAYS),
  };
}

import { COLLECTIONS, type Collection } from "@/core/model/collections";
import type { RecordOf } from "@/core/model/household";
import type { Work } from "@/core/model/work";
import { withTakenBack } from "@/core/work/taken-back";
import type { Change } from "./change";
import { isSame } from "./same";

/** A change that was written, with what stood before it: enough to take it back later, and it alone. */
export interface Done {
  /** What stood before: records as they were, and ids that were not there. */
  inverse: Change;
  /** What was written. */
  after: Change;
}

type Any = RecordOf<Collection>;
type Current = <C extends Collection>(collection: C, id: string) => RecordOf<C> | undefined;

/** The change that takes another back, and how many things it leaves because they were changed since. */
export interface Undoing {
  change: Change;
  left: number;
}

/**
 * What takes a change back without touching what others wrote since: of a record only what that change wrote
 * goes back, and what nobody has changed again. What is put back is dated after what it replaces, so that
 * another device takes it too.
 * @param current the records as they stand now.
 */
export function undoingOf({ inverse, after }: Done, current: Current, now: Date = new Date()): Undoing {
  const put: Partial<Record<Collection, Any[]>> = {};
  const remove: Partial<Record<Collection, string[]>> = {};
  let left = 0;
  for (const collection of COLLECTIONS) {
    const written = new Map<string, Any>(
      (after.put?.[collection] ?? []).map((record) => [record.id, record]),
    );
    const stood = new Map<string, Any>(
      (inverse.put?.[collection] ?? []).map((record) => [record.id, record]),
    );
    // New with that change: out again, unless somebody has gone on with it.
    remove[collection] = (inverse.remove?.[collection] ?? []).filter((id) => {
      const [made, is] = [written.get(id), current(collection, id)];
      if (!is || !made) return false;
      const untouched = isSame(undated(made), undated(is));
      if (!untouched) left++;
      return untouched;
    });
    put[collection] = [...stood.values()].flatMap((before): Any[] => {
      const [wrote, is] = [written.get(before.id), current(collection, before.id)];
      if (!is) {
        // Taken out by that change, it comes back; taken out by somebody else since, it stays out.
        if (wrote === undefined) return [dated(before, before, now)];
        left++;
        return [];
      }
      if (wrote === undefined) {
        left++;
        return [];
      }
      const undone = undo(undated(before), undated(wrote), undated(is));
      left += undone.left;
      if (isSame(undone.value, undated(is))) return [];
      const back = dated(undone.value as Any, is, now);
      return [collection === "works" ? withTakenBack(is as Work, back as Work) : back];
    });
  }
  return { change: { put, remove } as Change, left };
}

function undated<T extends object>(record: T): Omit<T, "updatedAt"> {
  const { updatedAt: _at, ...rest } = record as T & { updatedAt?: string };
  return rest;
}

function dated(record: Any, replaces: Any, now: Date): Any {
  return {
    ...record,
    updatedAt: new Date(Math.max(now.getTime(), Date.parse(replaces.updatedAt) + 1)).toISOString(),
  };
}

/** What was written there is taken back where it still stands; anything else stays as it is now. */
function undo(before: unknown, wrote: unknown, is: unknown): { value: unknown; left: number } {
  if (isSame(wrote, is)) return { value: before, left: 0 };
  if (isSame(before, wrote)) return { value: is, left: 0 };
  if (isRecord(before) && isRecord(wrote) && isRecord(is)) return undoFields(before, wrote, is);
  if (Array.isArray(before) && Array.isArray(wrote) && Array.isArray(is)) return undoList(before, wrote, is);
  return { value: is, left: 1 };
}

function undoFields(
  before: Record<string, unknown>,
  wrote: Record<string, unknown>,
  is: Record<string, unknown>,
): { value: unknown; left: number } {
  let left = 0;
  const value: [string, unknown][] = [];
  for (const key of new Set([...Object.keys(is), ...Object.keys(before)])) {
    const undone = undo(own(before, key), own(wrote, key), own(is, key));
    left += undone.left;
    if (undone.value !== undefined) value.push([key, undone.value]);
  }
  return { value: Object.fromEntries(value), left };
}

/**
 * Of a list: what was added goes, what was taken out comes back where it was, what was changed is undone by
 * its id.
 */
function undoList(
  before: readonly unknown[],
  wrote: readonly unknown[],
  is: readonly unknown[],
): { value: unknown; left: number } {
  let left = 0;
  const key = (one: unknown) => (isRecord(one) && typeof one.id === "string" ? one.id : JSON.stringify(one));
  const [was, made] = [
    new Map(before.map((one) => [key(one), one])),
    new Map(wrote.map((one) => [key(one), one])),
  ];
  const list: unknown[] = [];
  for (const one of is) {
    const id = key(one);
    if (was.has(id) && made.has(id)) {
      const undone = undo(was.get(id), made.get(id), one);
      left += undone.left;
      list.push(undone.value);
    } else if (made.has(id)) {
      // Added by that change: out again, unless it was changed since.
      if (isSame(made.get(id), one)) continue;
      left++;
      list.push(one);
    } else list.push(one);
  }
  const there = new Set(list.map(key));
  before.forEach((one, i) => {
    if (!made.has(key(one)) && !there.has(key(one))) list.splice(Math.min(i, list.length), 0, one);
  });
  return { value: list, left };
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

function own(record: Record<string, unknown>, key: string): unknown {
  return Object.hasOwn(record, key) ? record[key] : undefined;
}

import { ulid } from "ulid";
import type { Draft, RecordStamp } from "@/core/model/record";
import { MODEL_VERSION } from "@/core/model/version";

/** A new id: sortable by the time it was made. */
export function newId(): string {
  return ulid();
}

/** What a new record carries. A record that hangs on a demo vehicle is part of the demo. */
export function stamp(origin: RecordStamp["origin"], now: Date = new Date()): RecordStamp {
  const at = now.toISOString();
  return { id: newId(), createdAt: at, updatedAt: at, schema: MODEL_VERSION, origin };
}

/** A draft as a new record. Example: `stamped<Tool>(draft, "own")`. */
export function stamped<T extends RecordStamp>(draft: Draft<T>, origin: RecordStamp["origin"]): T {
  // What a draft leaves out of its record is just what a stamp is: the compiler cannot see that of a union.
  return { ...stamp(origin), ...draft } as unknown as T;
}

/** The stamp of a record, without the rest of it. */
export function stampOf({ id, createdAt, updatedAt, schema, origin }: RecordStamp): RecordStamp {
  return { id, createdAt, updatedAt, schema, origin };
}

/**
 * The record marked as changed now; with the clock set back, as changed just after it last was, so that no
 * change is older than what it replaces.
 */
export function touched<T extends { updatedAt: string }>(record: T, now: Date = new Date()): T {
  return { ...record, updatedAt: laterThan(record.updatedAt, now) };
}

/** Now, or just after a moment that the clock has not come to yet. */
export function laterThan(before: string, now: Date): string {
  return new Date(Math.max(now.getTime(), Date.parse(before) + 1)).toISOString();
}

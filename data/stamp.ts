import { ulid } from "ulid";
import { MODEL_VERSION, type RecordStamp } from "@/core/model/record";

/** A new id: sortable by the time it was made. */
export function newId(): string {
  return ulid();
}

/** What a new record carries. A record that hangs on a demo vehicle is part of the demo. */
export function stamp(origin: RecordStamp["origin"], now: Date = new Date()): RecordStamp {
  const at = now.toISOString();
  return { id: newId(), createdAt: at, updatedAt: at, schema: MODEL_VERSION, origin };
}

/** The stamp of a record, without the rest of it. */
export function stampOf({ id, createdAt, updatedAt, schema, origin }: RecordStamp): RecordStamp {
  return { id, createdAt, updatedAt, schema, origin };
}

/** The record marked as changed now. */
export function touched<T extends { updatedAt: string }>(record: T, now: Date = new Date()): T {
  return { ...record, updatedAt: now.toISOString() };
}

import { fieldReader, ifTyped, requireText } from "@/core/field-reader";
import { InputError } from "@/core/input-error";
import { ACCESSES, CONDITIONS, type Fastener, LOCKINGS, type Pattern, SOURCES, TIGHTENED } from "@/core/model/job";
import { ROLES } from "@/core/model/role";
import { readLengthMm } from "@/core/quantity/length";
import { formatHeadSize, readHeadSize } from "@/core/quantity/read-head-size";
import { readNumber } from "@/core/quantity/read-number";
import { readTorqueFigure } from "@/core/quantity/read-torque-figure";
import { formatFigure } from "@/core/quantity/torque-words";
import { INTO } from "@/core/thread/hole";
import { STRENGTH_CLASSES } from "@/core/thread/strength";
import { formatThread, readThread } from "@/core/thread/thread";

/** A fastener as it is typed. */
export interface FastenerFields {
  name: string;
  count: string;
  size: string;
  sizeToDoUp: string;
  torque: string;
  source: string;
  doubtful: boolean;
  thread: string;
  condition: string;
  threadIs: string;
  locking: string;
  counterHold: string;
  tightened: string;
  access: string;
  overPipe: boolean;
  reach: string;
  deepSocket: boolean;
  strength: string;
  length: string;
  into: string;
  layout: "none" | "circle" | "row" | "drawn";
  crowfoot: boolean;
  offset: string;
  angle: string;
  singleUse: boolean;
  reuseReason: string;
  role: string;
  note: string;
}

export function fastenerFields(fastener: Fastener | undefined): FastenerFields {
  return {
    name: fastener?.name ?? "",
    count: String(fastener?.count ?? 1),
    size: fastener?.sizeToUndo ? formatHeadSize(fastener.sizeToUndo) : "",
    sizeToDoUp: fastener?.sizeToDoUp ? formatHeadSize(fastener.sizeToDoUp) : "",
    torque: fastener?.figure ? formatFigure(fastener.figure) : "",
    source: fastener?.source ?? "",
    doubtful: fastener?.doubtful ?? false,
    thread: fastener?.thread ? formatThread(fastener.thread) : "",
    condition: fastener?.condition ?? "",
    threadIs: fastener?.threadIs ?? "",
    locking: fastener?.locking ?? "",
    counterHold: fastener?.counterHold ? formatHeadSize(fastener.counterHold) : "",
    tightened: fastener?.tightened ?? "",
    access: fastener?.access ?? "",
    overPipe: fastener?.overPipe ?? false,
    reach: fastener?.reachMm === undefined ? "" : String(fastener.reachMm),
    deepSocket: fastener?.deepSocket ?? false,
    strength: fastener?.strength ?? "",
    length: fastener?.lengthMm === undefined ? "" : String(fastener.lengthMm),
    into: fastener?.into ?? "",
    layout: fastener?.pattern ? (fastener.pattern.layout === "circle" ? "circle" : "drawn") : "none",
    crowfoot: fastener?.adapter !== undefined,
    offset: fastener?.adapter ? String(fastener.adapter.offsetMm) : "",
    angle: String(fastener?.adapter?.angleDeg ?? 0),
    singleUse: fastener?.singleUse ?? false,
    reuseReason: fastener?.reuseReason ?? "",
    role: fastener?.role ?? "",
    note: fastener?.note ?? "",
  };
}

/** Reads the fields into a fastener, or says what is wrong at each field. */
export function readFastener(fields: FastenerFields, id: string, before: Fastener | undefined): { fastener: Fastener } | { errors: Partial<Record<keyof FastenerFields, string>> } {
  const { read, errors, failed } = fieldReader<keyof FastenerFields>();
  const name = read("name", () => requireText(fields.name, "Say what it holds: backing plate bolts."));
  const count = read("count", () => readCount(fields.count));
  const sizeToUndo = read("size", () => ifTyped(fields.size, (text) => readHeadSize(text)));
  const sizeToDoUp = read("sizeToDoUp", () => ifTyped(fields.sizeToDoUp, (text) => readHeadSize(text)));
  const figure = read("torque", () => ifTyped(fields.torque, readTorqueFigure));
  const thread = read("thread", () => (fields.thread === fastenerFields(before).thread ? before?.thread : ifTyped(fields.thread, readThread)));
  const offsetMm = read("offset", () => (fields.crowfoot ? readOffset(fields.offset) : undefined));
  const angleDeg = read("angle", () => (fields.crowfoot ? readAngle(fields.angle) : undefined));
  const counterHold = read("counterHold", () => ifTyped(fields.counterHold, (text) => readHeadSize(text)));
  const reachMm = read("reach", () => ifTyped(fields.reach, (text) => readReach(text)));
  const lengthMm = read("length", () => ifTyped(fields.length, readLength));
  if (failed() || name === undefined || count === undefined) return { errors };
  const pattern = patternOf(fields.layout, count, before);
  const reuseReason = ifTyped(fields.reuseReason, (text) => text.slice(0, 200));
  const note = ifTyped(fields.note, (text) => text.slice(0, 200));
  const source = SOURCES.find((one) => one === fields.source);
  const chosen = {
    condition: oneOf(CONDITIONS, fields.condition),
    threadIs: oneOf(CONDITIONS, fields.threadIs),
    locking: oneOf(LOCKINGS, fields.locking),
    tightened: oneOf(TIGHTENED, fields.tightened),
    access: oneOf(ACCESSES, fields.access),
    strength: oneOf(STRENGTH_CLASSES, fields.strength),
    into: oneOf(INTO, fields.into),
    role: oneOf(ROLES, fields.role),
    counterHold,
    lengthMm,
    reachMm,
    overPipe: fields.overPipe || undefined,
    deepSocket: fields.deepSocket || undefined,
  };
  return {
    fastener: {
      id,
      name,
      count,
      ...(sizeToUndo && { sizeToUndo }),
      ...(sizeToDoUp && { sizeToDoUp }),
      ...(figure && { figure }),
      ...(thread && { thread }),
      ...(source && { source }),
      ...said(chosen),
      ...(fields.doubtful && { doubtful: true }),
      ...(pattern && { pattern }),
      ...(offsetMm !== undefined && angleDeg !== undefined && { adapter: { offsetMm, angleDeg } }),
      ...(fields.singleUse && { singleUse: true }),
      ...(fields.singleUse && reuseReason && { reuseReason }),
      ...(note && { note }),
    },
  };
}

function oneOf<T extends string>(values: readonly T[], text: string): T | undefined {
  return values.find((value) => value === text);
}

/** Only what is said: the model leaves out what is not known. */
function said<T extends Record<string, unknown>>(fields: T): { [K in keyof T]?: Exclude<T[K], undefined> } {
  return Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as { [K in keyof T]?: Exclude<T[K], undefined> };
}

function readLength(text: string): number {
  const value = readLengthMm(text, "mm", "The length");
  if (value <= 0 || value > 2000) throw new InputError("The length under the head is above 0 and at most 2000 mm.");
  return value;
}

function readReach(text: string): number {
  const value = readLengthMm(text, "mm", "The depth");
  if (value <= 0 || value > 2000) throw new InputError("How deep it lies is above 0 and at most 2000 mm.");
  return value;
}

function readCount(text: string): number {
  const { value } = readNumber(text, "The count");
  if (!Number.isInteger(value) || value < 1 || value > 64) throw new InputError("How many there are: a whole number from 1 to 64.");
  return value;
}

function readOffset(text: string): number {
  const value = readLengthMm(text, "mm", "The crowfoot's offset");
  if (value < 0 || value > 1000) throw new InputError("The offset is between 0 and 1000 mm: drive centre to bolt centre.");
  return value;
}

function readAngle(text: string): number {
  const { value } = readNumber(text.replace(/°\s*$/, ""), "The angle");
  if (value < 0 || value > 180) throw new InputError("The angle is between 0 (in line) and 180 (folded back).");
  return value;
}

function patternOf(layout: FastenerFields["layout"], count: number, before: Fastener | undefined): Pattern | undefined {
  if (layout === "none" || count < 2) return undefined;
  if (layout === "circle") return { layout };
  if (layout === "drawn" && before?.pattern?.layout === "points" && before.pattern.points.length === count) return before.pattern;
  return { layout: "points", points: Array.from({ length: count }, (_, i) => ({ x: i * 50, y: 0 })) };
}

import { z } from "zod";
import { isLeftHand } from "@/core/fastener/left-hand";
import { ifTyped, line, lineIfTyped, oneOfIfSaid, typed } from "@/core/form";
import { InputError } from "@/core/input-error";
import {
  ACCESSES,
  type CounterHold,
  CONDITIONS,
  type Fastener,
  HOLDS,
  LOCKINGS,
  MOST_BOLTS,
  type Pattern,
  SOURCES,
  TIGHTENED,
} from "@/core/model/job";
import { ROLES } from "@/core/model/role";
import { mmWithin, wholeWithin } from "@/core/quantity/number-within";
import { formatHeadSize, readHeadSize } from "@/core/quantity/read-head-size";
import { readNumber } from "@/core/quantity/read-number";
import { readTorqueFigure } from "@/core/quantity/read-torque-figure";
import { formatFigure } from "@/core/quantity/torque-words";
import { INTO } from "@/core/thread/hole";
import { STRENGTH_CLASSES } from "@/core/thread/strength";
import { formatThread, readThread } from "@/core/thread/thread";
import { withoutUndefined } from "@/core/without-undefined";

/** A fastener as it is typed. */
export interface FastenerFields {
  name: string;
  count: string;
  size: string;
  sizeToDoUp: string;
  torque: string;
  source: string;
  doubtful: boolean;
  sizeDoubtful: boolean;
  leftHand: boolean;
  thread: string;
  condition: string;
  threadIs: string;
  locking: string;
  holdBy: string;
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
    sizeDoubtful: fastener?.sizeDoubtful ?? false,
    leftHand: fastener ? isLeftHand(fastener) : false,
    thread: fastener?.thread ? formatThread(fastener.thread) : "",
    condition: fastener?.condition ?? "",
    threadIs: fastener?.threadIs ?? "",
    locking: fastener?.locking ?? "",
    holdBy: fastener?.counterHold?.by ?? "",
    counterHold: fastener?.counterHold?.size ? formatHeadSize(fastener.counterHold.size) : "",
    tightened: fastener?.tightened ?? "",
    access: fastener?.access ?? "",
    overPipe: fastener?.overPipe ?? false,
    reach: fastener?.reachMm === undefined ? "" : String(fastener.reachMm),
    deepSocket: fastener?.deepSocket ?? false,
    strength: fastener?.strength ?? "",
    length: fastener?.lengthMm === undefined ? "" : String(fastener.lengthMm),
    into: fastener?.into ?? "",
    layout: layoutField(fastener),
    crowfoot: fastener?.adapter !== undefined,
    offset: fastener?.adapter ? String(fastener.adapter.offsetMm) : "",
    angle: String(fastener?.adapter?.angleDeg ?? 0),
    singleUse: fastener?.singleUse ?? false,
    reuseReason: fastener?.reuseReason ?? "",
    role: fastener?.role ?? "",
    note: fastener?.note ?? "",
  };
}

function layoutField(fastener: Fastener | undefined) {
  if (!fastener?.pattern) return "none";
  return fastener.pattern.layout === "circle" ? "circle" : "drawn";
}

/**
 * What the fields make, given what stands in them; a drawn pattern and a thread that was not touched are kept
 * from the fastener as it was.
 */
export function fastenerForm(
  fields: FastenerFields,
  id: string,
  before: Fastener | undefined,
): z.ZodType<Fastener, FastenerFields> {
  const left = ifTyped((): number | undefined => undefined);
  return z
    .object({
      name: line("Say what it holds: backing plate bolts."),
      count: typed(wholeWithin("The count", 1, MOST_BOLTS)),
      size: ifTyped((text) => readHeadSize(text)),
      sizeToDoUp: ifTyped((text) => readHeadSize(text)),
      torque: ifTyped((text) => readTorqueFigure(text)),
      source: oneOfIfSaid(SOURCES),
      doubtful: z.boolean(),
      sizeDoubtful: z.boolean(),
      leftHand: z.boolean(),
      thread: typed((text) => {
        if (text === fastenerFields(before).thread) return before?.thread;
        return text.trim() === "" ? undefined : readThread(text);
      }),
      condition: oneOfIfSaid(CONDITIONS),
      threadIs: oneOfIfSaid(CONDITIONS),
      locking: oneOfIfSaid(LOCKINGS),
      holdBy: oneOfIfSaid(HOLDS),
      counterHold: ifTyped((text) => readHeadSize(text)),
      tightened: oneOfIfSaid(TIGHTENED),
      access: oneOfIfSaid(ACCESSES),
      overPipe: z.boolean(),
      reach: ifTyped(mmWithin("How deep it lies", 1, 2000)),
      deepSocket: z.boolean(),
      strength: oneOfIfSaid(STRENGTH_CLASSES),
      length: ifTyped(mmWithin("The length under the head", 1, 2000)),
      into: oneOfIfSaid(INTO),
      layout: z.enum(["none", "circle", "row", "drawn"]),
      crowfoot: z.boolean(),
      offset: fields.crowfoot ? typed(mmWithin("The offset, drive centre to bolt centre,", 0, 1000)) : left,
      angle: fields.crowfoot ? typed(readAngle) : left,
      singleUse: z.boolean(),
      reuseReason: fields.singleUse ? lineIfTyped : ifTyped((): string | undefined => undefined),
      role: oneOfIfSaid(ROLES),
      note: lineIfTyped,
    })
    .transform(
      ({
        size,
        torque,
        reach,
        length,
        layout,
        crowfoot: _ticked,
        offset,
        angle,
        overPipe,
        deepSocket,
        doubtful,
        sizeDoubtful,
        leftHand,
        singleUse,
        holdBy,
        counterHold,
        ...said
      }) =>
        withoutUndefined({
          ...said,
          id,
          sizeToUndo: size,
          figure: torque,
          counterHold: heldBy(holdBy, counterHold),
          reachMm: reach,
          lengthMm: length,
          pattern: patternOf(layout, said.count, before),
          adapter:
            offset === undefined || angle === undefined ? undefined : { offsetMm: offset, angleDeg: angle },
          overPipe: overPipe || undefined,
          deepSocket: deepSocket || undefined,
          doubtful: doubtful || undefined,
          sizeDoubtful: sizeDoubtful && size !== undefined ? (true as const) : undefined,
          leftHand: leftHand ? (true as const) : undefined,
          singleUse: singleUse || undefined,
        }),
    );
}

/** A size with no way said is a tool on the other end. */
function heldBy(by: CounterHold["by"] | undefined, size: CounterHold["size"]): CounterHold | undefined {
  if (by === undefined && size === undefined) return undefined;
  return withoutUndefined({ by: by ?? ("on the other end" as const), size });
}

/** 0 in line with the handle, 180 folded back. */
function readAngle(text: string): number {
  const { value } = readNumber(text.replace(/°\s*$/, ""), "The angle");
  if (value < 0 || value > 180)
    throw new InputError("The angle is between 0 (in line) and 180 (folded back).");
  return value;
}

function patternOf(
  layout: FastenerFields["layout"],
  count: number,
  before: Fastener | undefined,
): Pattern | undefined {
  if (layout === "none" || count < 2) return undefined;
  if (layout === "circle") return { layout };
  if (layout === "drawn" && before?.pattern?.layout === "points" && before.pattern.points.length === count)
    return before.pattern;
  return { layout: "points", points: Array.from({ length: count }, (_, i) => ({ x: i * 50, y: 0 })) };
}

import type { Fastener, Part, Step } from "@/core/model/job";
import type { RecordStamp } from "@/core/model/record";
import type { Supply } from "@/core/model/supply";
import { MODEL_VERSION } from "@/core/model/version";
import type { HeadSize } from "@/core/quantity/head-size";
import { readHeadSize } from "@/core/quantity/read-head-size";
import { readTorqueFigure } from "@/core/quantity/read-torque-figure";
import type { TorqueFigure } from "@/core/quantity/torque-figure";
import { type Thread, readThread } from "@/core/thread/thread";

/** The day that every day in the demo's files was written for. */
export const WRITTEN_FOR = "2026-11-24";

/** The demo was made the day before: at no hour of the day, anywhere, was it made later than now. */
const MADE_ON = "2026-11-23";

/** The stamp of a demo record: ids are plain words, so that links into the demo keep working. */
export function demo(id: string, made: string = MADE_ON): RecordStamp {
  const at = `${made}T08:00:00.000Z`;
  return { id: `demo-${id}`, createdAt: at, updatedAt: at, schema: MODEL_VERSION, origin: "demo" };
}

export const figure = (text: string): TorqueFigure => readTorqueFigure(text);
export const head = (text: string): HeadSize => readHeadSize(text);
export const thread = (text: string): Thread => readThread(text);

/** A step with what is usual left out: on the ground, nothing to be careful of. */
export function step(
  id: string,
  phase: Step["phase"],
  kind: Step["kind"],
  title: string,
  more: Partial<Omit<Step, "id" | "phase" | "kind" | "title">> = {},
): Step {
  return { id, phase, kind, title, stance: "on the ground", cautions: [], ...more };
}

export function fastener(
  id: string,
  name: string,
  count: number,
  more: Partial<Omit<Fastener, "id" | "name" | "count">>,
): Fastener {
  return { id, name, count, ...more };
}

export function part(
  id: string,
  name: string,
  place: Part["place"],
  more: Partial<Omit<Part, "id" | "name" | "place">> = {},
): Part {
  return { id, name, place, count: 1, ...more };
}

export function supply(
  id: string,
  name: string,
  value: number,
  unit: Supply["amount"]["unit"],
  lost?: number,
): Supply {
  return { id, name, amount: { value, unit }, ...(lost ? { lost } : {}) };
}

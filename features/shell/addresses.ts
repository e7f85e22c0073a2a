import type { Skill } from "@/core/model/drill";
import type { Typed } from "@/core/slip/field";

/**
 * Every address of the app, made here and nowhere else: what is in hand is in the query, so that any of them
 * can be kept.
 */

type Query = Readonly<Record<string, string | undefined>>;

function to(path: string, query: Query = {}): string {
  const params = new URLSearchParams(
    Object.entries(query).flatMap(([key, value]) =>
      value === undefined || value === "" ? [] : [[key, value]],
    ),
  );
  return params.size > 0 ? `${path}?${params.toString()}` : path;
}

/** The pages of the Log. */
export const LOG_VIEWS = [
  { view: "", says: "Replaced" },
  { view: "due", says: "Due" },
  { view: "wear", says: "Wear" },
  { view: "costs", says: "Costs" },
  { view: "owed", says: "Follow-ups" },
] as const;
export type LogView = (typeof LOG_VIEWS)[number]["view"];

/** Where the log of a single vehicle would stand: all of them. */
export const ALL = "all";

export const garageHref = (vehicleId?: string) => to("/garage", { id: vehicleId });

export type PlanView = "notes" | "order" | "routes" | "decide" | "about" | "lookup" | "fasteners" | "sheet";
export const jobsHref = () => to("/plan", { all: "1" });
/** A new job, or one that begins as an earlier one did. */
export const newJobHref = (fromId?: string) => to("/plan", { new: "1", from: fromId });
/**
 * The shelf of generic job sheets, or one of them: for a job that was begun by asking what is wrong, or for a vehicle
 * that needs it.
 */
export const shelfHref = (sheet?: string, of: { jobId?: string; vehicleId?: string } = {}) =>
  to("/plan", { shelf: sheet ?? "all", id: of.jobId, for: of.vehicleId });
export const planHref = (jobId?: string, view?: PlanView) =>
  to("/plan", { id: jobId, ...(view ? { [view]: "1" } : {}) });

export const kitHref = (jobId: string | undefined, view = "") =>
  to("/kit", { id: jobId, ...(view === "" ? {} : { [view]: "1" }) });

export const dayHref = (jobId?: string) => to("/day", { id: jobId });

export const workHref = (jobId?: string) => to("/work", { id: jobId });

export const logHref = (vehicleId: string | undefined, view: LogView = "") =>
  to("/log", { id: vehicleId ?? ALL, view });
export const entryHref = (entryId: string) => to("/log", { entry: entryId });
/** A line typed for the log, with what else is known of it. */
export const newEntryHref = (
  line: string,
  known: { vehicleId?: string | undefined; system?: string; place?: string | undefined },
) => to("/log", { id: known.vehicleId, new: line, system: known.system, place: known.place });
export const bringLogHref = () => to("/log", { bring: "1" });

/** Practise: what there is, a drill, one that was done once more, the page of what is sure, or the lab. */
export const practiseHref = (skill?: Skill, again?: { level: number; seed: number }) =>
  to("/practise", { skill, level: again?.level.toString(), seed: again?.seed.toString() });
export const sureHref = () => to("/practise", { sure: "1" });
export const labHref = () => to("/practise", { lab: "1" });
export const PRACTISED_FROM = ["plan", "kit", "work"] as const;
export type PractisedFrom = (typeof PRACTISED_FROM)[number];
/** A fastener's own pull, from a pocket that is gone back to: the one after so many others of its figure, or its last. */
export const practiseThisHref = (jobId: string, fastenerId: string, from: PractisedFrom, pull?: number) =>
  to("/practise", { job: jobId, fastener: fastenerId, from, pull: pull?.toString() });

export const filesHref = () => to("/files");
/** To another device: everything, what was changed since, or one job. */
export const sendHref = (jobId?: string) => to("/files", { send: "1", job: jobId });
export const receiveHref = () => to("/files", { receive: "1" });
export const historyHref = (vehicleId: string) => to("/files", { history: vehicleId });

/**
 * The Bench, or one of its calculations with the same inputs: an empty field is told too, as it is not one
 * left at its usual.
 */
export const benchHref = (slip?: string, typed: Typed = {}) =>
  slip === undefined ? to("/bench") : `/bench?${new URLSearchParams({ slip, ...typed }).toString()}`;

/** No slip has so many fields, and none so much in it, as a pinned one may have. */
const MOST_FIELDS = 60;
const LONGEST_FIELD = 4000;

/**
 * What an address of the Bench asks for: which slip, and what stands in its fields, as far as a slip can have it;
 * undefined where it names no slip.
 */
export function readBenchHref(search: string): { slip: string; typed: Typed } | undefined {
  const { slip, ...typed } = Object.fromEntries(new URLSearchParams(search));
  const fields = Object.entries(typed).slice(0, MOST_FIELDS);
  return slip === undefined
    ? undefined
    : { slip, typed: Object.fromEntries(fields.map(([name, text]) => [name, text.slice(0, LONGEST_FIELD)])) };
}

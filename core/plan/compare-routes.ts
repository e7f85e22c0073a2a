import { kitFor } from "../kit/kit";
import { isCovered, isTool } from "../kit/needs/need";
import type { Job, Route } from "../model/job";
import type { Tool } from "../model/tool";
import type { Vehicle } from "../model/vehicle";
import { formatPrice } from "../quantity/money";
import { followUpsFrom } from "./after-the-work";
import { secondLook } from "./second-look/second-look";

/** One row of a comparison: what each route has, and which are the better ones; none where they are alike. */
export interface ComparedRow {
  what: string;
  values: string[];
  better: boolean[];
}

const UNDO_RANK = { fully: 0, "with a new part": 1, "not at all": 2 } as const;

/**
 * The routes of a job side by side: time, steps, tools missing, money, harm, whether it can be undone, what
 * it brings after it, and what the second look says.
 */
export function compareRoutes(job: Job, vehicle: Vehicle, tools: readonly Tool[]): ComparedRow[] {
  const measured = job.routes.map((route) => measure(job, route, vehicle, tools));
  const row = (
    what: string,
    value: (one: Measured) => string,
    rank?: (one: Measured) => number,
  ): ComparedRow => {
    const ranks = rank ? measured.map(rank) : [];
    const best = Math.min(...ranks);
    return {
      what,
      values: measured.map(value),
      better: measured.map(
        (_, i) => rank !== undefined && ranks[i] === best && ranks.some((one) => one !== best),
      ),
    };
  };
  return [
    row(
      "Time, usually",
      ({ minutes }) =>
        `${Math.floor(minutes / 60)} h ${String(Math.round(minutes % 60)).padStart(2, "0")} min`,
      ({ minutes }) => minutes,
    ),
    row(
      "Steps",
      ({ route }) => String(route.steps.length),
      ({ route }) => route.steps.length,
    ),
    row(
      "Under a raised car",
      ({ raised }) => `${raised} steps`,
      ({ raised }) => raised,
    ),
    row(
      "Tools missing",
      ({ missing }) => (missing.length === 0 ? "none" : missing.join(", ")),
      ({ missing }) => missing.length,
    ),
    row(
      "Parts",
      ({ money }) => formatPrice(money),
      ({ money }) => money,
    ),
    row("Harm", ({ route }) => route.harm ?? "none written down"),
    row(
      "Can be undone",
      ({ route }) => route.undoable ?? "not said",
      ({ route }) => (route.undoable ? UNDO_RANK[route.undoable] : 3),
    ),
    row(
      "Brings after it",
      ({ after }) => (after.length === 0 ? "nothing" : after.join(", ")),
      ({ after }) => after.length,
    ),
    row(
      "Second look",
      ({ grave, open }) => (open === 0 ? "nothing" : `${open} to look at, ${grave} grave`),
      ({ grave, open }) => grave * 1000 + open,
    ),
  ];
}

interface Measured {
  route: Route;
  minutes: number;
  raised: number;
  missing: string[];
  money: number;
  after: string[];
  grave: number;
  open: number;
}

function measure(job: Job, route: Route, vehicle: Vehicle, tools: readonly Tool[]): Measured {
  const kit = kitFor(route, tools, { vehicle });
  const open = secondLook(job, route, vehicle, tools).filter(({ answer }) => !answer);
  return {
    route,
    minutes: route.steps.reduce(
      (sum, { usualMinutes, wait }) => sum + (usualMinutes ?? 0) + (wait?.minutes ?? 0),
      0,
    ),
    raised: route.steps.filter(({ stance }) => stance !== "on the ground").length,
    missing: [
      ...kit.lines
        .filter((line) => !isCovered(line) && isTool(line.need))
        .map(({ need, name }) =>
          need.kind === "torque" ? `a wrench for ${need.fastener.name.toLowerCase()}` : name,
        ),
    ],
    money: route.parts.reduce((sum, { priceMinor }) => sum + (priceMinor ?? 0), 0),
    after: followUpsFrom(job, route, { value: 0, unit: vehicle.distanceUnit }, "2000-01-01").map(
      ({ kind }) => kind,
    ),
    grave: open.filter(({ grave }) => grave).length,
    open: open.length,
  };
}

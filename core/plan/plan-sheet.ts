import { capital } from "../capital";
import { lacksFigure } from "../fastener/role";
import { GENERAL_ADVICE } from "../general-advice";
import type { KitLine } from "../kit/needs/need";
import { settingRow } from "../kit/sheet/kit-sheet";
import type { Fastener, Job, Route, Step } from "../model/job";
import type { Vehicle } from "../model/vehicle";
import { runsOf } from "../order/runs";
import { boltOrder } from "../pattern/bolt-order";
import { differencesOf } from "./mirror";
import { taskWords } from "./step-words";

/** A step on paper. */
export interface PlanSheetStep {
  number: number;
  title: string;
  /** What to look out for, each with ▲ before it. */
  cautions: string[];
  /** What else is done or known at it. */
  minds: string[];
  /** The size of the head that is turned at it, and the figure it gets. */
  head: string;
  /** What is set on the wrench, a line for each pass; none where nothing is tightened at it. */
  set: string[];
  /** The bolts to be ticked off, by their number in the order they are tightened in; none for a single one. */
  bolts: number[];
}

/** The plan of a job on paper, in the order it is worked through. */
export interface PlanSheet {
  title: string;
  vehicle: string;
  phases: { title: string; steps: PlanSheetStep[] }[];
  parts: string[];
  footer: string;
}

/** More boxes than these are not ticked by hand. */
const MOST_BOXES = 24;

/**
 * The plan of a job as a sheet to tick off under the car: every step with its size, what to set and a box for each
 * bolt. @param lines what the kit needs and how it is met: what is set comes from it. Example: planSheet(job, route,
 * vehicle, lines).phases[0].steps[0].title → "Handbrake on, in gear".
 */
export function planSheet(job: Job, route: Route, vehicle: Vehicle, lines: readonly KitLine[]): PlanSheet {
  const fasteners = new Map(route.fasteners.map((one) => [one.id, one]));
  const places = new Map(route.steps.map(({ id }, i) => [id, i + 1]));
  return {
    title: job.title,
    vehicle: vehicle.name,
    phases: runsOf(route.steps).map(({ phase, steps }) => ({
      title: capital(phase),
      steps: steps.map((step) => ({
        number: places.get(step.id) ?? 0,
        ...stepRow(route, step, fasteners.get(step.fastenerId ?? ""), lines),
      })),
    })),
    parts: route.parts.map(
      ({ name, count, place, partNumber }) =>
        `${count > 1 ? `${count} × ` : ""}${name}, ${place}${partNumber ? `, ${partNumber}` : ""}`,
    ),
    footer: GENERAL_ADVICE,
  };
}

function stepRow(
  route: Route,
  step: Step,
  fastener: Fastener | undefined,
  lines: readonly KitLine[],
): Omit<PlanSheetStep, "number"> {
  const row = fastener && settingRow(fastener, lines, lacksFigure(route, fastener));
  const tightens = step.kind === "torque";
  return {
    title: step.title,
    cautions: [...step.cautions, ...(tightens && row ? row.cautions : [])],
    minds: [...differencesOf(route, step), ...taskWords(step), ...(step.detail ? [step.detail] : [])],
    head: row ? [sizeAt(step, row), ...(tightens ? [row.figure] : [])].filter(Boolean).join(", ") : "",
    set: tightens && row ? row.set.filter(Boolean) : [],
    bolts:
      fastener && tightens && fastener.count > 1 && fastener.count <= MOST_BOXES ? boltOrder(fastener) : [],
  };
}

const sizeAt = ({ kind }: Step, row: ReturnType<typeof settingRow>): string =>
  kind === "undo" ? row.sizeToUndo : row.size;

import { isByFeel, isByHand } from "../fastener/how-tight";
import { hasHead } from "../fastener/role";
import { kitFor } from "../kit/kit";
import { isCovered, isTool } from "../kit/needs/need";
import type { Fastener, Job, Route } from "../model/job";
import type { Tool } from "../model/tool";
import type { Vehicle } from "../model/vehicle";
import { type Money, formatPrice } from "../quantity/money";
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
export function compareRoutes(
  job: Job,
  vehicle: Vehicle,
  tools: readonly Tool[],
  money: Money,
): ComparedRow[] {
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
      "Hands at it, usually",
      ({ minutes }) => inHours(minutes),
      ({ minutes }) => minutes,
    ),
    row(
      "Waits",
      ({ waits }) => (waits === 0 ? "none" : inHours(waits)),
      ({ waits }) => waits,
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
      ({ partsMinor }) => formatPrice(partsMinor, money),
      ({ partsMinor }) => partsMinor,
    ),
    row(
      "Figures",
      ({ figured, of }) => (of === 0 ? "none needed" : `${figured} of ${of}`),
      ({ figured, of }) => of - figured,
    ),
    row(
      "They are from",
      ({ sources }) => (sources.length === 0 ? "nobody" : sources.join(", ")),
      ({ guessed }) => guessed,
    ),
    row(
      "Bends a maker's rule",
      ({ bends }) => (bends.length === 0 ? "none" : bends.join("; ")),
      ({ bends }) => bends.length,
    ),
    row("Harm", ({ route }) => route.harm ?? "none written down"),
    row("Speaks for it", ({ route }) => route.evidence ?? "not said"),
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

const inHours = (minutes: number): string =>
  `${Math.floor(minutes / 60)} h ${String(Math.round(minutes % 60)).padStart(2, "0")} min`;

/**
 * A warning where a route looks better, in its time or what is missing for it, and bends what a maker asks
 * while another does not; undefined where none does. Example: "“From below” is quicker, and uses bolts again
 * that are made for one use."
 */
export function bendsToBeQuicker(job: Job, vehicle: Vehicle, tools: readonly Tool[]): string | undefined {
  const measured = job.routes.map((route) => measure(job, route, vehicle, tools));
  const straight = measured.filter(({ bends }) => bends.length === 0);
  const bent = measured.find(
    (one) =>
      one.bends.length > 0 &&
      straight.some(
        (other) => one.minutes + one.waits < other.minutes + other.waits || one.partsMinor < other.partsMinor,
      ),
  );
  if (!bent) return undefined;
  const quicker = straight.every((other) => bent.minutes + bent.waits < other.minutes + other.waits);
  return `“${bent.route.name}” is ${quicker ? "quicker" : "cheaper"}, and bends what the maker asks: ${bent.bends.join("; ")}.`;
}

/** What a route does against what a maker asks, by what was written down of it. */
function bendsOf(job: Job, route: Route): string[] {
  const again = route.fasteners.flatMap(({ name, singleUse, reuseReason }) =>
    singleUse && reuseReason !== undefined ? [`${name.toLowerCase()} used again`] : [],
  );
  const own = new Set([...route.steps, ...route.fasteners, ...route.parts].map(({ id }) => id));
  const answered = (job.answers ?? []).flatMap(({ rule, about }) =>
    BENDING.has(rule) && own.has(about.split(" ")[0] ?? "") ? [RULE_BENT[rule] ?? rule] : [],
  );
  return [...again, ...new Set(answered)];
}

/** Findings that stay answered only where somebody does other than a maker says. */
const RULE_BENT: Readonly<Record<string, string>> = {
  "no-figure": "done up without a figure",
  "single-use-again": "single-use fasteners used again",
  "torque-in-the-wrong-place": "tightened elsewhere than told",
  "figure-for-another-thread": "a figure for another thread",
  "hand-it-over": "done at home, and not handed over",
  "one-of-a-pair": "one of a pair renewed",
};
const BENDING = new Set(Object.keys(RULE_BENT));

interface Measured {
  route: Route;
  /** Hands at it, and waits, apart. */
  minutes: number;
  waits: number;
  /** Fasteners that a torque is for, and how many have one. */
  of: number;
  figured: number;
  sources: string[];
  /** Figures from memory, marked doubtful, or from nobody. */
  guessed: number;
  bends: string[];
  raised: number;
  missing: string[];
  partsMinor: number;
  after: string[];
  grave: number;
  open: number;
}

/** What the figures of a route rest on. */
function evidenceOf({ fasteners }: Route): Pick<Measured, "of" | "figured" | "sources" | "guessed"> {
  const turned = fasteners.filter((one) => hasHead(one) && !isByHand(one));
  const figured = turned.filter(({ figure }) => figure !== undefined && !isByFeel(figure));
  const isGuess = ({ source, doubtful }: Fastener) =>
    source === undefined || source === "memory" || doubtful === true;
  const counted = new Map<string, number>();
  for (const { source } of figured)
    counted.set(source ?? "no source", (counted.get(source ?? "no source") ?? 0) + 1);
  return {
    of: turned.filter(({ figure }) => figure === undefined || !isByFeel(figure)).length,
    figured: figured.length,
    sources: [...counted].map(([source, count]) => `${count} ${source}`),
    guessed: figured.filter(isGuess).length,
  };
}

function measure(job: Job, route: Route, vehicle: Vehicle, tools: readonly Tool[]): Measured {
  const kit = kitFor(route, tools, { vehicle });
  const open = secondLook(job, route, vehicle, tools).filter(({ answer }) => !answer);
  return {
    route,
    minutes: route.steps.reduce((sum, { minutes }) => sum + (minutes?.usual ?? 0), 0),
    waits: route.steps.reduce((sum, { wait }) => sum + (wait?.minutes ?? 0), 0),
    ...evidenceOf(route),
    bends: bendsOf(job, route),
    raised: route.steps.filter(({ stance }) => stance !== "on the ground").length,
    missing: [
      ...kit.lines
        .filter((line) => !isCovered(line) && isTool(line.need))
        .map(({ need, name }) =>
          need.kind === "torque" ? `a wrench for ${need.fastener.name.toLowerCase()}` : name,
        ),
    ],
    partsMinor: route.parts.reduce((sum, { priceMinor }) => sum + (priceMinor ?? 0), 0),
    after: followUpsFrom(job, route, { value: 0, unit: vehicle.distanceUnit }, "2000-01-01").map(
      ({ kind }) => kind,
    ),
    grave: open.filter(({ grave }) => grave).length,
    open: open.length,
  };
}

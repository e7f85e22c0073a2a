import { roleOf } from "../fastener/role";
import type { Route, Step } from "../model/job";
import type { Role } from "../model/role";
import { type Opening, openedBy } from "../plan/opened";
import { sharesWord } from "../shares-word";

/** Beside what opens a system: something that carries or drives the vehicle is undone. */
type Undone = Opening | "apart";

/** What cannot be done while something is open, and whether rain or dirt would get in. */
const MEANS: Readonly<Record<Undone, { says: string; rolls: boolean; lowers: boolean; rain: boolean }>> = {
  brake: { says: "brakes apart", rolls: false, lowers: true, rain: false },
  "brake line": { says: "brake hydraulics open", rolls: false, lowers: true, rain: true },
  alignment: { says: "steering or suspension apart", rolls: false, lowers: false, rain: false },
  hub: { says: "hub apart", rolls: false, lowers: false, rain: true },
  wheel: { says: "wheel off", rolls: false, lowers: false, rain: false },
  fluid: { says: "oil open or out", rolls: false, lowers: true, rain: true },
  coolant: { says: "coolant open or out", rolls: false, lowers: true, rain: false },
  belt: { says: "belt off", rolls: false, lowers: true, rain: false },
  fuel: { says: "fuel open", rolls: false, lowers: true, rain: true },
  restraint: { says: "airbag or belt undone", rolls: false, lowers: true, rain: false },
  battery: { says: "battery off", rolls: true, lowers: true, rain: false },
  apart: { says: "engine or drive undone", rolls: false, lowers: true, rain: false },
};

/** From one step to another something is open. */
export interface Open {
  opening: Undone;
  says: string;
  /** Places in the order of the day; `to` is the step that closes it. */
  from: number;
  to: number;
  rolls: boolean;
  lowers: boolean;
  rain: boolean;
}

/** Undone, the vehicle still rolls: a wheel is told by itself, the others carry nothing. */
const HOLDS_NO_LOAD: ReadonlySet<Role | undefined> = new Set(["wheel", "body", "clip", undefined]);
const PENETRANT = /\bpenetrant\b/i;
/** What lies over it, and carries nothing. */
const COVERS = /\b(?:lid|shield|duct|guard|under ?tray|bracket|clip|trim|cap)s?\b/i;
/** Only loosened, not undone. */
const CRACKS = /\bcrack|\bloosen/i;

/**
 * What is open between which steps of a day, in the order it is opened. It is closed by the last step that puts back
 * what opened it, does its fastener up, or speaks of it; by the last putting back of all where none is found.
 * @param steps the route's steps in the order they are worked.
 */
export function openSpans(route: Route, steps: readonly Step[]): Open[] {
  // What a fastener holds is told by the whole plan, and not by one step of it.
  const fasteners = route.fasteners.map((one) => ({ ...one, role: roleOf(route, one) }));
  const apart = new Set(fasteners.flatMap(({ id, role }) => (HOLDS_NO_LOAD.has(role) ? [] : [id])));
  const opened = steps.map((step): Undone[] => {
    // What is only sprayed or left to soak is still closed.
    if (step.wait || PENETRANT.test(step.title)) return [];
    const known = [...openedBy({ ...route, fasteners, parts: [], steps: [step] }).keys()];
    const undoes =
      step.kind === "undo" &&
      !CRACKS.test(step.title) &&
      !COVERS.test(step.title) &&
      apart.has(step.fastenerId ?? "");
    return [...known, ...(known.length === 0 && undoes ? (["apart"] as const) : [])];
  });
  const lastBack = steps.findLastIndex(({ phase }) => phase === "put back");
  const spans = new Map<Undone, Open>();
  for (const [at, openings] of opened.entries())
    for (const opening of openings) {
      const closed = closedAt(steps, at);
      const known = spans.get(opening);
      const to = Math.max(known?.to ?? 0, closed ?? Math.max(lastBack, at));
      spans.set(opening, { opening, ...MEANS[opening], from: known?.from ?? at, to });
    }
  return [...spans.values()].sort((a, b) => a.from - b.from || a.to - b.to);
}

function closedAt(steps: readonly Step[], at: number): number | undefined {
  const opener = steps[at];
  if (!opener) return undefined;
  const found = steps.findLastIndex(
    (step, i) =>
      i > at &&
      (((step.phase === "put back" || step.phase === "prove it") &&
        (step.mirrorOf?.stepId === opener.id ||
          (opener.fastenerId !== undefined && step.fastenerId === opener.fastenerId))) ||
        (step.phase === "put back" && sharesWord(step.title, opener.title))),
  );
  return found < 0 ? undefined : found;
}

/** Where a day could end: behind which step, and how the vehicle would stand overnight. */
export interface Stop {
  /** Place of the last step of the day. */
  at: number;
  open: readonly Open[];
  raised: boolean;
  /** What speaks against it: nothing, 0; the more, the worse. */
  risk: number;
}

/**
 * How the vehicle would stand if a day ended behind each step but the last. Raised is worst, as nobody is there when
 * it slips; then what rain gets into; then that it cannot be driven.
 */
export function stopsOf(steps: readonly Step[], spans: readonly Open[]): Stop[] {
  return steps.slice(0, -1).map(({ kind, stance }, at): Stop => {
    const open = spans.filter(({ from, to }) => from <= at && to > at);
    const raised = kind !== "lower" && stance !== "on the ground";
    const risk =
      (raised ? 6 : 0) + (open.some(({ rain }) => rain) ? 3 : 0) + (open.some(({ rolls }) => !rolls) ? 1 : 0);
    return { at, open, raised, risk };
  });
}

/** The best place to end a day: the least risk, and of those the nearest to where the day would end by itself. */
export function bestStop(stops: readonly Stop[], reached: number): Stop | undefined {
  return [...stops]
    .filter(({ at }) => at <= reached)
    .sort((a, b) => a.risk - b.risk || Math.abs(a.at - reached) - Math.abs(b.at - reached))[0];
}

/** How it would stand overnight. Example: "on its wheels, nothing open". */
export function stopWords({ raised, open }: Pick<Stop, "raised" | "open">): string {
  const told = open.map(({ says }) => says).join(", ");
  const stands = raised ? "on its stands" : "on its wheels";
  if (told === "") return raised ? `${stands}, nothing open` : `safe ${stands}, nothing open`;
  return `${stands}, ${told}${open.some(({ rain }) => rain) ? "; cover it against rain" : ""}`;
}

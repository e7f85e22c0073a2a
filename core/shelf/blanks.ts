import { isByHand } from "../fastener/how-tight";
import { hasHead, roleOf } from "../fastener/role";
import type { Fastener, Route, Source, Step } from "../model/job";
import type { Role } from "../model/role";
import { twinOf } from "../plan/sides";
import { twinFastener, withTwins } from "../plan/twins";
import { formatHeadSize, readHeadSize } from "../quantity/read-head-size";
import { readTorqueFigure } from "../quantity/read-torque-figure";
import { readLimit } from "./read-limit";

/** Something that belongs to one vehicle and has to be looked up before the day. */
export interface Blank {
  kind: "size" | "torque" | "limit";
  /** The fastener's id, or that of the step that measures. */
  about: string;
  what: string;
  /** Of a limit. */
  unit?: string;
  /** Where such a figure is usually printed, as a sentence. */
  where: string;
  /** What it often is, where that is known; never taken without a look. */
  often: string | undefined;
}

/** Where a figure is usually printed, by what the fastener holds. General workshop knowledge. */
const PRINTED: Partial<Record<Role, string>> = {
  wheel: "In the owner's handbook, under wheel change.",
  brake: "In the workshop manual, under brakes; often on the slip in the parts' box too.",
  fuel: "In the workshop manual, under fuel system.",
};
const IN_THE_MANUAL =
  "In the workshop manual, tightening torques; a parts maker's fitting slip often has it.";
const ON_THE_HEAD = "Try a socket on each head, before the day.";

/**
 * What has to be looked up before a plan can be worked: torques of what is tightened, sizes that nobody has tried,
 * limits of what is measured. The other side's is the same blank.
 */
export function blanksOf(route: Route): Blank[] {
  const tightened = new Set(
    route.steps.flatMap(({ kind, fastenerId }) => (kind === "torque" ? [fastenerId] : [])),
  );
  const worked = new Set(route.steps.map(({ fastenerId }) => fastenerId));
  const firsts = route.fasteners.filter((one) => {
    const twin = twinFastener(route, one);
    return worked.has(one.id) && (!twin || route.fasteners.indexOf(twin) > route.fasteners.indexOf(one));
  });
  const torques = firsts
    .filter((one) => one.figure === undefined && tightened.has(one.id))
    .map((one): Blank => ({
      kind: "torque",
      about: one.id,
      what: bare(one),
      where: PRINTED[roleOf(route, one) ?? "body"] ?? IN_THE_MANUAL,
      often: undefined,
    }));
  const sizes = firsts
    .filter((one) => hasHead(one) && !isByHand(one) && (!one.sizeToUndo || one.sizeDoubtful))
    .filter((one) => !route.specialTools?.some(({ turns }) => turns?.includes(one.id)))
    .map((one): Blank => ({
      kind: "size",
      about: one.id,
      what: bare(one),
      where: ON_THE_HEAD,
      often: one.sizeToUndo && formatHeadSize(one.sizeToUndo),
    }));
  const isSecond = (step: Step) => {
    const twin = twinOf(route, step);
    return twin !== undefined && route.steps.indexOf(twin) < route.steps.indexOf(step);
  };
  const limits = route.steps
    .filter((step) => !isSecond(step))
    .flatMap(({ id, measure }): Blank[] =>
      measure && measure.least === undefined && measure.most === undefined
        ? [
            {
              kind: "limit",
              about: id,
              what: measure.what,
              unit: measure.unit,
              where:
                "Often cast or stamped on the part; otherwise in the workshop manual, under wear limits.",
              often: undefined,
            },
          ]
        : [],
    );
  return [...torques, ...limits, ...sizes];
}

const bare = ({ name }: Fastener): string => name.replace(/, (?:left|right)$/, "");

/** What is known of a torque beside itself: where it was looked up, and that whoever said it was not sure. */
export interface Whence {
  source?: Source | undefined;
  doubtful?: boolean;
}

/**
 * The route with a blank filled in, on the other side too.
 * @throws InputError with a sentence for what was typed.
 */
export function fillBlank(route: Route, blank: Blank, typed: string, whence: Whence = {}): Route {
  const changed = (change: (one: Fastener) => Fastener): Route => ({
    ...route,
    fasteners: route.fasteners.map((one) => (one.id === blank.about ? change(one) : one)),
  });
  if (blank.kind === "torque") {
    const figure = readTorqueFigure(typed);
    return withTwins(
      route,
      changed((one) => ({
        ...one,
        figure,
        ...(whence.source ? { source: whence.source } : {}),
        ...(whence.doubtful ? { doubtful: true } : {}),
      })),
    );
  }
  if (blank.kind === "size") {
    const sizeToUndo = readHeadSize(typed);
    return withTwins(
      route,
      changed(({ sizeDoubtful: _sure, ...one }) => ({ ...one, sizeToUndo })),
    );
  }
  const limit = readLimit(typed, blank.unit ?? "");
  return withTwins(route, {
    ...route,
    steps: route.steps.map((step) =>
      step.id === blank.about && step.measure ? { ...step, measure: { ...step.measure, ...limit } } : step,
    ),
  });
}

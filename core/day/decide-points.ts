import type { Step } from "../model/job";
import { sideOf } from "../side";
import type { Activity } from "./activity";
import type { Open } from "./no-return";

/** Whether it cannot be driven away while that is open: a wheel is on again in a minute. */
const stops = ({ rolls, opening }: Open): boolean => !rolls && opening !== "wheel";

/**
 * Where it has to be decided: before something is opened that keeps it from being driven, and before the second side is
 * begun, in the order they come.
 * @param all every step of the route, those done first; `open` counts its places in it.
 */
export function decidePoints(activities: readonly Activity[], open: readonly Open[], all: readonly Step[]) {
  const left = new Map(activities.map((activity) => [activity.id, activity]));
  const points = new Map<string, string>();
  const spans = new Map<string, string[]>();
  for (const span of open) {
    const id = all[span.from]?.id ?? "";
    if (!stops(span) || !left.has(id)) continue;
    // What is undone while something graver is open already is no new decision.
    const said =
      span.opening === "apart" &&
      open.some((one) => stops(one) && one !== span && one.from <= span.from && one.to >= span.from);
    if (!said) spans.set(id, [...(spans.get(id) ?? []), span.says]);
  }
  for (const [id, says] of spans)
    points.set(id, `From here on it cannot be driven away: ${says.join(", ")}.`);
  const done = new Set<string>();
  // A side that is begun no longer waits.
  const begun = new Set(all.filter(({ id }) => !left.has(id)).map(({ title }) => sideOf(title)));
  for (const { id, twin, side, step } of activities) {
    if (begun.has(side) || step.phase !== "take apart") continue;
    // Once only: where the first of the second side's steps comes behind its twin.
    if (twin !== undefined && (done.has(twin) || !left.has(twin)) && !points.has(id)) {
      points.set(id, `Whether the ${side ?? "other"} side waits for another day.`);
      break;
    }
    done.add(id);
  }
  const place = new Map(activities.map(({ id }, i) => [id, i]));
  return [...points]
    .map(([stepId, says]) => ({ stepId, says }))
    .sort((a, b) => (place.get(a.stepId) ?? 0) - (place.get(b.stepId) ?? 0));
}

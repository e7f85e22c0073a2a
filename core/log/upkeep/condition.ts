import type { Replacement } from "../../model/log";
import { PLACES, type Place } from "../../model/place";
import { convertDistance, type Distance, formatDistance, groupThousands } from "../../quantity/distance";
import { partKey } from "../part-key";
import type { VehicleLog } from "../vehicle-log";
import { fittedParts } from "./fitted";

export type Condition = "stop" | "watch" | "good" | "unknown";

/** How one place of a vehicle stands, and why, the worst first. */
export interface PlaceCondition {
  place: Place;
  state: Condition;
  lines: ConditionLine[];
}

export interface ConditionLine {
  state: Condition;
  what: string;
  /** Never cut short: the distance, the measure, the day. */
  figure: string;
}

/** Behind the distance of a part that is still under warranty. */
export const WARRANTY_SIGN = "◆";

const STATE = { overdue: "stop", soon: "watch", later: "good", unknown: "unknown" } as const;
const RANK: Record<Condition, number> = { stop: 0, watch: 1, good: 2, unknown: 3 };

/**
 * Every place that the log knows something of: what is due there, what wears there against its limit, and
 * what was fitted there with how far
 * it has gone and whether it is still under warranty.
 */
export function conditionOf(
  log: VehicleLog,
  replacements: readonly Replacement[],
  today: string,
): PlaceCondition[] {
  const { vehicle, dues, wears } = log;
  const lines = new Map<Place, ConditionLine[]>();
  const add = (place: Place, line: ConditionLine) => lines.set(place, [...(lines.get(place) ?? []), line]);
  const told = new Set<string>();
  for (const { state, place, interval, left, on } of dues) {
    if (!place || state === "later" || state === "unknown" || !on) continue;
    told.add(`${place} ${partKey(interval.part)}`);
    const figure = stateWords(state, left);
    add(place, { state: state === "overdue" ? "stop" : "watch", what: interval.part, figure });
  }
  for (const wear of wears) {
    const place = PLACES.find((one) => one === wear.at?.toLowerCase());
    const last = wear.points.at(-1);
    if (place && last)
      add(place, {
        state: STATE[wear.state],
        what: wear.what,
        figure: `${last.value.toFixed(wear.decimals)} ${wear.unit}`,
      });
  }
  const fitted = fittedParts(replacements, vehicle.id, log);
  for (const [place, parts] of fitted) {
    for (const { replacement, gone } of parts) {
      if (told.has(`${place} ${partKey(replacement.part)}`)) continue;
      const warranty = replacement.warrantyUntil !== undefined && replacement.warrantyUntil >= today;
      const due = dues.find(
        (one) => one.place === place && partKey(one.interval.part) === partKey(replacement.part),
      );
      const figure =
        due?.by === "distance" && due.interval.every
          ? `${groupThousands(Math.round(gone.value))} of ${formatDistance(convertDistance(due.interval.every, gone.unit))}`
          : formatDistance(gone);
      add(place, {
        state: "good",
        what: replacement.part,
        figure: `${figure}${warranty ? ` ${WARRANTY_SIGN}` : ""}`,
      });
    }
  }
  return PLACES.flatMap((place): PlaceCondition[] => {
    const own = lines.get(place);
    if (!own) return [];
    const sorted = own.sort((a, b) => RANK[a.state] - RANK[b.state]);
    return [{ place, state: sorted[0]?.state ?? "unknown", lines: sorted }];
  });
}

function stateWords(state: string, left: Distance | undefined) {
  if (state === "overdue") return "overdue";
  if (state === "snoozed") return "put off";
  if (left) return `${formatDistance(left)} left`;
  return "due soon";
}

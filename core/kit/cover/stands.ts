import { orSentence } from "../../input-error";
import { standCases } from "../../lift/stand-cases";
import type { Route, Stance } from "../../model/job";
import type { Tool } from "../../model/tool";
import type { Vehicle } from "../../model/vehicle";

/** One end of the vehicle that the plan raises, and what it puts on each stand. */
export interface StandNeed {
  stance: Exclude<Stance, "on the ground">;
  standsNeeded: number;
  /**
   * The most that one stand may have to carry, kg; undefined when the vehicle's weight, share or wheelbase is
   * not known.
   */
  loadKg: number | undefined;
  ratingKg: number | undefined;
  verdict: "holds" | "stop" | "unknown";
  /** A sentence saying why. */
  says: string;
}

/** The stances that a route raises the vehicle to, each against the stands that are owned. */
export function standNeeds(route: Route, vehicle: Vehicle, tools: readonly Tool[]): StandNeed[] {
  const stances = [...new Set(route.steps.map((step) => step.stance))].filter(
    (stance) => stance !== "on the ground",
  );
  return stances.map((stance) => standNeed(stance, vehicle, tools));
}

/** One stance against the stands that are owned; the weakest of those used counts. */
export function standNeed(stance: StandNeed["stance"], vehicle: Vehicle, tools: readonly Tool[]): StandNeed {
  const standsNeeded = stance === "all up" ? 4 : 2;
  const ratings = tools
    .flatMap((tool) =>
      tool.kind === "stands" ? Array.from({ length: tool.count }, () => tool.ratingPerStandKg) : [],
    )
    .sort((a, b) => b - a);
  const ratingKg = ratings[standsNeeded - 1];
  const worked = orSentence<{ loadKg?: number | undefined; says?: string }>(
    () => ({ loadKg: highestLoad(stance, vehicle) }),
    (says) => ({ says }),
  );
  const { loadKg } = worked;
  const base = { stance, standsNeeded, loadKg, ratingKg };
  if (ratings.length === 0) {
    const asked =
      loadKg === undefined
        ? "Read the rating on each."
        : `Each has to be rated for more than ${Math.ceil(loadKg)} kg: read it on the stand, and halve it if it is given for a pair.`;
    return { ...base, verdict: "unknown", says: `No stands are in the chest. ${asked}` };
  }
  if (ratingKg === undefined) {
    return {
      ...base,
      verdict: "stop",
      says: `${standsNeeded} stands are needed; only ${ratings.length} ${ratings.length === 1 ? "is" : "are"} in the chest.`,
    };
  }
  if (loadKg === undefined) {
    return {
      ...base,
      verdict: "unknown",
      says: worked.says ?? "Add the vehicle's weight, front share and wheelbase to have the load worked out.",
    };
  }
  if (loadKg > ratingKg) {
    return {
      ...base,
      verdict: "stop",
      says: `Each stand would carry up to ${Math.round(loadKg)} kg and is rated for ${ratingKg} kg. A rating given for a pair is half of it each.`,
    };
  }
  return { ...base, verdict: "holds", says: `Up to ${Math.round(loadKg)} of ${ratingKg} kg on each stand.` };
}

/** The worst that one stand may have to carry on the way up or while it stands, kg. */
function highestLoad(
  stance: StandNeed["stance"],
  { kerbWeightKg, frontShare, wheelbaseMm, standInsetMm }: Vehicle,
): number | undefined {
  if (kerbWeightKg === undefined || frontShare === undefined || wheelbaseMm === undefined) return undefined;
  const raised = endsUp(stance);
  return standCases(
    { kerbWeightKg, frontShare, wheelbaseMm, insetMm: standInsetMm ?? { front: 0, rear: 0 } },
    raised,
  )[0]?.mostKg;
}

function endsUp(stance: string) {
  if (stance === "all up") return "all";
  if (stance === "front up") return "front";
  return "rear";
}

import type { Chest } from "../../chest/chest";
import { orSentence } from "../../input-error";
import type { Tool } from "../../model/tool";
import { formatTorque } from "../../quantity/torque-quantity";
import { fromNm, torqueSymbol, type TorqueUnit } from "../../quantity/torque-unit";
import { rangeToBorrow } from "../../torque/choose-wrench";
import type { Cover } from "../needs/need";
import type { TorqueNeed } from "../needs/need";
import { kgOfPull } from "../needs/pull-words";
import { type Way, waysIntoRange } from "./ways-into-range";

/** "110 N·m", "32 lb·ft, final pass". */
export function torqueName({ stage }: Pick<TorqueNeed, "stage">): string {
  return [`${stage.target.isMaximum ? "at most " : ""}${formatTorque(stage.given)}`, stage.label]
    .filter(Boolean)
    .join(", ");
}

/**
 * How one pull is met: by a wrench with what stands between, by a spanner and its pull where nothing else
 * gets on, or not.
 */
export function coverTorque(need: TorqueNeed): Cover {
  const { best, chain, bySpanner, crowfoot, multiplier } = need;
  if (bySpanner) return { kind: "stand-in", tools: [], says: pullAtSpanner(need.stage.target.aimNm) };
  if (!best)
    return {
      kind: "missing",
      says: borrowSentence(need),
      refused: need.refused.map(({ wrench, why }) => ({ tool: wrench, why })),
    };
  if (chain?.gap)
    return { kind: "missing", says: chain.gap, refused: [{ tool: best.wrench, why: chain.gap }] };
  const between: Tool[] = [
    ...(multiplier ? [multiplier] : []),
    ...(chain?.pieces ?? []),
    ...(crowfoot ? [crowfoot] : []),
  ];
  const planned = need.fastener.adapter;
  const other =
    planned && need.adapter && planned.offsetMm !== need.adapter.offsetMm
      ? ` Your crowfoot has ${need.adapter.offsetMm} mm where the plan says ${planned.offsetMm}; the setting is for yours.`
      : "";
  const how = howItIsReached(crowfoot, need, multiplier);
  return {
    kind: "owned",
    tools: [best.wrench, ...between],
    says: `${how}Set ${formatTorque(best.setting)}.${other}`,
  };
}

function howItIsReached(
  crowfoot: { name: string } | undefined,
  need: TorqueNeed,
  multiplier: { name: string } | undefined,
) {
  if (crowfoot)
    return `${crowfoot.name} ${need.adapter?.angleDeg === 180 ? "folded back" : "in line"} brings it into range. `;
  if (multiplier) return `Through the ${multiplier.name}. `;
  return "";
}

/**
 * Where only a spanner gets on, the pull at a tenth of a metre says it on any spanner. Example: 14 N·m → 14.3
 * kg at 100 mm.
 */
export function pullAtSpanner(torqueNm: number): string {
  return `Only a spanner gets on: ${kgOfPull(torqueNm / 0.1)} at 100 mm from the bolt, square to the spanner. A luggage scale shows it.`;
}

/**
 * What range to borrow, told in N·m and in lb·ft or lb·in, and what else would do with the wrenches that are
 * owned.
 */
export function borrowSentence(need: Pick<TorqueNeed, "stage" | "adapter">): string {
  const borrow = () => {
    const { settingNm, smallestFullScaleNm, largestFullScaleNm } = rangeToBorrow(
      need.stage.target,
      need.adapter ? [need.adapter] : [],
    );
    const other: TorqueUnit = settingNm < 20 ? "lbf.in" : "lbf.ft";
    const between = (unit: TorqueUnit) =>
      `${Math.ceil(fromNm(smallestFullScaleNm, unit))} and ${Math.floor(fromNm(largestFullScaleNm, unit))} ${torqueSymbol(unit)}`;
    return `No wrench in the chest can be set for it. Borrow one whose scale ends between ${between("N.m")} (${between(other)}).`;
  };
  return orSentence(borrow, (sentence) => sentence);
}

/** What else would do with the wrenches that are owned. */
export function waysSentences(need: TorqueNeed, chest: Chest): string[] {
  return waysIntoRange(need, chest.ofKind("torque wrench")).map(waySentence);
}

function waySentence({ wrench, offsetMm, angleDeg, ratio }: Way): string {
  if (ratio !== undefined)
    return `${wrench.name} with a multiplier of ${ratio.toFixed(1)}:1 or more, at 90 % efficiency.`;
  return `${wrench.name} with a crowfoot of ${offsetMm?.join(" to ")} mm, ${angleDeg === 180 ? "folded back along the handle" : "in line with the handle"}.`;
}

import type { Chest } from "../../chest/chest";
import { type DriveChain, bestChain } from "../../drive/chain";
import { isSpannerOnly } from "../../fastener/held-still";
import { figureStages } from "../../fastener/how-tight";
import type { Fastener } from "../../model/job";
import type { SquareDrive } from "../../model/square-drive";
import type { Adapter } from "../../torque/adapter";
import { type WrenchSetting, chooseWrench } from "../../torque/choose-wrench";
import { multiplierInputNm } from "../../torque/multiplier";
import type { TorqueTarget } from "../../torque/target";
import { drivesFor } from "../cover/cover-head";
import type { TorqueNeed } from "./need";

/** The pulls of a torque wrench that one fastener asks for, each with the best wrench owned. */
export function torqueNeeds(fastener: Fastener, chest: Chest): TorqueNeed[] {
  if (!fastener.figure) return [];
  const stages = figureStages(fastener.figure, fastener.locking).filter((stage) => stage.kind === "torque");
  if (stages.length === 0) return [];
  const drives = drivesFor(fastener, "do up", chest);
  return stages.map((stage) => torqueNeed(fastener, stage, drives, chest));
}

function torqueNeed(
  fastener: Fastener,
  stage: TorqueNeed["stage"],
  drives: readonly SquareDrive[],
  chest: Chest,
): TorqueNeed {
  const bySpanner = isBySpanner(fastener);
  const adapter = adapterInHand(fastener, chest);
  const { usable, refused } = chooseWrench(
    bySpanner ? [] : chest.ofKind("torque wrench"),
    stage.target,
    adapter ? [adapter] : [],
  );
  const base = {
    fastener,
    stage,
    others: [],
    refused,
    bySpanner,
    adapter,
    crowfoot: undefined,
    multiplier: undefined,
  };
  if (usable.length > 0) {
    const { first, chain } = reachedFirst(usable, drives, fastener, chest);
    return { ...base, best: first, chain, others: usable.filter((one) => one !== first) };
  }
  return (
    (!bySpanner &&
      !adapter &&
      (throughCrowfoot(base, chest) ??
        (drives.length > 0 ? throughMultiplier(base, drives, chest) : undefined))) || {
      ...base,
      best: undefined,
      chain: undefined,
    }
  );
}

/**
 * The adapter as it will be: at the plan's angle, with the offset of the crowfoot that is owned for this
 * head, as that is the one on the wrench. Where only a crowfoot gets on and the plan says nothing of it, it
 * is used square to the handle, which changes nothing.
 */
function adapterInHand(fastener: Fastener, chest: Chest): Adapter | undefined {
  const { adapter, access } = fastener;
  if (!adapter && access !== "crowfoot only") return undefined;
  const head = fastener.sizeToDoUp ?? fastener.sizeToUndo;
  const owned = (head ? chest.onHead(head) : []).flatMap((tool) =>
    tool.kind === "crowfoot" && (!fastener.overPipe || tool.flare) ? [tool.offsetMm] : [],
  );
  if (!adapter) return { offsetMm: owned[0] ?? 0, angleDeg: 90 };
  return owned.includes(adapter.offsetMm) || owned[0] === undefined
    ? adapter
    : { ...adapter, offsetMm: owned[0] };
}

type Base = Omit<TorqueNeed, "best" | "chain">;

/** A wrench whose square reaches the socket comes before a slightly better one whose square does not. */
function reachedFirst(
  usable: readonly WrenchSetting[],
  drives: readonly SquareDrive[],
  fastener: Fastener,
  chest: Chest,
): { first: WrenchSetting | undefined; chain: DriveChain | undefined } {
  let best: { first: WrenchSetting; chain: DriveChain | undefined } | undefined;
  for (const setting of usable) {
    const chain =
      drives.length === 0
        ? undefined
        : bestChain(chest.chain, drives, {
            from: setting.wrench.drive,
            torqueNm: setting.bandNm[1],
            reachMm: fastener.reachMm ?? 0,
          });
    best ??= { first: setting, chain };
    if (chain && chain.gap === undefined) return { first: setting, chain };
  }
  return { first: best?.first, chain: best?.chain };
}

/** An owned crowfoot of the bolt's size, in line to lower the setting or folded back to raise it. */
function throughCrowfoot(base: Base, chest: Chest): TorqueNeed | undefined {
  const head = base.fastener.sizeToDoUp ?? base.fastener.sizeToUndo;
  const crowfoots = head ? chest.onHead(head).filter((tool) => tool.kind === "crowfoot") : [];
  for (const crowfoot of crowfoots) {
    for (const angleDeg of [0, 180]) {
      const adapter = { offsetMm: crowfoot.offsetMm, angleDeg };
      const { usable } = chooseWrench(chest.ofKind("torque wrench"), base.stage.target, [adapter]);
      const { first, chain } = reachedFirst(usable, [crowfoot.drive], base.fastener, chest);
      if (first && chain && chain.gap === undefined)
        return { ...base, best: first, chain, adapter, crowfoot };
    }
  }
  return undefined;
}

/**
 * An owned multiplier with a wrench that drives it: the wrench is set to the torque over ratio and
 * efficiency.
 */
function throughMultiplier(base: Base, drives: readonly SquareDrive[], chest: Chest): TorqueNeed | undefined {
  for (const multiplier of chest.ofKind("multiplier")) {
    const by =
      base.stage.target.aimNm /
      multiplierInputNm(base.stage.target.aimNm, multiplier.ratio, multiplier.efficiency);
    const target = scaled(base.stage.target, 1 / by);
    const wrenches = chest.ofKind("torque wrench").filter(({ drive }) => drive === multiplier.from);
    const { usable } = chooseWrench(wrenches, target, []);
    const [first] = usable;
    const chain = bestChain(chest.chain, drives, {
      from: multiplier.to,
      torqueNm: base.stage.target.highNm,
      reachMm: base.fastener.reachMm ?? 0,
    });
    if (first && chain.gap === undefined)
      return {
        ...base,
        best: {
          ...first,
          nominalNm: first.nominalNm * by,
          bandNm: [first.bandNm[0] * by, first.bandNm[1] * by],
        },
        chain,
        multiplier,
      };
  }
  return undefined;
}

function scaled({ aimNm, lowNm, highNm, isMaximum }: TorqueTarget, by: number): TorqueTarget {
  return { aimNm: aimNm * by, lowNm: lowNm * by, highNm: highNm * by, isMaximum };
}

/** Whether nothing but a spanner gets on: then no wrench clicks, and the pull is what is felt or measured. */
export function isBySpanner(fastener: Fastener): boolean {
  return (
    fastener.adapter === undefined &&
    fastener.access !== "crowfoot only" &&
    (isSpannerOnly(fastener) || fastener.overPipe === true)
  );
}

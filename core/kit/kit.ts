import type { Fastener, Route } from "../model/job";
import type { Tool, TorqueWrench } from "../model/tool";
import { type Stage, stagesOf } from "../torque/target";
import { type WrenchRefusal, type WrenchSetting, chooseWrench } from "../torque/choose-wrench";
import { type HeadNeed, headNeeds } from "./head-needs";
import { type DriveChain, findChain } from "../drive/chain";
import type { SquareDrive } from "../drive/square-drive";

/** One pull of a torque wrench on one fastener, and how the chest covers it. */
export interface TorqueNeed {
  fastener: Fastener;
  stage: Extract<Stage, { kind: "torque" }>;
  /** The best wrench that is owned, set; undefined when none will do. */
  best: WrenchSetting | undefined;
  /** How the best wrench's square gets to the socket; undefined when either is not owned. */
  chain: DriveChain | undefined;
  others: WrenchSetting[];
  refused: WrenchRefusal[];
}

/** What a route needs, against the chest. */
export interface Kit {
  heads: HeadNeed[];
  torques: TorqueNeed[];
  ready: number;
  total: number;
}

/**
 * Everything a route's fasteners need, against the tools that are owned.
 * Example: a 13 mm bolt to 40 N·m needs a 13 mm socket and one pull; with both owned, ready is 2 of 2.
 */
export function kitFor(route: Route, tools: readonly Tool[]): Kit {
  const heads = headNeeds(route, tools);
  const torques = route.fasteners.flatMap((fastener) => torqueNeeds(fastener, tools));
  const ready = heads.filter((need) => need.tools.length > 0).length + torques.filter((need) => need.best && (!need.chain || need.chain.gap === undefined)).length;
  return { heads, torques, ready, total: heads.length + torques.length };
}

/** The pulls of a torque wrench that one fastener asks for, each with the best wrench owned. */
export function torqueNeeds(fastener: Fastener, tools: readonly Tool[]): TorqueNeed[] {
  if (!fastener.figure) return [];
  const wrenches = tools.filter((tool): tool is TorqueWrench => tool.kind === "torque wrench");
  const adapters = fastener.adapter ? [fastener.adapter] : [];
  const drives = drivesOnto(fastener, tools);
  return stagesOf(fastener.figure)
    .filter((stage) => stage.kind === "torque")
    .map((stage) => {
      const { usable, refused } = chooseWrench(wrenches, stage.target, adapters);
      const reached = usable.map((setting) => ({ setting, chain: bestChain(setting, drives, tools) }));
      // A wrench whose square reaches the socket comes before a slightly better one whose square does not.
      const first = reached.find(({ chain }) => chain && chain.gap === undefined) ?? reached[0];
      return { fastener, stage, best: first?.setting, chain: first?.chain, others: usable.filter((one) => one !== first?.setting), refused };
    });
}

/** Square drives of the owned sockets, or crowfoots where one is asked for, that fit the fastener when doing it up. */
function drivesOnto(fastener: Fastener, tools: readonly Tool[]): SquareDrive[] {
  const needed = headNeeds({ fasteners: [fastener] }, tools).filter((need) => need.uses.some((use) => use.when !== "undo"));
  const fitting = needed.flatMap((need) => need.tools);
  return [...new Set(fitting.flatMap((tool) => ("drive" in tool ? [tool.drive] : [])))];
}

function bestChain(setting: WrenchSetting, drives: readonly SquareDrive[], tools: readonly Tool[]): DriveChain | undefined {
  const chains = drives.map((drive) => findChain({ from: setting.wrench.drive, to: drive, torqueNm: setting.bandNm[1] }, tools));
  return chains.sort((a, b) => Number(a.gap !== undefined) - Number(b.gap !== undefined) || a.pieces.length - b.pieces.length)[0];
}

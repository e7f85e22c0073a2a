import { type Chest, type HeadTool, hexagonMm } from "../../chest/chest";
import type { HexagonFit } from "../../fit/hexagon-fit";
import { fitLimitNm, judgeFit } from "../../fit/judge-fit";
import { fitOf } from "../../fit/near-sizes";
import type { Fastener } from "../../model/job";
import { type SquareDrive, driveInto } from "../../model/square-drive";
import type { Tool } from "../../model/tool";
import type { HeadSize } from "../../quantity/head-size";
import { sameHead } from "../../quantity/read-head-size";
import { threadsOfHead } from "../../thread/head-threads";
import type { Thread } from "../../thread/thread";
import { headKey, headNeeds } from "../needs/head-needs";
import { highestNm } from "../needs/highest-torque";
import type { Cover, Grip, HeadNeed, Refused } from "../needs/need";
import { undoingNm } from "../needs/undoing-torque";

/** What each way of holding a head can be done with. */
const WILL_DO: Record<Grip, (tool: HeadTool) => boolean> = {
  socket: ({ kind }) => kind === "socket",
  "socket or spanner": (tool) => tool.kind !== "spanner" || tool.form !== "flare",
  spanner: ({ kind }) => kind === "spanner",
  crowfoot: ({ kind }) => kind === "crowfoot",
  "flare spanner": (tool) =>
    (tool.kind === "spanner" && tool.form === "flare") || (tool.kind === "crowfoot" && tool.flare === true),
  "flare crowfoot": (tool) => tool.kind === "crowfoot" && tool.flare === true,
};

type StandIn = Extract<Cover, { kind: "stand-in" }>;

/**
 * How a head is met from a chest: by a tool of its size, or by a stand-in of another size whose fit is
 * trusted with what may be asked of it. Every near tool that is not is refused with the reason.
 * @param taken ids of tools in use on the same fastener, for what has to hold the other end meanwhile.
 */
export function coverHead(
  need: HeadNeed,
  chest: Chest,
  rusted = false,
  taken: ReadonlySet<string> = new Set(),
): Cover {
  const fitting = fittingTools(need, chest, taken);
  if (fitting.length > 0) return { kind: "owned", tools: fitting };
  const bare = bareSquares(need, chest);
  if (bare.length > 0) return { kind: "owned", tools: [...bare], says: "Its own square goes straight in." };

  const refused = onHead(need.head, chest).map((tool): Refused => ({
    tool,
    why: taken.has(tool.id) ? "It is on the other end meanwhile." : whyNotThis(need, tool, rusted),
  }));
  const nearest = near(need, chest, taken).map((one) => judged(need, one, rusted));
  const standIn = nearest.find((one): one is StandIn => "kind" in one);
  if (standIn) return standIn;
  const lent = chest.lent.find((tool) => "head" in tool && sameHead(tool.head, need.head));
  return {
    kind: "missing",
    ...(lent ? { says: `${lent.name} is lent to ${lent.lentTo}.` } : {}),
    refused: [...refused, ...nearest.filter((one): one is Refused => "why" in one)],
  };
}

/** The drive whose own square goes into a recessed one: no bit is needed. */
function squareOf({ head, grip }: Pick<HeadNeed, "head" | "grip">): SquareDrive | undefined {
  const isFree = grip === "socket" || grip === "socket or spanner";
  return isFree && head.profile === "square" && head.unit === "in" ? driveInto(head.size) : undefined;
}

/** Bars, ratchets and wrenches that go into a recessed square as they are. */
function bareSquares(need: HeadNeed, chest: Chest): readonly Tool[] {
  const drive = squareOf(need);
  if (!drive) return [];
  return [...chest.ofKind("bar or ratchet"), ...chest.ofKind("torque wrench")].filter(
    (tool) => tool.drive === drive,
  );
}

/**
 * Tools of exactly this head; on a twelve-point one those of its size that have twelve points, rings among
 * them.
 */
function onHead(head: HeadSize, chest: Chest): readonly HeadTool[] {
  if (head.profile !== "twelve-point") return chest.onHead(head);
  const rings = new Set(["combination", "ring", "ratchet"]);
  return chest
    .onHead({ ...head, profile: "hexagon" })
    .filter(
      (tool) =>
        (tool.kind === "socket" && tool.points === 12) ||
        (tool.kind === "spanner" && rings.has(tool.form ?? "")),
    )
    .concat(chest.onHead(head));
}

/** Owned tools of exactly this head that will do, the best first. */
function fittingTools(need: HeadNeed, chest: Chest, taken: ReadonlySet<string>): HeadTool[] {
  return onHead(need.head, chest)
    .filter((tool) => WILL_DO[need.grip](tool) && isDeepEnough(need, tool) && !taken.has(tool.id))
    .sort((a, b) => rankOf(need, a) - rankOf(need, b));
}

function isDeepEnough(need: HeadNeed, tool: HeadTool): boolean {
  return !need.deep || tool.kind !== "socket" || tool.deep === true;
}

/**
 * Sockets first; six points before twelve, as they hold the flats; a deep one last where it need not be deep.
 */
function rankOf(need: HeadNeed, tool: HeadTool): number {
  if (tool.kind !== "socket") return 4;
  return (tool.points === 12 ? 2 : 0) + (tool.deep && !need.deep ? 1 : 0);
}

function whyNotThis(need: HeadNeed, tool: HeadTool, rusted: boolean): string {
  if (need.grip === "flare spanner" || need.grip === "flare crowfoot") {
    if (tool.kind === "socket") return "It does not go on over the pipe.";
    if (tool.kind === "spanner" && tool.form === "flare")
      return "A flare spanner gets on, but not with the torque wrench.";
    const most = mostAskedNm(need, rusted);
    return `Its open end holds a soft union by two corners${most === undefined ? "" : `; undoing may take ${Math.round(most)} N·m`}. It would round it.`;
  }
  if (need.deep && tool.kind === "socket") return "It is not deep enough for the stud.";
  if (need.grip === "crowfoot")
    return `Only a crowfoot gets on; ${tool.kind === "spanner" ? "a spanner cannot be set to a figure" : "this one does not get past"}.`;
  if (need.grip === "spanner") return "Only a spanner gets on.";
  if (need.grip === "socket or spanner")
    return "A flare spanner has less hold than the socket or ring that goes on here.";
  return tool.kind === "spanner" || tool.kind === "key"
    ? "It cannot be set to a figure."
    : "It is not the tool for this.";
}

interface Near {
  tool: HeadTool;
  toolMm: number;
  headMm: number;
  fit: HexagonFit;
  turnedDeg: number;
}

/** Beyond this share of the head's size no tool is worth looking at. */
const NEAR_SHARE = 0.12;
const MOST_NEAR = 6;

/** Tools of another size that go on without spinning, the nearest first. */
function near(need: HeadNeed, chest: Chest, taken: ReadonlySet<string>): Near[] {
  const headMm = hexagonMm(need.head);
  if (headMm === undefined) return [];
  const hold = need.head.profile === "hexagon key" ? "key in recess" : "socket on head";
  const sized = chest
    .between(need.head.profile, headMm * (1 - NEAR_SHARE), headMm * (1 + NEAR_SHARE))
    .flatMap(({ tool, acrossMm: toolMm }): Near[] => {
      if (
        sameHead(tool.head, need.head) ||
        !WILL_DO[need.grip](tool) ||
        !isDeepEnough(need, tool) ||
        taken.has(tool.id)
      )
        return [];
      const fit = fitOf({ acrossMm: toolMm, unit: tool.head.unit }, headMm, hold);
      return fit.freePlayDeg === undefined ? [] : [{ tool, toolMm, headMm, fit, turnedDeg: fit.freePlayDeg }];
    });
  return sized.sort((a, b) => Math.abs(a.toolMm - headMm) - Math.abs(b.toolMm - headMm)).slice(0, MOST_NEAR);
}

/** A near tool as a stand-in, or refused with the reason. */
function judged(
  need: HeadNeed,
  { tool, toolMm, headMm, fit, turnedDeg }: Near,
  rusted: boolean,
): StandIn | Refused {
  const threads = threadsOfNeed(need);
  const most = mostAskedNm(need, rusted);
  const verdict = most === undefined ? fit.verdict : judgeFit(fit, most, threads, headMm);
  const limit = fitLimitNm(fit, threads, headMm);
  const play = `It turns ${turnedDeg.toFixed(1)}° before it touches`;
  const asked =
    most === undefined ? "what is asked of it is not known" : `${Math.round(most)} N·m may be asked of it`;
  const good = limit === undefined ? "" : `, good for ${Math.floor(limit)} N·m`;
  const drawn = { toolMm, headMm, isKey: need.head.profile === "hexagon key", turnedDeg };
  if (verdict === "will round it")
    return { tool, why: `${play}${good}; ${asked}. It would round the head.`, fit: drawn };
  if (verdict === "low torque only" && most === undefined)
    return { tool, why: `${play}: for low torque only, and ${asked}.`, fit: drawn };
  return {
    kind: "stand-in",
    tools: [tool],
    says: `${tool.name} fits well enough: ${verdict}. ${play}${good}; ${asked}.`,
    fit: drawn,
  };
}

function threadsOfNeed({ head, uses }: HeadNeed): readonly Thread[] {
  const known = uses.flatMap(({ fastener }) => (fastener.thread ? [fastener.thread] : []));
  return known.length > 0 ? known : threadsOfHead(head);
}

/**
 * The most that any of its uses may ask of the tool, N·m: undoing where it undoes, the figure where it does
 * up or holds.
 */
function mostAskedNm({ uses }: HeadNeed, rusted: boolean): number | undefined {
  const asked = uses.map(({ fastener, when }) =>
    when === "do up" ? highestNm(fastener) : undoingNm(fastener, rusted)?.[1],
  );
  const known = asked.flatMap((nm) => nm ?? []);
  return known.length < asked.length ? undefined : Math.max(...known);
}

/** Square drives of the owned tools that take hold of a fastener to undo it, or to do it up. */
export function drivesFor(fastener: Fastener, when: "undo" | "do up", chest: Chest): readonly SquareDrive[] {
  const need = headNeeds([fastener]).find(({ uses }) =>
    uses.some((use) => use.when === when || use.when === "both"),
  );
  if (!need) return [];
  const exact = chest.remember(`drives ${headKey(need)}`, () =>
    drivesOf(fittingTools(need, chest, new Set())),
  );
  if (exact.length > 0) return exact;
  const straight = squareOf(need);
  if (straight) return [straight];
  const cover = coverHead(need, chest);
  return cover.kind === "stand-in" ? drivesOf(cover.tools) : [];
}

function drivesOf(tools: readonly Tool[]): SquareDrive[] {
  return [...new Set(tools.flatMap((tool) => ("drive" in tool ? [tool.drive] : [])))];
}

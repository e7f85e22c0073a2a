import { DRIVE_LIMIT_NM, type SquareDrive } from "../drive/square-drive";
import type { Tool } from "../model/tool";

export interface DriveChain {
  /** Adapters between the wrench's square and the socket's, in order. */
  pieces: Tool[];
  /** A sentence saying what is missing or too weak; undefined when the chain holds. */
  gap: string | undefined;
}

/**
 * How a wrench's square gets to a socket's: straight on, or through one adapter that is owned.
 * @param torqueNm the most the chain has to pass on, N·m.
 */
export function driveChain(from: SquareDrive, to: SquareDrive, torqueNm: number, tools: readonly Tool[]): DriveChain {
  const weakest = DRIVE_LIMIT_NM[from] <= DRIVE_LIMIT_NM[to] ? from : to;
  const tooMuch = torqueNm > DRIVE_LIMIT_NM[weakest] ? `${Math.round(torqueNm)} N·m is more than a ${weakest} in square is tested to (${DRIVE_LIMIT_NM[weakest]} N·m).` : undefined;
  if (from === to) return { pieces: [], gap: tooMuch };
  const adapter = tools.find((tool) => tool.kind === "drive adapter" && tool.from === from && tool.to === to);
  if (!adapter) return { pieces: [], gap: `No adapter from ${from} in to ${to} in drive in the chest.` };
  return { pieces: [adapter], gap: tooMuch };
}

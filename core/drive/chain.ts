import { InputError, requireNotNegative, requirePositive } from "../input-error";
import type { Tool } from "../model/tool";
import { DRIVE_LIMIT_NM, SQUARE_DRIVES, type SquareDrive } from "./square-drive";

export interface DriveChain {
  /** Adapters and extensions between the wrench's square and the socket's, in order. */
  pieces: Tool[];
  /** Length of the extensions among them, mm. */
  reachMm: number;
  /** The weakest square in the chain, wrench and socket included, and what it is tested to. */
  weakest: SquareDrive;
  limitNm: number;
  /** A sentence saying what is missing or too weak; undefined when the chain holds. */
  gap: string | undefined;
}

interface Wanted {
  /** The wrench's square. */
  from: SquareDrive;
  /** The socket's square. */
  to: SquareDrive;
  /** The most that the chain has to pass on, N·m. */
  torqueNm: number;
  /** How far the socket has to reach beyond the wrench, mm. */
  reachMm?: number;
  /** What each square may be loaded to, N·m, where that differs from the standard's test torque. */
  limits?: Partial<Record<SquareDrive, number>>;
}

/** More pieces than this wobble; nobody torques through them. */
const MOST_PIECES = 4;

interface Link {
  tool: Tool;
  from: SquareDrive;
  to: SquareDrive;
  reachMm: number;
}

/**
 * How a wrench's square gets to a socket's, with the reach that is needed, through owned adapters and extensions:
 * the fewest pieces that hold the torque, and of those the shortest. Where none does, the nearest to it with the gap named.
 * @throws InputError for a torque that is not positive, or a negative reach.
 * Example: 1/2 in wrench, 3/8 in socket, 100 N·m → one adapter, weakest 3/8 in, 202 N·m.
 */
export function findChain({ from, to, torqueNm, reachMm = 0, limits }: Wanted, tools: readonly Tool[]): DriveChain {
  requirePositive(torqueNm, "The torque", "torque");
  requireNotNegative(reachMm, "The reach", "reach");
  if (!SQUARE_DRIVES.includes(from) || !SQUARE_DRIVES.includes(to)) throw new InputError("That is not the size of any square drive. Choose 1/4, 3/8, 1/2, 3/4 or 1 in.", "drive");
  const limitOf = (drive: SquareDrive) => limits?.[drive] ?? DRIVE_LIMIT_NM[drive];
  const chains = everyChain(from, to, linksOf(tools)).map((links) => describe(links, from, to, limitOf));
  const reaching = chains.filter((chain) => chain.reachMm >= reachMm - 1e-9);
  const holding = reaching.filter((chain) => chain.limitNm >= torqueNm);
  const best = fewest(holding);
  if (best) return best;

  const weak = fewest(reaching);
  if (weak) return { ...weak, gap: `${Math.round(torqueNm)} N·m is more than a ${weak.weakest} in square is tested to (${weak.limitNm} N·m).` };
  const weakest = limitOf(from) <= limitOf(to) ? from : to;
  const none = { pieces: [], reachMm: 0, weakest, limitNm: limitOf(weakest) };
  if (chains.length === 0) return { ...none, gap: `No adapter from ${from} in to ${to} in drive in the chest.` };
  const longest = Math.max(...chains.map((chain) => chain.reachMm));
  return { ...none, gap: `No extensions in the chest reach ${Math.round(reachMm)} mm from ${from} in to ${to} in drive; the most is ${Math.round(longest)} mm.` };
}

/** Each different piece once: of two alike only one has to be tried at a place. */
function linksOf(tools: readonly Tool[]): Link[] {
  return tools.flatMap((tool): Link[] => {
    if (tool.kind === "drive adapter") return [{ tool, from: tool.from, to: tool.to, reachMm: 0 }];
    if (tool.kind === "extension") return [{ tool, from: tool.drive, to: tool.drive, reachMm: tool.lengthMm }];
    return [];
  });
}

function everyChain(from: SquareDrive, to: SquareDrive, links: readonly Link[]): Link[][] {
  const found: Link[][] = from === to ? [[]] : [];
  const grow = (at: SquareDrive, chain: Link[], left: readonly Link[]) => {
    if (chain.length === MOST_PIECES) return;
    const tried = new Set<string>();
    for (const link of left) {
      const kind = `${link.from} ${link.to} ${link.reachMm}`;
      // Extensions of one drive are tried longest first and in one order only: turned about they reach as far.
      const before = chain.at(-1);
      if (link.from !== at || tried.has(kind) || (before && isExtension(before) && isExtension(link) && link.reachMm > before.reachMm)) continue;
      tried.add(kind);
      const longer = [...chain, link];
      if (link.to === to) found.push(longer);
      grow(
        link.to,
        longer,
        left.filter((one) => one !== link),
      );
    }
  };
  grow(from, [], links);
  return found;
}

function isExtension(link: Link): boolean {
  return link.from === link.to;
}

function describe(links: Link[], from: SquareDrive, to: SquareDrive, limitOf: (drive: SquareDrive) => number): DriveChain {
  const squares = [from, to, ...links.flatMap((link) => [link.from, link.to])];
  const weakest = squares.reduce((least, one) => (limitOf(one) < limitOf(least) ? one : least));
  return { pieces: links.map(({ tool }) => tool), reachMm: links.reduce((sum, link) => sum + link.reachMm, 0), weakest, limitNm: limitOf(weakest), gap: undefined };
}

function fewest(chains: DriveChain[]): DriveChain | undefined {
  return [...chains].sort((a, b) => a.pieces.length - b.pieces.length || a.reachMm - b.reachMm)[0];
}

import { InputError, requireNotNegative, requirePositive } from "../input-error";
import { DRIVE_LIMIT_NM, SQUARE_DRIVES, type SquareDrive } from "../model/square-drive";
import type { Tool, ToolOf } from "../model/tool";

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

export interface ChainWanted {
  /** The wrench's square. */
  from: SquareDrive;
  /** The socket's square. */
  to: SquareDrive;
  /** The most that the chain has to pass on, N·m. */
  torqueNm: number;
  /** How far the socket has to reach beyond the wrench, mm. */
  reachMm?: number;
}

/** More pieces than this wobble; nobody torques through them. */
const MOST_PIECES = 4;

type Adapter = ToolOf<"drive adapter">;
type Extension = ToolOf<"extension">;

/** How a wrench's square gets to a socket's, through the adapters and extensions of one chest. */
export type FindChain = (wanted: ChainWanted) => DriveChain;

/** What each square may be loaded to, N·m, where that differs from the standard's test torque. */
export type DriveLimits = Partial<Record<SquareDrive, number>>;

/**
 * How a wrench's square gets to a socket's, with the reach that is needed, through owned adapters and
 * extensions: the fewest pieces that hold the torque, and of those the shortest. Where none does, the nearest
 * to it with the gap named.
 * @throws InputError for a torque that is not positive, or a negative reach.
 * Example: 1/2 in wrench, 3/8 in socket, 100 N·m → one adapter, weakest 3/8 in, 202 N·m.
 */
export function findChain(
  { limits, ...wanted }: ChainWanted & { limits?: DriveLimits },
  tools: readonly Tool[],
): DriveChain {
  return chainFinder(tools, limits)(wanted);
}

/**
 * Of several squares that a wrench may go onto (one at least), the chain with the fewest pieces that holds;
 * where none does, the nearest to it with its gap.
 */
export function bestChain(
  find: FindChain,
  onto: readonly SquareDrive[],
  wanted: Omit<ChainWanted, "to">,
): DriveChain {
  // Straight on is the fewest there can be, and one piece where that cannot be: then the rest need not be
  // asked.
  const straight = onto.includes(wanted.from);
  let best = find({ ...wanted, to: straight ? wanted.from : (onto[0] ?? wanted.from) });
  for (const to of onto) {
    if (rank(best) <= (straight ? 0 : 1)) return best;
    const one = find({ ...wanted, to });
    if (rank(one) < rank(best)) best = one;
  }
  return best;
}

/** Fewer pieces are better, and anything is better than a gap. */
function rank({ gap, pieces }: DriveChain): number {
  return (gap === undefined ? 0 : MOST_PIECES + 1) + pieces.length;
}

/**
 * As findChain, for many questions about one chest: what reaches is worked out once for each pair of squares
 * and each reach.
 */
export function chainFinder(tools: readonly Tool[], limits: DriveLimits = {}): FindChain {
  const links = linksOf(tools);
  const limitOf = (drive: SquareDrive) => limits[drive] ?? DRIVE_LIMIT_NM[drive];
  const reaching = new Map<number, Over[]>();
  return (wanted) => {
    const { from, to, torqueNm, reachMm = 0 } = wanted;
    requirePositive(torqueNm, "The torque", "torque");
    requireNotNegative(reachMm, "The reach", "reach");
    const [at, end] = [SQUARE_DRIVES.indexOf(from), SQUARE_DRIVES.indexOf(to)];
    if (at < 0 || end < 0)
      throw new InputError(
        "That is not the size of any square drive. Choose 1/4, 3/8, 1/2, 3/4 or 1 in.",
        "drive",
      );
    // Squares and reach in one number: a reach is no finer than a hundredth of a millimetre.
    const key = (Math.round(reachMm * 100) * SQUARE_DRIVES.length + at) * SQUARE_DRIVES.length + end;
    const over = reaching.get(key) ?? chainsOver(from, to, reachMm, links, limitOf);
    reaching.set(key, over);
    return (
      over.find(({ chain }) => chain && chain.limitNm >= torqueNm)?.chain ?? withGap(over, wanted, limitOf)
    );
  };
}

/** The nearest to a chain that holds, and what it lacks. */
function withGap(
  over: readonly Over[],
  { from, to, torqueNm, reachMm = 0 }: ChainWanted,
  limitOf: (drive: SquareDrive) => number,
): DriveChain {
  const weak = over[0]?.chain;
  if (weak)
    return {
      ...weak,
      gap: `${Math.round(torqueNm)} N·m is more than a ${weak.weakest} in square is tested to (${weak.limitNm} N·m).`,
    };
  const weakest = limitOf(from) <= limitOf(to) ? from : to;
  const none = { pieces: [], reachMm: 0, weakest, limitNm: limitOf(weakest) };
  if (over.length === 0)
    return { ...none, gap: `No adapter from ${from} in to ${to} in drive in the chest.` };
  const longest = Math.max(...over.map((one) => one.reachMm));
  return {
    ...none,
    gap: `No extensions in the chest reach ${Math.round(reachMm)} mm from ${from} in to ${to} in drive; the most is ${Math.round(longest)} mm.`,
  };
}

/** The chest's adapters, one of each kind, and its extensions by drive, the longest first. */
function linksOf(tools: readonly Tool[]): { adapters: Adapter[]; extensions: Extension[] } {
  const adapters = new Map<string, Adapter>();
  const extensions: Extension[] = [];
  for (const tool of tools) {
    if (tool.kind === "drive adapter" && tool.from !== tool.to) adapters.set(`${tool.from} ${tool.to}`, tool);
    if (tool.kind === "extension") extensions.push(tool);
  }
  return { adapters: [...adapters.values()], extensions: extensions.sort((a, b) => b.lengthMm - a.lengthMm) };
}

/**
 * Every way through adapters from one square to another, none met twice: with five squares that is at most
 * MOST_PIECES.
 */
function adapterPaths(from: SquareDrive, to: SquareDrive, adapters: readonly Adapter[]): Adapter[][] {
  const found: Adapter[][] = from === to ? [[]] : [];
  const grow = (at: SquareDrive, path: Adapter[]) => {
    for (const adapter of adapters) {
      if (adapter.from !== at || adapter.to === from || path.some((one) => one.to === adapter.to)) continue;
      const longer = [...path, adapter];
      if (adapter.to === to) found.push(longer);
      else grow(adapter.to, longer);
    }
  };
  grow(from, []);
  return found;
}

/**
 * So many extensions as few as possible whose lengths come to the reach, and of those the shortest; undefined
 * when none do.
 */
function extensionsFor(reachMm: number, most: number, pool: readonly Extension[]): Extension[] | undefined {
  if (reachMm <= 0) return [];
  for (let count = 1; count <= Math.min(most, pool.length); count++) {
    const best = shortest(reachMm, count, pool, 0);
    if (best) return best;
  }
  return undefined;
}

/** The `count` extensions from `start` on that reach with the least to spare. The pool is longest first. */
function shortest(
  reachMm: number,
  count: number,
  pool: readonly Extension[],
  start: number,
): Extension[] | undefined {
  let best: Extension[] | undefined;
  let least = Infinity;
  let before: number | undefined;
  for (const [i, one] of pool.entries()) {
    if (i < start || one.lengthMm === before) continue;
    if (one.lengthMm * count < reachMm - 1e-9) break;
    before = one.lengthMm;
    const rest = count === 1 ? [] : shortest(reachMm - one.lengthMm, count - 1, pool, i + 1);
    if (!rest) continue;
    const sum = one.lengthMm + total(rest);
    if (sum < least) {
      least = sum;
      best = [one, ...rest];
    }
  }
  return best;
}

function total(extensions: readonly Extension[]): number {
  return extensions.reduce((sum, { lengthMm }) => sum + lengthMm, 0);
}

/** One adapter path: the chain where it reaches, and how far it reaches at most where it does not. */
interface Over {
  chain: DriveChain | undefined;
  reachMm: number;
}

/**
 * Every adapter path with the extensions that give it the reach, those of fewest pieces first, and of those
 * the shortest.
 */
function chainsOver(
  from: SquareDrive,
  to: SquareDrive,
  reachMm: number,
  { adapters, extensions }: ReturnType<typeof linksOf>,
  limitOf: (drive: SquareDrive) => number,
): Over[] {
  const over = adapterPaths(from, to, adapters).map((path): Over => {
    const drives = [from, ...path.map((adapter) => adapter.to)];
    const pool = extensions.filter(({ drive }) => drives.includes(drive));
    const most = MOST_PIECES - path.length;
    const chosen = extensionsFor(reachMm, most, pool);
    if (!chosen) return { chain: undefined, reachMm: total(pool.slice(0, most)) };
    const weakest = drives.reduce((least, one) => (limitOf(one) < limitOf(least) ? one : least));
    // Extensions stand where their square is: before the adapter that leaves it.
    const pieces = drives.flatMap((drive, i): Tool[] => [
      ...chosen.filter((one) => one.drive === drive),
      ...path.slice(i, i + 1),
    ]);
    return {
      chain: { pieces, reachMm: total(chosen), weakest, limitNm: limitOf(weakest), gap: undefined },
      reachMm: total(chosen),
    };
  });
  const reaching = over.filter(({ chain }) => chain !== undefined);
  return [
    ...reaching.sort(
      (a, b) => Number(a.chain?.pieces.length) - Number(b.chain?.pieces.length) || a.reachMm - b.reachMm,
    ),
    ...over.filter(({ chain }) => chain === undefined),
  ];
}

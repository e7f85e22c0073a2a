/**
 * A rateless code: data is cut into blocks of one size, and every frame is some of them added together (exclusive or).
 * The first frames are the blocks themselves, the later ones each about half of all blocks, so that whichever frames
 * are lost, hardly more than as many as there are blocks are enough (random linear code over GF(2): with r frames more
 * than blocks the chance of not being done is below 2^-r).
 */

/** Blocks that a text of so many bytes is cut into. */
export const blockCount = (bytes: number, blockBytes: number): number =>
  Math.max(1, Math.ceil(bytes / blockBytes));

/**
 * The finalizer of MurmurHash3, which takes 32 bits to 32 others: the same on every device, told in docs/FORMATS.md. (A
 * shift register would not do: it is linear, and so all sums of blocks would lie in 32 dimensions.)
 */
export function mixed(bits: number): number {
  let x = bits >>> 0;
  x = Math.imul(x ^ (x >>> 16), 0x85ebca6b);
  x = Math.imul(x ^ (x >>> 13), 0xc2b2ae35);
  return (x ^ (x >>> 16)) >>> 0;
}

/** Which blocks are in a frame: a bit for each, 32 in a number, the first the lowest. */
function mixOf(frame: number, count: number): Uint32Array {
  const has = new Uint32Array(Math.ceil(count / 32));
  if (frame < count) {
    flip(has, frame);
    return has;
  }
  const own = mixed(frame);
  for (let word = 0; word < has.length; word++) has[word] = mixed(own + word);
  // What is beyond the last block is none.
  if (count % 32 > 0) has[has.length - 1] = (has.at(-1) ?? 0) & ((1 << (count % 32)) - 1);
  if (firstOf(has, 0) === undefined) flip(has, frame % count);
  return has;
}

/**
 * The blocks that are added together in a frame, in order.
 * @param frame its number, from 0. @param count how many blocks there are. Example: blocksIn(3, 8) → [3].
 */
export function blocksIn(frame: number, count: number): number[] {
  const has = mixOf(frame, count);
  return Array.from({ length: count }, (_, block) => block).filter(
    (block) => ((has[block >>> 5] ?? 0) >>> (block & 31)) & 1,
  );
}

/** What a frame carries of data; its last block is filled up with noughts. */
export function frameData(data: Uint8Array, blockBytes: number, frame: number): Uint8Array {
  const sum = new Uint8Array(blockBytes);
  for (const block of blocksIn(frame, blockCount(data.length, blockBytes)))
    add(sum, data.subarray(block * blockBytes, (block + 1) * blockBytes));
  return sum;
}

function add(to: Uint8Array, what: Uint8Array): void {
  for (let i = 0; i < what.length; i++) to[i] = (to[i] ?? 0) ^ (what[i] ?? 0);
}

interface Row {
  /** Which blocks are in it, 32 in each number. */
  has: Uint32Array;
  data: Uint8Array;
}

/** Puts frames together again, in whatever order and however often they come. */
export interface Gathering {
  /** Whether the frame told anything new. */
  take: (frame: number, data: Uint8Array) => boolean;
  /** Blocks' worth that is there, and that is needed. */
  readonly known: number;
  readonly needed: number;
  /** All of it; undefined until it is there. */
  whole: () => Uint8Array | undefined;
}

/** @param bytes how long the data is. */
export function gather(bytes: number, blockBytes: number): Gathering {
  const needed = blockCount(bytes, blockBytes);
  /** Each row's first block is no other's: by elimination, as it comes. */
  const rows = new Map<number, Row>();
  const seen = new Set<number>();
  return {
    take: (frame, data) => {
      if (seen.has(frame) || rows.size === needed || data.length !== blockBytes) return false;
      seen.add(frame);
      const row: Row = { has: mixOf(frame, needed), data: data.slice() };
      for (let first = firstOf(row.has, 0); first !== undefined; first = firstOf(row.has, first)) {
        const other = rows.get(first);
        if (!other) {
          rows.set(first, row);
          return true;
        }
        merge(row, other);
      }
      return false;
    },
    get known() {
      return rows.size;
    },
    needed,
    whole: () => (rows.size === needed ? solved(rows, bytes, blockBytes) : undefined),
  };
}

/** The blocks by themselves, from the last to the first: each row is rid of those behind it. */
function solved(rows: ReadonlyMap<number, Row>, bytes: number, blockBytes: number): Uint8Array {
  const whole = new Uint8Array(rows.size * blockBytes);
  for (let block = rows.size - 1; block >= 0; block--) {
    const row = rows.get(block);
    if (!row) continue;
    const own = whole.subarray(block * blockBytes, (block + 1) * blockBytes);
    own.set(row.data);
    for (let other = firstOf(row.has, block + 1); other !== undefined; other = firstOf(row.has, other + 1))
      add(own, whole.subarray(other * blockBytes, (other + 1) * blockBytes));
  }
  return whole.slice(0, bytes);
}

const flip = (has: Uint32Array, block: number): void => {
  has[block >>> 5] = ((has[block >>> 5] ?? 0) ^ (1 << (block & 31))) >>> 0;
};

function merge(row: Row, other: Row): void {
  for (let i = 0; i < row.has.length; i++) row.has[i] = ((row.has[i] ?? 0) ^ (other.has[i] ?? 0)) >>> 0;
  add(row.data, other.data);
}

/** The first block from here on that is in a row. */
function firstOf(has: Uint32Array, from: number): number | undefined {
  for (let word = from >>> 5; word < has.length; word++) {
    const rest = (has[word] ?? 0) & (word === from >>> 5 ? -1 << (from & 31) : -1);
    if (rest !== 0) return word * 32 + (31 - Math.clz32(rest & -rest));
  }
  return undefined;
}

/** Stretches of time that do not overlap, in order: minutes since the midnight of the first day, each from and to. */
export type Windows = readonly (readonly [from: number, to: number])[];

/** Stretches in order, those that touch or overlap made one, empty ones left out. */
export function joined(all: Windows): Windows {
  const sorted = all.filter(([from, to]) => to > from).sort((a, b) => a[0] - b[0]);
  const out: [number, number][] = [];
  for (const [from, to] of sorted) {
    const last = out.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else out.push([from, to]);
  }
  return out;
}

/** What is left of some stretches once others are taken out. */
export function without(all: Windows, taken: Windows): Windows {
  return joined(all).flatMap(([from, to]) => {
    const left: [number, number][] = [];
    let at = from;
    for (const [start, end] of joined(taken)) {
      if (end <= at || start >= to) continue;
      if (start > at) left.push([at, start]);
      at = Math.max(at, end);
    }
    if (at < to) left.push([at, to]);
    return left;
  });
}

/** What lies in both. */
export const within = (one: Windows, other: Windows): Windows =>
  joined(
    one.flatMap(([from, to]) =>
      other.map(([start, end]) => [Math.max(from, start), Math.min(to, end)] as const),
    ),
  );

/** The first moment at or after another that lies in a stretch; Infinity where none does. */
export function nextIn(windows: Windows, at: number): number {
  for (const [from, to] of windows) if (at < to) return Math.max(at, from);
  return Infinity;
}

/** Whether a moment lies in one of the stretches. */
export const isIn = (windows: Windows, at: number): boolean =>
  windows.some(([from, to]) => at >= from && at < to);

/**
 * When so much work begun at a moment is over, paused wherever the stretches pause; Infinity where they run out.
 * Nothing to do is over at once, in or out of them.
 */
export function workedUntil(windows: Windows, at: number, minutes: number): number {
  if (minutes <= 0) return at;
  let left = minutes;
  for (const [from, to] of windows) {
    const start = Math.max(at, from);
    if (start >= to) continue;
    if (left <= to - start) return start + left;
    left -= to - start;
  }
  return Infinity;
}

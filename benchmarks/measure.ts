/** Milliseconds a run takes: the middle of many, after enough to warm up. */
export function middleMs(run: () => unknown, times: number): number {
  for (let i = 0; i < Math.max(20, times / 4); i++) run();
  const took = Array.from({ length: times }, () => {
    const started = performance.now();
    run();
    return performance.now() - started;
  }).sort((a, b) => a - b);
  return took[Math.floor(times / 2)] ?? 0;
}

/** One line of the report: a ratio, and what it is of. */
export function line(ratio: string, what: string): void {
  console.log(`${ratio.padStart(12)}  ${what}`);
}

import { existsSync, readFileSync, writeFileSync } from "node:fs";

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

export const RESULTS = "benchmarks/results.json";

/** What was measured: under what it is of, each ratio with what it says. */
export type Results = Record<string, { ratio: string; what: string }[]>;

const measured: Results = {};
let current = "";

/** Begins a part of the report: what it is of, and what it is held against. */
export function part(title: string): void {
  current = title;
  measured[current] = [];
  console.log(`\n${title}`);
}

/** One line of the report: a ratio, and what it is of. */
export function line(ratio: string, what: string): void {
  console.log(`${ratio.padStart(12)}  ${what}`);
  measured[current]?.push({ ratio, what });
}

/** The results that are kept; a part that was measured anew takes the place of what it was. */
export const resultsKept = (): Results =>
  existsSync(RESULTS) ? (JSON.parse(readFileSync(RESULTS, "utf8")) as Results) : {};

// Each benchmark is a run of its own: what it measured is kept as it ends, if it ends well.
process.on("exit", (code) => {
  if (code === 0 && Object.keys(measured).length > 0)
    writeFileSync(RESULTS, `${JSON.stringify({ ...resultsKept(), ...measured }, null, 2)}\n`);
});

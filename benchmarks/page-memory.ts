import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";

/**
 * Watches what the pages of a browser hold for themselves: scripts and their data, workers, layout and
 * pictures, with what is no longer used and not yet swept up. The private memory of the page processes as
 * Linux counts it (RssAnon, man proc_pid_status), four times a second.
 * @param profile the folder that tells this browser from others.
 * @returns how to stop, which gives the most that was held, bytes.
 */
export function watchPageMemory(profile: string): () => number {
  let most = 0;
  const look = () => {
    most = Math.max(most, held(profile));
  };
  const watch = setInterval(look, 250);
  return () => {
    clearInterval(watch);
    look();
    return most;
  };
}

function held(profile: string): number {
  const processes = execFileSync("ps", ["-eo", "pid=,ppid=,args="], {
    encoding: "utf8",
    maxBuffer: 100_000_000,
  })
    .split("\n")
    .map((row) => /^\s*(\d+)\s+(\d+)\s+(.*)$/.exec(row)?.slice(1) ?? [])
    .map(([pid = "", parent = "", args = ""]) => ({ pid, parent, args }));
  const mine = new Set(
    processes.filter(({ args }) => args.includes(`--user-data-dir=${profile}`)).map(({ pid }) => pid),
  );
  for (let known = 0; known < mine.size;) {
    known = mine.size;
    for (const { pid, parent } of processes) if (mine.has(parent)) mine.add(pid);
  }
  const pages = processes.filter(({ pid, args }) => mine.has(pid) && args.includes("--type=renderer"));
  return pages.reduce((sum, { pid }) => sum + privateBytes(pid), 0);
}

function privateBytes(pid: string): number {
  try {
    return (
      Number(/^RssAnon:\s+(\d+) kB$/m.exec(readFileSync(`/proc/${pid}/status`, "utf8"))?.[1] ?? 0) * 1024
    );
  } catch {
    return 0; // It has ended since it was listed.
  }
}

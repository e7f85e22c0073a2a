import { type ChildProcess, spawn } from "node:child_process";
import { once } from "node:events";
import { readFile } from "node:fs/promises";
import { createServer } from "node:net";

export interface Served {
  url: string;
  isUp: () => Promise<boolean>;
  /** What the server holds of this machine's memory, MB. */
  memoryMb: () => Promise<number>;
  stop: () => Promise<void>;
}

/**
 * Serves the built app, or the one in another folder, on a free port of this machine until stopped. The build must be
 * there already.
 */
export async function serve(folder = ".", page = "/garage"): Promise<Served> {
  const port = await freePort();
  const server = spawn(
    process.execPath,
    ["node_modules/next/dist/bin/next", "start", folder, "-H", "127.0.0.1", "-p", String(port)],
    {
      stdio: ["ignore", "pipe", "pipe"],
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", NODE_ENV: "production" },
    },
  );
  let said = "";
  server.stdout.on("data", (data) => (said += String(data)));
  server.stderr.on("data", (data) => (said += String(data)));
  const url = `http://127.0.0.1:${port}`;
  for (let tries = 0; tries < 150; tries++) {
    if (server.exitCode !== null) break;
    if (await answers(`${url}${page}`))
      return {
        url,
        isUp: () => answers(`${url}${page}`),
        memoryMb: () => memoryMb(server.pid),
        stop: () => stop(server),
      };
    await new Promise((wake) => setTimeout(wake, 200));
  }
  await stop(server);
  throw new Error(`The app did not start. It said: ${said}`);
}

async function answers(url: string): Promise<boolean> {
  try {
    return (await fetch(url)).ok;
  } catch {
    return false;
  }
}

async function memoryMb(pid: number | undefined): Promise<number> {
  const [, kb = "0"] = /VmRSS:\s+(\d+)/.exec(await readFile(`/proc/${pid}/status`, "utf8")) ?? [];
  return Number(kb) / 1024;
}

const LONGEST_GOODBYE_MS = 5000;

async function stop(server: ChildProcess): Promise<void> {
  if (server.exitCode !== null || server.signalCode !== null) return;
  const ended = once(server, "exit");
  server.kill("SIGTERM");
  // It waits for whatever still hangs on it; a journey does not wait for that.
  const late = setTimeout(() => server.kill("SIGKILL"), LONGEST_GOODBYE_MS);
  await ended;
  clearTimeout(late);
}

async function freePort(): Promise<number> {
  const probe = createServer().listen(0, "127.0.0.1");
  await once(probe, "listening");
  const address = probe.address();
  probe.close();
  await once(probe, "close");
  if (address === null || typeof address === "string") throw new Error("No free port was found.");
  return address.port;
}

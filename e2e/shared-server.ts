import { mkdtemp, rm } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { openBrowser } from "./browser";
import { type Served, serve } from "./server";

/** Where the files of journeys, each in a process of its own, find what was begun before all of them. */
const URL_IN = "VEST_POCKET_JOURNEYS_URL";
const PROFILE_IN = "VEST_POCKET_JOURNEYS_PROFILE";

let begun: { served: Served; profile: string } | undefined;

/**
 * Before all journeys: one server, and the profile of a browser that has kept the app for when there is no
 * signal. To keep it costs more than most journeys; those about that do it themselves.
 */
export async function begin(): Promise<void> {
  const served = await serve();
  const profile = await mkdtemp(join(tmpdir(), "vest-pocket-kept-"));
  begun = { served, profile };
  const browser = await openBrowser({ profile });
  try {
    // No page of the app: nothing of it is stored.
    await browser.driver.get(`${served.url}/icon.svg`);
    await browser.driver.executeAsyncScript(
      "const done = arguments[0]; navigator.serviceWorker.register('/serwist/sw.js', { scope: '/' }); navigator.serviceWorker.ready.then(() => done())",
    );
  } finally {
    await browser.quit();
  }
  process.env[URL_IN] = served.url;
  process.env[PROFILE_IN] = profile;
}

/** After all journeys. */
export async function end(): Promise<void> {
  await begun?.served.stop();
  if (begun) await rm(begun.profile, { recursive: true, force: true, maxRetries: 10, retryDelay: 200 });
}

/** The server and the profile that all journeys begin with. */
export function sharedServer(): { url: string; profile: string } {
  const { [URL_IN]: url, [PROFILE_IN]: profile } = process.env;
  if (!url || !profile) throw new Error("The journeys run by jest -c e2e/jest.config.mjs.");
  return { url, profile };
}

import { execFileSync } from "node:child_process";
import { mkdtemp, rm } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Key } from "selenium-webdriver";
import { type Opened, openBrowser } from "./browser";
import { Page } from "./page";
import { type Served, serve } from "./server";
import { tickSafety } from "./work-through";

let served: Served;

beforeAll(async () => {
  served = await serve();
});
afterAll(async () => {
  await served.stop();
});

/** Ends the browser as a dead battery would: no goodbye, nothing flushed. */
async function kill(browser: Opened): Promise<void> {
  const pid = (await browser.driver.getCapabilities()).get("goog:processID") as number;
  execFileSync("kill", ["-9", String(pid)]);
  await browser.quit();
}

test("killing the browser in the middle of Work loses at most the last tap", async () => {
  // A profile of the test's own: a browser takes the one it made itself away when it ends.
  const profile = await mkdtemp(join(tmpdir(), "vest-pocket-killed-"));
  const first = await openBrowser({ profile });
  try {
    const page = new Page(first.driver, served.url);
    await page.open("/garage");
    await page.press("Look round the demo garage");
    await page.see("Do next");
    await page.open("/work?id=demo-brake-shoes");
    await tickSafety(page);
    await page.see("Bolt 3 of 4");
    await page.keys(Key.SPACE);
    await page.see("Bolt 4 of 4");
    await page.keys(Key.SPACE);
    // The last tap may or may not have been stored when the power goes.
  } finally {
    await kill(first);
  }

  const second = await openBrowser({ profile });
  try {
    const page = new Page(second.driver, served.url);
    await page.open("/work");
    await page.see("Backing plate bolts, left");
    expect(await page.shows("Tick the four first")).toBe(false);
    expect(await page.read("bolt-count")).toMatch(/^(Bolt 4 of 4|All 4 done)$/);
    expect(await page.read("big-figure")).toBe("26.5 lb·ft");
    expect(await second.complaints()).toEqual([]);
  } finally {
    await second.quit();
    await rm(profile, { recursive: true, force: true, maxRetries: 10, retryDelay: 200 });
  }
});

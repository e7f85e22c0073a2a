import { mkdtemp, rm, writeFile } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Key, type WebElement } from "selenium-webdriver";
import type { Step } from "@/core/model/job";
import { writeHouseholdFile } from "@/data/household-file";
import { demoHousehold } from "@/demo/household";
import { type Opened, openBrowser } from "../e2e/browser";
import { Page } from "../e2e/page";
import { serve } from "../e2e/server";
import { line, part } from "./measure";

const PHASES = ["make safe", "take apart", "look closely", "put back", "prove it"] as const;
/** What a person still takes for at once. */
const SMOOTH_MS = 50;

/** The demo with its cam cover job blown up to 300 steps and 600 fasteners. */
function largeFile(): string {
  const demo = demoHousehold("2026-11-24");
  const jobs = demo.jobs.map((job) => {
    const [route] = job.routes;
    if (job.id !== "demo-cam-cover" || !route) return job;
    const fasteners = Array.from({ length: 600 }, (_, i) => ({
      ...(route.fasteners[i % route.fasteners.length] ?? { name: "Bolt", count: 1 }),
      id: `f${i}`,
      name: `Bolts ${i}`,
    }));
    const steps = Array.from({ length: 300 }, (_, i): Step => ({
      id: `s${i}`,
      title: `Step ${i}`,
      phase: PHASES[Math.floor(i / 60)] ?? "put back",
      kind: "do",
      stance: "on the ground",
      cautions: [],
      fastenerId: `f${i}`,
      ...(i > 30 ? { needs: [`s${i - 30}`] } : {}),
    }));
    return { ...job, routes: [{ ...route, steps, fasteners }] };
  });
  return writeHouseholdFile({ ...demo, jobs }, new Date(0));
}

/**
 * The longest task of the page while something is done, ms; only tasks over 50 ms are told by the browser, 0
 * is none.
 */
async function longest({ driver }: Opened, what: () => Promise<void>): Promise<number> {
  await driver.executeScript(
    "window.longTasks = []; window.longObserver = new PerformanceObserver((list) => list.getEntries().forEach((one) => window.longTasks.push(one.duration))); window.longObserver.observe({ type: 'longtask' });",
  );
  await what();
  await new Promise((wake) => setTimeout(wake, 300));
  return driver.executeScript<number>(
    "window.longObserver.disconnect(); return Math.max(0, ...window.longTasks);",
  );
}

/** Until the page has read its data and drawn itself: what follows is only what is done to it. */
const settled = () => new Promise((wake) => setTimeout(wake, 2000));

/**
 * Keys as from a keyboard, a brisk ten a second: the driver's own scripts for a field would be counted as the
 * page's.
 */
async function typeInto(page: Page, field: WebElement, text: string): Promise<void> {
  await page.driver.executeScript("arguments[0].focus()", field);
  for (const key of text) {
    await page.keys(key);
    await new Promise((wake) => setTimeout(wake, 60));
  }
}

/**
 * Types and drags in a plan of 300 steps and 600 fasteners, in the built app, and tells the longest task as a
 * share of what is felt.
 */
async function main(): Promise<void> {
  const served = await serve();
  const browser = await openBrowser();
  const page = new Page(browser.driver, served.url);
  try {
    const folder = await mkdtemp(join(tmpdir(), "vest-pocket-large-"));
    const file = join(folder, "large.json");
    await writeFile(file, largeFile());
    await page.open("/files");
    await (await page.field("File")).sendKeys(file);
    await page.press("Bring it in");
    await page.see("large.json is in");

    await page.open("/plan?id=demo-cam-cover");
    await page.see("Step 0");
    await page.press("Edit step");
    const title = await page.field("What is done");
    await settled();
    const typing = await longest(browser, () => typeInto(page, title, "quite a long title, typed"));

    await page.open("/plan?id=demo-cam-cover&notes=1");
    const notes = await page.field("Notes for “Cam cover gasket and plugs”");
    await settled();
    const noting = await longest(browser, () =>
      typeInto(page, notes, "four 15 mil bolts, 50 newton metres, I think. New gasket."),
    );

    await page.open("/plan?id=demo-cam-cover&order=1");
    const grip = await page.find("//button[@aria-label='Move Step 3']", "the handle");
    await settled();
    const byKeys = await longest(browser, async () => {
      await browser.driver.executeScript("arguments[0].focus()", grip);
      for (const key of [" ", Key.ARROW_DOWN, Key.ARROW_DOWN, Key.ARROW_DOWN]) {
        await page.keys(key);
        await new Promise((wake) => setTimeout(wake, 250));
      }
    });
    await page.keys(Key.ESCAPE);
    const byHand = await longest(browser, async () => {
      const actions = browser.driver.actions().move({ origin: grip }).press();
      for (let i = 1; i <= 12; i++) actions.move({ origin: grip, y: i * 12, x: 0, duration: 60 });
      await actions.perform();
    });
    await browser.driver.actions().release().perform();
    await page.open("/kit?id=demo-cam-cover&shop=1");
    await page.see("The cheapest that is here in time");
    const limit = await page.field("Pay at most");
    await settled();
    const shopping = await longest(browser, () => typeInto(page, limit, "300"));

    await rm(folder, { recursive: true, force: true });
    part(
      `A plan of 300 steps and 600 fasteners: the longest task of the page, against ${SMOOTH_MS} ms (0: none so long)`,
    );
    for (const [what, ms] of Object.entries({
      "typing in a step": typing,
      "typing notes": noting,
      "moving a step by keys": byKeys,
      "dragging a step": byHand,
      "shopping anew for 600 fasteners while typing": shopping,
    }))
      line((ms / SMOOTH_MS).toFixed(2), what);
  } finally {
    await browser.quit();
    await served.stop();
  }
}

void main();

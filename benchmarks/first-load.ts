import { readFileSync } from "node:fs";
import { join } from "node:path";
import { gzipSync } from "node:zlib";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome";
import { POCKETS } from "@/features/shell/pockets";
import { type Opened, PHONE, openBrowser } from "../e2e/browser";
import { Page } from "../e2e/page";
import { type Served, serve } from "../e2e/server";
import { buildBarePage } from "./bare-page";
import { line, part } from "./measure";

const SLOWED = 4;
const TIMES = 5;
/** What is wanted. */
const MORE_THAN_BARE = 1.2;
const SLOWER_THAN_BARE = 1.5;
const POCKET_KB = 60;

const middle = (all: number[]) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)] ?? 0;

/**
 * Notes the largest paint, and when what can be pressed first can be: once the interface library has taken it over,
 * as it stands in the page before it does anything. A page that says so itself is believed.
 */
const WATCH = (readyWords: string) => `
  new PerformanceObserver((list) => { window.largestAt = list.getEntries().at(-1).startTime; }).observe({ type: "largest-contentful-paint", buffered: true });
  const look = () => {
    if (window.readyAt === undefined && [...document.querySelectorAll("main button, main a")].some((one) => one.innerText.includes(${JSON.stringify(readyWords)}) && Object.keys(one).some((key) => key.startsWith("__reactProps")))) window.readyAt = performance.now();
    if (window.readyAt === undefined) requestAnimationFrame(look);
  };
  addEventListener("DOMContentLoaded", look);`;

const SCRIPTS =
  "return performance.getEntriesByType('resource').map((one) => new URL(one.name).pathname).filter((path) => path.startsWith('/_next/') && path.endsWith('.js'))";

/**
 * The scripts that a page was sent, by their path, compressed bytes: as gzip makes them, since what the service worker
 * hands out is told uncompressed.
 */
const scriptsOf = async ({ driver }: Opened, folder = ".") =>
  new Map(
    (await driver.executeScript<string[]>(SCRIPTS)).map((path) => [
      path,
      gzipSync(readFileSync(join(folder, path.replace("/_next/", ".next/")))).length,
    ]),
  );
const kb = (scripts: Iterable<number>) => [...scripts].reduce((sum, bytes) => sum + bytes, 0) / 1000;
const settled = () => new Promise((wake) => setTimeout(wake, 3000));

/** A first load in a new browser, the processor slowed: its scripts, its largest paint and when it is ready, ms. */
async function firstLoad(served: Served, folder: string, path: string, readyWords: string) {
  const browser = await openBrowser({ size: PHONE });
  try {
    const driver = browser.driver as unknown as ChromeDriver;
    await driver.sendDevToolsCommand("Page.addScriptToEvaluateOnNewDocument", { source: WATCH(readyWords) });
    await driver.sendDevToolsCommand("Emulation.setCPUThrottlingRate", { rate: SLOWED });
    await browser.driver.get(`${served.url}${path}`);
    await browser.driver.wait(
      () => browser.driver.executeScript<boolean>("return window.readyAt !== undefined"),
      60_000,
    );
    await settled();
    const [largest, ready] = await browser.driver.executeScript<[number, number]>(
      "return [window.largestAt, window.readyAt]",
    );
    return { scripts: await scriptsOf(browser, folder), largest, ready };
  } finally {
    await browser.quit();
  }
}

async function several(served: Served, folder: string, path: string, readyWords: string) {
  const loads = [];
  for (let i = 0; i < TIMES; i++) loads.push(await firstLoad(served, folder, path, readyWords));
  return {
    scriptKb: kb(loads[0]?.scripts.values() ?? []),
    largest: middle(loads.map((one) => one.largest)),
    ready: middle(loads.map((one) => one.ready)),
  };
}

/** What each pocket brings along that the Garage did not, kB. */
async function pockets(served: Served): Promise<[name: string, kb: number][]> {
  const browser = await openBrowser();
  const page = new Page(browser.driver, served.url);
  try {
    await page.open("/garage");
    await page.press("Look round the demo garage");
    await page.see("Do next");
    await page.open("/garage");
    await settled();
    const known = await scriptsOf(browser);
    const more: [string, number][] = [];
    for (const { name, path } of POCKETS.filter((one) => one.path !== "/garage")) {
      await page.open(path);
      await settled();
      const fresh = [...(await scriptsOf(browser))].filter(([script]) => !known.has(script));
      more.push([name, kb(fresh.map(([, bytes]) => bytes))]);
    }
    return more;
  } finally {
    await browser.quit();
  }
}

/** The first load of the Garage against a bare page of the same framework and interface library, and each pocket. */
async function main(): Promise<void> {
  const bare = buildBarePage();
  const [served, floor] = await Promise.all([serve(), serve(bare.folder, "/")]);
  try {
    const least = await several(floor, bare.folder, "/", "0");
    const garage = await several(served, ".", "/garage", "Look round the demo garage");
    part(
      `A first load of the Garage, the processor slowed ${SLOWED} times, against a bare page of the same framework and interface library`,
    );
    line(
      (garage.scriptKb / least.scriptKb).toFixed(2),
      `of its compressed scripts (${garage.scriptKb.toFixed(0)} to ${least.scriptKb.toFixed(0)} kB; wanted: ${MORE_THAN_BARE})`,
    );
    line(
      (garage.largest / least.largest).toFixed(2),
      `until the largest paint (wanted: ${SLOWER_THAN_BARE})`,
    );
    line((garage.ready / least.ready).toFixed(2), `until it can be used (wanted: ${SLOWER_THAN_BARE})`);
    part(`What each pocket brings along beside the Garage, against ${POCKET_KB} kB (wanted: 1)`);
    for (const [name, more] of await pockets(served)) line((more / POCKET_KB).toFixed(2), name);
  } finally {
    await Promise.all([served.stop(), floor.stop()]);
    bare.away();
  }
}

void main();

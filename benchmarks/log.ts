import { randomFillSync } from "node:crypto";
import { mkdtemp, readdir, rm, writeFile } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Household } from "@/core/model/household";
import type { WorkEvent } from "@/core/model/work";
import { writeArchive } from "@/data/archive";
import { writeHouseholdFile } from "@/data/household-file";
import { demoHousehold } from "@/demo/household";
import { today } from "@/features/shell/clock";
import { openBrowser } from "../e2e/browser";
import { Page } from "../e2e/page";
import { serve } from "../e2e/server";
import { line, part } from "./measure";
import { watchPageMemory } from "./page-memory";

const ENTRIES = 10_000;
const VEHICLES = 5;
const PHOTOS = 500;
const PHOTO_BYTES = 300_000;
/** What is wanted. */
const USABLE_MS = 1000;
const FIND_MS = 50;
const FILE_MS = 5000;
const MEMORY_BYTES = 250_000_000;
/** A frame that took longer than this had another dropped before it. */
const FRAME_MS = (1000 / 60) * 1.5;

const PARTS = [
  "Engine oil and filter",
  "Tyre",
  "Wiper blades",
  "Battery",
  "Spark plugs",
  "Air filter",
  "Cabin filter",
  "Thermostat",
  "Bulb",
  "Exhaust hanger",
  "Ignition coil",
  "Coolant",
];

/** Five vehicles with ten thousand entries over twenty years, and a work with five hundred photos. */
function largeHousehold(): Household {
  const demo = demoHousehold(today());
  const [first] = demo.vehicles;
  const [entry] = demo.replacements;
  const [work] = demo.works;
  if (!first || !entry || !work) throw new Error("The demo has no log.");
  const own = { origin: "own" as const };
  const vehicles = Array.from({ length: VEHICLES }, (_, i) => ({
    ...first,
    ...own,
    id: `v${i}`,
    name: `Vehicle ${i}`,
  }));
  const day = (back: number) => new Date(Date.now() - back * 86_400_000).toISOString().slice(0, 10);
  const replacements = Array.from({ length: ENTRIES }, (_, i) => {
    const back = Math.floor(((ENTRIES - i) / ENTRIES) * 7300);
    return {
      ...entry,
      ...own,
      id: `r${i}`,
      vehicleId: `v${i % VEHICLES}`,
      part: PARTS[(i * 7) % PARTS.length] ?? "Bulb",
      system: i % 3 === 0 ? ("engine" as const) : ("wheels" as const),
      on: day(back),
      odometer: { value: 300_000 - back * 40, unit: "km" as const },
      note: `Note ${i}`,
    };
  });
  const photos = Array.from({ length: PHOTOS }, (_, i): WorkEvent => ({
    at: "2026-01-01T00:00:00.000Z",
    on: "2026-01-01",
    type: "photo",
    stepId: "springs",
    photoId: `photo${i}`,
  }));
  return {
    ...demo,
    vehicles: [...demo.vehicles, ...vehicles],
    replacements,
    works: [{ ...work, events: [...work.events, ...photos] }, ...demo.works.slice(1)],
  };
}

async function largeArchive(): Promise<Uint8Array> {
  const household = largeHousehold();
  const jpeg = new Uint8Array(PHOTO_BYTES);
  // It begins as a photo does.
  const begun = (bytes: Uint8Array<ArrayBuffer>) => (bytes.set([0xff, 0xd8, 0xff]), bytes);
  const photo = () =>
    Promise.resolve({
      jpeg: new Blob([begun(randomFillSync(jpeg).slice())]),
      takenAt: "2026-01-01T00:00:00.000Z",
    });
  const file = await writeArchive(
    writeHouseholdFile(household, new Date(0)),
    Array.from({ length: PHOTOS }, (_, i) => `photo${i}`),
    photo,
  );
  return new Uint8Array(await file.arrayBuffer());
}

const TIMES = 5;
/** Each leads from all to some, or back. */
const FINDS = [
  ["System", "engine"],
  ["System", ""],
  ["Year", today().slice(0, 4)],
  ["Year", ""],
  ["Search", "therm"],
  ["Search", ""],
  ["Search", "thermostt"],
  ["Search", ""],
  ["Search", "note 77"],
  ["Search", ""],
] as const;

const middle = (took: number[]) => [...took].sort((a, b) => a - b)[Math.floor(took.length / 2)] ?? 0;

const timed = async (what: () => Promise<void>) => {
  const started = performance.now();
  await what();
  return performance.now() - started;
};

/** From the first paint, which is the shell, to the rows being there. */
const WHEN_USABLE = `
  const look = () => { if (document.querySelector("main table tbody tr:nth-child(5)")) window.usableAt = performance.now(); else requestAnimationFrame(look); };
  addEventListener("DOMContentLoaded", look);`;

/** Changes a field and waits until the count of rows says something else and has been painted; ms. */
const FIND = `
  const [label, value, done] = arguments;
  const field = document.getElementById([...document.querySelectorAll("label")].find((one) => one.textContent === label && one.offsetParent).htmlFor);
  const words = () => document.querySelector("[data-testid=log-count]").innerText;
  const before = words();
  const kind = field.tagName === "SELECT" ? HTMLSelectElement : HTMLInputElement;
  new MutationObserver((_, look) => { if (words() === before) return; look.disconnect(); requestAnimationFrame(() => { const { port1, port2 } = new MessageChannel(); port1.onmessage = () => done(performance.now() - started); port2.postMessage(0); }); }).observe(document.querySelector("main"), { subtree: true, childList: true, characterData: true });
  const started = performance.now();
  Object.getOwnPropertyDescriptor(kind.prototype, "value").set.call(field, value);
  field.dispatchEvent(new Event(field.tagName === "SELECT" ? "change" : "input", { bubbles: true }));`;

/** Scrolls as a quick finger does, a row every frame; the time of each frame, ms. */
const SCROLL = `
  const [frames, done] = arguments;
  const took = []; let last;
  const step = (now) => { if (last !== undefined) took.push(now - last); last = now; scrollBy(0, 45); if (took.length < frames) requestAnimationFrame(step); else done(took); };
  requestAnimationFrame(step);`;

/** Reads every entry from the app's own store and shows them as a bare table; ms until it is painted. */
const BARE_LIST = `
  const [done] = arguments;
  const started = performance.now();
  const opening = indexedDB.open("vest-pocket");
  opening.onsuccess = () => {
    const reading = opening.result.transaction("replacements").objectStore("replacements").getAll();
    reading.onsuccess = () => {
      const rows = reading.result.sort((a, b) => b.on.localeCompare(a.on));
      const html = "http://www.w3.org/1999/xhtml";
      const table = document.createElementNS(html, "table");
      for (const { on, part, place, system, odometer } of rows) {
        const row = table.appendChild(document.createElementNS(html, "tr"));
        for (const text of [on, part, place, system, odometer.value]) row.appendChild(document.createElementNS(html, "td")).textContent = text;
      }
      document.documentElement.replaceChildren(table);
      requestAnimationFrame(() => { const { port1, port2 } = new MessageChannel(); port1.onmessage = () => { opening.result.close(); done(performance.now() - started); }; port2.postMessage(0); });
    };
  };`;

/** Stores as many small records and pictures as the file has, in one strict transaction; ms. */
const BARE_STORE = `
  const [entries, photos, bytes, done] = arguments;
  const jpeg = new Uint8Array(bytes);
  for (let i = 0; i < bytes; i += 65536) crypto.getRandomValues(jpeg.subarray(i, Math.min(bytes, i + 65536)));
  const opening = indexedDB.open("floor", 1);
  opening.onupgradeneeded = () => { for (const name of ["small", "pictures"]) opening.result.createObjectStore(name, { keyPath: "id" }); };
  opening.onsuccess = () => {
    const started = performance.now();
    const transaction = opening.result.transaction(["small", "pictures"], "readwrite", { durability: "strict" });
    for (let i = 0; i < entries; i++) transaction.objectStore("small").put({ id: "r" + i, vehicleId: "v1", part: "Engine oil and filter", system: "engine", on: "2026-01-01", odometer: { value: i, unit: "km" }, note: "Note " + i });
    for (let i = 0; i < photos; i++) transaction.objectStore("pictures").put({ id: "p" + i, jpeg: new Blob([jpeg]) });
    transaction.oncomplete = () => { const took = performance.now() - started; opening.result.close(); indexedDB.deleteDatabase("floor"); done(took); };
  };`;

async function main(): Promise<void> {
  const served = await serve();
  const browser = await openBrowser();
  const { driver } = browser;
  const page = new Page(driver, served.url);
  const folder = await mkdtemp(join(tmpdir(), "vest-pocket-bench-"));
  try {
    const file = join(folder, "large.zip");
    // On the disk, so that writing it is not still going on while it is read.
    await writeFile(file, await largeArchive(), { flush: true });
    await driver.manage().setTimeouts({ script: 120_000 });
    await page.open("/files");
    let held = watchPageMemory(browser.profile);
    const read = await timed(async () => {
      await (await page.field("File")).sendKeys(file);
      await page.see(`${PHOTOS} photos`);
    });
    const written = await timed(async () => {
      await page.press("Bring it in");
      await page.see("large.zip is in. Open the Garage");
    });
    const out = await timed(async () => {
      await page.press("Export with photos");
      await page.see(".zip written");
    });
    const heldByFiles = held();
    await page.until(
      async () => (await readdir(browser.downloads)).some((name) => name.endsWith(".zip")),
      "nothing was written",
    );
    await page.press("Export with photos");
    await page.press("Cancel");
    await page.see("Export with photos");
    const stopped = (await readdir(browser.downloads)).length;

    await driver.sendDevToolsCommand("Page.addScriptToEvaluateOnNewDocument", { source: WHEN_USABLE });
    const usable: number[] = [];
    for (let i = 0; i < 5; i++) {
      await page.open("/log?id=v1");
      await page.until(
        () => driver.executeScript<boolean>("return window.usableAt !== undefined"),
        "the log stayed empty",
      );
      usable.push(
        await driver.executeScript<number>(
          "return window.usableAt - performance.getEntriesByName('first-contentful-paint')[0].startTime",
        ),
      );
    }
    // What the pages before left to be swept up is not this page's.
    await driver.sendDevToolsCommand("HeapProfiler.collectGarbage", {});
    held = watchPageMemory(browser.profile);
    await page.open("/log?id=all");
    await new Promise((wake) => setTimeout(wake, 4000));
    const finds = new Map<string, number[]>();
    for (let time = 0; time < TIMES; time++)
      for (const [label, value] of FINDS) {
        const what = `${label} “${value}”`;
        finds.set(what, [
          ...(finds.get(what) ?? []),
          await driver.executeAsyncScript<number>(FIND, label, value),
        ]);
        await new Promise((wake) => setTimeout(wake, 300));
      }
    const heldByLog = held();
    await page.open("/log?id=all");
    await new Promise((wake) => setTimeout(wake, 4000));
    const frames = await driver.executeAsyncScript<number[]>(SCROLL, 300);
    // The same scroll over as many rows of bare text: what this browser, without a graphics card, can do at
    // best.
    await driver.executeScript(
      "document.body.innerHTML = '<p>A row of words, and nothing else.</p>'.repeat(3000); scrollTo(0, 0)",
    );
    const bare = await driver.executeAsyncScript<number[]>(SCROLL, 300);

    // On a page of the same origin with nothing on it.
    await driver.get(`${served.url}/icon.svg`);
    const bareList: number[] = [];
    for (let i = 0; i < TIMES; i++) bareList.push(await driver.executeAsyncScript<number>(BARE_LIST));
    const bareStore = await driver.executeAsyncScript<number>(BARE_STORE, ENTRIES, PHOTOS, PHOTO_BYTES);

    part(
      `A log of ${ENTRIES} entries, ${VEHICLES} vehicles and ${PHOTOS} photos, each against what is wanted (1)`,
    );
    line(
      (middle(usable) / middle(bareList)).toFixed(2),
      "times a bare list of as many rows read from the same store until it is usable (wanted: 1.3)",
    );
    line(
      ((read + written) / bareStore).toFixed(2),
      "times the browser storing the same bytes for bringing it in (wanted: 1.3)",
    );
    line((middle(usable) / USABLE_MS).toFixed(2), "usable after the shell, the middle of five");
    for (const [what, took] of finds)
      line((middle(took) / FIND_MS).toFixed(2), `found: ${what}, the middle of ${TIMES}`);
    const dropped = (took: number[]) => (took.filter((ms) => ms > FRAME_MS).length / took.length).toFixed(3);
    line(dropped(frames), `of ${frames.length} frames dropped while scrolling (wanted: 0)`);
    line(dropped(bare), "of as many over bare text, without a graphics card either");
    line(
      ((read + written) / FILE_MS).toFixed(2),
      `brought in (read ${(read / FILE_MS).toFixed(2)}, written ${(written / FILE_MS).toFixed(2)})`,
    );
    line((out / FILE_MS).toFixed(2), "exported with photos");
    line(
      (heldByFiles / MEMORY_BYTES).toFixed(2),
      "of the memory, the whole page and its worker at their most, in and out",
    );
    line(
      (heldByLog / MEMORY_BYTES).toFixed(2),
      "of the memory, the whole page at its most, filtered and searched",
    );
    line(String(stopped), "file written by one export and one that was cancelled");
  } finally {
    await browser.quit();
    await served.stop();
    await rm(folder, { recursive: true, force: true });
  }
}

void main();

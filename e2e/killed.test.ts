import { mkdtemp, readFile, rm, writeFile } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { By } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome";
import { type Household, emptyHousehold } from "@/core/model/household";
import { MODEL_VERSION } from "@/core/model/version";
import { writeArchive } from "@/data/archive";
import { writeHouseholdFile } from "@/data/household-file";
import { demoHousehold } from "@/demo/household";
import { journeys } from "./journey";
import type { Page } from "./page";

const at = journeys();

interface Stored {
  version: number;
  counts: Record<string, number>;
  pictures: string[];
  text: string;
}

/** What lies in the store, read past the app. */
async function stored(page: Page): Promise<Stored> {
  const text = await page.driver.executeAsyncScript<string>(
    `const done = arguments[0]; const asked = indexedDB.open("vest-pocket");
    asked.onsuccess = () => {
      const db = asked.result; const names = [...db.objectStoreNames]; const out = { version: db.version, counts: {}, pictures: [], text: "" };
      if (names.length === 0) { db.close(); return done(JSON.stringify(out)); }
      const reading = db.transaction(names, "readonly"); const all = {};
      for (const name of names) reading.objectStore(name).getAll().onsuccess = ({ target }) => { all[name] = target.result; out.counts[name] = target.result.length; };
      if (names.includes("pictures")) reading.objectStore("pictures").getAllKeys().onsuccess = ({ target }) => { out.pictures = target.result; };
      reading.oncomplete = () => { delete all.settings; delete all.pictures; delete all.folders; out.text = JSON.stringify(all); db.close(); done(JSON.stringify(out)); };
    };`,
  );
  return JSON.parse(text) as Stored;
}

/**
 * Ends the page's tab as a phone short of memory does: it is not asked and not told. Goes on in the tab that
 * was there first.
 */
async function killTab(page: Page, first: string): Promise<void> {
  const tab = await page.driver.getWindowHandle();
  await page.driver.switchTo().window(first);
  await (page.driver as unknown as ChromeDriver).sendDevToolsCommand("Target.closeTarget", { targetId: tab });
}

/** A page of the app's address without the app. */
const bare = (page: Page) => page.driver.get(`${at.url}/icon.svg`);
const pause = (ms: number) => new Promise((wake) => setTimeout(wake, ms));
/** Moments spread over what the thing takes, denser at its beginning. */
const moments = (count: number, longestMs: number) =>
  Array.from({ length: count }, (_, i) => Math.round(longestMs * ((i + 1) / count) ** 2));

const ENTRIES = 400;
const PHOTOS = 40;

/** A log of one's own with photos, as a file. */
async function archiveWithPhotos(): Promise<{ household: Household; file: Buffer }> {
  const demo = demoHousehold("2026-11-27");
  const [vehicle] = demo.vehicles;
  const [entry] = demo.replacements;
  if (!vehicle || !entry) throw new Error("The demo has no log.");
  const own = { origin: "own" as const };
  const photoIds = Array.from({ length: PHOTOS }, (_, i) => `photo-${i}`);
  const replacements = Array.from({ length: ENTRIES }, (_, i) => ({
    ...entry,
    ...own,
    id: `entry-${i}`,
    vehicleId: "own-car",
    photoIds: photoIds.filter((_, k) => k % ENTRIES === i),
  })).map(({ jobId: _, ...one }) => one);
  const household = {
    ...emptyHousehold(),
    vehicles: [{ ...vehicle, ...own, id: "own-car", name: "Lapwing van" }],
    replacements,
  };
  const jpeg = new Blob([new Uint8Array(200_000).fill(7, 3), new Uint8Array(0)]);
  const picture = {
    takenAt: "2026-01-01T00:00:00.000Z",
    jpeg: new Blob([new Uint8Array([0xff, 0xd8, 0xff]), jpeg]),
  };
  const file = await writeArchive(
    writeHouseholdFile(household, new Date("2026-11-27T12:00:00.000Z")),
    photoIds,
    () => Promise.resolve(picture),
  );
  return { household, file: Buffer.from(await file.arrayBuffer()) };
}

test("killed 20 times while a file with photos comes in, and 15 times while that is undone: all of it is in, or nothing is", async () => {
  const folder = await mkdtemp(join(tmpdir(), "vest-pocket-in-"));
  try {
    const { file } = await archiveWithPhotos();
    const path = join(folder, "log.zip");
    await writeFile(path, file);
    await at.open();
    const { page } = at;
    await bare(page);
    const first = await page.driver.getWindowHandle();
    const results = { in: 0, out: 0 };
    /** Empties the store, opens Files anew and comes to the point where the file may be brought in. */
    const ready = async () => {
      await page.driver.executeAsyncScript(
        "const done = arguments[0]; const asked = indexedDB.deleteDatabase('vest-pocket'); asked.onsuccess = asked.onerror = () => done();",
      );
      await page.driver.switchTo().newWindow("tab");
      await page.open("/files");
      await page.driver.findElement(By.css("main input[type=file]")).sendKeys(path);
      await page.see("40 photos");
    };
    const whole = async () => {
      const { counts, pictures } = await stored(page);
      expect([0, ENTRIES]).toContain(counts.replacements);
      expect(counts.vehicles).toBe(counts.replacements === 0 ? 0 : 1);
      // No entry stands there without its photos.
      if (counts.replacements === ENTRIES) expect(pictures).toHaveLength(PHOTOS);
      results[counts.replacements === 0 ? "out" : "in"]++;
    };
    for (const ms of moments(20, 900)) {
      await ready();
      await page.driver.executeScript(
        "[...document.querySelectorAll('main button')].find((one) => one.textContent === 'Bring it in').click()",
      );
      await pause(ms);
      await killTab(page, first);
      await whole();
    }
    expect(results.in).toBeGreaterThan(0);
    expect(results.out).toBeGreaterThan(0);
    for (const ms of moments(15, 300)) {
      await ready();
      await page.press("Bring it in");
      await page.see("log.zip is in.");
      await page.driver.executeScript(
        "[...document.querySelectorAll('button')].find((one) => one.textContent === 'Undo').click()",
      );
      await pause(ms);
      await killTab(page, first);
      await whole();
    }
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
});

test("killed once for each while the store of any older version is brought up: the old form in full, or the new one", async () => {
  const text = await readFile(join(__dirname, "../data/__fixtures__/household-1.json"), "utf8");
  const { household } = JSON.parse(text) as { household: Record<string, Record<string, unknown>[]> };
  await at.open();
  const { page } = at;
  await bare(page);
  const first = await page.driver.getWindowHandle();
  const total = Object.values(household).reduce((sum, records) => sum + records.length, 0);
  // Every older version, the first last: its records are what the first version wrote, and are read in the end.
  for (const [i, ms] of moments(MODEL_VERSION - 1, 1200).entries()) {
    const version = MODEL_VERSION - 1 - i;
    await page.driver.executeAsyncScript(
      `const [version, household, done] = [arguments[0], JSON.parse(arguments[1]), arguments[2]];
      indexedDB.deleteDatabase("vest-pocket").onsuccess = () => {
        const asked = indexedDB.open("vest-pocket", version);
        asked.onupgradeneeded = () => {
          for (const name of Object.keys(household)) asked.result.createObjectStore(name, { keyPath: "id" });
          for (const name of ["settings", "pictures"]) asked.result.createObjectStore(name);
        };
        asked.onsuccess = () => {
          const db = asked.result;
          const writing = db.transaction(Object.keys(household), "readwrite");
          for (const [name, records] of Object.entries(household)) for (const record of records) writing.objectStore(name).put({ ...record, schema: version });
          writing.oncomplete = () => { db.close(); done(); };
        };
      };`,
      version,
      JSON.stringify(household),
    );
    await page.driver.switchTo().newWindow("tab");
    await page.driver.executeScript("location.href = arguments[0]", `${at.url}/garage`);
    await pause(ms);
    await killTab(page, first);
    const now = await stored(page);
    expect([version, MODEL_VERSION]).toContain(now.version);
    const records = Object.values(JSON.parse(now.text) as Record<string, { schema: number }[]>).flat();
    expect(records).toHaveLength(total);
    expect(new Set(records.map(({ schema }) => schema))).toEqual(new Set([now.version]));
  }
  await page.driver.switchTo().newWindow("tab");
  await page.open("/garage");
  await page.open("/files");
  expect((await stored(page)).version).toBe(MODEL_VERSION);
  await page.gone("could not be read");
});

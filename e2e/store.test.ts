import { writeFile } from "node:fs/promises";
import { join } from "node:path";
import fc from "fast-check";
import { By } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome";
import { hostileLog } from "@/core/__fixtures__/hostile-log";
import { hostilePlan } from "@/core/__fixtures__/hostile-plan";
import { MODEL_VERSION } from "@/core/model/version";
import { writeHouseholdFile } from "@/data/household-file";
import { demoHousehold } from "@/demo/household";
import { today } from "@/features/shell/clock";
import { journeys } from "./journey";
import type { Page } from "./page";

const at = journeys();

/** Writes records into the store past the app, as a flipped bit or another build would. */
async function meddle(page: Page, records: Record<string, unknown[]>): Promise<void> {
  await page.driver.executeAsyncScript(
    `const [records, done] = [JSON.parse(arguments[0]), arguments[1]];
    const asked = indexedDB.open("vest-pocket");
    asked.onsuccess = () => {
      const db = asked.result;
      const writing = db.transaction(Object.keys(records), "readwrite");
      for (const [name, all] of Object.entries(records)) for (const record of all) writing.objectStore(name).put(record);
      writing.oncomplete = () => { db.close(); done(); };
    };`,
    JSON.stringify(records),
  );
}

test("a record that cannot be read is set aside and said so in Files; everything else goes on; it can be saved and thrown away", async () => {
  await at.openDemo();
  const { page } = at;
  await meddle(page, {
    replacements: [{ id: "flipped", schema: MODEL_VERSION, part: 7 }],
    jobs: [{ id: "half", routes: null }],
    settings: [],
  });
  for (const path of ["/garage", "/plan", "/log?view=wear", "/kit", "/work"]) {
    await page.open(path);
    await page.gone("could not be drawn");
  }
  await page.open("/files");
  await page.see("2 records could not be read");
  await page.see("jobs, half: In");
  await page.gone("Throw them away");
  await page.press("Save them as they lie");
  await at.downloaded(".json");
  await page.press("Throw them away");
  await page.gone("could not be read");
});

test("a store that a newer build has written is opened by none of this one; it says so and gives everything out", async () => {
  await at.openDemo();
  const { page } = at;
  // A picture of the app's: of its own origin, and without the app that would let the store go.
  await page.driver.get(`${at.url}/icon.svg`);
  await page.driver.executeAsyncScript(
    `const done = arguments[1]; const asked = indexedDB.open("vest-pocket", arguments[0]); asked.onsuccess = () => { asked.result.close(); done(); };`,
    MODEL_VERSION + 1,
  );
  await page.open("/garage");
  await page.see("A newer Vest Pocket has been here");
  await page.press("Export everything as it lies");
  await at.downloaded("as-it-lies.json");
  await page.find("//button[normalize-space(.)='Reload']", "Reload");
  // That a screen could not be drawn is told to the console too.
  await at.browser.complaints();
});

test("a store that the browser drops while the app is open is said to be gone, and stored again from memory", async () => {
  await at.openDemo();
  const { page } = at;
  await page.see("Wren estate");
  // Stands in line behind whatever is still being written.
  await meddle(page, { vehicles: [] });
  const chrome = page.driver as unknown as ChromeDriver;
  await chrome.sendDevToolsCommand("Storage.clearDataForOrigin", {
    origin: at.url,
    storageTypes: "indexeddb",
  });
  await page.see("The browser has dropped what was stored here.");
  await page.see("Wren estate");
  // What was being read at that moment fell with the store, and the console says so; nothing else may be
  // said.
  for (const said of await at.browser.complaints())
    expect(said).toMatch(/transaction was aborted|Connection is closing|database connection is clos/);
  await page.press("Store it again");
  await page.gone("has dropped");
  await page.open("/garage");
  await page.see("Wren estate");
});

/**
 * Goes to each address within the page and tells what of it shows a number that is none, could not be drawn,
 * or did not come.
 */
async function drawn(page: Page, paths: readonly string[]): Promise<string[]> {
  const wrong: string[] = [];
  for (const path of paths) {
    const says = await page.driver.executeAsyncScript<string>(
      `const [path, done] = arguments; window.next.router.push(path);
      const from = performance.now();
      const look = () => {
        const text = document.querySelector("main")?.innerText ?? "";
        const there = location.pathname + location.search === path && !/Looking|Reading|Getting it out/.test(text.slice(0, 40)) && document.querySelector("main h1, main h2");
        const late = performance.now() - from > 25000;
        if (there || late) setTimeout(() => done((there ? "" : "NEVER DRAWN ") + document.body.innerText), 6);
        else setTimeout(look, 4);
      };
      look();`,
      path,
    );
    const odd = /\bNaN\b|Infinity|\bundefined\b|could not be drawn|cannot be shown|NEVER DRAWN/.exec(says);
    if (odd) wrong.push(`${path}: …${says.slice(Math.max(0, odd.index - 60), odd.index + 160)}`);
  }
  return wrong;
}

const PLANS = 300;
/**
 * Screens are changed within the page, as a person does: loading it anew each time would say nothing more.
 */
const SCREENS = ["/plan?id=", "/kit?id=", "/work?id="];

test(`${PLANS} plans at the far ends of what a file may hold: Plan, Kit and Work are drawn for each, with no number that is none`, async () => {
  await at.openDemo();
  const { page } = at;
  const plans = fc.sample(hostilePlan, { numRuns: PLANS, seed: 20_261_127 });
  await meddle(page, {
    vehicles: plans.map(({ vehicle }, i) => ({ ...vehicle, id: `v${i}`, name: `Car ${i}` })),
    jobs: plans.map(({ job }, i) => ({ ...job, id: `j${i}`, vehicleId: `v${i}` })),
    tools: plans
      .slice(0, 60)
      .flatMap(({ tools }, i) => tools.map((tool, k) => ({ ...tool, id: `t${i}-${k}` }))),
  });
  for (const path of ["/log", "/log?view=due", "/log?view=wear", "/files", "/garage"]) {
    await page.open(path);
    expect(await page.text()).not.toMatch(/\bNaN\b|Infinity|undefined|could not be drawn|cannot be shown/);
  }
  expect(
    await drawn(
      page,
      plans.flatMap((_, i) => SCREENS.map((screen) => `${screen}j${i}`)),
    ),
  ).toEqual([]);
});

test("a preview that has grown old in one tab is shown again before it may overwrite what the other has changed", async () => {
  await at.openDemo();
  const { page, browser } = at;
  const demo = demoHousehold(today());
  const followUps = demo.followUps.map((one) =>
    one.text.startsWith("Return the hired")
      ? { ...one, text: "Return the hired support, cleaned", updatedAt: new Date().toISOString() }
      : one,
  );
  const file = join(browser.profile, "from-the-phone.json");
  await writeFile(file, writeHouseholdFile({ ...demo, followUps }, new Date()));
  const first = await page.driver.getWindowHandle();
  await page.open("/files");
  await page.driver.findElement(By.css("main input[type=file]")).sendKeys(file);
  await page.see("1 changed");
  await page.driver.switchTo().newWindow("tab");
  await page.open("/garage");
  await page.see("Return the hired engine support");
  await page.clickOn(
    "//*[contains(., 'Return the hired engine support')]/following::button[normalize-space(.)='Done'][1]",
    "Done",
  );
  await page.see("Undo");
  await page.driver.switchTo().window(first);
  await page.press("Bring it in");
  await page.see("Something was changed meanwhile, in another tab: this is what the file would do now.");
  await page.see("1 said differently in the two");
  await page.press("Bring it in");
  await page.see("from-the-phone.json is in.");
});

const LOGS = 60;
const LOG_SCREENS = [
  "/garage?id=",
  "/log?id=",
  "/log?view=due&id=",
  "/log?view=wear&id=",
  "/log?view=costs&id=",
  "/log?view=owed&id=",
];

test(`${LOGS} logs at the far ends: Garage and every view of the Log are drawn for each, with no number that is none`, async () => {
  await at.openDemo();
  const { page } = at;
  const logs = Array.from(
    { length: LOGS },
    (_, i) => fc.sample(hostileLog(`h${i}`), { numRuns: 1, seed: 20_261_127 + i })[0],
  );
  const [plan] = fc.sample(hostilePlan, { numRuns: 1, seed: 1 });
  const records: Record<string, unknown[]> = {
    vehicles: logs.map((_, i) => ({ ...plan?.vehicle, id: `h${i}`, name: `Car ${i}` })),
  };
  for (const log of logs)
    for (const [name, own] of Object.entries(log ?? {})) records[name] = [...(records[name] ?? []), ...own];
  await meddle(page, records);
  await page.open("/garage");
  expect(
    await drawn(
      page,
      logs.flatMap((_, i) => LOG_SCREENS.map((screen) => `${screen}h${i}`)),
    ),
  ).toEqual([]);
  expect(await drawn(page, ["/log?id=all", "/log?id=all&view=costs", "/files"])).toEqual([]);
});

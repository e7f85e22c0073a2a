import { execFileSync } from "node:child_process";
import { mkdtemp, rm, writeFile } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { By, Key } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome";
import { type Work, workSchema } from "@/core/model/work";
import { tickedBolts } from "@/core/work/progress";
import { type Opened, openBrowser } from "./browser";
import { firstVisit, journeys } from "./journey";
import { Page } from "./page";
import { tickSafety } from "./work-through";

const at = journeys();

/** Ends the browser as a dead battery would: no goodbye, nothing flushed. */
async function kill(browser: Opened): Promise<void> {
  const pid = (await browser.driver.getCapabilities()).get("goog:processID") as number;
  execFileSync("kill", ["-9", String(pid)]);
  await browser.quit();
}

/** The work as it is stored, read past the app. */
async function stored(page: Page): Promise<Work> {
  const text = await page.driver.executeAsyncScript<string>(
    "const done = arguments[0]; const asked = indexedDB.open('vest-pocket'); asked.onsuccess = () => { const db = asked.result; const all = db.transaction('works').objectStore('works').getAll(); all.onsuccess = () => { db.close(); done(JSON.stringify(all.result[0])); }; };",
  );
  return workSchema.parse(JSON.parse(text));
}

/** Numbers that look thrown, the same in every run. */
function dice(seed: number): (sides: number) => number {
  let state = seed;
  return (sides) => {
    state = (Math.imul(state, 1_103_515_245) + 12_345) & 0x7fffffff;
    return (state >> 8) % sides;
  };
}

/** How often it is killed. */
const KILLS = 50;
/**
 * One in five takes the whole browser, as a dead battery does; the others take the tab, as a phone short of
 * memory does.
 */
const POWER_CUTS = Math.ceil(KILLS / 5);
const TABS_LOST = KILLS - POWER_CUTS;

/** Opens the demo in a profile and comes to a bolt; how many things are stored then. */
async function begin(profile: string): Promise<number> {
  const browser = await openBrowser({ profile });
  try {
    const page = new Page(browser.driver, at.url);
    await page.open("/garage");
    await page.press("Look round the demo garage");
    await page.see("Do next");
    await firstVisit(page);
    await page.open("/work?id=demo-brake-shoes");
    await tickSafety(page);
    await page.see("Bolt 3 of 4");
    return (await stored(page)).events.length;
  } finally {
    await kill(browser);
  }
}

/**
 * One life on an open page: what is stored is one of what may be, and is what the screen shows; then some
 * taps. Resolves to how many things may be stored if the power goes now: from those that were on the screen
 * to those that were tapped.
 */
async function live(
  page: Page,
  allowed: readonly number[],
  roll: (sides: number) => number,
): Promise<number[]> {
  await page.open("/work");
  await page.see("Backing plate bolts, left");
  const work = await stored(page);
  expect(allowed).toContain(work.events.length);
  let now = tickedBolts(work, "left-plate-tight", 0).length;
  await page.gone("Tick the four first");
  const onScreen = () => page.see(now === 4 ? "All 4 done" : `Bolt ${now + 1} of 4`);
  await onScreen();

  const lengths = [work.events.length];
  const tap = async (forward: boolean) => {
    now += forward ? 1 : -1;
    lengths.push((lengths.at(-1) ?? 0) + (forward ? 1 : -1));
    await page.keys(forward ? Key.SPACE : Key.BACK_SPACE);
  };
  const shown = roll(3);
  for (let i = 0; i < shown; i++) {
    await tap(now === 2 || (now < 4 && roll(3) > 0));
    await onScreen();
  }
  // Blind ones go one way: a tap right after one taken back has nothing on the screen to mean.
  const forward = now === 2 || (now === 3 && roll(2) === 0);
  for (let blind = 1 + roll(2); blind > 0 && (forward ? now < 4 : now > 2); blind--) await tap(forward);
  await new Promise((wake) => setTimeout(wake, roll(40)));
  return lengths.slice(shown);
}

test(`killed ${KILLS} times at any moment, Work goes on at the last stored tap, with nothing half written`, async () => {
  // A profile of the test's own: a browser takes the one it made itself away when it ends.
  const profile = await mkdtemp(join(tmpdir(), "vest-pocket-killed-"));
  const roll = dice(20_261_126);
  try {
    let allowed = [await begin(profile)];
    for (let i = 0; i < POWER_CUTS; i++) {
      const browser = await openBrowser({ profile });
      try {
        allowed = await live(new Page(browser.driver, at.url), allowed, roll);
      } finally {
        await kill(browser);
      }
    }
    const browser = await openBrowser({ profile });
    try {
      const page = new Page(browser.driver, at.url);
      const control = await page.driver.getWindowHandle();
      for (let i = 0; i < TABS_LOST; i++) {
        await page.driver.switchTo().newWindow("tab");
        const tab = await page.driver.getWindowHandle();
        allowed = await live(page, allowed, roll);
        await page.driver.switchTo().window(control);
        // The browser's own way to end a tab: the page is not asked and not told.
        await (page.driver as unknown as ChromeDriver).sendDevToolsCommand("Target.closeTarget", {
          targetId: tab,
        });
      }
      await page.open("/work");
      await page.see("Backing plate bolts, left");
      expect(allowed).toContain((await stored(page)).events.length);
    } finally {
      await browser.quit();
    }
  } finally {
    await rm(profile, { recursive: true, force: true, maxRetries: 10, retryDelay: 200 });
  }
});

test("with the storage full a photo is refused in a sentence; everything before it is there, and it is kept once there is room", async () => {
  await at.openDemo();
  const { page, browser } = at;
  const drawn = await page.driver.executeScript<string>(
    "const c = document.createElement('canvas'); c.width = 1600; c.height = 1200; const x = c.getContext('2d'); for (let i = 0; i < 90000; i++) { x.fillStyle = `hsl(${(i * 47) % 360} 70% ${(i * 13) % 90}%)`; x.fillRect((i * 331) % 1600, (i * 577) % 1200, 4, 3); } return c.toDataURL('image/png').split(',')[1];",
  );
  const file = join(browser.profile, "full.png");
  await writeFile(file, drawn, "base64");
  await page.open("/work?id=demo-brake-shoes");
  await tickSafety(page);
  await page.pressWith("Photograph springs and levers, left");
  const before = await stored(page);
  // As a browser does that has no room: the writing seems to go well, and then the whole transaction is given
  // up.
  await page.driver.executeScript(
    "const add = IDBObjectStore.prototype.add; window.roomAgain = () => (IDBObjectStore.prototype.add = add); IDBObjectStore.prototype.add = function (value, key) { const asked = key === undefined ? add.call(this, value) : add.call(this, value, key); if (this.name === 'pictures') { const { transaction } = this; Object.defineProperty(transaction, 'error', { value: new DOMException('full', 'QuotaExceededError') }); transaction.abort(); } return asked; };",
  );
  const camera = await page.driver.findElement(By.css("main input[type=file]"));
  await camera.sendKeys(file);
  await page.see("The storage is full, so this was not kept; what was saved before is still there.");
  expect((await stored(page)).events).toEqual(before.events);
  await page.driver.executeScript("window.roomAgain()");
  await camera.sendKeys(file);
  await page.find("//main//img", "the photo");
  expect((await stored(page)).events.at(-1)).toMatchObject({ type: "photo" });
  await browser.complaints();
});

test("two tabs that tick the same pattern end equal, and every tick is there once", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/work?id=demo-brake-shoes");
  await page.pressWith("Wheel bolts on the ground, left");
  await page.see("Bolt 1 of 5");
  const one = await page.driver.getWindowHandle();
  await page.driver.switchTo().newWindow("tab");
  const other = await page.driver.getWindowHandle();
  await page.open("/work?id=demo-brake-shoes");
  await page.see("Bolt 1 of 5");
  // Each tab taps its own bolts, in one go and without waiting for the other to tell.
  const tap = (turns: number[]) =>
    page.driver.executeScript(
      "for (const turn of arguments[0]) setTimeout(() => document.querySelector(`main button[aria-label^='Bolt ${turn},']`)?.click(), turn * 3)",
      turns,
    );
  await tap([1, 3, 5]);
  await page.driver.switchTo().window(one);
  await tap([2, 4]);
  await page.see("All 5 done");
  await page.driver.switchTo().window(other);
  await page.see("All 5 done");
  expect(tickedBolts(await stored(page), "left-wheel-tight", 0).sort()).toEqual([1, 2, 3, 4, 5]);
});

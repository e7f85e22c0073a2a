import type { Driver as ChromeDriver } from "selenium-webdriver/chrome";
import { type Opened, openBrowser } from "./browser";
import { firstVisit } from "./journey";
import { lineTo } from "./line";
import { Page } from "./page";
import { type Served, serve } from "./server";
import { tickSafety } from "./work-through";

let served: Served;
let browser: Opened;
let line: Awaited<ReturnType<typeof lineTo>>;
let page: Page;
beforeAll(async () => {
  served = await serve();
});
afterAll(async () => {
  await served.stop();
});
beforeEach(async () => {
  browser = await openBrowser();
  line = await lineTo([served.url]);
  page = new Page(browser.driver, line.url);
});
afterEach(async () => {
  await browser.quit();
  await line.stop();
});

async function openDemo(): Promise<void> {
  await page.open("/garage");
  await page.press("Look round the demo garage");
  await page.see("Do next");
}

const isFile = (url = "") => url.startsWith("/_next/static/");

test("a first visit dies half way: the page says so by itself, and is whole once the signal is back", async () => {
  let came = 0;
  line.treatment.cuts = ({ url }) => isFile(url) && /\.js/.test(url ?? "") && came++ > 3;
  await page.driver.get(`${line.url}/garage`);
  await page.see("The signal may have broken off");
  line.treatment.cuts = () => false;
  await page.clickOn("//a[.='Load the page again']", "loading it again");
  await page.press("Look round the demo garage");
  await page.see("Do next");
  await firstVisit(page);
  line.treatment.cuts = () => true;
  await page.open("/plan?id=demo-thermostat");
  await page.see("Thermostat and coolant");
});

test("a slow line: what is there is used, and nothing is asked for twice", async () => {
  line.treatment.slow = ({ url }) => (isFile(url) ? 300 : 600);
  await openDemo();
  await page.press("Log");
  await page.see("for parts");
});

test("an update arrives half: the version that is here goes on, and the other is offered once all of it came", async () => {
  await openDemo();
  await firstVisit(page);
  // Its pages are of another revision: each is asked for anew.
  line.treatment.changes = ({ url }, text) =>
    url?.startsWith("/serwist/sw.js") ? text.replaceAll(/[0-9a-f]{8}(?=-[0-9a-f]{4}-)/g, "00000000") : text;
  let newer = false;
  line.treatment.cuts = ({ url, headers }) =>
    (newer ||= url?.startsWith("/serwist/sw.js") === true) &&
    url?.startsWith("/log") === true &&
    headers.rsc === undefined;
  await page.open("/plan?id=demo-thermostat");
  await page.see("Thermostat and coolant");
  await page.until(() => Promise.resolve(newer), "the newer worker was not asked for");
  await page.gone("A newer version");
  await page.open("/work?id=demo-brake-shoes");
  await tickSafety(page);
  await page.see("Set the wrench to");
  line.treatment.cuts = () => false;
  await page.open("/garage");
  await page.see("A newer version of Vest Pocket is here.");
  await page.press("Take it now");
  await page.gone("A newer version");
  await page.see("Wren estate");
});

test("an old tab beside a new one: it says that another took the newer version, and goes on with all its data", async () => {
  await openDemo();
  await firstVisit(page);
  const [old] = await page.driver.getAllWindowHandles();
  await page.driver.switchTo().newWindow("tab");
  line.treatment.changes = ({ url }, text) =>
    url?.startsWith("/serwist/sw.js") ? `${text}\n// newer` : text;
  await page.open("/garage");
  await page.press("Take it now");
  await page.see("Wren estate");
  await page.driver.switchTo().window(old ?? "");
  await page.see("A newer version was taken in another tab.");
  await page.press("Reload");
  await page.gone("was taken in another tab");
  await page.see("Wren estate");
});

test("a part that is gone after a newer version was put up, or a page that stands in for it: it is said, and loading it again mends it", async () => {
  // Nothing is kept ahead: as on a first visit, or where a browser keeps nothing.
  const kept = ({ url }: { url?: string | undefined }) =>
    url?.startsWith("/serwist/") ? { status: 404, text: "" } : undefined;
  line.treatment.lies = kept;
  await openDemo();
  for (const [button, title, lie, says, again] of [
    [
      "Show to another device",
      "Show it to another device",
      { status: 404, text: "Not found" },
      "A part of the app did not come",
      "Reload",
    ],
    // No browser tells that what came was another page: that is only seen by its not being there.
    [
      "Read from another device",
      "Open the camera",
      { status: 200, text: "<html>Sign in here</html>" },
      "The signal may have broken off",
      "Load the page again",
    ],
  ] as const) {
    await page.open("/files");
    await page.see("To and from another device");
    // What the page has already is kept by the browser; what it asks for from now on is gone.
    line.treatment.lies = (asked) => kept(asked) ?? (isFile(asked.url) ? lie : undefined);
    await page.press(button);
    await page.see(says);
    line.treatment.lies = kept;
    await page.press(again);
    await page.see(title);
  }
});

/** Sets the clock of every page from now on, and of the one that is open, off by so many minutes. */
async function setClock(minutes: number): Promise<void> {
  const off = `(() => { const real = window.realDate ??= Date; const by = ${minutes * 60_000};
    window.Date = class extends real { constructor(...all) { if (all.length === 0) super(real.now() + by); else super(...all); } static now() { return real.now() + by; } }; })();`;
  const chrome = browser.driver as unknown as ChromeDriver;
  await chrome.sendDevToolsCommand("Page.addScriptToEvaluateOnNewDocument", { source: off });
  await browser.driver.executeScript(off);
}

test("the clock set back a year: it is said, what is done counts, and what was there before stays the older", async () => {
  await openDemo();
  await page.open("/work?id=demo-brake-shoes");
  await tickSafety(page);
  await page.see("Set the wrench to");
  await setClock(-366 * 24 * 60);
  await page.open("/work?id=demo-brake-shoes");
  await page.see("This device’s clock stands before the last thing you did here.");
  // For all it can tell that is another day: the stands are looked at again.
  await tickSafety(page);
  await page.see("Set the wrench to");
  await page.keys(" ");
  await page.see("Bolt 4 of 4");
  await setClock(0);
  await page.open("/work?id=demo-brake-shoes");
  await page.see("Bolt 4 of 4");
});

test("eight hours asleep with a wait running: it is over when one looks, and the work goes on from there", async () => {
  await openDemo();
  await page.open("/work?id=demo-thermostat");
  await page.press("Done, begin the wait");
  await page.see("the hoses are cold to the hand");
  await page.gone("The wait is over");
  await setClock(8 * 60);
  await page.driver.executeScript("document.dispatchEvent(new Event('visibilitychange'))");
  await page.see("The wait is over");
});

test("two copies behind one balancer serve one browser", async () => {
  const other = await serve();
  const balanced = await lineTo([served.url, other.url]);
  try {
    const both = new Page(browser.driver, balanced.url);
    await both.open("/garage");
    await both.press("Look round the demo garage");
    await both.see("Do next");
    await firstVisit(both);
    await both.open("/kit?id=demo-starter&shop=1");
    await both.see("● open,");
    for (const pocket of ["Plan", "Day", "Work", "Log", "Garage"]) await both.press(pocket);
    await both.see("Do next");
    expect(Math.min(...balanced.asked)).toBeGreaterThan(10);
    expect(await browser.complaints()).toEqual([]);
  } finally {
    await balanced.stop();
    await other.stop();
  }
});

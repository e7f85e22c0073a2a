import type { Driver as ChromeDriver } from "selenium-webdriver/chrome";
import { journeys } from "./journey";
import type { Page } from "./page";
import { tickSafety } from "./work-through";

const at = journeys();
const CHANGES = 2000;

/** What the page holds once it was swept: its heap in MB, and how many listeners there are. */
async function held(page: Page): Promise<{ heapMb: number; listeners: number }> {
  const chrome = page.driver as unknown as ChromeDriver;
  for (let i = 0; i < 3; i++) await chrome.sendDevToolsCommand("HeapProfiler.collectGarbage", {});
  const { metrics } = (await chrome.sendAndGetDevToolsCommand("Performance.getMetrics", {})) as unknown as {
    metrics: { name: string; value: number }[];
  };
  const of = (name: string) => metrics.find((one) => one.name === name)?.value ?? NaN;
  return { heapMb: of("JSHeapUsedSize") / 2 ** 20, listeners: of("JSEventListeners") };
}

/** A bolt ticked and taken back so many times, each waited for on the page itself: a driver that looks leaves its own. */
async function change(page: Page, count: number): Promise<void> {
  const failed = await page.driver.executeAsyncScript<string | null>(
    `const [count, done] = arguments;
     const shown = (words) => new Promise((seen) => {
       const look = () => document.querySelector("main").textContent.includes(words) ? seen() : requestAnimationFrame(look);
       look();
     });
     const press = (key) => {
       for (const kind of ["keydown", "keyup"])
         document.body.dispatchEvent(new KeyboardEvent(kind, { key, bubbles: true, cancelable: true }));
     };
     (async () => {
       for (let i = 0; i < count; i++) {
         press(i % 2 === 0 ? " " : "Backspace");
         await shown(i % 2 === 0 ? "Bolt 4 of 4" : "Bolt 3 of 4");
       }
     })().then(() => done(null), (error) => done(String(error)));`,
    count,
  );
  expect(failed).toBeNull();
}

test(`${CHANGES} changes in one page: its heap comes back, and no listener is left behind`, async () => {
  await at.openDemo();
  const { page } = at;
  await (page.driver as unknown as ChromeDriver).sendDevToolsCommand("Performance.enable", {});
  await page.driver.manage().setTimeouts({ script: 180_000 });
  await page.open("/work?id=demo-brake-shoes");
  await tickSafety(page);
  await page.see("Set the wrench to");
  await change(page, 200);
  // What is fetched once a page is at rest (data/DataProvider.tsx) has come: it leaves a listener of its own, once.
  await page.until(
    () => page.driver.executeScript<boolean>("return performance.now() > 9000"),
    "the page did not come to rest",
  );
  const before = await held(page);
  await change(page, CHANGES);
  const after = await held(page);
  expect(after.heapMb).toBeLessThan(before.heapMb * 1.2);
  expect(after.listeners).toBeLessThanOrEqual(before.listeners);
}, 240_000);

import { Key } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome";
import { journeys } from "./journey";
import { tickSafety } from "./work-through";

const at = journeys();
const CHANGES = 2000;

/** What the page holds once it was swept: its heap in MB, and how many listeners there are. */
async function held(): Promise<{ heapMb: number; listeners: number }> {
  const chrome = at.page.driver as unknown as ChromeDriver;
  for (let i = 0; i < 3; i++) await chrome.sendDevToolsCommand("HeapProfiler.collectGarbage", {});
  const { metrics } = (await chrome.sendAndGetDevToolsCommand("Performance.getMetrics", {})) as unknown as {
    metrics: { name: string; value: number }[];
  };
  const of = (name: string) => metrics.find((one) => one.name === name)?.value ?? NaN;
  return { heapMb: of("JSHeapUsedSize") / 2 ** 20, listeners: of("JSEventListeners") };
}

test(`${CHANGES} changes in one page: its heap comes back, and no listener is left behind`, async () => {
  await at.openDemo();
  const { page } = at;
  const chrome = page.driver as unknown as ChromeDriver;
  await chrome.sendDevToolsCommand("Performance.enable", {});
  await page.open("/work?id=demo-brake-shoes");
  await tickSafety(page);
  await page.see("Set the wrench to");
  const change = async (count: number) => {
    for (let i = 0; i < count; i++) {
      await page.keys(i % 2 === 0 ? Key.SPACE : Key.BACK_SPACE);
      if (i % 50 < 2) await page.see(i % 2 === 0 ? "Bolt 4 of 4" : "Bolt 3 of 4");
    }
  };
  // What is remembered of what was taken back has come to its most by then.
  await change(1200);
  const before = await held();
  await change(CHANGES);
  await page.see("Bolt 3 of 4");
  const after = await held();
  expect(after.heapMb).toBeLessThan(before.heapMb * 1.2);
  expect(Math.abs(after.listeners - before.listeners)).toBeLessThanOrEqual(
    Math.max(10, before.listeners * 0.05),
  );
}, 180_000);

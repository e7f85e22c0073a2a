import { By, Key } from "selenium-webdriver";
import type { Page } from "./page";

/** Sets whatever safety ticks the open step asks for. */
export async function tickSafety(page: Page): Promise<void> {
  for (const tick of ["Ground firm", "chocked", "Stands carry", "Shaken hard"]) {
    const [button] = await page.driver.findElements(
      By.xpath(`//main//button[@aria-pressed='false'][contains(., '${tick}')]`),
    );
    if (button) await page.click(button);
  }
}

/**
 * Goes through the work with the space bar until it can be written to the log.
 * Resolves to the largest figure that each tightening step showed.
 */
export async function workToTheEnd(page: Page): Promise<Record<string, string>> {
  const settings: Record<string, string> = {};
  // The pocket turned from has the same heading: wait until it is Work that is shown.
  await page.find("//main//button[normalize-space(.)='Take back']", "Work");
  for (let presses = 0; presses < 250; presses++) {
    const { title, figure } = await onScreen(page);
    if (title === "Wrap up" && (await page.shows("Odometer reads"))) return settings;
    if (await page.shows("Tick the four first")) {
      await tickSafety(page);
      continue;
    }
    if (figure && !(title in settings)) settings[title] = figure;
    const ticks = async () => (await page.driver.findElements(By.css("[aria-pressed=true]"))).length;
    const before = `${await page.text()} ${await ticks()}`;
    if (await page.shows("Count it first")) for (let i = 0; i < 7; i++) await page.keys("+");
    else await page.keys(Key.SPACE);
    await page.until(
      async () => `${await page.text()} ${await ticks()}` !== before,
      `nothing happened on "${title}"`,
    );
  }
  throw new Error("The work had no end.");
}

/** The one button of the open step. */
export const THE_ONE = "//main//*[@data-testid='the-one']";

/** The open step's title and its largest figure, read in one go so that a redraw cannot come between. */
export async function onScreen(page: Page): Promise<{ title: string; figure: string }> {
  const read = () =>
    page.driver.executeScript<{ title: string; figure: string }>(
      "const words = (css) => (document.querySelector(css)?.innerText ?? '').replace(/\\s+/g, ' ').trim(); return { title: words('main h1'), figure: words('main [data-testid=big-figure]') };",
    );
  await page.until(async () => (await read()).title !== "", "no step was shown");
  return read();
}

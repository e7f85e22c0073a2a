import { By, Key } from "selenium-webdriver";
import type { Page } from "./page";

/** Sets whatever safety ticks the open step asks for. */
export async function tickSafety(page: Page): Promise<void> {
  for (const tick of ["Ground firm", "chocked", "Stands carry", "Shaken hard"]) {
    const [button] = await page.driver.findElements(By.xpath(`//main//button[@aria-pressed='false'][contains(., '${tick}')]`));
    if (button) await page.click(button);
  }
}

/**
 * Goes through the work with the one button, by thumb or by the space bar, until it can be wrapped up.
 * Resolves to the largest figure that each tightening step showed.
 */
export async function workToTheEnd(page: Page, byThumb: boolean): Promise<Record<string, string>> {
  const settings: Record<string, string> = {};
  // The pocket turned from has the same heading: wait until it is Work that is shown.
  await page.find("//main//button[normalize-space(.)='Take back']", "Work");
  for (let presses = 0; presses < 250; presses++) {
    const { title, figure } = await onScreen(page);
    if (title === "Wrap up") return settings;
    if (await page.shows("Tick the four first")) {
      await tickSafety(page);
      continue;
    }
    if (figure && !(title in settings)) settings[title] = figure;
    const before = await page.text();
    if (byThumb) await page.clickOn("//main//button[normalize-space(.)='Take back']/preceding-sibling::button", "the one button");
    else await page.keys(Key.SPACE);
    await page.driver.wait(async () => (await page.text()) !== before, 5000, `nothing happened on "${title}"`);
  }
  throw new Error("The work had no end.");
}

/** The open step's title and its largest figure, read in one go so that a redraw cannot come between. */
async function onScreen(page: Page): Promise<{ title: string; figure: string }> {
  const read = () =>
    page.driver.executeScript<{ title: string; figure: string }>(
      "const words = (css) => (document.querySelector(css)?.innerText ?? '').replace(/\\s+/g, ' ').trim(); return { title: words('main h1'), figure: words('main [data-testid=big-figure]') };",
    );
  await page.driver.wait(async () => (await read()).title !== "", 5000, "no step was shown");
  return read();
}

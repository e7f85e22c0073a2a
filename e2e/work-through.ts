import { By, Key } from "selenium-webdriver";
import type { Page } from "./page";

/** Sets whatever safety ticks the open step asks for. */
export async function tickSafety(page: Page): Promise<void> {
  for (const tick of ["Ground firm", "chocked", "Stands carry", "Shaken hard"]) {
    const [button] = await page.driver.findElements(
      By.xpath(`//main//button[@aria-pressed='false'][contains(., '${tick}')]`),
    );
    if (!button) continue;
    await page.click(button);
    // A second press, before it was drawn, would take the tick away again.
    await page.until(
      async () => (await button.getAttribute("aria-pressed").catch(() => "gone")) !== "false",
      `"${tick}" was not ticked`,
    );
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

/** What the log says of a bolt after that button. */
const SAID: Readonly<Record<string, string>> = { Pulled: "by spanner", "Tight, by feel": "by feel" };

/** What the hands really did at each bolt, to be held against what the log says of it. */
export class DoneByHand {
  /** Bolts, by how they were done up in the log's own words: "set to 26.5 lb·ft", "by feel". */
  private readonly bolts = new Map<string, number>();

  /** Called before the one button is pressed: what that press will say was done. */
  async note(page: Page): Promise<void> {
    const { figure } = await onScreen(page);
    const button = await page.driver.executeScript<string>(
      "return document.querySelector('main [data-testid=the-one]:not(:disabled)')?.innerText ?? ''",
    );
    const shown = await page.text();
    const how =
      /^Clicked/.test(button) && shown.includes("Set the wrench to") ? `set to ${figure}` : SAID[button];
    if (how) this.bolts.set(how, (this.bolts.get(how) ?? 0) + 1);
  }

  /** Every line of the wrap-up's torques, bolt for bolt: nothing is there that was not set, read or felt. */
  async isWhatIsTold(page: Page): Promise<void> {
    const rows = await page.driver.executeScript<string[]>(
      "const title = [...document.querySelectorAll('main h2, main h3')].find((one) => one.innerText === 'Torque as it was'); return (title?.parentElement?.innerText ?? '').split('\\n');",
    );
    const told = new Map<string, number>();
    for (let i = 1; i + 1 < rows.length; i += 2) {
      const all = Number.parseInt(rows[i] ?? "", 10);
      for (const part of (rows[i + 1] ?? "")
        .replace(/\u00a0/g, " ")
        .split("; ")
        .slice(1)) {
        const [, some, how = part] = /^(?:(\d+) )?(.*?)(?:, [\d.]+ \S+ at the bolt)?$/.exec(part) ?? [];
        if (how.startsWith("read ")) continue;
        told.set(how, (told.get(how) ?? 0) + (some ? Number(some) : all));
      }
    }
    expect(Object.fromEntries(told)).toEqual(Object.fromEntries(this.bolts));
  }
}

/** Says what a check of "What is wrong" gave. */
export async function checkGives(page: Page, check: string, result: string): Promise<void> {
  await page.clickOn(
    `//*[@role='group'][@aria-label="${check}"]//button[normalize-space(.)='${result}']`,
    `"${result}" of "${check}"`,
  );
}

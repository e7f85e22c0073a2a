import { By, error, type WebElement } from "selenium-webdriver";
import type { Page } from "./page";

/** Puts a long text into a field as pasting does, in one go. */
export async function paste(page: Page, text: string): Promise<void> {
  await page.driver.executeScript(
    "const field = document.querySelector('main textarea'); Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set.call(field, arguments[0]); field.dispatchEvent(new Event('input', { bubbles: true }));",
    text,
  );
}

/** Everything that the second look says, in one. */
const found = (page: Page): Promise<string> =>
  page.driver.executeScript<string>(
    "return [...document.querySelectorAll('[data-testid=finding], [data-testid=findings]')].map((one) => one.textContent).join('|')",
  );

/** Long enough for the second look to have read everything that it asks, on a machine with much else to do. */
const QUIET_MS = 1500;

/** Waits until what is found has stayed the same for a while: like findings are mended in one press once all are there. */
async function settled(page: Page): Promise<void> {
  for (let before = await found(page), same = 0; same < QUIET_MS;) {
    await new Promise((wake) => setTimeout(wake, 250));
    const now = await found(page);
    same = now === before ? same + 250 : 0;
    before = now;
  }
}

/**
 * Presses what a second look still asks for, until it asks for nothing more; tells how many presses that
 * took.
 */
export async function mend(page: Page): Promise<number> {
  for (let presses = 0; presses < 20; presses++) {
    await settled(page);
    const [fix] = await page.driver.findElements(
      By.xpath(
        "//*[@data-testid='finding' or @data-testid='findings']//button[not(contains(., 'Open it')) and not(contains(., 'I know')) and not(contains(., 'One by one')) and not(@data-word)]",
      ),
    );
    if (!fix) return presses;
    const before = await found(page);
    let says: string;
    try {
      says = await fix.getText();
      await page.click(fix);
    } catch (thrown) {
      // Drawn anew in between: looked for once more, as a person would.
      if (thrown instanceof error.StaleElementReferenceError) continue;
      throw thrown;
    }
    await page.see(`${says}: done.`);
    // The word at the foot may be that of the mend before: what is found has to change, too.
    await page.until(async () => (await found(page)) !== before, `"${says}" mended nothing`);
  }
  throw new Error("The second look never comes to an end.");
}

/**
 * Seconds that somebody takes who does not know the app, by the keystroke-level model (Card, Moran and Newell 1980): to
 * find and decide, to point, and to type a letter on a phone with a thumb.
 */
const THINK_S = 1.35;
const POINT_S = 1.3;
const LETTER_S = 0.5;

/** A hand on a page, of which every press and every field counts. */
export class Counted {
  presses = 0;
  fields = 0;
  letters = 0;
  constructor(private readonly page: Page) {}

  async press(words: string): Promise<void> {
    this.presses++;
    await this.page.press(words);
  }

  async pressWith(words: string): Promise<void> {
    this.presses++;
    await this.page.pressWith(words);
  }

  async click(element: WebElement): Promise<void> {
    this.presses++;
    await this.page.click(element);
  }

  async type(label: string, text: string): Promise<void> {
    this.fields++;
    this.letters += text.length;
    await this.page.type(label, text);
  }

  /** What all of it would have taken by thumb. */
  get seconds(): number {
    return (this.presses + this.fields) * (THINK_S + POINT_S) + this.letters * LETTER_S;
  }
}

/** From an empty garage, with a first vehicle, to the sheet that is found by what is noticed. */
export async function toTheSheet(page: Page, hand: Counted, notices: string, sheet: string): Promise<void> {
  await page.open("/garage");
  await hand.press("Start my own");
  await hand.type("Name", "Heron van");
  await hand.press("Save");
  await page.see("Heron van saved.");
  await hand.press("Plan");
  await hand.press("From the shelf");
  await hand.type("What is the job, or what do you notice?", notices);
  await hand.pressWith(sheet);
}

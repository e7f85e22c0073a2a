import { By, type WebElement } from "selenium-webdriver";
import type { Page } from "./page";

/** Puts a long text into a field as pasting does, in one go. */
export async function paste(page: Page, text: string): Promise<void> {
  await page.driver.executeScript(
    "const field = document.querySelector('main textarea'); Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set.call(field, arguments[0]); field.dispatchEvent(new Event('input', { bubbles: true }));",
    text,
  );
}

/**
 * Presses what a second look still asks for, until it asks for nothing more; tells how many presses that
 * took.
 */
export async function mend(page: Page): Promise<number> {
  for (let presses = 0; presses < 20; presses++) {
    const [fix] = await page.driver.findElements(
      By.xpath(
        "//*[@data-testid='finding' or @data-testid='findings']//button[not(contains(., 'Open it')) and not(contains(., 'I know')) and not(contains(., 'One by one'))]",
      ),
    );
    if (!fix) return presses;
    const says = await fix.getText();
    await page.click(fix);
    await page.see(`${says}: done.`);
  }
  throw new Error("The second look never comes to an end.");
}

/** A hand on a page, of which every press and every field counts. */
export class Counted {
  presses = 0;
  fields = 0;
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
    await this.page.type(label, text);
  }
}

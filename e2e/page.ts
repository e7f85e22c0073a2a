import { By, Key, type WebDriver, type WebElement, error, until } from "selenium-webdriver";

/** Long enough for a machine with much else to do: a journey says what is so, the benchmark how fast. */
const PATIENCE_MS = 60_000;
/**
 * How often the page is looked at while something is waited for; the driver's own pace of five a second makes
 * the journeys long.
 */
const LOOK_EVERY_MS = 40;

/** A page as a person handles it: by the words on it. */
export class Page {
  constructor(
    readonly driver: WebDriver,
    private readonly url: string,
  ) {}

  /** Opens an address and waits until the app has drawn it: what stands in the page as it is sent does nothing yet. */
  async open(path: string): Promise<void> {
    await this.driver.get(`${this.url}${path}`);
    await this.driver.wait(
      until.elementLocated(By.css("main :is(h1, h2):not(.never-here *)")),
      PATIENCE_MS,
      `${path} stayed empty`,
      LOOK_EVERY_MS,
    );
  }

  /** Goes on to an address within the app, as a link does: nothing is loaded anew. See what is there next. */
  async follow(path: string): Promise<void> {
    await this.driver.executeScript("window.next.router.push(arguments[0])", path);
  }

  /** Presses the button, link, tab or fold whose whole text or name is this. */
  async press(words: string): Promise<void> {
    const xpath = `//*[self::button or self::a or self::summary][normalize-space(.)=${quote(words)} or @aria-label=${quote(words)}]`;
    await this.clickOn(xpath, `"${words}" to press`);
  }

  /** Presses the first button or link that holds these words among others. */
  async pressWith(words: string): Promise<void> {
    await this.clickOn(
      `//*[self::button or self::a][contains(normalize-space(.), ${quote(words)}) or contains(@aria-label, ${quote(words)})]`,
      `a button with "${words}"`,
    );
  }

  /** Finds and clicks; once more should the screen be drawn anew in between, as a person would. */
  async clickOn(xpath: string, what: string): Promise<void> {
    for (let tries = 0; ; tries++) {
      try {
        return await this.click(await this.find(xpath, what));
      } catch (thrown) {
        if (tries >= 3 || !(thrown instanceof error.StaleElementReferenceError)) throw thrown;
      }
    }
  }

  /** Waits until these words stand somewhere on the page. */
  async see(words: string): Promise<void> {
    await this.driver
      .wait(
        async () => (await this.text()).includes(words),
        PATIENCE_MS,
        `"${words}" was not on the page`,
        LOOK_EVERY_MS,
      )
      .catch(async (failure: Error) => {
        throw new Error(`${failure.message}\nThe page says: ${await this.text()}`);
      });
  }

  /** Waits until these words stand nowhere on the page. */
  async gone(words: string): Promise<void> {
    await this.until(async () => !(await this.shows(words)), `"${words}" stayed on the page`);
  }

  /** Waits until an element that carries a test id holds these words, or reads like this. */
  async reads(testId: string, words: string | RegExp): Promise<void> {
    let said = "";
    const holds = async () => {
      said = await this.read(testId);
      return typeof words === "string" ? said.includes(words) : words.test(said);
    };
    await this.until(holds, `${testId} did not come to read ${words}`).catch((failure: Error) => {
      throw new Error(`${failure.message}; it reads: ${said}`);
    });
  }

  /** Waits until something holds. */
  async until(holds: () => Promise<boolean>, otherwise: string): Promise<void> {
    await this.driver.wait(holds, PATIENCE_MS, otherwise, LOOK_EVERY_MS);
  }

  async shows(words: string): Promise<boolean> {
    return (await this.text()).includes(words);
  }

  /** All that can be read on the page, its odd spaces made plain. */
  async text(): Promise<string> {
    const text = await this.driver.executeScript<string>("return document.body.innerText");
    return text.replace(/[\u00a0\u2009\u202f]/g, " ");
  }

  /** The text of an element that carries a test id; once more should the screen be drawn anew in between. */
  async read(testId: string): Promise<string> {
    for (let tries = 0; ; tries++) {
      try {
        const element = await this.find(`//*[@data-testid=${quote(testId)}]`, testId);
        return (await element.getText()).replace(/\s+/g, " ");
      } catch (thrown) {
        if (tries >= 3 || !(thrown instanceof error.StaleElementReferenceError)) throw thrown;
      }
    }
  }

  async field(label: string): Promise<WebElement> {
    const found = await this.find(`//label[normalize-space(.)=${quote(label)}]`, `the field "${label}"`);
    return this.driver.findElement(By.id((await found.getAttribute("for")) ?? ""));
  }

  /** Types into a field in place of what stood there. */
  async type(label: string, text: string): Promise<void> {
    const field = await this.field(label);
    await field.sendKeys(Key.chord(Key.CONTROL, "a"), Key.BACK_SPACE, text);
  }

  async choose(label: string, option: string): Promise<void> {
    const field = await this.field(label);
    await (await field.findElement(By.xpath(`./option[normalize-space(.)=${quote(option)}]`))).click();
  }

  /** Presses keys with nothing but the page in hand. */
  async keys(...keys: string[]): Promise<void> {
    await this.driver
      .actions()
      .sendKeys(...keys)
      .perform();
  }

  /** Scrolls there and clicks; once more should something have slid over it meanwhile. */
  async click(element: WebElement): Promise<void> {
    for (let tries = 0; ; tries++) {
      await this.driver.executeScript("arguments[0].scrollIntoView({ block: 'center' })", element);
      try {
        return await element.click();
      } catch (thrown) {
        if (tries >= 3 || !(thrown instanceof error.ElementClickInterceptedError)) throw thrown;
      }
    }
  }

  async find(xpath: string, what: string): Promise<WebElement> {
    const wait = async () => {
      for (const element of await this.driver.findElements(By.xpath(xpath))) {
        if (await element.isDisplayed().catch(() => false)) return element;
      }
      return null;
    };
    const found = await this.driver
      .wait(wait, PATIENCE_MS, `${what} was not found`, LOOK_EVERY_MS)
      .catch(async (failure: Error) => {
        throw new Error(`${failure.message}\nThe page says: ${await this.text()}`);
      });
    if (!found) throw new Error(`${what} was not found`);
    return found;
  }

  /** How far the page can be scrolled sideways, px. */
  async sideways(): Promise<number> {
    return this.driver.executeScript<number>(
      "return document.documentElement.scrollWidth - document.documentElement.clientWidth",
    );
  }

  /** Words of the targets lower than so many px; links within a sentence are not counted. */
  async smallTargets(px: number): Promise<string[]> {
    return this.driver.executeScript<string[]>(
      `const small = [];
      for (const one of document.querySelectorAll("button, a, input, select, summary")) {
        const box = (one.type === "checkbox" ? one.parentElement : one).getBoundingClientRect();
        const inSentence = (one.tagName === "A" || "word" in one.dataset) && getComputedStyle(one).display === "inline";
        if (box.height > 0 && box.height < arguments[0] - 0.5 && !inSentence) small.push((one.innerText || one.name || one.type) + " " + box.height);
      }
      return small;`,
      px,
    );
  }
}

function quote(words: string): string {
  return words.includes("'") ? `"${words}"` : `'${words}'`;
}

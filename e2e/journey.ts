import { readdir, stat } from "node:fs/promises";
import { join } from "node:path";
import { type Opened, openBrowser } from "./browser";
import { Page } from "./page";
import { type Served, serve } from "./server";

/** What a journey has in hand once it has opened a browser. */
export interface Journey {
  readonly browser: Opened;
  readonly page: Page;
  /** The server; a journey that ends it gets a new one after it. */
  readonly served: Served;
  open: (how?: Parameters<typeof openBrowser>[0]) => Promise<void>;
  /** Opens a browser with the demo in it. */
  openDemo: (how?: Parameters<typeof openBrowser>[0]) => Promise<void>;
  /** Waits for a file that the browser has written, by the end of its name; its path. */
  downloaded: (nameEnd: string) => Promise<string>;
}

/**
 * Serves the app for a file of journeys; each opens a browser of its own, which is ended after it. A
 * complaint in the console fails it.
 */
export function journeys(): Journey {
  let served: Served | undefined;
  let browser: Opened | undefined;
  let page: Page | undefined;
  const must = <T>(thing: T | undefined): T => {
    if (thing === undefined) throw new Error("The journey has not opened a browser yet.");
    return thing;
  };
  beforeEach(async () => {
    if (!(await served?.isUp())) served = await serve();
  });
  afterAll(async () => {
    await served?.stop();
  });
  afterEach(async () => {
    const complaints = await browser?.complaints();
    await browser?.quit();
    browser = undefined;
    expect(complaints ?? []).toEqual([]);
  });
  const open: Journey["open"] = async (how) => {
    browser = await openBrowser(how);
    page = new Page(browser.driver, must(served).url);
  };
  return {
    get browser() {
      return must(browser);
    },
    get page() {
      return must(page);
    },
    get served() {
      return must(served);
    },
    open,
    downloaded: async (nameEnd) => {
      const { downloads } = must(browser);
      for (let tries = 0; tries < 100; tries++) {
        const named = (await readdir(downloads).catch((): string[] => [])).find((file) =>
          file.endsWith(nameEnd),
        );
        // The browser keeps the name with an empty file until all of it is there.
        if (named && (await stat(join(downloads, named))).size > 0) return join(downloads, named);
        await new Promise((wake) => setTimeout(wake, 100));
      }
      throw new Error(`Nothing was written that ends in ${nameEnd}.`);
    },
    openDemo: async (how) => {
      await open(how);
      const here = must(page);
      await here.open("/garage");
      await here.press("Look round the demo garage");
      await here.see("Do next");
    },
  };
}

/** Waits until the service worker has everything and the page is its. */
export async function firstVisit(page: Page): Promise<void> {
  await page.driver.wait(
    () => page.driver.executeScript<boolean>("return navigator.serviceWorker.controller !== null"),
    90_000,
    "The service worker has not taken the page over.",
  );
}

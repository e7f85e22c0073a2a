import { readdir, stat } from "node:fs/promises";
import { join } from "node:path";
import { type Opened, openBrowser } from "./browser";
import { Page } from "./page";
import { type Served, serve } from "./server";
import { sharedServer } from "./shared-server";

/** What a journey has in hand once it has opened a browser. */
export interface Journey {
  readonly browser: Opened;
  readonly page: Page;
  /** Where the app is served. */
  readonly url: string;
  /** Ends the server; the next journey gets a new one. Only where the file has its own. */
  endServer: () => Promise<void>;
  open: (how?: Parameters<typeof openBrowser>[0]) => Promise<void>;
  /** Opens a browser with the demo in it. */
  openDemo: (how?: Parameters<typeof openBrowser>[0]) => Promise<void>;
  /** Waits for a file that the browser has written, by the end of its name; its path. */
  downloaded: (nameEnd: string) => Promise<string>;
}

/**
 * The app is served for a file of journeys; each opens a browser of its own, which is ended after it. A
 * complaint in the console fails it.
 *
 * @param how.anew with a server of the file's own, that may be ended, and browsers that have never been here;
 *   otherwise all files ask one server, by browsers that have kept the app and nothing in it.
 */
export function journeys({ anew = false } = {}): Journey {
  const shared = anew ? undefined : sharedServer();
  let served: Served | undefined;
  let browser: Opened | undefined;
  let page: Page | undefined;
  const must = <T>(thing: T | undefined): T => {
    if (thing === undefined) throw new Error("The journey has not opened a browser yet.");
    return thing;
  };
  beforeEach(async () => {
    if (anew && !(await served?.isUp())) served = await serve();
  });
  afterAll(async () => {
    if (anew) await served?.stop();
  });
  afterEach(async () => {
    const complaints = await browser?.complaints();
    await browser?.quit();
    browser = undefined;
    expect(complaints ?? []).toEqual([]);
  });
  const url = () => shared?.url ?? must(served).url;
  const open: Journey["open"] = async (how) => {
    browser = await openBrowser({ ...(shared && { like: shared.profile }), ...how });
    page = new Page(browser.driver, url());
  };
  return {
    get browser() {
      return must(browser);
    },
    get page() {
      return must(page);
    },
    get url() {
      return url();
    },
    endServer: () => must(served).stop(),
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

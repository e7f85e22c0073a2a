import { cp, mkdtemp, rm } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { logging } from "selenium-webdriver";
import { Driver, Options, ServiceBuilder } from "selenium-webdriver/chrome";

export interface Size {
  width: number;
  height: number;
}
export const DESK: Size = { width: 1280, height: 800 };
export const PHONE: Size = { width: 390, height: 844 };

export interface Opened {
  driver: Driver;
  /**
   * Where this browser keeps its data and downloads; given to openBrowser again, the same browser comes back.
   */
  profile: string;
  downloads: string;
  /** Everything the console said at warning or above since the last call. */
  complaints: () => Promise<string[]>;
  quit: () => Promise<void>;
}

/** A page that is read in full, on a machine with much else to do. */
const LONGEST_SCRIPT_MS = 180_000;

interface How {
  size?: Size;
  night?: boolean;
  /** A profile folder to open again; a new one otherwise. */
  profile?: string;
  /** What a new profile begins as a copy of; it is empty otherwise. */
  like?: string;
  /** What its camera sees: a film (.y4m), over and over. */
  camera?: string;
}

/** Debian's Chromium, headless, with a profile of its own and no traffic of its own. */
export async function openBrowser({
  size = DESK,
  night = false,
  profile,
  like,
  camera,
}: How = {}): Promise<Opened> {
  const folder = profile ?? (await mkdtemp(join(tmpdir(), "vest-pocket-")));
  if (like) await cp(like, folder, { recursive: true });
  const downloads = join(folder, "downloads");
  const options = new Options();
  // The same engine without the windows, menus and bars around it: it starts in a fifth of a second.
  options.set("browserName", "chrome-headless-shell");
  options.setChromeBinaryPath("/usr/bin/chromium-headless-shell");
  options.addArguments(
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--no-first-run",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
    "--hide-scrollbars",
    // The household of the journeys pays in euros and drives kilometres.
    "--accept-lang=en-IE,en",
    `--user-data-dir=${folder}`,
    `--window-size=${size.width},${size.height}`,
  );
  if (camera)
    options.addArguments(
      "--use-fake-ui-for-media-stream",
      "--use-fake-device-for-media-stream",
      `--use-file-for-fake-video-capture=${camera}`,
    );
  if (night) options.addArguments("--blink-settings=preferredColorScheme=0");
  if (size.width < 500) {
    // The type package describes an older form of this; ChromeDriver reads deviceMetrics.
    options.setMobileEmulation({
      deviceMetrics: { width: size.width, height: size.height, pixelRatio: 1, touch: true },
    } as never);
  }
  const log = new logging.Preferences();
  log.setLevel(logging.Type.BROWSER, logging.Level.ALL);
  options.setLoggingPrefs(log);
  const driver = Driver.createSession(options, new ServiceBuilder("/usr/bin/chromedriver").build());
  await driver.getSession();
  await driver.manage().setTimeouts({ script: LONGEST_SCRIPT_MS });
  await driver.sendDevToolsCommand("Browser.setDownloadBehavior", {
    behavior: "allow",
    downloadPath: downloads,
  });
  if (size.width >= 500) await fitViewport(driver, size);
  return {
    driver,
    profile: folder,
    downloads,
    complaints: async () => {
      const entries = await driver.manage().logs().get(logging.Type.BROWSER);
      return entries
        .filter(({ level }) => level.value >= logging.Level.WARNING.value)
        .map(({ message }) => message);
    },
    quit: async () => {
      await driver.quit().catch(() => undefined);
      if (!profile) await rm(folder, { recursive: true, force: true, maxRetries: 10, retryDelay: 200 });
    },
  };
}

/** Headless windows have a frame of their own; the page itself is what should have the size. */
async function fitViewport(driver: Driver, size: Size): Promise<void> {
  const [width, height] = await driver.executeScript<[number, number]>("return [innerWidth, innerHeight]");
  await driver
    .manage()
    .window()
    .setRect({ width: size.width + (size.width - width), height: size.height + (size.height - height) });
}

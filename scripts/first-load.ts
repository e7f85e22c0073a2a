import { openBrowser } from "../e2e/browser";
import { Page } from "../e2e/page";
import { serve } from "../e2e/server";

const LIMIT_KB = 230;

/**
 * Compressed JavaScript that a new browser is sent for the Garage, links fetched ahead included; fails above
 * the limit.
 */
async function main(): Promise<void> {
  const served = await serve();
  const browser = await openBrowser();
  try {
    const page = new Page(browser.driver, served.url);
    await page.open("/garage");
    await page.see("Look round the demo garage");
    await new Promise((wake) => setTimeout(wake, 3000));
    const sizes = await browser.driver.executeScript<[string, number][]>(
      "return performance.getEntriesByType('resource').filter((one) => new URL(one.name).pathname.endsWith('.js')).map((one) => [new URL(one.name).pathname, one.encodedBodySize])",
    );
    const kilobytes = sizes.reduce((sum, [, bytes]) => sum + bytes, 0) / 1000;
    if (process.argv.includes("--each"))
      sizes
        .sort((a, b) => b[1] - a[1])
        .forEach(([path, bytes]) => console.log(`${(bytes / 1000).toFixed(1)} kB ${path}`));
    console.log(
      `First load of the Garage: ${kilobytes.toFixed(1)} kB of compressed JavaScript in ${sizes.length} files (limit ${LIMIT_KB} kB).`,
    );
    if (kilobytes > LIMIT_KB || sizes.length === 0) process.exitCode = 1;
  } finally {
    await browser.quit();
    await served.stop();
  }
}

void main();

import { writeFileSync } from "node:fs";
import { By } from "selenium-webdriver";
import { DESK, PHONE, openBrowser } from "./browser";
import { Page } from "./page";
import { serve } from "./server";
import { tickSafety } from "./work-through";
async function main() {
  const server = await serve();
  for (const [name, size] of [["desk", DESK], ["phone", PHONE]] as const) {
    const { driver, quit } = await openBrowser({ size });
    try {
      const page = new Page(driver, server.url);
      const shot = async (n: string) => writeFileSync(`/tmp/pix-${n}-${name}.png`, await driver.takeScreenshot(), "base64");
      const pause = (ms: number) => new Promise((r) => setTimeout(r, ms));
      await page.open("/garage");
      await page.press("Look round the demo garage");
      await page.see("Do next");
      await page.open("/work?id=demo-starter");
      await pause(800);
      await page.press("Not as planned").catch(() => undefined);
      await pause(500);
      await shot("menu");
      for (let i = 0; i < 60; i++) {
        const title = await driver.executeScript<string>("return document.querySelector('main h1')?.innerText ?? ''");
        const text = await page.text();
        if (/All as planned/.test(text)) { await page.press("All as planned"); await pause(300); continue; }
        if (/Tick the four first/.test(text)) { await tickSafety(page); await pause(200); continue; }
        if (/cable nut/i.test(title) && /by feel/i.test(text)) { await shot("feel"); await page.press("Not as planned"); await pause(300); await page.press("The wrench does not get on"); await pause(300); await shot("geton"); break; }
        const one = await driver.findElements(By.css("[data-testid=the-one]"));
        if (/As it came off/.test(text)) await shot("sat");
        if (!one[0]) break;
        await driver.executeScript("document.querySelector('[data-testid=the-one]').click()");
        await pause(250);
      }
    } finally { await quit(); }
  }
  await server.stop();
}
main().catch((e) => { console.error(e); process.exit(1); });

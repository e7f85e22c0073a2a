import { PHONE, openBrowser } from "../e2e/browser";
import { Page } from "../e2e/page";
import { serve } from "../e2e/server";
import { line, part } from "./measure";

const SECONDS = 3;
/** A frame of a screen that shows 60 a second, and half of one more: later than this, one was dropped. */
const DROPPED_MS = 25;

/** Frames of the page over some seconds: how many, and how many came late. */
const COUNT = `
  const done = arguments[0];
  const times = [];
  const until = performance.now() + ${SECONDS} * 1000;
  const tick = (now) => {
    times.push(now);
    if (now < until) requestAnimationFrame(tick);
    else done({ frames: times.length - 1, late: times.slice(1).filter((at, i) => at - times[i] > ${DROPPED_MS}).length });
  };
  requestAnimationFrame(tick);
`;
interface Counted {
  frames: number;
  late: number;
}

/** Frames while a bolt is pulled on a phone, against the same page at rest. */
async function main(): Promise<void> {
  const server = await serve();
  const browser = await openBrowser({ size: PHONE });
  try {
    const page = new Page(browser.driver, server.url);
    await browser.driver.manage().setTimeouts({ script: 30_000 });
    await page.open("/practise?skill=pull");
    await page.see("Hold to pull");
    const rest = await browser.driver.executeAsyncScript<Counted>(COUNT);
    await browser.driver.actions().keyDown(" ").perform();
    const pulled = await browser.driver.executeAsyncScript<Counted>(COUNT);
    await browser.driver.actions().keyUp(" ").perform();
    part("A pull on a phone's screen, against the same page at rest");
    line(
      (pulled.frames / rest.frames).toFixed(2),
      `of its ${(rest.frames / SECONDS).toFixed(1)} frames a second`,
    );
    line(String(pulled.late), `frames late while pulling, ${rest.late} at rest`);
  } finally {
    await browser.quit();
    await server.stop();
  }
}

void main();

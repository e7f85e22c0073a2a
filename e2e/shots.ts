import { mkdirSync, writeFileSync } from "node:fs";
import { By } from "selenium-webdriver";
import { DESK, PHONE, openBrowser } from "./browser";
import { Page } from "./page";
import { serve } from "./server";
import { tickSafety } from "./work-through";

interface Shot {
  name: string;
  path: string;
  phone?: boolean;
  night?: boolean;
  how?: (page: Page) => Promise<void>;
}

const atTorque = async (page: Page) => {
  await tickSafety(page);
  await page.see("Set the wrench to");
};
/** A memo as a friend would speak it. */
const TOLD =
  "Let the engine go cold. Unplug the four coils, pull the coils off. Ten cover bolts, they're a 12, sorry, that is a 10 not a 12. Lift the cover off, never lever against the face. Clean both faces. New cover gasket. Refit the cover, start the cover bolts by hand, then in a cross, I think 106 inch pounds. The book says 18 newton metres, that's for the older one. Coil screws T30, 8 newton metres. Plug the coils in. Start the engine and look for leaks. Check the cover bolts again after a week.";
const SHOTS: Shot[] = [
  { name: "garage", path: "/garage?id=demo-wren" },
  {
    name: "plan",
    path: "/plan?id=demo-brake-shoes",
    how: (page) => page.pressWith("Backing plate bolts, left"),
  },
  {
    name: "plan-fastener",
    path: "/plan?id=demo-cam-cover",
    how: (page) => page.pressWith("10 × Cam cover bolts"),
  },
  {
    name: "plan-shelf",
    path: "/plan?shelf=all",
    how: async (page) => {
      await page.type("What is the job, or what do you notice?", "squeals when braking");
      await page.see("things do that");
    },
  },
  {
    name: "plan-notes",
    path: "/plan?id=demo-cam-cover&notes=1",
    how: async (page) => {
      await page.type("Notes for “Cam cover gasket and plugs”", TOLD);
      await page.see("is not sure, as it was told");
      await page.press("Show what was read in it");
    },
  },
  {
    name: "plan-look-up",
    path: "/plan?shelf=pads-and-discs",
    phone: true,
    how: async (page) => {
      for (const answer of ["front", "pads and discs", "no"]) await page.press(answer);
      await page.press("Put it in the plan");
      await page.see("Look up these");
    },
  },
  { name: "kit", path: "/kit?id=demo-brake-shoes", how: (page) => page.pressWith("10 mm flare spanner") },
  { name: "kit-shopping", path: "/kit?id=demo-starter&shop=1", how: (page) => page.see("beat Six-lobe set") },
  {
    name: "kit-chest",
    path: "/kit?chest=1",
    how: (page) => page.type("What you own, a line each", "3/8 deep metric 8-19 no 16\n14 mm deep socket"),
  },
  {
    name: "day",
    path: "/day?id=demo-thermostat",
    how: async (page) => {
      await page.type("Where it is done", "48.2 N 16.4 E");
      await page.reads("day-goal", "before dark");
      await page.see("The same day otherwise");
      await page.find("//*[@aria-busy='false']", "the day reckoned");
    },
  },
  { name: "work", path: "/work?id=demo-brake-shoes", how: atTorque },
  { name: "work-phone", path: "/work?id=demo-brake-shoes", phone: true, how: atTorque },
  { name: "work-night", path: "/work?id=demo-brake-shoes", night: true, how: atTorque },
  { name: "log", path: "/log?id=demo-wren" },
  { name: "log-due", path: "/log?id=demo-wren&view=due" },
  {
    name: "log-wear",
    path: "/log?id=demo-wren&view=wear",
    how: (page) => page.find("//canvas", "the chart").then(() => undefined),
  },
  { name: "bench", path: "/bench?slip=adapter" },
  {
    name: "practise",
    path: "/practise?skill=ring",
    how: async (page) => {
      await page.press("Full figure");
      for (const bolt of [1, 2, 3]) await page.pressWith(`Bolt ${bolt}, 0 %`);
    },
  },
  { name: "files", path: "/files" },
];

/** The line that each screen opens with the first time; a phone at work has none. */
async function putFirstLineAway(page: Page): Promise<void> {
  const line = "//button[@aria-label='Put this line away']";
  await page.until(
    async () => (await page.driver.findElements(By.xpath(line))).length > 0,
    "The screen says nothing of what to do first.",
  );
  await page.driver.executeScript("document.querySelector('[aria-label=\"Put this line away\"]').click()");
  await page.until(
    async () => (await page.driver.findElements(By.xpath(line))).length === 0,
    "The first line stayed.",
  );
}

/** Makes every picture in docs/screenshots anew from the demo; each in a browser of its own look and size. */
async function main(): Promise<void> {
  const only = process.argv.slice(2);
  const wanted = SHOTS.filter(({ name }) => only.length === 0 || only.includes(name));
  mkdirSync("docs/screenshots", { recursive: true });
  const served = await serve();
  try {
    for (const { name, path, phone = false, night = false, how } of wanted) {
      const browser = await openBrowser({ size: phone ? PHONE : DESK, night });
      try {
        const page = new Page(browser.driver, served.url);
        await page.open("/garage");
        await page.press("Look round the demo garage");
        await page.see("Do next");
        await page.open(path);
        await putFirstLineAway(page);
        await how?.(page);
        await page.driver.executeScript(
          "document.activeElement?.blur(); scrollTo(0, 0); document.querySelector('#bench')?.scrollTo(0, 0)",
        );
        await new Promise((wake) => setTimeout(wake, 400));
        writeFileSync(`docs/screenshots/${name}.png`, await browser.driver.takeScreenshot(), "base64");
        console.log(`docs/screenshots/${name}.png`);
      } finally {
        await browser.quit();
      }
    }
  } finally {
    await served.stop();
  }
}

void main();

import { writeHouseholdFile } from "@/data/household-file";
import { demoHousehold } from "@/demo/household";
import { today } from "@/features/shell/clock";
import { openBrowser } from "./browser";
import { firstVisit } from "./journey";
import { lineTo } from "./line";
import { Page } from "./page";
import { type Served, serve } from "./server";
import { tickSafety } from "./work-through";

let served: Served;
beforeEach(async () => {
  served = await serve();
});
afterEach(async () => {
  await served.stop();
});

/** Opens the demo, and waits until it can do without the server. */
async function openDemo(page: Page): Promise<void> {
  await page.open("/garage");
  await page.press("Look round the demo garage");
  await page.see("Do next");
  await firstVisit(page);
}

test("after the first visit the server is ended: work, plan, log, calculations and the shopping's worker go on", async () => {
  const browser = await openBrowser();
  try {
    const page = new Page(browser.driver, served.url);
    await openDemo(page);
    await served.stop();

    await page.open("/work?id=demo-brake-shoes");
    await tickSafety(page);
    await page.see("Set the wrench to");
    await page.keys(" ");
    await page.see("Bolt 4 of 4");
    await page.open("/kit?id=demo-starter&shop=1");
    await page.see("The counter cannot be reached: it counts as shut.");
    await page.see("Starter motor, as planned");
    await page.press("Mat");
    await page.see("The mat");
    await page.press("Day");
    await page.see("in 100");
    await page.see("Start when");
    await page.press("Log");
    await page.see("for parts");
    await page.open("/bench?slip=units");
    await page.type("Torque", "48 ft lbs");
    await page.see("576");
    await page.open("/practise?lab=1");
    await page.see("95 of 100 clamp with");
    await page.open("/practise?skill=ring");
    await page.see("Bring all");
    await page.open("/");
    await page.see("Do next");
    await page.open("/work?id=demo-brake-shoes");
    await page.see("Bolt 4 of 4");
  } finally {
    await browser.quit();
  }
});

test("a newer version is offered, not forced: not in the middle of a job, and taken only when it is asked for", async () => {
  const browser = await openBrowser();
  try {
    const page = new Page(browser.driver, served.url);
    await openDemo(page);
    await page.gone("A newer version");
    // The same worker under another address is another one to the browser: as if a newer version had been put
    // up.
    const controller = () =>
      page.driver.executeScript<string>("return navigator.serviceWorker.controller?.scriptURL ?? ''");
    await page.driver.executeScript(
      "navigator.serviceWorker.register('/serwist/sw.js?newer', { scope: '/' })",
    );
    await page.see("A newer version of Vest Pocket is here.");
    expect(await controller()).not.toContain("newer");
    await page.press("Work");
    await page.see("Choose a job");
    await page.gone("A newer version");
    await page.press("Garage");
    await page.press("Take it now");
    await page.until(
      async () => (await controller().catch(() => "")).includes("newer"),
      "the newer version was not taken",
    );
    await page.see("Wren estate");
  } finally {
    await browser.quit();
  }
});

test("a first visit that loses a file is made up for: without a reload the app can do without the server", async () => {
  const browser = await openBrowser();
  let lost = 0;
  // The page itself never asks for the Log's page: only what is to be kept does.
  const line = await lineTo([served.url], {
    cuts: ({ url, headers }) => url?.startsWith("/log") === true && headers.rsc === undefined && lost++ < 14,
  });
  try {
    const page = new Page(browser.driver, line.url);
    await openDemo(page);
    expect(lost).toBeGreaterThan(13);
    await line.stop();
    await page.open("/log");
    await page.see("for parts");
  } finally {
    await browser.quit();
    await line.stop().catch(() => undefined);
  }
});

test("words shared from another app are taken in without a signal, given to a job, and read", async () => {
  const browser = await openBrowser();
  try {
    const page = new Page(browser.driver, served.url);
    await openDemo(page);
    await served.stop();
    const came = await page.driver.executeAsyncScript<string>(
      "const done = arguments[0]; const form = new FormData(); form.set('file', new File(['1\\n00:00:01,000 --> 00:00:02,000\\nfour guard bolts 13 mil to 22 Nm'], 'talk.srt')); fetch('/share', { method: 'POST', body: form, redirect: 'manual' }).then((answer) => done(answer.type), (error) => done(String(error)));",
    );
    expect(came).toBe("opaqueredirect");
    await page.open("/plan?shared=1");
    await page.see("four guard bolts 13 mil to 22 Nm");
    await page.pressWith("Starter motor");
    await page.see("4 × Guard bolts, 13 mm, 22 N·m");
    await page.open("/plan?shared=1");
    await page.see("Nothing was shared");
    // A file of the app's own goes to Files, and is shown for what it would do.
    const file = JSON.stringify(writeHouseholdFile(demoHousehold(today()), new Date()));
    await page.driver.executeAsyncScript(
      `const done = arguments[0]; const form = new FormData(); form.set('file', new File([${file}], 'from-the-shed.json')); fetch('/share', { method: 'POST', body: form, redirect: 'manual' }).then(done, done);`,
    );
    await page.open("/files?shared=1");
    await page.see("From from-the-shed.json.");
    await page.see("0 new, 0 changed");
    await page.open("/work?id=gone");
    await page.see("That job is not here");
  } finally {
    await browser.quit();
  }
});

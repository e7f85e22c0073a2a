import { rm } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { PHONE, openBrowser } from "./browser";
import { filmed, writeFilm } from "./film";
import { firstVisit, journeys } from "./journey";
import { Page } from "./page";

const at = journeys({ anew: true });
const film = join(tmpdir(), `vest-pocket-film-${process.pid}.y4m`);
afterAll(() => rm(film, { force: true }));

test("a garage goes from the laptop to the phone by codes, with no signal on either, a third of them lost and noise over the rest; torn off, it goes on", async () => {
  await at.openDemo();
  const laptop = at.page;
  const phone = await openBrowser({ size: PHONE, camera: film });
  try {
    const page = new Page(phone.driver, at.url);
    await page.open("/garage");
    await firstVisit(page);
    await firstVisit(laptop);
    await at.endServer();

    await laptop.open("/files");
    await laptop.type("This device is called", "Bench laptop");
    await laptop.press("Call it that");
    await laptop.gone("Call it that");
    await laptop.press("Show to another device");
    await laptop.reads("sending", /\d+ records, \d+ kB packed/);
    const [, once = "0"] = /after (\d+)\./.exec(await laptop.read("sending")) ?? [];
    await writeFilm(film, await filmed(laptop, Math.ceil(Number(once) * 2)), 30);

    await page.open("/files?receive=1");
    await page.press("Open the camera");
    await page.reads("receiving", /^1\d of/);
    await page.press("Close the camera");
    await page.press("Open the camera");
    // What was read before is not read again.
    await page.reads("receiving", /^(?:1\d|[2-9]\d) of/);
    await page.see("From Bench laptop.");
    await page.see("0 changed, 0 the same.");
    await page.press("Bring it in");
    await page.see("What Bench laptop sent is in.");
    await page.open("/plan?id=demo-thermostat");
    await page.see("Thermostat and coolant");
    expect(await page.sideways()).toBe(0);
    // The browser itself notes what could not be fetched.
    const unfetched = (words: string) =>
      !/Failed to load resource|Failed to fetch|no-response|ERR_/.test(words);
    expect((await phone.complaints()).filter(unfetched)).toEqual([]);
    expect((await at.browser.complaints()).filter(unfetched)).toEqual([]);
  } finally {
    await phone.quit();
  }
});

test("a small garage goes over in a link, which no server is sent; what is changed there comes back, and each knows what the other has", async () => {
  await at.open();
  const laptop = at.page;
  await laptop.open("/garage");
  await laptop.press("Start my own");
  await laptop.type("Name", "Old van");
  await laptop.press("Save");
  await laptop.see("Old van saved.");
  await laptop.open("/files?send=1");
  // The vehicle, and what its prices are in.
  await laptop.reads("sending", /^2 records/);
  const linkOf = async (page: Page) => {
    await page.driver.executeScript(
      "navigator.clipboard.writeText = (text) => { window.copied = text; return Promise.resolve(); };",
    );
    await page.press("Copy it as a link");
    return page.driver.executeScript<string>("return window.copied");
  };
  const link = await linkOf(laptop);
  expect(link).toMatch(/\/files#t=[\w-]+$/);

  const phone = await openBrowser({ size: PHONE });
  try {
    const page = new Page(phone.driver, at.url);
    await page.driver.get(link);
    await page.see("2 new, 0 changed, 0 the same.");
    await page.press("Bring it in");
    await page.see("What Laptop sent is in.");
    await page.press("Back to Files");
    await page.see("Export all");
    // Opened again while the page is open, it is shown again, and there is nothing new in it.
    await page.driver.get(link);
    await page.see("0 new, 0 changed, 2 the same.");
    await page.press("Back to Files");
    await page.reads("device", /^Laptop What it had up to .+ is here\.$/);
    await page.type("This device is called", "Pocket phone");
    await page.press("Call it that");
    await page.gone("Call it that");
    await page.open("/garage");
    await page.press("Edit");
    await page.type("Name", "Older van");
    await page.press("Save");
    await page.see("Older van saved.");
    await page.open("/files?send=1");
    await page.reads("sending", /^2 records/);
    await laptop.driver.get(await linkOf(page));
    expect(await phone.complaints()).toEqual([]);
  } finally {
    await phone.quit();
  }
  await laptop.see("From Pocket phone.");
  await laptop.see("0 new, 1 changed, 1 the same, 1 said differently in the two.");
  await laptop.press("Bring it in");
  await laptop.see("What Pocket phone sent is in.");
  await laptop.open("/files");
  await laptop.reads("device", /^Pocket phone Has what was here up to .+\. What it had up to .+ is here\.$/);
  await laptop.open("/files?send=1");
  await laptop.choose("What goes over", "what Pocket phone does not have yet");
  await laptop.see("Pocket phone has all of it.");
});

test("no camera, a link that was cut off, and a code of somebody else are each said, and nothing is changed", async () => {
  await at.open({ size: PHONE });
  const { page } = at;
  await page.open("/files?receive=1");
  await page.press("Open the camera");
  await page.see("This device has no camera. Bring the records over as a file.");
  await page.press("Close the camera");
  await page.type("Or paste a link", "https://elsewhere.test/#t=H4sIAAAA");
  await page.press("Read the link");
  await page.see("What came over is not whole. Read it again.");
  await page.type("Or paste a link", "https://elsewhere.test/");
  await page.press("Read the link");
  await page.see("That link carries no records.");
  expect(await page.sideways()).toBe(0);
});

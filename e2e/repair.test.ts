import { By } from "selenium-webdriver";
import { SLIPS } from "@/core/slip/slips";
import { journeys } from "./journey";
import { workToTheEnd } from "./work-through";

const at = journeys();

test("one repair from the garage to the log and out into a file", async () => {
  await at.open();
  const { browser, page } = at;

  await page.open("/");
  await page.press("Look round the demo garage");
  await page.see("Do next");
  await page.pressWith("Wren estate");
  await page.reads("in-hand", "Wren estate");
  await page.pressWith("Rear shoes and wheel cylinders");
  await page.see("Ground firm and level");

  // The Bench: a 45 mm crowfoot on a 380 mm wrench for 40 N·m, on a scale of half pounds.
  await page.keys("b");
  await page.type("Find a calculation", "crows foot");
  await page.pressWith("Adapter");
  await page.type("Torque at the bolt", "40 Nm");
  await page.type("Drive to grip", "380");
  await page.choose("Its scale", "lb·ft");
  await page.type("Its step", "0,5");
  await page.choose("Between wrench and bolt", "one adapter");
  await page.type("Drive to bolt", "45");
  await page.type("Angle", "0");
  await page.see("Before rounding to the scale");
  expect(await page.text()).toMatch(/Before rounding to the scale\s*35\.8 N·m/);
  await page.reads("big-figure", /^26\.5 lb·ft$/);
  await page.press("Put away");

  // The same in the plan, for the side that has no crowfoot written down yet.
  await page.press("Plan");
  await page.pressWith("Backing plate bolts, right");
  await page.press("Edit fastener");
  await page.click(await page.field("Only a crowfoot or offset adapter reaches it"));
  await page.type("Crowfoot: drive to bolt", "45");
  await page.see("35.8 N·m before rounding");
  await page.reads("preview-setting", /^26\.5 lb·ft$/);
  await page.press("Save fastener");
  await page.see("45 mm, in line");

  await page.press("Kit");
  await page.see("On your wrenches");
  const rows = await browser.driver.findElements(By.css("[data-testid=torque-need]"));
  const right = (await Promise.all(rows.map((row) => row.getText()))).find((text) =>
    text.includes("Backing plate bolts, left and right"),
  );
  expect(right?.replace(/\s+/g, " ")).toContain("26.5 lb·ft");
  expect(right).toContain("The bolt gets 38.5 to 41.9 N·m");

  await page.press("Work");
  const settings = await workToTheEnd(page);
  expect(settings["Backing plate bolts, right"]).toBe("26.5 lb·ft");
  expect(settings["Wheel bolts on the ground, left"]).toBe("110 N·m");
  await page.see("Wrap up");
  await page.type("Odometer reads", "148 260");
  await page.press("Write it to the log");
  await page.see("Done on");

  await page.press("See it in the log");
  await page.type("Search", "whel cylinder");
  await page.see("2 replacements");
  await page.see("148 260 km");

  await page.open("/files");
  await page.press("Export all");
  const file = await at.downloaded(".json");
  await page.press("Empty this browser");
  await page.see("This browser is empty now");
  await page.press("Garage");
  await page.see("The garage is empty");
  await page.press("Bring in your file");
  await (await page.field("File")).sendKeys(file);
  await page.press("Bring it in");
  await page.press("Open the Garage");
  await page.pressWith("Wren estate");
  await page.see("148 260 km");
  await page.press("Log");
  await page.type("Search", "wheel cylinder");
  await page.see("2 replacements");
});

test("on a phone every target is large enough for a thumb, and nothing scrolls sideways at 360 px", async () => {
  await at.open({ size: { width: 360, height: 780 } });
  const { browser, page } = at;
  await page.open("/garage");
  expect(await page.sideways()).toBe(0);
  await page.press("Look round the demo garage");
  await page.see("Do next");
  for (const path of [
    "/garage",
    "/plan?id=demo-brake-shoes",
    "/plan?id=demo-cam-cover",
    "/plan?all=1",
    "/plan?new=1",
    "/kit?id=demo-brake-shoes",
    "/log?id=all",
    "/files",
    ...SLIPS.map(({ name }) => `/bench?slip=${name}`),
  ]) {
    await page.open(path);
    expect([path, await page.sideways()]).toEqual([path, 0]);
    expect([path, await page.smallTargets(44)]).toEqual([path, []]);
  }
  await page.open("/work?id=demo-brake-shoes");
  expect(await page.smallTargets(44)).toEqual([]);
  for (const tick of ["Ground firm", "Front wheels chocked", "Stands carry", "Shaken hard"])
    await page.pressWith(tick);
  await page.see("Set the wrench to");
  expect(await page.sideways()).toBe(0);
  const low = await browser.driver.executeScript<string[]>(
    "return [...document.querySelectorAll('main button')].filter((one) => one.getClientRects().length > 0 && one.getBoundingClientRect().height < 55.5).map((one) => one.innerText)",
  );
  expect(low).toEqual([]);
  await page.press("Bench");
  expect(await page.sideways()).toBe(0);
});

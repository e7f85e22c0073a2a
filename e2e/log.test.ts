import { readFile, writeFile } from "node:fs/promises";
import { join } from "node:path";
import ICAL from "ical.js";
import { By, Key } from "selenium-webdriver";
import { PHONE } from "./browser";
import { journeys } from "./journey";

const at = journeys();
const today = () => new Date().toLocaleDateString("sv");
const inDays = (days: number) => new Date(Date.now() + days * 86_400_000).toLocaleDateString("sv");
/** A day into a date field, which takes no typing in a headless browser's own order. */
const setDay = async (label: string, day: string) =>
  at.page.driver.executeScript(
    "const [field, day] = arguments; Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(field, day); field.dispatchEvent(new Event('input', { bubbles: true }));",
    await at.page.field(label),
    day,
  );
const value = async (label: string) => (await at.page.field(label)).getAttribute("value");

test("a replacement in one line: read, shown, kept, put right, found however it is spelt, taken out and back", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/log?id=demo-minnow");
  const field = await page.field("Done without a job? One line is enough");
  await field.sendKeys("front wipers 61 600 km 18.50 today", Key.ENTER);
  await page.see("Into the log");
  expect(
    await Promise.all(["Part", "Place", "System", "Odometer", "Day", "Price", "How many"].map(value)),
  ).toEqual(["Wipers", "front", "body and cabin", "61600", today(), "18.50", "1"]);
  await page.see("as it is driven");
  await page.type("Odometer", "60 000");
  await page.press("Put it in the log");
  await page.see("is less than the 61 075 km read on");
  await page.type("Odometer", "61 600");
  await page.press("Put it in the log");
  await page.see("Wipers is in the log");
  await page.see("The receipt, the number on the box");

  await page.press("Edit");
  await page.type("A workshop asked for it", "60");
  await page.type("Price", "eighteen");
  await page.press("Save");
  await page.see("not a number");
  await page.type("Price", "19,50");
  await page.press("Save");
  await page.see("Wipers changed");
  await page.see("60.00");
  const receipt = join(at.browser.profile, "receipt.png");
  await writeFile(receipt, await page.driver.takeScreenshot(), "base64");
  await page.driver.findElement(By.css("main input[type=file]")).sendKeys(receipt);
  await page.see("Photo kept.");
  await page.press("Photo 1 of Wipers. Show it large.");
  await page.press("Photo 1 of Wipers, large. Close.");
  await page.press("Remove photo 1 of Wipers");
  await page.see("Photo removed.");
  await page.press("Undo");
  await page.see("Undone.");
  await page.find("//main//img", "the photo, back again");

  await page.open("/log?id=all");
  await page.type("Search", "wiprs minow");
  await page.see("2 replacements,");
  await page.see("19.50");
  await page.clickOn("//table//a[starts-with(normalize-space(.), 'Wipers')]", "the entry");
  await page.press("Remove");
  await page.see("Wipers taken out of the log");
  await page.press("Undo");
  await page.see("Undone.");
  await page.open("/log?id=demo-minnow");
  await page.see("12 replacements");
  await page.choose("Year", today().slice(0, 4));
  await page.choose("System", "body and cabin");
  await page.see("1 replacement,");
});

test("an entry's page has the job it came from, and what replaced what", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/log?entry=demo-minnow-replaced-11");
  for (const words of [
    "Torque as it was",
    "read 75.0, 76.0 N·m",
    "1 h 09 min",
    "Engine nuts before body bolts",
    "outer edge",
    "until",
  ])
    await page.see(words);
  await page.open("/log?entry=demo-wren-replaced-11");
  await page.see("What replaced what");
  await page.see("14 550 km");
  await page.open("/log?entry=gone");
  await page.see("no longer in the log");
});

test("due: put off with a reason, counted again, an interval added; done goes into the log", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/log?id=demo-wren&view=due");
  await page.press("Put off");
  const form = "//form[.//label[.='Why']]";
  await page.clickOn(`${form}//button[normalize-space(.)='Put off']`, "the form's own button");
  await page.see("Say why");
  await page.type("Why", "ordered");
  await page.clickOn(`${form}//button[normalize-space(.)='Put off']`, "the form's own button");
  await page.see("Air filter put off");
  await page.see("ordered");
  await page.press("Undo");
  await page.see("Undone.");
  await page.see("666 km left");

  await page.press("Add an interval");
  await page.press("Save interval");
  await page.see("What is renewed?");
  await page.type("Part", "Exhaust hanger");
  await page.press("Save interval");
  await page.see("Type a distance, a time, or both");
  await page.type("Every", "20 000");
  await page.press("Save interval");
  await page.see("Exhaust hanger: interval saved");
  await page.see("over, at 146 240 km");

  await page.clickOn(
    "//div[.//*[normalize-space(.)='Exhaust hanger']]//a[normalize-space(.)='Done']",
    "Done",
  );
  await page.see("Into the log");
  expect(await Promise.all(["Part", "Place", "System", "Day"].map(value))).toEqual([
    "Exhaust hanger",
    "underneath",
    "exhaust",
    today(),
  ]);
});

test("follow-ups: moved and dropped with a reason, done, and into a calendar that a second parser reads", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/log?id=demo-minnow&view=owed");
  await page.press("Move");
  await setDay("On the day", inDays(9));
  await page.press("Move it");
  await page.see("Say why it is moved");
  await page.type("Why it is moved", "shop is shut");
  await page.press("Move it");
  await page.see("Moved: shop is shut");
  await page.press("Add a follow-up");
  await page.press("Save follow-up");
  await page.see("What is owed?");
  await page.type("What is owed", "Look under it for drips");
  await page.type("Or when the odometer reads", "62 500");
  await page.press("Save follow-up");
  await page.see("Look under it for drips: noted");
  await page.press("Done: Look at the new mount again");
  await page.see("Done: Look at the new mount again.");

  await page.press("All as calendar file");
  const calendar = new ICAL.Component(
    ICAL.parse(await readFile(await at.downloaded(".ics"), "utf8")) as ConstructorParameters<
      typeof ICAL.Component
    >[0],
  );
  const events = calendar
    .getAllSubcomponents("vevent")
    .map((one) => ({ event: new ICAL.Event(one), status: one.getFirstPropertyValue("status") }));
  expect(events.map(({ event, status }) => `${event.summary} ${String(status)}`).sort()).toEqual([
    "Minnow city car: Look at the new mount again CANCELLED",
    "Minnow city car: Look under it for drips CONFIRMED",
    "Minnow city car: Return the hired engine support CONFIRMED",
  ]);
  const moved = events.find(({ event }) => event.summary.includes("Return"))?.event;
  expect(moved?.startDate.toString()).toBe(inDays(9));
  expect(moved?.sequence).toBeGreaterThan(0);

  await page.press("Drop");
  await page.press("Drop it");
  await page.see("Say why it is not needed");
  await page.type("Why it is dropped", "kept it");
  await page.press("Drop it");
  await page.see("Dropped: Return the hired engine support");
  await page.press("Done or dropped");
  await page.see("kept it");
});

test("wear: too few points say so, a measure is added and the date moves; costs tell what it came to", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/log?id=demo-minnow&view=wear");
  await page.see("Too few points for a line");
  await page.see("Two points make a line but no band");
  await page.press("Add a measure");
  await page.type("What", "Tyre tread");
  await page.type("Where", "left rear");
  await page.type("Unit", "mm");
  await page.type("Limit", "1,6");
  await page.type("Odometer", "61 400");
  await page.press("Save measure");
  await page.see("The measure is empty");
  await page.type("Measure", "6,4");
  await page.press("Save measure");
  await page.see("Tyre tread: 6.4 mm noted");
  await page.see("four times in five");
  expect(await page.driver.findElements(By.css("canvas[role=img]"))).not.toHaveLength(0);

  await page.open("/log?id=demo-wren&view=costs");
  await page.see("11.44 per 1000 km");
  await page.see("first side, second side");
  await page.see("Paid back");
  await page.open("/kit?chest=1");
  await page.press("Wheel chocks");
  await page.type("It cost", "900");
  await page.press("Save");
  await page.see("Wheel chocks saved");
  await page.open("/log?id=demo-wren&view=costs");
  await page.see("to go until they are paid back");
  await page.open("/log?id=demo-drover&view=costs");
  await page.see("per 1000 mi");
});

test("by thumb on a phone: nothing scrolls sideways and every target is large enough on every page of the Log", async () => {
  await at.openDemo({ size: PHONE });
  const { page } = at;
  for (const path of [
    "/log?id=demo-drover",
    "/log?id=all&view=due",
    "/log?id=all&view=wear",
    "/log?id=all&view=costs",
    "/log?id=all&view=owed",
    "/log?entry=demo-wren-replaced-11",
    "/log?new=tyre",
    "/log?bring=1",
    "/files?history=demo-wren",
  ]) {
    await page.open(path);
    expect([path, await page.sideways()]).toEqual([path, 0]);
    expect([path, await page.smallTargets(44)]).toEqual([path, []]);
  }
});

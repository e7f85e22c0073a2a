import { mkdtemp, writeFile } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { By, Key } from "selenium-webdriver";
import { MODEL_VERSION } from "@/core/model/version";
import {
  LOG_VIEWS,
  benchHref,
  dayHref,
  filesHref,
  garageHref,
  jobsHref,
  kitHref,
  logHref,
  newJobHref,
  practiseHref,
  shelfHref,
  sureHref,
  workHref,
} from "@/features/shell/addresses";
import { DESK, type Opened, PHONE } from "./browser";
import { journeys } from "./journey";
import type { Page } from "./page";

const at = journeys();
let browser: Opened;
let page: Page;

beforeEach(async () => {
  await at.open();
  ({ browser, page } = at);
  await page.open("/garage");
});

async function addVehicle(name: string): Promise<void> {
  await page.type("Name", name);
  await page.press("Save");
  await page.see(`${name} saved.`);
}

test("an own vehicle is added, said what is wrong with it, edited, given readings, removed and brought back", async () => {
  await page.press("Start my own");
  await page.type("Year", "12");
  await page.press("Save");
  await page.see("Give it a name you know it by.");
  await page.see("The year: a whole number from 1885 to 2200");
  await page.type("Year", "2011");
  await page.choose("Its odometer counts", "miles");
  await page.type("Wheel bolts or nuts", "83 ft lbs");
  await page.reads("read-back", /^Reads: 83 pound-feet \(113 N·m\)\.$/);
  await addVehicle("Heron van");

  await page.press("Add a reading");
  await page.type("It reads", "52 000");
  await page.press("Save reading");
  await page.see("52 000 mi noted");
  await page.press("Add a reading");
  await page.type("It reads", "51 000");
  await page.press("Save reading");
  await page.see("51 000 mi is less than the 52 000 mi read on");
  await page.press("Correct it");
  await page.type("It reads", "52 400");
  await page.press("Save reading");
  await page.see("52 400 mi noted");

  await page.press("Edit");
  await page.type("Name", "Heron box van");
  await page.press("Save");
  await page.see("Heron box van saved.");
  await page.press("Edit");
  await page.press("Remove this vehicle");
  await page.see("The garage is empty");
  await page.press("Undo");
  await page.see("Undone.");
  await page.see("52 400 mi");
});

test("a job is planned from nothing: chest, torque read back, kit and work", async () => {
  await page.press("Start my own");
  await addVehicle("Heron van");
  await page.keys("2");
  await page.press("Plan a job");
  await page.type("What is the job?", "Gearbox drain plug");
  await page.press("Save and add steps");
  await page.see("Add a step");
  await page.type("What is done", "Drain plug in");
  await page.choose("Kind", "Tighten to its figure");
  await page.press("Save step");
  await page.press("Add a fastener to this step");
  await page.type("What it is", "Drain plug");
  await page.type("Size of the head", "17");
  await page.type("Torque", "1,200 Nm");
  await page.see("could be read two ways. Type 1200 or 1.200.");
  await page.type("Torque", "24");
  await page.press("Save fastener");
  await page.see("has no unit");
  await page.type("Torque", "24 Nm + 45°");
  await page.reads("read-back", /^Reads: 24 newton-metres \(17\.7 lb·ft\), then 45 degrees further\.$/);
  await page.type("Torque", "24-30 Nm");
  await page.press("Save fastener");
  await page.see("24 to 30 N·m");
  await page.see("This figure has no source.");

  await page.keys("3");
  await page.see("No wrench for it");
  await page.press("Chest");
  await page.press("Field by field");
  await page.choose("Its scale", "N·m");
  await page.type("By steps of", "1");
  await page.type("From", "50");
  await page.type("To", "10");
  await page.type("Drive to middle of grip, if known", "300");
  await page.press("Put in the chest");
  await page.see("The top of the scale must be above its bottom.");
  await page.type("From", "10");
  await page.type("To", "60");
  await page.press("Put in the chest");
  await page.see("Torque wrench is in the chest.");
  await page.press("Mat");
  await page.see("The bolt gets 25.9 to 28.1 N·m");

  await page.keys("5");
  await page.see("Set the wrench to");
  await page.reads("big-figure", /^27 N·m$/);
  await page.keys(Key.SPACE);
  await page.see("It is done");
  await page.keys(Key.BACK_SPACE);
  await page.see("The one");
});

test("what was half typed is there again after the page is left", async () => {
  await page.press("Start my own");
  await page.type("Name", "Half a name");
  await browser.driver.navigate().refresh();
  await page.press("Start my own");
  expect(await (await page.field("Name")).getAttribute("value")).toBe("Half a name");
});

test("steps are moved, taken out and brought back; the demo goes without own data", async () => {
  await page.press("Look round the demo garage");
  await page.see("Do next");
  await page.keys("n");
  await addVehicle("Heron van");
  await page.open("/plan?id=demo-cam-cover");
  await page.pressWith("Coils unplugged and out");
  await page.press("Move later");
  await page.see("Moved later: Coils unplugged and out.");
  await page.press("Undo");
  await page.see("Undone.");
  await page.see("Take apart, step 7 of 20");
  await page.press("Remove");
  await page.see("Removed: Coils unplugged and out.");
  await page.press("Undo");
  await page.see("Undone.");
  await page.pressWith("Coils unplugged and out");
  await page.pressWith("10 × Cam cover bolts");
  await page.see("106 lb·ft would break an M6. As 106 lb·in it is 12.0 N·m, which fits.");
  await page.open("/garage");
  await page.press("Remove the demo");
  await page.see("Your own data is untouched");
  await page.gone("Wren estate");
  await page.see("Heron van");
});

test("another tab is told of a change", async () => {
  await page.press("Start my own");
  await addVehicle("Heron van");
  const here = await browser.driver.getWindowHandle();
  await browser.driver.switchTo().newWindow("tab");
  await page.open("/garage");
  await page.press("Edit");
  await page.type("Name", "Told van");
  await page.press("Save");
  await page.see("Told van saved.");
  await browser.driver.switchTo().window(here);
  await page.see("Told van");
});

test("a damaged or newer file is refused in a sentence and changes nothing", async () => {
  await page.press("Start my own");
  await addVehicle("Heron van");
  const folder = await mkdtemp(join(tmpdir(), "vest-pocket-files-"));
  await page.open("/files");
  for (const [name, text, says] of [
    ["cut.json", '{"format":"vest-pocket household","version":1,', "breaks off"],
    [
      "newer.json",
      `{"format":"vest-pocket household","version":${MODEL_VERSION + 1}}`,
      `The file is version ${MODEL_VERSION + 1}; this app reads up to version ${MODEL_VERSION}`,
    ],
    ["other.json", '{"cars":[]}', "not a Vest Pocket household file"],
  ] as const) {
    const file = join(folder, name);
    await writeFile(file, text);
    await (await page.field("File")).sendKeys(file);
    await page.see(says);
    await page.reads("refused", "Nothing was changed.");
  }
  await page.press("Garage");
  await page.see("Heron van");
});

test("keys turn the pockets, pull the Bench, search the log and show themselves", async () => {
  await page.press("Look round the demo garage");
  await page.see("Do next");
  await page.keys("6");
  await page.see("for parts");
  await page.keys("/");
  await page.keys("coil");
  await page.see("1 replacement, €33.50");
  await browser.driver.findElement(By.css("h2")).click();
  await page.keys("1");
  await page.see("Do next");
  await page.keys("b");
  await page.type("Find a calculation", "inch pounds");
  await page.keys(Key.ENTER);
  await page.type("Torque", "48 ft lbs");
  await page.see("576");
  await page.keys(Key.ESCAPE);
  await page.keys("?");
  await page.see("Do next holds what comes first, over all vehicles.");
  await page.press("Keys");
  await page.see("What this screen is for, and these keys");
  await page.press("Close");
});

test("in an empty garage every place says what it is for, and has a next thing to do", async () => {
  const views = LOG_VIEWS.map(({ view }) => logHref(undefined, view));
  const places = [
    garageHref(),
    jobsHref(),
    newJobHref(),
    shelfHref(),
    shelfHref("starter"),
    kitHref(undefined),
    kitHref(undefined, "chest"),
    dayHref(),
    workHref(),
    ...views,
    filesHref(),
    benchHref(),
    practiseHref(),
    sureHref(),
  ];
  for (const place of places) {
    await page.open(place);
    await page.gone("Getting it out of the pocket");
    for (const size of [DESK, PHONE]) {
      await page.driver
        .manage()
        .window()
        .setRect({ ...size, x: 0, y: 0 });
      const actions = await page.driver.executeScript<number>(
        `return [...document.querySelectorAll("main :is(button, a, input, select)")].filter((one) => !one.closest("nav") && one.getBoundingClientRect().height > 0).length;`,
      );
      expect([place, actions > 0]).toEqual([place, true]);
      expect([place, await page.sideways()]).toEqual([place, 0]);
    }
  }
});

import { readFile, writeFile } from "node:fs/promises";
import { join } from "node:path";
import { By, Key } from "selenium-webdriver";
import { daysAfter } from "@/core/day";
import { writeHouseholdFile } from "@/data/household-file";
import { demoHousehold } from "@/demo/household";
import { today } from "@/features/shell/clock";
import { PHONE } from "./browser";
import { journeys } from "./journey";
import type { Page } from "./page";

const at = journeys();

/** The next Saturday from tomorrow on. */
function nextSaturday(): string {
  const days = [1, 2, 3, 4, 5, 6, 7].map((ahead) => daysAfter(today(), ahead));
  return days.find((day) => new Date(`${day}T12:00`).getDay() === 6) ?? days[0] ?? today();
}

const chance = async (page: Page): Promise<number> => Number(await page.read("day-chance"));

/** A day into a date field, which takes no typing in a headless browser's own order. */
const setField = async (page: Page, label: string, value: string) =>
  page.driver.executeScript(
    "const [field, value] = arguments; Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(field, value); field.dispatchEvent(new Event('input', { bubbles: true }));",
    await page.field(label),
    value,
  );

/** A household brought in from a file. */
async function bringIn(household: Parameters<typeof writeHouseholdFile>[0]): Promise<void> {
  const { page } = at;
  const file = join(at.browser.profile, "household.json");
  await writeFile(file, writeHouseholdFile(household, new Date()));
  await page.open("/files");
  await (await page.field("File")).sendKeys(file);
  await page.press("Bring it in");
  await page.see("household.json is in");
}

test("a Saturday is planned: days held against each other, light, a meal and the start moved, put down, taken along", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/kit?id=demo-thermostat");
  await page.press("Day");
  await page.see("in 100");
  await page.reads("best-start", /Saturday 08:00: 99 in 100|Sunday 08:00: \d\d in 100/);
  await page.pressWith("Saturday 08:00: ");
  await page.see("Taken: Saturday 08:00.");
  expect(await (await page.field("Begins on")).getAttribute("value")).toBe(nextSaturday());

  await page.reads("day-goal", "by the end of your hours, 20:00");
  await page.type("Where it is done", "nowhere at all");
  await page.see("Write its latitude and longitude");
  await page.type("Where it is done", "48.2 N 16.4 E");
  await page.reads("day-goal", "before dark");
  expect(await chance(page)).toBeGreaterThan(80);

  const start = await page.find("//button[@role='slider'][@aria-label='Start']", "the start on the bar");
  await start.sendKeys(Key.ARROW_RIGHT);
  await page.see("Begins at 08:05.");
  const rest = await page.find("//button[@role='slider'][starts-with(@aria-label, 'Rest of')]", "the rest");
  await rest.sendKeys(Key.PAGE_UP);
  await page.see("Rest at 11:30.");
  await page.press("Undo");
  await page.see("Undone.");

  await page.clickOn("//button[.='Go by this day'][not(@disabled)]", "putting it down");
  await page.see("● Put down");
  await page.press("For a calendar");
  const calendar = await readFile(await at.downloaded(".ics"), "utf8");
  expect(calendar).toContain("BEGIN:VALARM");
  expect(calendar).toContain("Thermostat and coolant");
  await page.open("/garage");
  await page.see("Thermostat and coolant");
  await page.open("/day?id=demo-thermostat");
  await page.see("● Put down");
});

test("a delivery slips: what waits for it is told, and the odds with it", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/kit?id=demo-starter");
  await page.press("■ Starter motor");
  await page.press("It is on order");
  await setField(page, "It comes on", today());
  await page.see("Starter motor comes on");
  await page.open("/day?id=demo-starter");
  await page.see("in 100");
  await setField(page, "Begins on", nextSaturday());
  await page.until(
    async () => (await (await page.field("at")).getAttribute("value")) === "08:00",
    "it does not begin with that day's hours",
  );
  await page.until(async () => (await chance(page)) > 90, "a part that is there holds nothing up");

  await page.open("/kit?id=demo-starter");
  await page.pressWith("Starter motor");
  await setField(page, "It comes on", nextSaturday());
  await page.see("Starter motor comes on");
  await page.open("/day?id=demo-starter");
  await page.see("Starter motor is on its way: reckoned from 18:00");
  await page.reads("day-band", /^Half are over by 18:[45]\d/);
});

test("a day that is too short is split where it stands safe, and put together again; steps go where they may", async () => {
  await at.openDemo({ size: PHONE });
  const { page } = at;
  await page.open("/day?id=demo-cam-cover");
  await page.see("in 100");
  await page.press("It has to roll by …");
  await setField(page, "To roll by", nextSaturday());
  await setField(page, "Begins on", nextSaturday());
  await setField(page, "at", "16:00");
  await page.see("Over two days, the best place to stop is behind");
  await page.press("Over two days");
  await page.see("The first day ends with");
  await page.until(
    async () => (await page.driver.findElements(By.css("[data-testid=day-bar]"))).length === 2,
    "there are not two days",
  );
  await page.press("In one go");
  await page.see("the best place to stop is behind");
  await page.find("//*[@aria-busy='false']", "the day reckoned");
  const grip = await page.find("//button[@aria-label='Move New plugs']", "the handle of a step");
  await page.driver.executeScript(
    "arguments[0].focus(); arguments[0].scrollIntoView({ block: 'center' })",
    grip,
  );
  for (const key of [" ", Key.ARROW_UP, Key.ARROW_UP, " "]) {
    await page.keys(key);
    await new Promise((wake) => setTimeout(wake, 350));
  }
  await page.see("has to come after");
  expect(await page.sideways()).toBe(0);
});

test("a wait is over while the app is closed; a day under way says what is left of it", async () => {
  await at.open();
  const { page } = at;
  const demo = demoHousehold(today());
  const job = demo.jobs.find(({ id }) => id === "demo-thermostat");
  const [route] = job?.routes ?? [];
  const wait = route?.steps.find((step) => step.wait);
  if (!job || !route || !wait?.wait) throw new Error("the demo's thermostat has a wait");
  const [stamp] = demo.works;
  if (!stamp) throw new Error("the demo has a work");
  // Some seconds are left of it.
  const begun = new Date(Date.now() - wait.wait.minutes * 60_000 + 12_000).toISOString();
  const household = {
    ...demo,
    jobs: demo.jobs.map((one) => (one === job ? { ...job, state: "under way" as const } : one)),
    works: [
      {
        ...stamp,
        id: "thermostat-work",
        jobId: job.id,
        routeId: route.id,
        events: [{ at: begun, on: today(), stepId: wait.id, type: "task" as const, task: "hands" as const }],
      },
    ],
  };
  await bringIn(household);
  await page.open(`/day?id=${job.id}`);
  await page.see("At this pace");
  await page.see(`“${wait.title}” runs until`);
  await page.driver.get(`${at.url}/icon.svg`);
  await new Promise((wake) => setTimeout(wake, 13_000));
  await page.open(`/day?id=${job.id}`);
  await page.see(`● “${wait.title}” is over`);
  await page.press("Go on with the work");
  await page.see(wait.wait.until);
});

test("a plan that lets it down only to raise it again: left up in between, in the day and in the plan, and taken back", async () => {
  await at.open();
  const { page } = at;
  const demo = demoHousehold(today());
  const jobs = demo.jobs.map((job) => {
    const [route] = job.routes;
    const raise = route?.steps.findIndex(({ kind }) => kind === "raise") ?? -1;
    const up = route?.steps[raise];
    if (job.id !== "demo-starter" || !route || !up) return job;
    const again = [
      { ...up, id: "down", kind: "lower" as const, title: "Down for the night" },
      { ...up, id: "again" },
    ];
    const steps = [...route.steps.slice(0, raise + 2), ...again, ...route.steps.slice(raise + 2)];
    return { ...job, routes: [{ ...route, steps }] };
  });
  await bringIn({ ...demo, jobs });
  await page.open("/plan?id=demo-starter");
  await page.see("raises it in the same way again");
  await page.open("/day?id=demo-starter");
  await page.see("“Down for the night” and “");
  await page.pressWith("Left up in between: ");
  await page.see("Taken: Left up in between.");
  await page.gone("fall away from the plan");
  await page.press("Undo");
  await page.see("fall away from the plan");
});

test("a job that is done: what was said of its day, how it went, step by step", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/day?id=demo-engine-mount");
  await page.reads("day-held", "Said: 86 in 100");
  await page.see("Minutes of hands, planned and real");
  await page.see("One day was said 86 in 100");
  await page.keys("3");
  await page.see("Engine mount");
});

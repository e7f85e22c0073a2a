import { readdir } from "node:fs/promises";
import { join } from "node:path";
import { Key } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome";
import { PHONE } from "./browser";
import { journeys } from "./journey";
import { checkGives } from "./work-through";

const at = journeys();

async function addStep(title: string, kind: string): Promise<void> {
  const { page } = at;
  await page.press("Add a step");
  await page.type("What is done", title);
  await page.choose("Phase", "Take apart");
  await page.choose("Kind", kind);
  await page.press("Save step");
  await page.see(`${title} saved.`);
}

test("the way back is proposed, edited, and kept in step when the way there changes", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/plan?new=1");
  await page.type("What is the job?", "Heater box");
  await page.press("Save and add steps");
  await page.see("What is done");
  await page.press("Cancel");
  await addStep("Cover off", "Do");
  await addStep("Box out", "Do");
  await page.see("has no way back");
  await page.press("Propose the way back");
  await page.see("Box in");
  await page.see("Cover on");
  await page.pressWith("Box in");
  await page.press("Edit step");
  await page.type("What is done", "Box in, arrow up");
  await page.press("Save step");
  await page.see("Box in, arrow up saved.");

  await addStep("Pipe off", "Do");
  await page.press("Bring it in step");
  await page.see("Pipe on");
  await page.pressWith("Cover off");
  await page.press("Edit step");
  await page.type("What is done", "Front cover off");
  await page.press("Save step");
  await page.press("Bring it in step");
  await page.see("Front cover on");
  await page.see("Box in, arrow up");
  await page.gone("Box in\n");
});

test("routes are compared and one is chosen; its sheet goes out and another job begins from it, for the other side", async () => {
  await at.openDemo();
  const { page, browser } = at;
  await page.open("/plan?id=demo-starter");
  await page.press("Routes");
  await page.see("Under a raised car");
  await page.see("● 2 h 11 min");
  await page.see("Old intake pipe clamps may not close again");
  await page.press("Choose this");
  await page.see("From above, intake pipe off, it is.");
  await page.press("Back to the plan");
  await page.see("Intake pipe off");

  await page.open("/plan?id=demo-brake-shoes&routes=1");
  await page.press("Job sheet, JSON");
  let file: string | undefined;
  for (let tries = 0; tries < 50 && !file; tries++) {
    file = (await readdir(browser.downloads).catch(() => [])).find((name) => name.endsWith(".json"));
    if (!file) await new Promise((wake) => setTimeout(wake, 100));
  }
  await page.open("/plan?new=1");
  await page.choose("Start from", "a job sheet's file");
  await (await page.field("Job sheet")).sendKeys(join(browser.downloads, file ?? ""));
  await page.click(await page.field("For the other side: left and right changed over"));
  await page.press("Save and add steps");
  await page.see("Wheel off, right");
  expect((await page.text()).indexOf("Wheel off, right")).toBeLessThan(
    (await page.text()).indexOf("Wheel off, left"),
  );
});

test("an order that breaks a dependency is refused and says which; the keyboard moves a step", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/plan?id=demo-starter&order=1");
  const grip = await page.find("//button[@aria-label='Move Starter out']", "the handle");
  await page.driver.executeScript(
    "arguments[0].focus(); arguments[0].scrollIntoView({ block: 'center' })",
    grip,
  );
  const move = async (...keys: string[]) => {
    for (const key of [" ", ...keys, " "]) {
      await page.keys(key);
      await new Promise((wake) => setTimeout(wake, 350));
    }
  };
  await move(Key.ARROW_UP);
  await page.see(
    "“Starter out” has to come after “Starter cable and trigger lead off”. The order stays as it was.",
  );
  const crank = await page.find(
    "//button[@aria-label='Move Ring gear teeth through the hole, all the way round']",
    "the handle",
  );
  await page.driver.executeScript(
    "arguments[0].focus(); arguments[0].scrollIntoView({ block: 'center' })",
    crank,
  );
  await move(Key.ARROW_UP);
  await page.see("Moved: Ring gear teeth");
  // Who does not see it hears it by its name, and where it went.
  await page.see("put down, place");
});

test("what is wrong is found out by checks, with the next one named, one's own cause, and a measure against its limit", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/plan?id=demo-starter&decide=1");
  await page.see("You hear it");
  await page.press("It cranks slowly or not at all");
  const next = await page.read("next-check");
  expect(next).toContain("…");
  await checkGives(page, "Across the battery's posts while cranking there are", "more");
  await checkGives(
    page,
    "From the battery's earth post to the engine while cranking there are",
    "more than 0.5 V",
  );
  await page.see("for it");
  await page.reads("cause", "Earth lead or cable with a bad joint");
  await page.type("Another cause", "Immobiliser");
  await page.press("Add it");
  await page.see("Immobiliser");
  await page.type("What was measured", "Battery at rest");
  await page.type("It is", "12,1");
  await page.type("At least", "12.4");
  await page.press("Note it");
  await page.see("the limit of");
  await page.driver.navigate().refresh();
  await page.see("the limit of");
});

test("what lies open is judged by the log, and every view of a plan holds on a phone", async () => {
  await at.openDemo({ size: PHONE });
  const { page } = at;
  await page.open("/plan?id=demo-starter");
  await page.see("While it is open");
  await page.see("Saves 60 min later");
  for (const [view, heading] of [
    ["decide", "What is wrong?"],
    ["notes", "Somebody’s words for"],
    ["order", "Order of the steps"],
    ["routes", "ways to do it"],
  ]) {
    await page.open(`/plan?id=demo-starter&${view}=1`);
    await page.see(heading ?? "");
    expect([view, await page.sideways()]).toEqual([view, 0]);
    expect([view, await page.smallTargets(44)]).toEqual([view, []]);
  }
});

/** A step that tightens a fastener of its own, of which only the name and how many are said. */
async function addTightening(title: string, fastener: string, count: string): Promise<void> {
  const { page } = at;
  await page.type("What is done", title);
  await page.choose("Phase", "Put back");
  await page.choose("Kind", "Tighten to its figure");
  await page.press("Save step");
  await page.press("Add a fastener to this step");
  await page.type("What it is", fastener);
  await page.type("How many", count);
  await page.press("Save fastener");
}

test("what holds a life stops until there is a figure or a reason; a wheel takes the vehicle's own", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/plan?new=1");
  await page.type("What is the job?", "Track rod end");
  await page.press("Save and add steps");
  await addTightening("Tighten the track rod end nut", "Track rod end nut", "1");
  await page.see("No torque written down, and it holds the steering");
  await page.see("Track rod end nut: no figure, and it holds the steering.");
  const job = new URL(await page.driver.getCurrentUrl()).searchParams.get("id");

  await page.open(`/work?id=${job}`);
  await page.see("No figure is written down, and it holds the steering.");
  await page.press("Keep");
  await page.see("Type a torque");
  await page.type("Look it up, and write it here", "snug");
  await page.press("Keep");
  await page.see("“Good and tight” is no figure for what holds the steering");
  await page.press("Go on without");
  await page.see("Say why, in a few words");
  await page.type("Or go on without one, because", "the joint came with its own sheet");
  await page.press("Go on without");
  await page.see("You said: “the joint came with its own sheet”");
  await page.see("Do it up as you said above.");
  await page.press("Tight");
  await page.see("It is done");

  await page.open(`/plan?id=${job}`);
  await page.press("Add a step");
  await addTightening("Tighten the wheel bolts", "Wheel bolts", "5");
  await page.see("this vehicle's own");
  await page.reads("figure", /N·m/);
});

test("one side is planned, done up without a torque, and the other side made from it; at work it says how it sat", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/plan?new=1");
  await page.type("What is the job?", "Boot of the rack");
  await page.press("Save and add steps");
  await page.type("What is done", "Boot off the rack, left");
  await page.choose("Phase", "Take apart");
  await page.choose("Kind", "Undo a fastener");
  await page.press("What goes on it, which way, under what load");
  await page.type("Which way", "vent to the left");
  await page.type("Goes on it", "butter on splines");
  await page.press("Save step");
  await page.see("is none of grease");
  await page.type("Goes on it", "grease on lips");
  await page.press("Save step");
  await page.see("Grease on lips.");
  await page.press("Add a fastener to this step");
  await page.type("What it is", "Boot clamp, left");
  await page.press("Spring clamp");
  await page.see("Reads: a spring clamp, back where it sat.");
  await page.press("Save fastener");
  await page.see("A spring clamp, back where it sat");
  await page.see("Its way back first; then the other side has it too.");
  await page.press("Propose the way back");
  await page.press("Do the other side too");
  await page.see("The other side's steps are in the plan.");
  await page.pressWith("Boot on the rack, right");
  await page.see("It faced: vent to the right.");
  const job = new URL(await page.driver.getCurrentUrl()).searchParams.get("id");
  await page.open(`/work?id=${job}`);
  await page.pressWith("Boot on the rack, left");
  await page.see("It faced: vent to the left.");
  await page.see("Squeeze its ears");
  await page.press("It holds");
  await page.see("It is done");
});

test("a job's name, car and system are changed; it is planned again, taken out and brought back", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/plan?id=demo-starter");
  await page.press("About the job");
  await page.type("What is the job?", "Starter, the stubborn one");
  await page.choose("In the log it belongs to", "engine");
  await page.press("Save");
  await page.see("Starter, the stubborn one saved.");
  await page.press("About the job");
  await page.press("Plan it again");
  await page.see("For the other side: left and right changed over");
  await page.press("Cancel");
  await page.open("/plan?id=demo-starter&about=1");
  await page.press("Put it away");
  await page.see("it stands at the end of the jobs");
  await page.press("Put away, 1");
  await page.press("Starter, the stubborn one");
  await page.press("About the job");
  await page.press("Take it out again");
  await page.see("is among the jobs again");
  await page.open("/plan?id=demo-starter&about=1");
  await page.press("Remove this job");
  await page.see("Removed: Starter, the stubborn one");
  await page.press("Undo");
  await page.see("Undone.");
  await page.open("/plan?id=demo-starter");
  await page.see("Starter, the stubborn one");
});

test("a plan folds, is one table of fasteners and a sheet of paper; the step in hand stays; a word of the trade says what it is", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/plan?id=demo-brake-shoes");
  await page.see("Rear up on two stands");
  await page.pressWith("Make safe");
  await page.see("▸ 2 steps");
  await page.gone("Rear up on two stands");

  await page.pressWith("New wheel cylinder, left");
  await page.see("Put back, step 21 of 41");
  await page.press("wheel cylinder");
  await page.see("pushes the shoes of a drum brake apart");
  await page.keys(Key.ESCAPE);
  await page.keys(Key.ARROW_RIGHT);
  await page.see("Put back, step 22 of 41");

  await page.press("All fasteners");
  await page.see("26.5 lb·ft on Old foot-pound wrench, 45 mm crowfoot in line with the handle");
  await page.pressWith("4 × Backing plate bolts, left");
  await page.press("Cancel");
  await page.press("Back to the plan");
  await page.see("Put back, step 22 of 41");
  await page.press("On paper");
  await page.press("letter");
  const { data } = (await (page.driver as unknown as ChromeDriver).sendAndGetDevToolsCommand(
    "Page.printToPDF",
    {
      preferCSSPageSize: true,
    },
  )) as unknown as { data: string };
  // A PDF says the size of its pages in points: US letter.
  expect(Buffer.from(data, "base64").toString("latin1")).toMatch(/MediaBox ?\[0 0 612 792\]/);
});

test("prices are in the household's currency, and one in another is asked about", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/garage?id=demo-wren");
  await page.see("€333.80");
  await page.press("Change the currency");
  await page.choose("Currency", "US Dollar");
  await page.see("US$1,234.50");
  await page.press("Save");
  await page.see("Prices are in US Dollar.");
  await page.see("US$333.80");
  await page.open("/log?id=demo-wren");
  await page.see("US$43.90");
  await page.press("Rail nearer");
  await page.find("//button[@aria-label='Later on the rail']", "the way along it");
  await page.open("/log?new=wipers");
  await page.type("Price", "€18");
  await page.press("Put it in the log");
  await page.see("is in another currency: prices here are in US Dollar (USD)");
});

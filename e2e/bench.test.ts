import { By, Key } from "selenium-webdriver";
import { SLIPS } from "@/core/slip/slips";
import { PHONE } from "./browser";
import { journeys } from "./journey";

const at = journeys();

test("a slip is found by keys alone, keeps its inputs, is pinned to the open step, and is there in Work and in the file", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/work?id=demo-brake-shoes");
  await page.see("Ground firm and level");
  await page.keys("b");
  await page.see("Find a calculation");
  await page.keys("how long a bar", Key.ENTER);
  await page.see("Pull at the end of the bar with");
  await page.type("It was done up to", "40 Nm");
  await page.choose("Bar or ratchet", "Breaker bar");
  // By hand: 40 N·m, rusted, 1.5 to 2.5 times, on 610 mm: 98.4 to 164 N.
  await page.reads("big-figure", /^98\.4 to 164 N$/);
  await page.press("Pin");
  await page.see("Drive chain and bar is pinned to its step.");
  await page.keys(Key.ESCAPE);
  await page.reads("pinned-slip", "98.4 to 164 N");

  await page.driver.navigate().refresh();
  await page.see("Pinned from the Bench");
  await page.keys("b");
  await page.see("Pull at the end of the bar with");
  await page.reads("big-figure", /^98\.4 to 164 N$/);
  await page.press("Put away");

  await page.press("Plan");
  await page.pressWith("Backing plate bolts, left");
  await page.reads("pinned-slip", "98.4 to 164 N");
  await page.press("Unpin");
  await page.see("Unpinned.");
  await page.gone("Pinned from the Bench");
  await page.press("Undo");
  await page.see("Undone.");
  await page.see("Pinned from the Bench");
});

test("a link opens a slip with its inputs, and what stood there before can be brought back", async () => {
  await at.openDemo();
  const { browser, page } = at;
  await page.open("/bench?slip=adapter");
  await page.type("Drive to bolt", "50");
  await page.see("Set the wrench to");
  await page.open("/bench?slip=adapter&torque=60+Nm&gripLength=400&offset=50&angle=45&scale=N.m&step=0.1");
  await page.reads("big-figure", /^55\.1 N·m$/);
  await page.until(
    async () => !(await browser.driver.getCurrentUrl()).includes("torque"),
    "the address keeps the inputs",
  );
  await page.press("Bring back what stood here before");
  await page.see("lb·ft");
  expect(await (await page.field("Drive to bolt")).getAttribute("value")).toBe("50");
  await page.open("/bench?slip=nothing-of-that-name");
  await page.see("One torque in every unit");
});

test("every field that is wrong says so beside itself, and nothing typed is lost", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/bench?slip=adapter");
  await page.type("Drive to grip", "0");
  await page.type("Drive to bolt", "-3");
  await page.see("The grip length must be more than zero.");
  await page.type("Drive to grip", "380 Nm");
  await page.see('"Nm" is not a unit of length. Use mm, cm, m, in or ft.');
  await page.type("Its step", "1e400");
  await page.see("Write the number out in digits, without an e.");
  await page.driver.navigate().refresh();
  await page.see('"Nm" is not a unit of length. Use mm, cm, m, in or ft.');
  await page.type("Drive to grip", "380");
  await page.type("Its step", "0,5");
  await page.see("The adapter's offset cannot be less than zero.");
  await page.type("Drive to bolt", "1 3/4 in");
  await page.see("= 44.45 mm");
});

test("drawn bolts are moved by arrow keys and by dragging, added and taken away", async () => {
  await at.openDemo();
  const { browser, page } = at;
  await page.open("/bench?slip=pattern");
  await page.choose("The bolts are", "where I draw them");
  await page.see("Add a bolt");
  const places = async () => (await page.field("Their places, x y, with ; between")).getAttribute("value");
  const first = await page.find("//*[@role='button'][starts-with(@aria-label, 'Bolt 1,')]", "the first bolt");
  await browser.driver.executeScript("arguments[0].focus()", first);
  await page.keys(Key.ARROW_RIGHT, Key.ARROW_DOWN);
  expect(await places()).toContain("-75 -25; 0 -30");
  await browser.driver
    .actions()
    .move({ origin: first })
    .press()
    .move({ origin: first, x: 40, y: 0 })
    .release()
    .perform();
  expect(await places()).not.toContain("-75 -25;");
  await page.press("Add a bolt");
  expect((await places())?.split(";")).toHaveLength(7);
  await page.press("Take the last away");
  await page.press("Take the last away");
  expect((await places())?.split(";")).toHaveLength(5);
});

test("every slip works in an empty chest on a phone, with the answer in sight and targets for a thumb", async () => {
  await at.open({ size: PHONE });
  const { browser, page } = at;
  for (const { name, title } of SLIPS) {
    await page.open(`/bench?slip=${name}`);
    await page.see(title);
    const figure = await page.find("//*[@data-testid='big-figure']", "the answer");
    expect([name, (await figure.getRect()).y < 500]).toEqual([name, true]);
    expect([name, await page.smallTargets(44)]).toEqual([name, []]);
    expect([name, await page.sideways()]).toEqual([name, 0]);
    for (const fold of await browser.driver.findElements(By.css("main details:not([open]) summary")))
      await page.click(fold);
    expect([name, await page.sideways()]).toEqual([name, 0]);
  }
});

import { By, Key } from "selenium-webdriver";
import { PHONE } from "./browser";
import { journeys } from "./journey";
import type { Page } from "./page";
import { tickSafety } from "./work-through";

const at = journeys();
const soon = (ms: number) => new Promise((wake) => setTimeout(wake, ms));

/** What the browser's own tools are asked for. */
const ask = (page: Page, command: string, how: object) =>
  (
    page.driver as unknown as { sendDevToolsCommand: (command: string, how: object) => Promise<void> }
  ).sendDevToolsCommand(command, how);

const hasClicked = async (page: Page) =>
  page.driver.executeScript<boolean>(
    "return document.body.innerText.includes('● click') || [...document.querySelectorAll('main svg text')].some((one) => one.textContent.includes('● '))",
  );

/** The space bar held until it clicks, or beeps, or that has lasted too long. */
async function pullBySpace(page: Page): Promise<void> {
  await page.driver.actions().keyDown(" ").perform();
  await page.until(() => hasClicked(page), "It never clicked");
  await page.driver.actions().keyUp(" ").perform();
}

test("a pull by touch on a phone: the handle is swung with a finger until it clicks, and what the bolt got is told", async () => {
  await at.open({ size: PHONE });
  const { page } = at;
  await page.open("/practise?skill=pull");
  await page.see("no click yet");
  expect(await page.sideways()).toBe(0);
  const box = await page.driver.executeScript<{ x: number; y: number; scale: number }>(
    "const box = document.querySelector('main svg').getBoundingClientRect(); return { x: box.left + box.width / 2, y: box.top + box.height / 2, scale: box.height / 300 };",
  );
  const finger = (deg: number) => [
    {
      x: box.x + 118 * box.scale * Math.cos((deg * Math.PI) / 180),
      y: box.y + 118 * box.scale * Math.sin((deg * Math.PI) / 180),
    },
  ];
  await ask(page, "Input.dispatchTouchEvent", { type: "touchStart", touchPoints: finger(0) });
  for (let deg = 1; deg < 300 && !(await hasClicked(page)); deg += 1) {
    await ask(page, "Input.dispatchTouchEvent", { type: "touchMove", touchPoints: finger(deg) });
    await soon(20);
  }
  await ask(page, "Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
  await page.reads("outcome", /^● Right .* reached the bolt/);
  await page.see("It clamps with, once it has settled");
  expect(await page.smallTargets(44)).toEqual([]);
});

test("a drill by keys alone: to Practise, begun, pulled with the space bar, and the next", async () => {
  await at.open();
  const { page } = at;
  await page.open("/bench?slip=units");
  await page.keys("p");
  await page.see("Two minutes, on a bolt that is nobody’s.");
  await toWith(page, "Begin");
  await page.keys(Key.ENTER);
  await page.see("no click yet");
  await pullBySpace(page);
  await page.reads("outcome", "reached the bolt");
  // What was told has the keyboard: the next is one step of it away.
  await page.keys(Key.TAB, Key.ENTER);
  await page.see("Hold to pull");
  await page.open("/practise?sure=1");
  await page.see("again ");
  await page.press("Forget what was practised");
  await page.see("What was practised is forgotten: 1 drills.");
  await page.gone("Forget what was practised");
  await page.press("Undo");
  await page.find("//button[normalize-space(.)='Forget what was practised']", "what was practised");
});

/** Tab by Tab to a button or a link. */
async function toWith(page: Page, words: string): Promise<void> {
  for (let tabs = 0; tabs < 60; tabs++) {
    const on = await page.driver.executeScript<string>("return document.activeElement.innerText");
    if (on === words) return;
    await page.keys(Key.TAB);
  }
  throw new Error(`No Tab leads to "${words}".`);
}

test("a bolt of one's own work, tried three times and back to the very same bolt", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/work?id=demo-brake-shoes");
  await tickSafety(page);
  await page.see("Set the wrench to");
  const title = await page.driver.findElement(By.css("main h1")).getText();
  const bolt = await page.read("bolt-count");
  const figure = await page.read("big-figure");
  await page.press("Practise this one");
  await page.see("pull 1 of 3");
  // The wrench and its setting are those of the work.
  await page.see(`set to ${figure}`);
  const onIt = await page.find(
    "//*[name()='text'][starts-with(normalize-space(.), 'set ')]",
    "what stands on the wrench",
  );
  expect((await onIt.getText()).replace(/\s+/g, " ")).toBe(`set ${figure}`);
  for (const pull of [1, 2, 3]) {
    await page.see(`pull ${pull} of 3`);
    await pullBySpace(page);
    await page.reads("outcome", "reached the bolt");
    if (pull < 3) await page.press("The next");
  }
  await page.press("Back to the bolt");
  await page.see("Set the wrench to");
  expect(await page.driver.findElement(By.css("main h1")).getText()).toBe(title);
  expect(await page.read("bolt-count")).toBe(bolt);
});

test("the phone itself is the handle, where the browser lets it be felt", async () => {
  await at.open({ size: PHONE });
  const { page } = at;
  // No driver turns a browser: the page is told as the device would tell it.
  const turnTo = (alpha: number) =>
    page.driver.executeScript(
      "dispatchEvent(new DeviceOrientationEvent('deviceorientation', { alpha: arguments[0], beta: 0, gamma: 0 }))",
      alpha,
    );
  await page.open("/practise?skill=pull");
  await page.press("Hold the phone as the handle");
  await page.see("This device does not tell how it is turned.");
  // From here on it is a device that tells.
  await page.driver.executeScript(
    "addEventListener('deviceorientation', (told) => told.alpha === null && told.stopImmediatePropagation(), true)",
  );
  await page.press("Hold the phone as the handle");
  await page.see("The phone is the handle");
  const button = await page.find("//button[normalize-space(.)='Hold to pull']", "the button to hold");
  await page.driver.actions().move({ origin: button }).press().perform();
  for (let turned = 0; turned < 170 && !(await hasClicked(page)); turned += 1) await turnTo(90 - turned);
  await page.driver.actions().release().perform();
  await page.reads("outcome", "reached the bolt");
});

test("a thousand bolts are pulled at once; what cannot be read is said at its field", async () => {
  await at.open();
  const { page } = at;
  await page.open("/practise?lab=1");
  await page.reads("lab-said", /95 of 100 clamp with .* kN/);
  const dry = await page.read("big-figure");
  await page.choose("Threads are", "anti-seize");
  await page.until(async () => (await page.read("big-figure")) !== dry, "Oil changed nothing");
  await page.see("past their proof load");
  await page.type("Thread", "M");
  await page.see("is not a thread");
  await page.type("Thread", "M12");
  await page.gone("is not a thread");
});

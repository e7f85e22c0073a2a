import { readFile, writeFile } from "node:fs/promises";
import { join } from "node:path";
import { By, Key } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome";
import { writeHouseholdFile } from "@/data/household-file";
import { demoHousehold } from "@/demo/household";
import { today } from "@/features/shell/clock";
import { DESK, PHONE } from "./browser";
import { firstVisit, journeys } from "./journey";
import { paste } from "./notes-to-plan";
import type { Page } from "./page";
import { DoneByHand, THE_ONE, onScreen, tickSafety } from "./work-through";

const at = journeys({ anew: true });

/** How hands are laid on the page. */
interface Hands {
  one: (page: Page) => Promise<void>;
  press: (page: Page, words: string) => Promise<void>;
  /** Holds the one button until the page says so. */
  hold: (page: Page, until: () => Promise<boolean>) => Promise<void>;
}

const held = async (page: Page, until: () => Promise<boolean>) =>
  page.driver.wait(until, 60_000, "the pull came to nothing", 15);

/** Chromium makes touches of a phone's clicks; what is held down is a finger. */
const byTouch: Hands = {
  one: (page) => page.clickOn(THE_ONE, "the one button"),
  press: (page, words) => page.pressWith(words),
  hold: async (page, until) => {
    const button = await page.find(THE_ONE, "the one button");
    // The thumb is at the foot of the screen, where the bar stays whatever is said above it.
    await page.driver.executeScript("scrollTo(0, 0)");
    const { x, y, width, height } = await button.getRect();
    const scrolled = await page.driver.executeScript<number>("return scrollY");
    const finger = (type: string, touchPoints: object[]) =>
      (page.driver as unknown as ChromeDriver).sendDevToolsCommand("Input.dispatchTouchEvent", {
        type,
        touchPoints,
      });
    await finger("touchStart", [{ x: x + width / 2, y: y + height / 2 - scrolled }]);
    await held(page, until);
    await finger("touchEnd", []);
  },
};
/** Tab until the focus is on it, then Enter: nothing but keys. */
const byKeys: Hands = {
  one: (page) => page.keys(Key.SPACE),
  press: async (page, words) => {
    if (words === "Half a turn more") return page.keys("+");
    for (let tabs = 0; tabs < 250; tabs++) {
      const on = await page.driver.executeScript<string>(
        "const on = document.activeElement; return on === document.body ? '' : (on?.getAttribute('aria-label') ?? '') + ' ' + (on?.innerText ?? '')",
      );
      if (on.replace(/\s+/g, " ").includes(words)) return page.keys(Key.ENTER);
      await page.keys(Key.TAB);
    }
    throw new Error(`Tab never came to "${words}".`);
  },
  hold: async (page, until) => {
    await page.driver.actions().keyDown(Key.SPACE).perform();
    await held(page, until);
    await page.driver.actions().keyUp(Key.SPACE).perform();
  },
};

/** The demo as it is before the brake job was begun. */
async function fresh(page: Page, folder: string): Promise<void> {
  const file = join(folder, "fresh.json");
  await writeFile(file, writeHouseholdFile({ ...demoHousehold(today()), works: [] }, new Date()));
  await page.open("/files");
  await (await page.field("File")).sendKeys(file);
  await page.press("Bring it in");
  await page.see("fresh.json is in");
}

/** A photo with something on it, heavier than what is kept. */
async function photo(page: Page, folder: string): Promise<string> {
  const drawn = await page.driver.executeScript<string>(
    "const c = document.createElement('canvas'); c.width = 2600; c.height = 1900; const x = c.getContext('2d'); for (let i = 0; i < 60000; i++) { x.fillStyle = `hsl(${(i * 47) % 360} 70% ${(i * 13) % 90}%)`; x.fillRect((i * 331) % 2600, (i * 577) % 1900, 14, 9); } return c.toDataURL('image/png').split(',')[1];",
  );
  const file = join(folder, "springs.png");
  await writeFile(file, drawn, "base64");
  expect((await readFile(file)).length).toBeGreaterThan(1_000_000);
  return file;
}

const liveNm = async (page: Page) => Number.parseFloat((await page.read("big-figure")) || "0");
const left = async (page: Page) => (await page.read("big-figure")).split(" ")[0];

/**
 * One bolt under the simulated wrench: first too little, then too much, then left at that, as a hand would.
 */
async function pullWrong(page: Page, hands: Hands): Promise<void> {
  await hands.press(page, "Digital wrench");
  await page.see("Hold to pull");
  await hands.hold(page, async () => (await liveNm(page)) > 10);
  await page.see("Pull again.");
  await hands.hold(page, async () => (await liveNm(page)) > 46);
  await page.see("Too much: slacken it fully");
  await page.reads("readings", "over");
  await hands.press(page, "Leave it at");
  await page.see("Bolt 2 of 4");
  await hands.press(page, "Put the digital wrench away");
  await page.see("Set the wrench to");
}

/** The one button, once more where a press fell between two screens, as a person would. */
async function onward(page: Page, hands: Hands, before: string): Promise<void> {
  for (let tries = 0; tries < 3; tries++) {
    await hands.one(page);
    const moved = await page.driver
      .wait(async () => (await state(page)) !== before, 20_000)
      .catch(() => false);
    if (moved) return;
  }
  throw new Error(`The one button did nothing. The page says: ${await page.text()}`);
}

/** All that can be read, and how many ticks are set. */
const state = async (page: Page) =>
  `${await page.text()} ${(await page.driver.findElements(By.css("[aria-pressed=true]"))).length}`;

/** What is done at the steps where more than the one button is asked for; false for all others. */
async function special(
  page: Page,
  hands: Hands,
  title: string,
  file: string,
  seen: Set<string>,
): Promise<boolean> {
  const once = !seen.has(title);
  seen.add(title);
  if (title.startsWith("Penetrant") && (await page.shows("Wait, until"))) {
    if (!seen.has("reloaded")) {
      await page.until(async () => (await left(page)) !== "20:00", "it does not run");
      const before = await left(page);
      await page.driver.navigate().refresh();
      await page.see("Wait, until it has crept in");
      seen.add("reloaded");
      expect(String(await left(page)) <= String(before)).toBe(true);
      expect(await left(page)).toMatch(/^1\d:\d\d$/);
      await hands.press(page, "Go on meanwhile");
    } else await hands.press(page, "It is over");
    await page.gone("Wait, until");
    return true;
  }
  if (title === "Photograph springs and levers, left" && once) {
    await (await page.driver.findElement(By.css("main input[type=file]"))).sendKeys(file);
    await page.find("//main//img", "the photo");
    return true;
  }
  if (title === "Photograph springs and levers, right") {
    expect(await page.driver.findElements(By.css("main img"))).not.toHaveLength(0);
    await hands.press(page, "Go on without");
    // The screen is the old one for a moment yet.
    await page.until(async () => (await onScreen(page)).title !== title, `"${title}" stayed`);
    return true;
  }
  if (title === "Backing plate bolts, left" && once) {
    await pullWrong(page, hands);
    return true;
  }
  if (title === "Bleed, then the bleed screw, left" && once) {
    await hands.press(page, "Not as planned");
    await page.see("stop pulling");
    await hands.press(page, "Snapped");
    await page.see("Rung 1 of");
    await hands.press(page, "Did not work");
    await page.see("Rung 2 of");
    await hands.one(page);
    await page.see("Clicked");
    return true;
  }
  return asked(page, hands);
}

/** Gives what the open step asks for besides the one button; false where that is nothing. */
async function asked(page: Page, hands: Hands): Promise<boolean> {
  if (await page.shows("Count it first")) {
    for (let i = 0; i < 3; i++) await hands.press(page, "Half a turn more");
    return true;
  }
  if (await page.shows("Measure it first")) {
    for (const [side, width] of [
      ["left", "203,2"],
      ["right", "203.6"],
    ]) {
      await page.type(`Measures, ${side}`, `${width}${Key.ENTER}`);
      await page.see(width?.replace(",", ".") ?? "");
    }
    await page.see("Right 0.4 mm more than left.");
    return true;
  }
  return false;
}

test.each([
  ["by keyboard only, the server ended after the first visit", DESK, byKeys, true],
  ["by touch on a phone", PHONE, byTouch, false],
] as const)(
  "the brake job from make safe to the log, both sides, with what goes wrong on the way, %s",
  async (_, size, hands, offline) => {
    await at.open({ size });
    const { page, browser } = at;
    await fresh(page, browser.profile);
    const file = await photo(page, browser.profile);
    await page.open("/work?id=demo-brake-shoes");
    if (offline) {
      await firstVisit(page);
      await at.endServer();
      await page.open("/work?id=demo-brake-shoes");
    }
    const seen = new Set<string>();
    await page.find("//main//button[normalize-space(.)='Take back']", "Work");
    for (let presses = 0; !(await page.shows("Odometer reads")); presses++) {
      if (presses > 200) throw new Error(`The work had no end: ${[...seen].join(", ")}`);
      const { title } = await onScreen(page);
      if (await page.shows("Tick the four first")) {
        await tickSafety(page);
        continue;
      }
      if (await special(page, hands, title, file, seen)) continue;
      const before = await state(page);
      await onward(page, hands, before);
    }
    expect(seen.has("reloaded")).toBe(true);
    await page.see("Bleed screw, left: snapped; “new carrier” did it, after stub.");
    await page.see("40 N·m asked; read");
    await page.see("asked; set to");
    await page.see("drum's inside width, right");
    await page.type("Odometer reads", "148 260");
    await page.press("Write it to the log");
    await page.see("Done on");
    await page.press("See it in the log");
    await page.type("Search", "bleed screw");
    await page.see("1 replacement");
    // Without a server the browser complains of what it could not fetch anew, and shows what it has kept.
    if (offline) await browser.complaints();
  },
);

test("not as planned, by touch: something in the way, a wrench that does not get on, none that will do; the log says how", async () => {
  await at.openDemo({ size: PHONE });
  const { page } = at;
  await page.open("/work?id=demo-starter");
  await page.find(THE_ONE, "the one button");
  const seen = new Set<string>();
  const done = new DoneByHand();
  for (let presses = 0; !(await page.shows("Odometer reads")); presses++) {
    if (presses > 90) throw new Error(`The work had no end: ${[...seen].join(", ")}`);
    const { title } = await onScreen(page);
    if (await page.shows("Tick the four first")) {
      await tickSafety(page);
      continue;
    }
    const before = await state(page);
    const first = !seen.has(title);
    seen.add(title);
    if (title === "Heat shield off" && first) {
      await page.press("Not as planned");
      await page.press("Something is in the way");
      await page.type("What is in the way", "breather hose");
      await page.press("Take it aside first");
      await page.see("Breather hose aside");
    } else if (title === "Starter bolts" && first) {
      await page.press("Not as planned");
      await page.press("The wrench does not get on");
      await page.choose("What gets on", "only a spanner");
      await page.press("That gets on");
      await page.see("Pulled");
    } else {
      await done.note(page);
      await byTouch.one(page);
    }
    await page.until(async () => (await state(page)) !== before, `nothing happened on "${title}"`);
  }
  expect([...seen]).toEqual(expect.arrayContaining(["Breather hose aside", "Breather hose back"]));
  // What nobody set or read is not said to have been.
  await done.isWhatIsTold(page);
  await page.see("asked; by spanner");
  await page.see("168 lb·in asked; by feel");
  await page.see("a torque wrench on what was done up by feel: starter cable nut");
});

test("a job left half done says so in the Garage, large, until the note is taken away", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/work?id=demo-brake-shoes");
  await page.press("Leave a “do not drive” note");
  await page.press("Leave the note");
  await page.press("Garage");
  await page.see("Do not drive");
  await page.see("it stands on stands");
  await page.pressWith("Go on with: Rear shoes");
  await page.press("Take the note away");
  await page.press("Garage");
  await page.see("Do next");
  await page.gone("it stands on stands");
});

test("with the hands full: a press anywhere is the button, and everything is there at 200 %", async () => {
  await at.openDemo({ size: PHONE });
  const { page, browser } = at;
  await page.open("/work?id=demo-brake-shoes");
  await tickSafety(page);
  await page.see("Bolt 3 of 4");
  await page.press("Tray and more");
  const anywhere = await page.field("A press anywhere is the button");
  await page.click(anywhere);
  await page.until(() => anywhere.isSelected(), "it was not kept");
  await page.press("Close");
  await page.driver.executeScript("document.querySelector('main h1').click()");
  await page.see("Bolt 4 of 4");
  await page.press("Tray and more");
  await page.press("200 %");
  await page.driver.wait(
    async () =>
      (await browser.driver.executeScript<number>(
        "return Number(getComputedStyle(document.querySelector('main > div')).zoom)",
      )) === 2,
    5000,
    "it did not grow",
  );
  expect(await page.sideways()).toBe(0);
  await page.press("Close");
  await page.clickOn(THE_ONE, "the one button");
  await page.see("All 4 done");
  await page.press("Tray and more");
  await page.press("Against the sun");
  expect(await browser.driver.executeScript("return getComputedStyle(document.body).backgroundColor")).toBe(
    "rgb(255, 255, 255)",
  );
});

test("on a phone the setting and all twelve bolts stand above the button, and with wet hands only a long press counts", async () => {
  await at.openDemo({ size: PHONE });
  const { page } = at;
  await page.open("/plan?new=1");
  await page.type("What is the job?", "Manifold gasket");
  await page.press("Save and paste notes");
  await page.see("Nothing yet.");
  await paste(
    page,
    "Manifold: twelve nuts, 13 mm. Manifold off. New gasket. Manifold on, nuts by hand, then 24 Nm in a cross from the middle.",
  );
  await page.see("Whose figures are these?");
  await page.press("The vehicle's maker");
  await page.pressWith("into the plan");
  await page.see("taken into the plan.");
  await page.open(`/work?id=${new URL(await page.driver.getCurrentUrl()).searchParams.get("id")}`);
  await page.press("Tray and more");
  const wet = await page.field("Wet hands: hold the button half a second");
  await page.click(wet);
  await page.until(() => wet.isSelected(), "it was not kept");
  await page.press("Close");
  // A tap does nothing, a held finger does.
  const first = await onScreen(page);
  await page.clickOn(THE_ONE, "the one button");
  expect((await onScreen(page)).title).toBe(first.title);
  for (let steps = 0; !(await page.shows("Set the wrench to")); steps++) {
    if (steps > 12) throw new Error("No setting came.");
    const { title } = await onScreen(page);
    const button = await page.find(THE_ONE, "the one button");
    await page.driver.actions().move({ origin: button }).press().pause(700).release().perform();
    await page.until(async () => (await onScreen(page)).title !== title, `nothing happened on "${title}"`);
  }
  const [figure, bolts, bar] = await page.driver.executeScript<[number, number[], number]>(
    "const box = (css) => [...document.querySelectorAll(css)].map((one) => one.getBoundingClientRect()); return [box('main [data-testid=big-figure]')[0].top, box('main [aria-label^=Bolt]').map(({ bottom }) => bottom), box('[data-action-bar]')[0].top];",
  );
  expect(figure).toBeGreaterThan(0);
  expect(bolts).toHaveLength(12);
  expect(Math.max(...bolts)).toBeLessThanOrEqual(bar);
});

test("six troubles of six ladders, a bolt in a captive nut among them: the log says of each what really did it", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/work?id=demo-starter");
  await page.find(THE_ONE, "the one button");
  const kinds = [
    "Seized",
    "Captive nut gone",
    "Lead or clip broken",
    "Stuck on its seat",
    "Stud turns",
    "Was missing already",
  ];
  const met: { kind: string; failed: string; did: string }[] = [];
  const tried = new Set<string>();
  for (let presses = 0; !(await page.shows("Odometer reads")); presses++) {
    if (presses > 120) throw new Error(`The work had no end: ${met.map(({ kind }) => kind).join(", ")}`);
    const { title } = await onScreen(page);
    if (await page.shows("Tick the four first")) {
      await tickSafety(page);
      continue;
    }
    const [kind] = kinds;
    if (kind && !tried.has(title) && (await page.shows("Not as planned"))) {
      tried.add(title);
      await page.press("Not as planned");
      await page.see("Trouble: stop pulling");
      const [button] = await page.driver.findElements(
        By.xpath(`//main//button[starts-with(normalize-space(.), '${kind}')]`),
      );
      if (button) {
        await page.click(button);
        const failed = await rungOf(page);
        await page.press("Did not work: the next");
        await page.until(async () => (await rungOf(page)) !== failed, "no further rung came");
        const did = await rungOf(page);
        await page.press("That did it");
        await page.see("Take back");
        met.push({ kind: kinds.shift() ?? "", failed, did });
      } else await page.press("All as planned");
      continue;
    }
    const before = await state(page);
    await byKeys.one(page);
    await page.until(async () => (await state(page)) !== before, `nothing happened on "${title}"`);
  }
  expect(met).toHaveLength(6);
  const told = await page.text();
  for (const { kind } of met) expect(told).toContain(`: ${kind.toLowerCase()}; “`);
  // Nobody says that the wrench was set where it was pulled by feel, or that a rung did it which did not.
  expect((told.match(/” did it, after /g) ?? []).length).toBe(6);
  await page.type("Odometer reads", "132 100");
  await page.press("Write it to the log");
  await page.see("Done on");
});

/** A headset whose keys the page listens to, and ears that hear what the journey says. */
const HEADSET = `
  window.headset = {};
  navigator.mediaSession.setActionHandler = (key, does) => { window.headset[key] = does; };
  window.spoken = [];
  window.speechSynthesis.speak = ({ text }) => window.spoken.push(text);
  window.SpeechRecognition = class extends EventTarget {
    static async available() { return "available"; }
    start() { window.ears = this; this.dispatchEvent(new Event("start")); }
    abort() {}
  };
  window.say = (transcript) => window.ears.dispatchEvent(Object.assign(new Event("result"), {
    resultIndex: 0, results: [Object.assign([{ transcript }], { isFinal: true })],
  }));`;

test("with a headset and no hand free: its keys, and then words, bring the job on, and words are answered", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/work?id=demo-brake-shoes");
  await page.driver.executeScript(HEADSET);
  for (const label of ["Read steps aloud", "A headset’s keys: play is the button"])
    await page.click(await page.field(label));
  const key = (name: string) => page.driver.executeScript(`window.headset.${name}()`);
  const say = (words: string) => page.driver.executeScript("window.say(arguments[0])", words);
  const spoken = () => page.driver.executeScript<string>("return window.spoken.at(-1) ?? ''");
  await tickSafety(page);
  await page.see("Bolt 3 of 4");
  await page.until(async () => /^Next, bolt 3 of 4\. Again .* pound feet\./.test(await spoken()), "not said");
  const before = await onScreen(page);
  await key("nexttrack");
  await page.until(async () => (await onScreen(page)).title !== before.title, "next did nothing");
  await key("previoustrack");
  await page.see("Bolt 3 of 4");
  await key("play");
  await page.see("Bolt 4 of 4");

  await page.click(await page.field("Listen: next, done, again, how much, trouble, take back"));
  await page.see("Listening, on this device only.");
  await say("take it back");
  await page.see("Bolt 3 of 4");
  await say("how much?");
  await page.until(
    async () => /^Set the wrench to .* pound feet\. Bolt 3 of 4\./.test(await spoken()),
    "no answer",
  );
  await say("that one is not done");
  await page.see("Bolt 3 of 4");
  await say("Done.");
  await page.see("Bolt 4 of 4");
  await say("again");
  await page.until(async () => (await spoken()).startsWith("The last one"), "not said again");
  await say("trouble");
  await page.see("Not as planned: what is it?");
});

test("what was learnt on the first side is there on the second: the step put right, with its figure and its time", async () => {
  await at.open({ size: PHONE });
  const { page, browser } = at;
  await fresh(page, browser.profile);
  await page.open("/work?id=demo-brake-shoes");
  await page.find(THE_ONE, "the one button");
  let met = 0;
  const done = new DoneByHand();
  for (let presses = 0; !(await page.shows("Odometer reads")); presses++) {
    if (presses > 200) throw new Error("The work had no end.");
    const { title } = await onScreen(page);
    if (await page.shows("Tick the four first")) {
      await tickSafety(page);
      continue;
    }
    if (await asked(page, byTouch)) continue;
    const before = await state(page);
    const other = ["Go on without", "It is over"];
    const shown = await page.text();
    const instead = other.find((words) => shown.includes(words));
    if (title === "Backing plate bolts, left" && met === 0) {
      met++;
      await page.press("Not as planned");
      await page.press("The step goes otherwise");
      await page.type("In your words", "the lower one by feel with a stubby, from behind");
      await page.type("Takes", "25");
      await page.type("Torque", "9 banana");
      await page.press("So it goes");
      await page.see("is not a unit of torque");
      await page.type("Torque", "42 Nm");
      await page.press("So it goes");
      await page.see("on the other side too");
      await page.see("42 N·m");
    } else if (title === "Backing plate bolts, right" && met === 1) {
      met++;
      await page.see("the lower one by feel with a stubby, from behind");
      await page.see("42 N·m");
      await done.note(page);
      await byTouch.one(page);
    } else if (instead) await page.press(instead);
    else {
      await done.note(page);
      await byTouch.one(page);
    }
    await page.until(async () => (await state(page)) !== before, `nothing happened on "${title}"`);
  }
  expect(met).toBe(2);
  await page.see("42 N·m asked; set to");
  await done.isWhatIsTold(page);
});

/** The rung of the ladder that is open, in its own words. */
const rungOf = async (page: Page): Promise<string> =>
  (
    await page.find("//main//*[contains(., 'Rung ')]/preceding-sibling::*[@aria-live='polite']", "a rung")
  ).getText();

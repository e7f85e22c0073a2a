import axe, { type AxeResults } from "axe-core";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome";
import { SKILLS } from "@/core/model/drill";
import { DRILLS } from "@/core/practise/drills";
import { SLIPS } from "@/core/slip/slips";
import { type Opened, openBrowser } from "./browser";
import { Page } from "./page";
import { type Served, serve } from "./server";
import { tickSafety } from "./work-through";

let served: Served;

beforeAll(async () => {
  served = await serve();
});
afterAll(async () => {
  await served.stop();
});

const BY_NIGHT = new Set([
  ...["bench, adapter", "bench, fit", "bench, sane", "bench, stands", "bench, coolant"],
  ...["practise, pull", "practise, ring", "practise, setting", "practise, what was right"],
]);

const ALL = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"];
const CONTRAST = { type: "rule", values: ["color-contrast"] };

/**
 * What axe finds on the page, in one of its looks; it is put into a page once. Only violations are worked out
 * in full: naming everything that is right would be half the work.
 */
async function violations(driver: Opened["driver"], look: string, runOnly: unknown) {
  if (!(await driver.executeScript<boolean>("return 'axe' in window")))
    await driver.executeScript(axe.source);
  return driver.executeAsyncScript<AxeResults["violations"]>(
    `const [look, runOnly, done] = arguments;
    for (const each of ['dark', 'glare']) document.documentElement.classList.toggle(each, each === look);
    axe.run(document, { resultTypes: ['violations'], runOnly }).then(({ violations }) => done(violations));`,
    look,
    runOnly,
  );
}

/**
 * Everything serious on the page as it is; by night and against the sun it is the same page in other colours,
 * so there only the contrast can differ.
 */
async function serious({ driver }: Opened, screen: string): Promise<string[]> {
  const looks = [
    ["", ALL],
    ["dark", CONTRAST],
    ["glare", CONTRAST],
  ] as const;
  const found: string[] = [];
  for (const [look, runOnly] of looks) {
    // Against the sun the colours are the same few everywhere; Work is where it is used.
    if (look === "glare" && !screen.startsWith("work")) continue;
    // The slips are one form and one answer in the same colours, and so are the drills: a few stand for all by night.
    if (look === "dark" && /^(?:bench|practise), /.test(screen) && !BY_NIGHT.has(screen)) continue;
    // So are the fields of forms; the interval's and the notes' stand for them.
    if (look === "dark" && (screen.endsWith(" form") || screen.startsWith("chest, "))) continue;
    const grave = (await violations(driver, look, runOnly)).filter(
      ({ impact }) => impact === "serious" || impact === "critical",
    );
    found.push(
      ...grave.flatMap(({ id, nodes }) =>
        nodes.map(
          (node) => `${screen} ${look}: ${id}: ${node.target.join(" ")} ${node.failureSummary ?? ""}`,
        ),
      ),
    );
  }
  return found;
}

/** A narrow phone; and twice the size of text on a usual one, as its own settings make it. */
const NARROW = [
  ["at 320 px", 320, "100%"],
  ["with text of twice the size", 390, "200%"],
] as const;

/**
 * What does not hold where there is little room: a page that scrolls sideways, and words that are cut off where nothing
 * shows that there are more.
 */
async function cramped({ driver }: Opened, screen: string): Promise<string[]> {
  const chrome = driver as unknown as ChromeDriver;
  const found: string[] = [];
  for (const [how, width, text] of NARROW) {
    await chrome.sendDevToolsCommand("Emulation.setDeviceMetricsOverride", {
      ...{ width, height: 640, deviceScaleFactor: 1, mobile: true },
    });
    const [over, cut] = await driver.executeScript<[number, string[]]>(
      `document.documentElement.style.textSizeAdjust = ${JSON.stringify(text)};
      const page = document.documentElement;
      const cut = [];
      for (const one of document.querySelectorAll("main *, header *")) {
        const style = getComputedStyle(one);
        if (one.tagName !== "SELECT" && one.clientWidth > 4 && style.overflowX === "hidden" && one.scrollWidth > one.clientWidth + 1 && style.textOverflow !== "ellipsis") cut.push(one.innerText.slice(0, 40));
      }
      return [page.scrollWidth - page.clientWidth, cut];`,
    );
    if (over > 0) found.push(`${screen} ${how}: ${over} px too wide`);
    found.push(...cut.map((words) => `${screen} ${how}: cut off “${words}”`));
  }
  await driver.executeScript("document.documentElement.style.textSizeAdjust = ''");
  await chrome.sendDevToolsCommand("Emulation.clearDeviceMetricsOverride", {});
  return found;
}

/** Every screen, with what has to be pressed to come to it. */
const SCREENS: [screen: string, path: string, how?: (page: Page) => Promise<void>][] = [
  ["garage", "/garage?id=demo-wren"],
  ["vehicle form", "/garage?id=demo-wren", (page) => page.press("Edit")],
  ["jobs", "/plan?all=1"],
  ["job form", "/plan?new=1"],
  ["about the job", "/plan?id=demo-starter&about=1"],
  ["plan", "/plan?id=demo-brake-shoes", (page) => page.pressWith("Backing plate bolts, left")],
  [
    "what is wrong",
    "/plan?id=demo-starter&decide=1",
    (page) => page.press("It cranks slowly or not at all").then(() => page.see("Next, to tell")),
  ],
  [
    "notes",
    "/plan?id=demo-starter&notes=1",
    (page) =>
      page
        .type(
          "Notes for “Starter motor”",
          "four 15 mil guard bolts, I think 50 Nm. Undo the guard bolts. Rags. Somewhere it says 80 Nm.",
        )
        .then(() => page.see("is not sure, as it was told"))
        .then(() => page.press("Show what was read in it"))
        .then(() => page.pressWith("4 × Guard bolts"))
        .then(() => page.see("Two groups: split")),
  ],
  ["order", "/plan?id=demo-starter&order=1", (page) => page.see("Order of the steps")],
  ["all fasteners", "/plan?id=demo-starter&fasteners=1", (page) => page.see("To set")],
  ["plan on paper", "/plan?id=demo-starter&sheet=1", (page) => page.see("The plan on paper")],
  ["currency", "/garage?id=demo-wren", (page) => page.press("Change the currency")],
  ["routes", "/plan?id=demo-starter&routes=1", (page) => page.see("Under a raised car")],
  ["step form", "/plan?id=demo-brake-shoes", (page) => page.press("Edit step")],
  [
    "fastener form",
    "/plan?id=demo-cam-cover",
    (page) => page.pressWith("10 × Cam cover bolts").then(() => page.press("More about it")),
  ],
  ["part form", "/plan?id=demo-cam-cover", (page) => page.press("Add a part")],
  [
    "kit",
    "/kit?id=demo-starter",
    (page) =>
      page.press("■ Starter cable nut: no wrench for 168 lb·in").then(() => page.see("What else would do")),
  ],
  ["day", "/day?id=demo-thermostat", (page) => page.see("The same day otherwise")],
  ["day that is over", "/day?id=demo-engine-mount", (page) => page.see("planned and real")],
  [
    "chest",
    "/kit?chest=1",
    (page) =>
      page
        .type("What you own, a line each", "3/8 sockets 8-19\nsockets 13")
        .then(() => page.see("Which is its square drive")),
  ],
  ["chest, field by field", "/kit?chest=1", (page) => page.press("Field by field")],
  ["chest, a tool", "/kit?chest=1", (page) => page.press("Wheel chocks").then(() => page.see("Lent to"))],
  ["shopping", "/kit?id=demo-cam-cover&shop=1", (page) => page.see("The cheapest that is here in time")],
  ["sheet to print", "/kit?id=demo-brake-shoes&sheet=1", (page) => page.see("Take it along")],
  ["work, safety", "/work?id=demo-brake-shoes"],
  [
    "work, trouble",
    "/work?id=demo-brake-shoes",
    (page) =>
      tickSafety(page)
        .then(() => page.press("Not as planned"))
        .then(() => page.pressWith("Seized"))
        .then(() => page.see("Rung 1 of")),
  ],
  [
    "work, a look",
    "/work?id=demo-brake-shoes",
    (page) => page.pressWith("Ledges on the plates").then(() => page.see("Photo")),
  ],
  [
    "work, counting",
    "/work?id=demo-brake-shoes",
    (page) => page.pressWith("Handbrake cable nut back").then(() => page.see("3½ turns")),
  ],
  [
    "work, measuring",
    "/work?id=demo-brake-shoes",
    (page) => page.pressWith("Drums: inside width").then(() => page.see("203.6")),
  ],
  [
    "work, the wrench",
    "/work?id=demo-brake-shoes",
    (page) =>
      page
        .pressWith("Wheel bolts on the ground, left")
        .then(() => page.press("Digital wrench"))
        .then(() => page.see("Hold to pull")),
  ],
  [
    "work, torque",
    "/work?id=demo-brake-shoes",
    (page) => tickSafety(page).then(() => page.see("Set the wrench to")),
  ],
  ["log", "/log?id=all"],
  ["log, an entry", "/log?entry=demo-minnow-replaced-11"],
  ["log, a new entry", "/log?new=tyre"],
  ["log, due", "/log?id=all&view=due", (page) => page.press("Put off")],
  ["log, an interval", "/log?id=demo-wren&view=due", (page) => page.press("Add an interval")],
  [
    "log, wear",
    "/log?id=all&view=wear",
    (page) =>
      page.press("Add a measure").then(() => page.find("//canvas", "the chart").then(() => undefined)),
  ],
  [
    "log, costs",
    "/log?id=all&view=costs",
    (page) => page.find("//canvas", "the chart").then(() => undefined),
  ],
  ["log, follow-ups", "/log?id=all&view=owed", (page) => page.press("Move")],
  ["a table brought in", "/log?bring=1"],
  ["files", "/files"],
  ["history", "/files?history=demo-wren"],
  ["bench list", "/garage", (page) => page.keys("b").then(() => page.see("Find a calculation"))],
  ...SLIPS.map(({ name, title }): [string, string, (page: Page) => Promise<void>] => [
    `bench, ${name}`,
    `/bench?slip=${name}`,
    (page) => page.see(title),
  ]),
  ["bench, drawn pattern", "/bench?slip=pattern&layout=points", (page) => page.see("Add a bolt")],
  ["practise", "/practise"],
  ["practise, what is sure", "/practise?sure=1"],
  [
    "practise, the lab",
    "/practise?lab=1",
    (page) => page.find("//main//canvas", "the chart").then(() => undefined),
  ],
  ...SKILLS.map((skill): [string, string, (page: Page) => Promise<void>] => [
    `practise, ${skill}`,
    `/practise?skill=${skill}`,
    (page) => page.see(DRILLS[skill].title),
  ]),
  [
    "practise, what was right",
    "/practise?skill=unit",
    async (page) => {
      await page.press("lb·in");
      await page.see("Another");
    },
  ],
  [
    "practise, this one",
    "/work?id=demo-brake-shoes",
    async (page) => {
      await tickSafety(page);
      await page.press("Practise this one");
      await page.see("Hold to pull");
    },
  ],
  ["keys", "/garage", (page) => page.keys("?")],
];

test("axe finds nothing serious on any screen, by day, by night and against the sun; all hold where there is little room", async () => {
  const browser = await openBrowser();
  try {
    const page = new Page(browser.driver, served.url);
    await page.open("/garage");
    const found = await serious(browser, "welcome");
    // It does find what is there to be found.
    await browser.driver.executeScript(
      "document.querySelector('main').append(document.createElement('button'))",
    );
    expect((await serious(browser, "spoilt")).join()).toContain("button-name");
    await page.open("/garage");
    await page.press("Look round the demo garage");
    await page.see("Do next");
    for (const [screen, path, how] of SCREENS) {
      // The forms of the Bench and the drills begin anew with each address: there axe need not be read again.
      if (/^\/(?:bench|practise)\?(?:slip|skill)=/.test(path)) await page.follow(path);
      else await page.open(path);
      await how?.(page);
      found.push(...(await serious(browser, screen)), ...(await cramped(browser, screen)));
    }
    expect(found).toEqual([]);
    expect(await browser.complaints()).toEqual([]);
  } finally {
    await browser.quit();
  }
});

test("the page is dark from its first paint at night, before any script of the app has run", async () => {
  const browser = await openBrowser({ night: true });
  try {
    const chrome = browser.driver as unknown as ChromeDriver;
    await chrome.sendDevToolsCommand("Network.enable", {});
    await chrome.sendDevToolsCommand("Network.setBlockedURLs", { urls: ["*/_next/static/chunks/*.js"] });
    await browser.driver.get(`${served.url}/garage`);
    const background = await browser.driver.executeScript(
      "return getComputedStyle(document.documentElement).backgroundColor + ' ' + getComputedStyle(document.body).backgroundColor",
    );
    expect(background).toBe("rgb(14, 22, 18) rgb(14, 22, 18)");
  } finally {
    await browser.quit();
  }
});

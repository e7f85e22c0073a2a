import AxeBuilder from "@axe-core/webdriverjs";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome";
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

async function serious(browser: Opened, screen: string): Promise<string[]> {
  const { violations } = await new AxeBuilder(browser.driver).withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"]).analyze();
  return violations
    .filter(({ impact }) => impact === "serious" || impact === "critical")
    .flatMap(({ id, nodes }) => nodes.map((node) => `${screen}: ${id}: ${node.target.join(" ")} ${node.failureSummary ?? ""}`));
}

/** Every screen, with what has to be pressed to come to it. */
const SCREENS: [screen: string, path: string, how?: (page: Page) => Promise<void>][] = [
  ["garage", "/garage?id=demo-wren"],
  ["vehicle form", "/garage?id=demo-wren", (page) => page.press("Edit")],
  ["jobs", "/plan?all=1"],
  ["job form", "/plan?new=1"],
  ["plan", "/plan?id=demo-brake-shoes", (page) => page.pressWith("Backing plate bolts, left")],
  ["what is wrong", "/plan?id=demo-starter&decide=1", (page) => page.choose("What it does", "It cranks slowly or not at all").then(() => page.see("Next, to tell"))],
  [
    "notes",
    "/plan?id=demo-starter&notes=1",
    (page) => page.type("Notes for “Starter motor”", "four 15 mil bolts, I think 50 Nm, sorry, 55 Nm. Rags.").then(() => page.see("Reads: 55")),
  ],
  ["order", "/plan?id=demo-starter&order=1", (page) => page.see("Order of the steps")],
  ["routes", "/plan?id=demo-starter&routes=1", (page) => page.see("Under a raised car")],
  ["step form", "/plan?id=demo-brake-shoes", (page) => page.press("Edit step")],
  ["fastener form", "/plan?id=demo-cam-cover", (page) => page.pressWith("10 × Cam cover bolts").then(() => page.press("More about it"))],
  ["part form", "/plan?id=demo-cam-cover", (page) => page.press("Add a part")],
  ["kit", "/kit?id=demo-cam-cover", (page) => page.press("Add a tool")],
  ["work, safety", "/work?id=demo-brake-shoes"],
  ["work, torque", "/work?id=demo-brake-shoes", (page) => tickSafety(page).then(() => page.see("Set the wrench to"))],
  ["log", "/log?id=all"],
  ["files", "/files"],
  ["bench list", "/garage", (page) => page.keys("b").then(() => page.see("Find a calculation"))],
  ...SLIPS.map(({ name, title }): [string, string, (page: Page) => Promise<void>] => [`bench, ${name}`, `/bench?slip=${name}`, (page) => page.see(title)]),
  ["bench, drawn pattern", "/bench?slip=pattern&layout=points", (page) => page.see("Add a bolt")],
  ["keys", "/garage", (page) => page.keys("?")],
];

test.each([
  ["light", false],
  ["night", true],
])("axe finds nothing serious on any screen, %s", async (_, night) => {
  const browser = await openBrowser({ night });
  try {
    const page = new Page(browser.driver, served.url);
    await page.open("/garage");
    const isNight = await browser.driver.executeScript("return document.documentElement.classList.contains('dark')");
    expect(isNight).toBe(night);
    const found = await serious(browser, "welcome");
    await page.press("Look round the demo garage");
    await page.see("Do next");
    for (const [screen, path, how] of SCREENS) {
      await page.open(path);
      await how?.(page);
      found.push(...(await serious(browser, screen)));
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

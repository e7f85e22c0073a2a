import { activity } from "@/core/day/__fixtures__/activities";
import type { Activity } from "@/core/day/activity";
import { slotsFor } from "@/core/day/bar";
import type { DayTold } from "@/core/day/day";
import { simulate } from "@/core/day/simulate";
import { speedFrom } from "@/core/day/speed";
import { USUAL_SURROUNDINGS } from "@/core/day/world";
import { openBrowser } from "../e2e/browser";
import { Page } from "../e2e/page";
import { serve } from "../e2e/server";
import { line, middleMs, part } from "./measure";

const RUNS = 20_000;
/** What is wanted, ms. */
const SIXTY_MS = 1000;
const MANY_MS = 4000;
const DRAG_MS = 50;

const DAYS = Array.from({ length: 10 }, (_, day) => [
  [day * 1440 + 480, day * 1440 + 750],
  [day * 1440 + 795, day * 1440 + 1200],
]).flat() as [number, number][];

/** A plan of so many steps: every fourth with a trouble, every tenth with a wait. */
const plan = (steps: number): Activity[] =>
  Array.from({ length: steps }, (_, i) =>
    activity(`s${String(i).padStart(4, "0")}`, 0, {
      minutes: { least: 3, usual: 5, most: 14 },
      waits: i % 10 === 9 ? 20 : 0,
      after: i === 0 ? [] : [{ id: `s${String(i - 1).padStart(4, "0")}`, waited: false }],
      branches:
        i % 4 === 0
          ? [
              {
                kind: "seized",
                chance: 0.15,
                here: [5, 30, 5, 15].map((minutes) => ({ minutes, lacks: [] })),
                fetched: [{ minutes: 20, lacks: ["Hot-air gun"] }],
                renews: undefined,
              },
            ]
          : [],
    }),
  );

function runs(steps: number): number {
  const activities = plan(steps);
  const speed = speedFrom([]);
  return middleMs(
    () =>
      simulate({
        activities,
        notBefore: new Map(),
        world: { people: [DAYS], start: 480, shop: DAYS, tripMin: 45 },
        speed,
        secondSide: 0.85,
        runs: RUNS,
        seed: 1,
      }),
    3,
  );
}

/** What is worked out anew at each step of a drag: the slots of 60 steps. */
function drag(): number {
  const timed = plan(60).map(({ id, hands, waits, after }) => ({ id, hands, minutes: 5, waits, after }));
  const told: Pick<DayTold, "timed" | "begins"> = { timed, begins: 480 };
  let minute = 0;
  return middleMs(() => {
    minute = (minute + 5) % 240;
    const startsAt = `${String(8 + Math.floor(minute / 60)).padStart(2, "0")}:${String(minute % 60).padStart(2, "0")}`;
    slotsFor(told, { startsOn: "2026-11-28", startsAt, pauses: [], helper: [] }, USUAL_SURROUNDINGS, false);
  }, 40);
}

/** The longest frames of the page, ms: while the start is dragged along the bar, and once it is let go and reckoned. */
async function longestFrames(): Promise<{ dragged: number; reckoned: number }> {
  const served = await serve();
  const browser = await openBrowser();
  try {
    const page = new Page(browser.driver, served.url);
    await page.open("/garage");
    await page.press("Look round the demo garage");
    await page.see("Do next");
    await page.open("/day?id=demo-thermostat");
    await page.see("The same day otherwise");
    await page.find("//*[@aria-busy='false']", "the day reckoned");
    await browser.driver.executeScript(
      "window.longest = 0; let last = performance.now(); const tick = () => { const now = performance.now(); window.longest = Math.max(window.longest, now - last); last = now; requestAnimationFrame(tick); }; requestAnimationFrame(tick);",
    );
    const longest = () =>
      browser.driver.executeScript<number>("const was = window.longest; window.longest = 0; return was;");
    const start = await page.find("//button[@role='slider'][@aria-label='Start']", "the start");
    const { x, y, width, height } = await start.getRect();
    const hand = (to: number) =>
      browser.driver
        .actions()
        .move({ x: Math.round(x + width / 2) + to, y: Math.round(y + height / 2), duration: 0 });
    await hand(0).press().perform();
    await longest();
    for (let i = 1; i <= 20; i++) await hand(i * 4).perform();
    const dragged = await longest();
    await hand(80).release().perform();
    await page.see("Begins at");
    await page.find("//*[@aria-busy='false']", "the day reckoned");
    return { dragged, reckoned: await longest() };
  } finally {
    await browser.quit();
    await served.stop();
  }
}

async function main(): Promise<void> {
  part(`A day, ${RUNS} runs`);
  line((SIXTY_MS / runs(60)).toFixed(1), "of 60 steps in the second it may take (1 or more is wanted)");
  line(
    (MANY_MS / runs(300)).toFixed(1),
    "of 300 steps in the four seconds it may take (1 or more is wanted)",
  );
  line(
    (DRAG_MS / drag()).toFixed(0),
    "repaints worked out in the 50 ms that one may take (1 or more is wanted)",
  );
  const { dragged, reckoned } = await longestFrames();
  line(
    (dragged / DRAG_MS).toFixed(1),
    "of 50 ms is the longest frame while the start is dragged (1 is wanted)",
  );
  line((reckoned / DRAG_MS).toFixed(1), "of 50 ms is the longest frame once it is let go, kept and reckoned");
}

void main();

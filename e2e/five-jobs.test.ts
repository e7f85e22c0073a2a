import { readFile } from "node:fs/promises";
import { join } from "node:path";
import { By } from "selenium-webdriver";
import { journeys } from "./journey";
import { Counted, mend, paste } from "./notes-to-plan";

const at = journeys();

/** A text, as many steps as its plan has at the least, and what the kit has of it. */
const JOBS = [
  ["brake-hose", 24, "Banjo bolt"],
  ["thermostat", 22, "Housing bolts"],
  ["lower-arm", 21, "Rear bush bolts"],
  ["alternator", 20, "Lower bolts"],
  ["gearbox-oil", 18, "Filler plug"],
] as const;
/** Presses and fields together, from the name of the job to its kit. */
const MOST = 25;

test("five jobs go from a page of notes to their kit in few presses", async () => {
  await at.openDemo();
  for (const job of JOBS) await fromNotesToKit(job);
});

async function fromNotesToKit([name, least, inKit]: (typeof JOBS)[number]): Promise<void> {
  const { page } = at;
  const hand = new Counted(page);
  await page.open("/plan?new=1");
  await hand.type("What is the job?", `As told: ${name}`);
  await hand.press("Save and paste notes");
  await page.see("Nothing yet.");
  await paste(page, await readFile(join(__dirname, `../core/notes/__fixtures__/jobs/${name}.txt`), "utf8"));
  hand.fields++;
  await page.see("Whose figures are these?");
  await hand.press("The vehicle's maker");
  // Whatever else is asked is answered with its first answer.
  for (;;) {
    const [answer] = await page.driver.findElements(
      By.css("[data-testid=questions] [data-testid=asked] button"),
    );
    if (!answer) break;
    await hand.click(answer);
  }
  await hand.pressWith("into the plan");
  await page.see("taken into the plan.");
  await page.see("Second look");
  const steps = () => page.driver.findElements(By.css("nav[aria-label=Steps] button"));
  await page.until(async () => (await steps()).length >= least, `${name} came to fewer than ${least} steps`);
  const count = (await steps()).length;
  hand.presses += await mend(page);
  if (await page.shows("Propose the way back")) await hand.press("Propose the way back");
  hand.presses += await mend(page);
  const left = await page.driver.findElements(By.css("[data-testid=finding], [data-testid=findings]"));
  await hand.press("Gather the kit");
  await page.see(inKit);
  console.log(
    `${name}: ${count} steps, ${hand.presses} presses and ${hand.fields} fields; ${left.length} findings left to answer.`,
  );
  expect([name, hand.presses + hand.fields <= MOST]).toEqual([name, true]);
}

import { By } from "selenium-webdriver";
import { PHONE } from "./browser";
import { journeys } from "./journey";

const at = journeys();

const NOTES =
  "okay so four subframe bolts, they're a 20, sorry, that is a 21 not a 20, and I think 120 newton metres, new ones every time. Somewhere it says 85 Nm. New cover gasket. Undo the cover. Torque wrench and rags.";

test("notes become a plan: corrected, dropped and put in, with nothing unseen", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/plan?new=1");
  await page.type("What is the job?", "Subframe");
  await page.press("Save and paste notes");
  await page.type("Notes for “Subframe”", NOTES);
  await page.see("said with doubt");
  expect(await (await page.field("What it is")).getAttribute("value")).toBe("Subframe bolts");
  expect(await (await page.field("Size")).getAttribute("value")).toBe("21 mm");
  expect(await (await page.field("Torque")).getAttribute("value")).toBe("120 N·m");
  await page.see("Also: single-use.");
  const struck = await page.driver.findElements(By.css("[data-testid=notes-marked] mark"));
  expect(await Promise.all(struck.map(async (mark) => [await mark.getText(), (await mark.getCssValue("text-decoration-line")) === "line-through"]))).toEqual(
    expect.arrayContaining([
      ["20", true],
      ["21", false],
    ]),
  );

  // The loose figure has to be placed or dropped before anything goes in.
  await page.pressWith("into the plan");
  await page.see("One of them still has to be put right, or dropped.");
  await page.see("Say which fastener this belongs to.");
  const [, loose] = await page.driver.findElements(By.css("[data-testid=proposal]"));
  if (!loose) throw new Error("The loose figure is not shown.");
  await page.click(await loose.findElement(By.xpath(".//button[normalize-space(.)='Drop it']")));
  await page.pressWith("into the plan");
  await page.see("put into the plan.");
  await page.see("Undo the cover");
  await page.see("4 × Subframe bolts");
  await page.see("Cover gasket");

  // The second look knows that a single-use bolt has no new one on the list, puts it there, and keeps an answer.
  await page.see("single-use, and no new ones are on the list");
  await page.press("Put new ones on the list");
  await page.see("4 × Subframe bolts, new");
  await page.see("where is the figure from?");
});

test("the wrong unit in the cam cover job is caught, explained and fixed in one action; an answer is seen again in Work", async () => {
  await at.openDemo();
  const { page } = at;
  await page.open("/plan?id=demo-cam-cover");
  await page.see("106 lb·ft would break an M6. As 106 lb·in it is 12.0 N·m, which fits.");
  await page.press("I looked it up: it is 106 lb·in (12.0 N·m)");
  await page.see("106 lb·in");
  await page.until(async () => !(await page.shows("106 lb·ft would break")), "the wrong reading still stands");
  await page.press("Undo");
  await page.see("Undone.");
  await page.see("106 lb·ft would break");
  await page.press("I looked it up: it is 106 lb·in (12.0 N·m)");
  await page.see("the figure is from memory");
  const memory = await page.find("//*[@data-testid='finding'][contains(., 'from memory')]", "the finding");
  await page.click(await memory.findElement(By.xpath(".//button[contains(., 'I know')]")));
  await page.press("Keep the answer");
  await page.see("Say why, in a few words");
  await page.type("I know, because", "it is on the sticker under the bonnet");
  await page.press("Keep the answer");
  await page.see("Answered, 1");
  await page.press("Work");
  for (let presses = 0; presses < 24; presses++) {
    if (await page.shows("on the sticker under the bonnet")) break;
    await page.keys(" ");
    await new Promise((wake) => setTimeout(wake, 300));
  }
  await page.see("You said: “it is on the sticker under the bonnet”");
});

test("the note reader holds on a phone", async () => {
  await at.openDemo({ size: PHONE });
  const { page } = at;
  await page.open("/plan?id=demo-cam-cover&notes=1");
  await page.type("Notes for “Cam cover gasket and plugs”", NOTES);
  await page.see("said with doubt");
  expect(await page.sideways()).toBe(0);
  expect(await page.smallTargets(44)).toEqual([]);
});

import { DESK, PHONE } from "./browser";
import { journeys } from "./journey";
import { Counted, mend, paste, toTheSheet } from "./notes-to-plan";
import type { Page } from "./page";
import { checkGives } from "./work-through";

const at = journeys();

/** From an empty garage to the sheet's list of what to look up; tells how much hand that took. */
async function toTheList(page: Page): Promise<Counted> {
  const hand = new Counted(page);
  await toTheSheet(page, hand, "it grinds when I brake", "Brake pads and discs");
  await page.see("Front or rear?");
  await hand.press("Put it in the plan");
  await page.see("Choose one of these: the plan depends on it.");
  for (const answer of ["front", "pads and discs", "no"]) await hand.press(answer);
  await hand.press("Put it in the plan");
  await page.see("Look up these 7");
  return hand;
}

test("from an empty garage to a brake job with its figures, from the shelf, in at most 30 presses and fields", async () => {
  await at.open({ size: DESK });
  const { page } = at;
  const hand = await toTheList(page);
  hand.presses++;
  await page.choose("Where are the torques from?", "vehicle maker");
  const FIGURES = [
    ["Wheel bolts or nuts: torque", "120 Nm"],
    ["Caliper slide pin bolts: torque", "35 Nm"],
    ["Caliper carrier bolts: torque", "115 bananas"],
    ["Wheel bolts or nuts: size", "19"],
    ["Caliper slide pin bolts: size", "13"],
    ["Caliper carrier bolts: size", "18"],
    ["Disc screw: size", "T30"],
  ] as const;
  for (const [label, text] of FIGURES) await hand.type(label, text);
  await hand.press("Write them down");
  await page.see("is not a unit of torque");
  await hand.type("Caliper carrier bolts: torque", "115 Nm");
  await hand.press("Write them down");
  await page.see("7 written down.");
  await page.see("Second look");
  await page.gone("Look up these");
  const findings = await mend(page);
  console.log(`from the shelf: ${hand.presses} presses, ${hand.fields} fields, ${findings} mends`);
  expect(hand.presses + hand.fields + findings).toBeLessThanOrEqual(30);
  await page.press("Gather the kit");
  await page.see("19 mm");
});

test("somebody's words fill in the list, on a phone, in at most 20; what they leave open stays on it", async () => {
  await at.open({ size: PHONE });
  const { page } = at;
  const hand = await toTheList(page);
  await hand.press("Paste notes, and they fill it in");
  hand.fields++;
  await paste(
    page,
    "Crack the wheel nuts, 19 mm, before you jack it. Slide bolts are 13 mm, they get 35 Nm. The carrier bolts are 18 mm and go to 115 Nm. The wheel nuts 120 Nm on the ground.",
  );
  await page.see("6 of the 7 are in there.");
  await hand.press("Write them down");
  await page.see("6 written down.");
  expect(hand.presses + hand.fields).toBeLessThanOrEqual(20);
  await page.see("Look up these 1");
  await page.press("Later");
  await page.see("Second look");
  expect(await page.sideways()).toBe(0);
  await page.open("/plan?shelf=no-such-sheet");
  await page.see("What is the job, or what do you notice?");
});

test("a complaint leads through What is wrong to its sheet; by place, by what is due and from an own plan too", async () => {
  await at.openDemo({ size: DESK });
  const { page } = at;
  await page.open("/plan?shelf=all");
  await page.type("What is the job, or what do you notice?", "squeals when braking");
  await page.press("What is wrong? On the Wren estate");
  await checkGives(page, "Seen between the spokes, the lining that is left is", "less than 3 mm, or metal");
  await page.reads("cause", "Pads worn out");
  await page.press("Brake pads and discs, from the shelf");
  for (const answer of ["front", "pads and discs", "no"]) await page.press(answer);
  await page.press("Put it in the plan");
  // The vehicle's own wheel torque is known.
  await page.see("Look up these 6");
  await page.press("Later");
  await page.press("What is wrong?");
  await page.reads(
    "cause",
    "for it Seen between the spokes, the lining that is left is: less than 3 mm, or metal",
  );

  await page.open("/plan?shelf=all");
  await page.clickOn("//*[@role='button'][@aria-label='gearbox, 1']", "the gearbox, from above");
  await page.gone("Rear brake shoes");
  await page.pressWith("Gearbox oil, manual");
  await page.see("Put it in the plan");

  // What is due on one vehicle is planned for that one, whichever is in hand.
  await page.pressWith("Back to the shelf");
  await page.pressWith("Cabin filter");
  await page.see("Air and cabin filter");
  await page.see("Minnow city car");
  const vehicle = await page.field("Vehicle");
  await page.until(
    async () => (await vehicle.getAttribute("value")) === "demo-minnow",
    "another vehicle is proposed",
  );
  await page.open("/log?id=demo-wren&view=due");
  await page.press("Plan it");
  await page.see("Air and cabin filter");
  await page.press("Put it in the plan");

  // The engine mount was done in an hour and nine minutes: what it took is in the plan made from it.
  await page.open("/plan?shelf=all");
  await page.see("1 h 09 min");
  await page.pressWith("Right engine mount");
  await page.press("Save and add steps");
  await page.see("Right engine mount planned.");
  // Planned with ten minutes and done in two passes of less: (8 + 3 · 10) / 4.
  await page.press("Body bolts, torque then angle");
  await page.see("about 9.5 min");
});

test("of two ways the one that is chosen is begun with, and the other is there to compare", async () => {
  await at.openDemo({ size: PHONE });
  const { page } = at;
  await page.open("/plan?shelf=coolant-change");
  await page.choose("Vehicle", "Wren estate");
  await page.press("no");
  await page.press("Drained, rinsed with water until clear, filled");
  await page.press("Put it in the plan");
  // On a phone the steps are a drawer.
  await page.pressWith("All ");
  await page.see("Rinsed with clean water until it runs clear");
  await page.press("Routes");
  await page.see("enough where what came out was clear and of the same kind");
  expect(await page.sideways()).toBe(0);
});

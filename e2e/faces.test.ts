import { writeFile } from "node:fs/promises";
import { join } from "node:path";
import type { Fastener, Job, Step } from "@/core/model/job";
import { readHeadSize } from "@/core/quantity/read-head-size";
import { readTorqueFigure } from "@/core/quantity/read-torque-figure";
import { writeHouseholdFile } from "@/data/household-file";
import { demoHousehold } from "@/demo/household";
import { today } from "@/features/shell/clock";
import { PHONE } from "./browser";
import { journeys } from "./journey";
import { DoneByHand, THE_ONE, onScreen } from "./work-through";

const at = journeys();

const PASSES = "Flange nuts";

/** A fastener for every way of doing one up, and what the one button says at each of its bolts in turn. */
const WAYS: readonly [name: string, figure: string, says: string[], more?: Partial<Fastener>][] = [
  ["Cover bolts", "50 Nm + 90°", ["Clicked", "Clicked", "Turned", "Turned"], { count: 2 }],
  [PASSES, "20 Nm, then 40 Nm", ["Clicked", "Clicked"]],
  ["Guard screw", "snug", ["Tight"]],
  ["Drain cock", "hand tight", ["Hand tight"]],
  ["Filter", "hand tight + 3/4 turn", ["Hand tight", "Turned"]],
  ["Adjuster", "2 turns", ["Counted"]],
  ["Rod lock nut", "until 2 to 3 threads show", ["They show"]],
  ["Plug seal", "1.5 mm below the face", ["It is there"]],
  ["Stub nut", "30 Nm, then back off to the slot", ["Clicked", "Backed off"]],
  ["Hose clamp", "spring clamp", ["It holds"]],
  ["Fan nut", "40 Nm", ["Clicked"], { leftHand: true }],
  ["Lever nut", "25 Nm", ["Clicked", "Locked"], { locking: "staked" }],
];

const fasteners = WAYS.map(([name, figure, , more], i): Fastener => ({
  id: `f${i}`,
  name,
  count: 1,
  role: "engine",
  sizeToUndo: readHeadSize("17"),
  figure: readTorqueFigure(figure),
  source: "vehicle maker",
  ...more,
}));

const steps: Step[] = [
  ...fasteners.map((one): Step => ({
    id: `s-${one.id}`,
    title: one.name,
    phase: "put back",
    kind: "torque",
    stance: "on the ground",
    cautions: [],
    fastenerId: one.id,
  })),
  { id: "last", title: "It runs", phase: "prove it", kind: "look", stance: "on the ground", cautions: [] },
];

test("every way of doing something up has its own word on the button, and the log says no other", async () => {
  await at.open({ size: PHONE });
  const { page, browser } = at;
  const demo = demoHousehold(today());
  const [first] = demo.jobs;
  if (!first) throw new Error("The demo has no job.");
  const job: Job = {
    ...first,
    id: "every-way",
    title: "Every way",
    state: "planned",
    system: "engine",
    answers: [],
    routes: [{ id: "r", name: "By the book", steps, fasteners, parts: [] }],
    chosenRouteId: "r",
  };
  const file = join(browser.profile, "every-way.json");
  await writeFile(
    file,
    writeHouseholdFile({ ...demo, jobs: [job], works: [], kits: [], days: [], followUps: [] }, new Date()),
  );
  await page.open("/files");
  await (await page.field("File")).sendKeys(file);
  await page.press("Bring it in");
  await page.see("every-way.json is in");
  await page.open("/work?id=every-way");
  await page.find(THE_ONE, "the one button");

  const done = new DoneByHand();
  const said = new Map<string, string[]>();
  for (let presses = 0; !(await page.shows("Odometer reads")); presses++) {
    if (presses > 40) throw new Error(`The work had no end: ${JSON.stringify([...said])}`);
    const { title } = await onScreen(page);
    const button = await page.find(THE_ONE, "the one button");
    const words = await button.getText();
    if (words !== "Next step") said.set(title, [...(said.get(title) ?? []), words]);
    expect(await page.sideways()).toBe(0);
    // Of several passes the log tells the last: it is what the bolt was brought to.
    if (title !== PASSES || said.get(title)?.length === 2) await done.note(page);
    const before = await page.text();
    await page.click(button);
    await page.until(async () => (await page.text()) !== before, `nothing happened on "${title}"`);
  }
  for (const [name, , says] of WAYS) expect([name, said.get(name)]).toEqual([name, says]);
  await done.isWhatIsTold(page);
  await page.type("Odometer reads", "148 260");
  await page.press("Write it to the log");
  await page.see("Done on");
});

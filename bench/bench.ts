import { kitFor } from "@/core/kit/kit";
import { chosenRoute } from "@/core/plan/chosen-route";
import { readTorqueFigure } from "@/core/quantity/read-torque-figure";
import { nextBolt } from "@/core/work/progress";
import { readHouseholdFile, writeHouseholdFile } from "@/data/household-file";
import { demoHousehold } from "@/demo/household";

/** Milliseconds a run takes: the middle of many, after a few to warm up. */
function middleMs(run: () => unknown, times: number): number {
  for (let i = 0; i < Math.min(20, times); i++) run();
  const took = Array.from({ length: times }, () => {
    const started = performance.now();
    run();
    return performance.now() - started;
  }).sort((a, b) => a - b);
  return took[Math.floor(times / 2)] ?? 0;
}

const demo = demoHousehold("2026-11-24");
const job = demo.jobs.find(({ id }) => id === "demo-brake-shoes");
const work = demo.works[0];
if (!job || !work) throw new Error("The demo has lost its job under way.");
const route = chosenRoute(job);
const open = route.steps.find(({ id }) => id === work.openStepId);
const fastener = route.fasteners.find(({ id }) => id === open?.fastenerId);
const text = writeHouseholdFile(demo, new Date(0));

/** The yardstick: parsing the demo's file as plain JSON, on this machine, in this run. */
const yardstick = middleMs(() => JSON.parse(text), 200);

const RUNS: [what: string, run: () => unknown, times: number][] = [
  ["read and check the whole household file", () => readHouseholdFile(text), 60],
  ["the kit of a job of 12 fasteners against 58 tools", () => kitFor(route, demo.tools), 200],
  ["read one torque as people write it", () => readTorqueFigure("first to 20 Nm then to 40 Nm"), 2000],
  ["find the next bolt of the work under way", () => open && nextBolt(work, open, fastener), 2000],
];

console.log(`Yardstick: JSON.parse of the demo's ${(text.length / 1000).toFixed(0)} kB, ${yardstick.toFixed(3)} ms. Each line is a multiple of it.`);
for (const [what, run, times] of RUNS) console.log(`${(middleMs(run, times) / yardstick).toFixed(3).padStart(10)} × ${what}`);

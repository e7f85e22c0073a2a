import Qty from "js-quantities";
import { unit } from "mathjs";
import { fastenerDoubts } from "@/core/fastener/doubts";
import { kitFor } from "@/core/kit/kit";
import { vehicleLog } from "@/core/log/vehicle-log";
import type { Route, Step } from "@/core/model/job";
import type { Replacement } from "@/core/model/log";
import { sortSteps } from "@/core/order/order";
import { chosenRoute } from "@/core/plan/chosen-route";
import { syncMirror } from "@/core/plan/mirror";
import { secondLook } from "@/core/plan/second-look/second-look";
import { readTorque } from "@/core/quantity/read-torque";
import { convertTorque } from "@/core/quantity/torque-quantity";
import { fromNm, toNm } from "@/core/quantity/torque-unit";
import type { Owned } from "@/core/slip/field";
import { SLIPS } from "@/core/slip/slips";
import { readHouseholdFile, writeHouseholdFile } from "@/data/household-file";
import { demoHousehold } from "@/demo/household";
import { line, middleMs, part } from "./measure";

let kept: unknown;
const batch = (count: number, run: (i: number) => unknown) => () => {
  for (let i = 0; i < count; i++) kept = run(i);
};

const demo = demoHousehold("2026-11-24");
const owned: Owned = {
  tools: demo.tools,
  vehicles: demo.vehicles,
  vehicleId: "demo-wren",
  torqueUnit: "N.m",
  money: { currency: "EUR", region: "IE" },
};

/*
 * 1. A torque from text to another unit. Every library reads the same thousand different texts, so that none
 * can answer
 * from memory of the last; each in the spelling it knows.
 */
const values = Array.from({ length: 1000 }, (_, i) => (i * 0.37 + 5).toFixed(2));
const ours = values.map((value) => `${value} lb ft`);
const theirs = {
  mathjs: values.map((value) => `${value} lbf ft`),
  quantities: values.map((value) => `${value} ft*lbf`),
};
const at = (list: readonly string[], i: number) => list[i] ?? "";
const oursMs = middleMs(
  batch(1000, (i) => convertTorque(readTorque(at(ours, i)), "N.m").value),
  60,
);
const mathjsMs = middleMs(
  batch(1000, (i) => unit(at(theirs.mathjs, i)).toNumber("N m")),
  30,
);
const quantitiesMs = middleMs(
  batch(1000, (i) => Qty(at(theirs.quantities, i)).to("N*m").scalar),
  30,
);
part("A torque from text to another unit, a thousand different ones");
line(`${(mathjsMs / oursMs).toFixed(1)} ×`, "as many a second as mathjs");
line(`${(quantitiesMs / oursMs).toFixed(1)} ×`, "as many a second as js-quantities");
line(
  `${(Math.min(mathjsMs, quantitiesMs) / oursMs).toFixed(1)} ×`,
  "as many as the faster of the two (wanted: 10)",
);

/**
 * Exact by definition: 1 lbf·ft is 4.4482216152605 · 0.3048 = 1.3558179483314004 N·m. In whole numbers, so
 * that the yardstick itself is not rounded.
 */
const LBF_FT = 13558179483314004n;
const off = (nm: number, value: string) => {
  const exact = BigInt(value.replace(".", "")) * LBF_FT;
  const got = BigInt(Math.round(nm * 1e12)) * 10n ** 6n;
  const difference = got > exact ? got - exact : exact - got;
  return Number(difference) / Number(exact);
};
const worst = (how: (i: number) => number) => Math.max(...values.map((value, i) => off(how(i), value)));
const accuracy = {
  ours: worst((i) => convertTorque(readTorque(at(ours, i)), "N.m").value),
  mathjs: worst((i) => unit(at(theirs.mathjs, i)).toNumber("N m")),
  quantities: worst((i) => Qty(at(theirs.quantities, i)).to("N*m").scalar),
};
line(
  accuracy.ours.toExponential(1),
  `off the exact value at the most (mathjs ${accuracy.mathjs.toExponential(1)}, js-quantities ${accuracy.quantities.toExponential(1)}; wanted: 1e-12)`,
);
const back = Math.max(
  ...values.map((value) => Math.abs(fromNm(toNm(Number(value), "lbf.ft"), "lbf.ft") / Number(value) - 1)),
);
line(back.toExponential(1), "off after there and back");

part("A full recompute of each slip on the demo's chest, against a thousandth of a second (wanted: under 1)");
for (const kind of SLIPS) line((middleMs(() => kind.work({}, owned), 400) / 1).toFixed(4), kind.name);

part("The sane-figure check of a thousand fasteners, against 50 ms (wanted: under 1)");
const fasteners = demo.jobs.flatMap((job) => chosenRoute(job).fasteners);
const thousand = Array.from({ length: 1000 }, (_, i) => fasteners[i % fasteners.length]).filter(
  (one) => one !== undefined,
);
line(
  (middleMs(() => thousand.map((fastener) => fastenerDoubts(fastener)), 60) / 50).toFixed(4),
  `of ${fasteners.length} different ones`,
);

part(
  "A plan of 300 steps and 600 fasteners ordered, mirrored and given its second look, against 50 ms (wanted: under 1)",
);
const phases = ["make safe", "take apart", "look closely", "put back", "prove it"] as const;
const large: Route = {
  id: "large",
  name: "Large",
  parts: [],
  fasteners: Array.from({ length: 600 }, (_, i) => ({
    ...(fasteners[i % fasteners.length] ?? { name: "Bolt", count: 1 }),
    id: `f${i}`,
  })),
  steps: Array.from({ length: 300 }, (_, i): Step => ({
    id: `s${i}`,
    title: `Step ${i} off`,
    phase: phases[Math.floor(i / 60)] ?? "put back",
    kind: i % 3 === 0 ? "undo" : "do",
    stance: "on the ground",
    cautions: [],
    fastenerId: `f${i * 2}`,
    ...(i > 3 ? { needs: [`s${i - 3}`] } : {}),
    ...(i % 5 === 0 ? { takesOff: [`lead ${i}`] } : {}),
    ...(i % 5 === 1 ? { movesPast: [`lead ${i - 1}`] } : {}),
  })),
};
const wren = demo.vehicles[0];
const largeJob = demo.jobs[0];
if (!wren || !largeJob) throw new Error("The demo has lost its car.");
let made = 0;
const planMs = middleMs(() => {
  sortSteps(large.steps);
  syncMirror(large, () => `n${++made}`);
  kept = secondLook({ ...largeJob, routes: [large], chosenRouteId: "large" }, large, wren, demo.tools).length;
}, 40);
line((planMs / 50).toFixed(4), `with ${String(kept)} findings`);

part("The rest, as multiples of parsing the demo's file as plain JSON");
const text = writeHouseholdFile(demo, new Date(0));
const yardstick = middleMs(() => JSON.parse(text), 200);
const job = demo.jobs.find(({ id }) => id === "demo-brake-shoes");
if (!job) throw new Error("The demo has lost its job under way.");
line(
  (middleMs(() => readHouseholdFile(text), 60) / yardstick).toFixed(3),
  "read and check the whole household file",
);
line(
  (middleMs(() => kitFor(chosenRoute(job), demo.tools), 200) / yardstick).toFixed(3),
  "the kit of the brake job",
);
part("How the second look with the order grows, against a plan of 30 steps");
const bySteps = [30, 300, 1000].map((steps) => {
  const route = { ...large, steps: grownSteps(steps) };
  const ms = middleMs(() => {
    sortSteps(route.steps);
    kept = secondLook(
      { ...largeJob, routes: [route], chosenRouteId: "large" },
      route,
      wren,
      demo.tools,
    ).length;
  }, 10);
  return { steps, ms };
});
for (const { steps, ms } of bySteps)
  line((ms / (bySteps[0]?.ms ?? ms)).toFixed(1), `${steps} steps, ${(steps / 30).toFixed(0)} times as many`);

part("How the log is read as it grows (what is due, forecast and costs), against 100 entries");
const byEntries = [100, 1000, 10_000, 100_000].map((entries) => {
  const records = { ...demo, intervals: demo.intervals, replacements: grownLog(entries) };
  return { entries, ms: middleMs(() => (kept = vehicleLog(wren, records, "2026-11-24").dues.length), 10) };
});
for (const { entries, ms } of byEntries)
  line((ms / (byEntries[0]?.ms ?? ms)).toFixed(1), `${entries} entries, ${entries / 100} times as many`);

function grownSteps(steps: number): Step[] {
  return Array.from({ length: steps }, (_, i): Step => ({
    id: `s${i}`,
    title: `Step ${i} off`,
    phase: phases[Math.floor((i * 5) / steps)] ?? "put back",
    kind: i % 3 === 0 ? "undo" : "do",
    stance: "on the ground",
    cautions: [],
    fastenerId: `f${(i * 2) % 600}`,
    ...(i > 3 ? { needs: [`s${i - 3}`] } : {}),
  }));
}

function grownLog(entries: number): Replacement[] {
  const own = demo.replacements.filter(({ vehicleId }) => vehicleId === wren?.id);
  const [first] = own;
  if (!first) throw new Error("The demo has no log.");
  return Array.from({ length: entries }, (_, i) => ({ ...(own[i % own.length] ?? first), id: `r${i}` }));
}
if (kept === undefined) throw new Error("Nothing was worked.");

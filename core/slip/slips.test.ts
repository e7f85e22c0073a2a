import fc from "fast-check";
import { demoHousehold } from "@/demo/household";
import { EUROS } from "../__fixtures__/money";
import { EMPTY as empty, answer, verdict, work } from "./__fixtures__/trying";
import { asked } from "./asked";
import type { Owned, Typed } from "./field";
import { slipText } from "./slip-text";
import { SLIPS } from "./slips";

const { tools, vehicles } = demoHousehold("2026-11-24");
const demo: Owned = { tools, vehicles, torqueUnit: "N.m", vehicleId: "demo-wren", money: EUROS };

test("every slip works as it opens, with the demo's chest and an empty one, and in words with no hole in them", () => {
  for (const one of SLIPS) {
    for (const owned of [demo, empty]) {
      const { slip, errors } = one.work({}, owned);
      expect([one.name, errors]).toEqual([one.name, {}]);
      if (!slip) throw new Error(one.name);
      expect(slipText(one, {}, owned, slip)).not.toMatch(/NaN|undefined|Infinity|null|\[object/);
      expect(slip.working.length).toBeGreaterThan(0);
      expect([slip.margin, slip.assumes].every((said) => said.endsWith("."))).toBe(true);
    }
  }
});

test("whatever stands in a field gives a slip or a sentence at a field that is asked for, and never a hole", () => {
  const nasty = fc.oneof(
    fc.constantFrom(
      "",
      "0",
      "-5",
      "🔧",
      "1e400",
      "NaN",
      "45 furlongs",
      "1/0",
      "1,200",
      "9".repeat(400),
      "-0",
      "0.0000001",
      "999999",
      "120 %",
      "M8",
      "snug",
      "90°",
      ";;",
      "3 3; 3 3",
    ),
    fc.string({ maxLength: 12 }),
    fc.double({ noNaN: true }).map(String),
  );
  for (const one of SLIPS) {
    const names = one.fields.map(({ name }) => name);
    const choices = fc.record(
      Object.fromEntries(
        one.fields.flatMap((field) =>
          field.kind === "choice"
            ? [[field.name, fc.constantFrom(...field.choices.map(({ value }) => value))]]
            : [],
        ),
      ),
    );
    fc.assert(
      fc.property(choices, fc.constantFrom(...names), nasty, (chosen, name, text) => {
        const typed = { ...chosen, [name]: text } as Typed;
        const { slip, errors } = one.work(typed, demo);
        const shown = asked(one.fields, typed, demo).map((field) => field.name);
        for (const [field, says] of Object.entries(errors)) {
          expect(shown).toContain(field);
          expect(says).toMatch(/[.)]$/);
        }
        if (slip) expect(slipText(one, typed, demo, slip)).not.toMatch(/NaN|undefined|Infinity|\[object/);
        else expect(Object.keys(errors).length).toBeGreaterThan(0);
      }),
      { numRuns: 300 },
    );
  }
});

test.each<[string, Typed, string]>([
  ["units", { torque: "62 Nm" }, "45.7 lb·ft"],
  ["units", { torque: "140 lb in" }, "15.8 N·m"],
  ["units", { torque: "7.5 kgf m" }, "73.5 N·m"],
  ["units", { torque: "48 ft lbs" }, "65 N·m"],
  ["units", { torque: "18-24 Nm" }, "13.3 to 17.7 lb·ft"],
  ["units", { torque: "45", torqueUnit: "N.m" }, "33.2 lb·ft"],
  ["adapter", {}, "26.5 lb·ft"],
  ["adapter", { torque: "60 Nm", gripLength: "400", offset: "50", scale: "N.m", step: "0.1" }, "53.3 N·m"],
  [
    "adapter",
    { torque: "60 Nm", gripLength: "400", offset: "50", angle: "45", scale: "N.m", step: "0.1" },
    "55.1 N·m",
  ],
  [
    "adapter",
    { torque: "60 Nm", gripLength: "400", offset: "50", angle: "180", scale: "N.m", step: "0.1" },
    "68.6 N·m",
  ],
  [
    "adapter",
    { torque: "85 Nm", gripLength: "455", offset: "62", angle: "30", scale: "N.m", step: "0.1" },
    "76.0 N·m",
  ],
  [
    "adapter",
    {
      torque: "60 Nm",
      gripLength: "400",
      adapters: "2",
      offset: "50",
      offset2: "30",
      angle2: "0",
      scale: "N.m",
      step: "0.1",
    },
    "50.0 N·m",
  ],
  [
    "adapter",
    { torque: "60 Nm", gripLength: "40 cm", offset: "2 in", angle: "90", scale: "N.m", step: "1" },
    "60 N·m",
  ],
  [
    "adapter",
    { torque: "500 Nm", adapters: "0", ratio: "5", efficiency: "90", scale: "N.m", step: "0.1" },
    "111.1 N·m",
  ],
  ["adapter", { way: "bolt", reading: "53.3333 Nm", gripLength: "400", offset: "50" }, "60.0 N·m"],
  [
    "adapter",
    { way: "bolt", reading: "111.111 Nm", adapters: "0", ratio: "5", efficiency: "90" },
    "500.0 N·m",
  ],
  ["lubricant", {}, "45.5 to 88.2 N·m"],
  ["lubricant", { given: "dry", actual: "dry" }, "100 N·m"],
  [
    "lubricant",
    { given: "own figure", givenFactor: "0.2", actual: "own figure", actualFactor: "0.15" },
    "75 N·m",
  ],
  ["bar", { torque: "110 Nm", state: "clean", barLength: "600" }, "183 to 275 N"],
  ["bar", { torque: "105 Nm", state: "clean", barLength: "30 cm" }, "350 to 525 N"],
  ["pattern", {}, "1 3 5 2 4"],
  ["pattern", { count: "4" }, "1 3 2 4"],
  ["pattern", { count: "8" }, "1 5 3 7 2 6 4 8"],
  ["pattern", { layout: "points", points: "0 0; 1 0; 2 0; 3 0; 4 0" }, "3 2 4 1 5"],
  ["pattern", { layout: "given", count: "4", order: "4 1 3 2" }, "4 1 3 2"],
  ["angle", { figure: "50 Nm + 90° + 45°" }, "90 + 45 degrees"],
  ["angle", { figure: "120°" }, "120 degrees"],
  ["angle", { figure: "2 flats" }, "120 degrees"],
  ["angle", { figure: "3 points" }, "90 degrees"],
  ["angle", { figure: "half a turn" }, "180 degrees"],
  ["castle", {}, "25 degrees"],
  ["castle", { slots: "10", short: "" }, "36 degrees"],
  // Backed off: 60° between slots, 25° short of the next, is 35° back to the one before.
  ["castle", { holds: "hub" }, "35 degrees"],
  ["castle", { torque: "30 Nm + 90°" }, "25 degrees"],
  ["turns", { thread: "1.5 mm", turns: "6" }, "6 turns"],
  ["turns", { what: "toe", thread: "M14x1.5" }, "2.37 mm"],
  ["turns", { what: "toe", thread: "M14x1.5", rim: "410 mm", arm: "13 cm", difference: "-1/2" }, "-2.37 mm"],
  ["stud", {}, "18 mm"],
  ["stud", { thread: "1/2-20", standout: "1 in", layers: "" }, "25.4 mm"],
  ["coolant", {}, "2.94 L"],
  ["coolant", { fluid: "gear oil", capacity: "2 US qt", left: "0" }, "1.89 L"],
])("%s with %j: %s", (name, typed, expected) => {
  expect(answer(name, typed)).toBe(expected);
});

test.each<[string, Typed, string]>([
  ["sane", {}, "stop: 106 lb·ft would break an M6. As 106 lb·in it is 12.0 N·m, which fits."],
  ["sane", { torque: "40 Nm", thread: "M10" }, "good: It lies within"],
  ["sane", { torque: "60 Nm", thread: "13" }, "watch: Some of the threads"],
  ["sane", { torque: "10-12 Nm", thread: "M6", into: "aluminium" }, "watch: The bolt would bear it"],
  [
    "sane",
    { torque: "10-12 Nm", thread: "M6", into: "aluminium", maximum: "11 Nm" },
    "stop: 12 N·m is above the most",
  ],
  ["sane", { torque: "20, 40, 90 Nm", thread: "M8" }, "stop: 90 N·m would break an M8"],
  ["sane", { torque: "20 Nm", thread: "M6", strength: "4.6" }, "stop: 20 N·m would break an M6"],
  ["lubricant", {}, "stop: Ignored, the bolt may be pulled up to 2.2 times"],
  ["lubricant", { actual: "plated" }, "watch: Ignored, the bolt may be pulled only 0.77"],
  ["lubricant", { actual: "dry" }, "good: The same state"],
  ["fit", {}, "good: It will do"],
  ["fit", { torque: "40 Nm" }, "stop: It goes on, but not for this torque"],
  ["fit", { twelve: "yes" }, "stop: A twelve-point socket"],
  ["fit", { outer: "1/2 in", twelve: "yes" }, "good: As good as the right one"],
  ["fit", { outer: "12 mm" }, "stop: The tool is smaller"],
  ["fit", { outer: "14 mm" }, "stop: Its corners turn"],
  ["fit", { outer: "19 mm", inner: "3/4 in" }, "good: Nominally a little too small"],
  ["fit", { outer: "10", inner: "3/8" }, "watch: Only if nothing else"],
  ["fit", { hold: "key in recess", inner: "6", outer: "5.5" }, "stop: Its corners turn"],
  ["fit", { hold: "key in recess", inner: "6", outer: "1/4" }, "stop: The key is larger than the recess"],
  ["fit", { outer: "14.7 mm" }, "stop: Its corners turn"],
  ["fit", { inner: "T40", outer: "T40" }, "good: The same shape"],
  ["fit", { inner: "E12", outer: "E14" }, "stop: Six-lobe"],
  ["bar", { torque: "110 Nm", barLength: "600" }, "watch: It may take more than 350 N"],
  ["bar", { torque: "110 Nm", barLength: "200" }, "stop: Even the least"],
  ["bar", { torque: "110 Nm", state: "clean", barLength: "900" }, "good: Every square bears it"],
  ["bar", { torque: "100 Nm", from: "3/8", to: "3/8" }, "stop: The 3/8 in square is tested to 202 N·m"],
  ["bar", { torque: "50 Nm", from: "1/4", to: "1/4" }, "stop: 75 N·m is more than a 1/4 in"],
  ["bar", { torque: "50 Nm", from: "1/2", to: "3/8" }, "stop: No adapter"],
  ["castle", {}, "watch: Do it up to the least first"],
  ["castle", { reading: "72 Nm" }, "good: Tight enough and not too tight: put the pin in."],
  ["castle", { reading: "85 Nm" }, "stop: Past the top"],
  // A single figure is a least: nothing is allowed below it, and nothing says where it ends.
  ["castle", { torque: "70 Nm", reading: "68 Nm" }, "watch: Below the least still"],
  ["castle", { torque: "70 Nm", reading: "90 Nm" }, "good: Tight enough"],
  ["castle", { torque: "max 70 Nm", reading: "60 Nm" }, "watch: Not above the most."],
  ["castle", { torque: "max 70 Nm", reading: "71 Nm" }, "stop: Past the top"],
  ["castle", { torque: "30 Nm + 90°", reading: "60 Nm" }, "watch: The angle decides"],
  ["castle", { holds: "hub" }, "watch: Seat the rollers while you turn the hub, slacken the nut off"],
  ["castle", { reading: "50 Nm" }, "watch: Below the least still"],
  ["bar", { torque: "110 Nm", state: "threadlocked", barLength: "900" }, "good: Every square bears it"],
  ["stud", {}, "good: Long enough"],
  ["stud", { layers: "12+2+12" }, "stop: Too short"],
  ["stud", { depth: "15" }, "stop: Too long"],
  ["coolant", {}, "good: Guards down to −37 °C"],
  ["coolant", { wanted: "70", leftShare: "60" }, "watch: Stronger than the table"],
  ["stands", {}, "good: The stands hold it"],
  ["stands", { rating: "500" }, "stop: Stop. One stand is rated for 250 kg"],
  ["stands", { slope: "3 %" }, "stop: Stop. More than 1° is a slope"],
  ["stands", { ground: "gravel or soft" }, "stop: Stop. On gravel"],
  ["stands", { jack: "500" }, "stop: Stop. The jack"],
  ["stands", { pointNow: "210", wanted: "500" }, "stop: Stop. The stand does not reach"],
  ["stands", { pointNow: "210", wanted: "250" }, "stop: Stop. The stand is taller"],
])("%s with %j: %s", (name, typed, says) => {
  expect(verdict(name, typed)).toContain(says);
});

test.each<[string, Typed, string, string]>([
  [
    "adapter",
    { gripLength: "45 Nm" },
    "gripLength",
    '"Nm" is not a unit of length. Use mm, cm, m, in or ft.',
  ],
  ["adapter", { torque: "35 psi" }, "torque", '"psi" is not a unit of torque'],
  ["adapter", { offset: "-3" }, "offset", "cannot be less than zero"],
  ["adapter", { gripLength: "0" }, "gripLength", "The grip length must be more than zero."],
  ["adapter", { offset: "400", angle: "180" }, "angle", "past your hand"],
  ["adapter", { ratio: "0" }, "ratio", "more than zero"],
  ["adapter", { ratio: "5", efficiency: "120" }, "efficiency", "at most 100 %"],
  ["adapter", { torque: "1e400 Nm" }, "torque", "without an e"],
  ["adapter", { torque: "🔧" }, "torque", "a picture"],
  ["adapter", { step: "100" }, "step", "less than half a step"],
  ["fit", { outer: "🔩" }, "outer", "a picture"],
  ["fit", { outer: "0" }, "outer", "not the size of any head"],
  ["sane", { thread: "M13" }, "thread", "no coarse pitch"],
  ["sane", { thread: "33 mm" }, "thread", "No usual thread has a head of 33 mm"],
  ["sane", { torque: "snug" }, "torque", "no number to judge"],
  ["sane", { strength: "A2-70", thread: "M30x2" }, "strength", "not defined for a thread this thick"],
  ["lubricant", { actual: "own figure", actualFactor: "3" }, "actualFactor", "between 0.04 and 0.5"],
  ["bar", { pull: "0" }, "pull", "more than zero"],
  ["bar", { barLength: "-600" }, "barLength", "more than zero"],
  ["bar", { reach: "-10" }, "reach", "less than zero"],
  ["pattern", { count: "65" }, "count", "from 1 to 64"],
  ["pattern", { layout: "points", points: "3" }, "points", "Type two numbers"],
  ["pattern", { layout: "given", count: "4", order: "1 2 3" }, "order", "Bolt 4 is not in the order"],
  ["pattern", { layout: "given", count: "4", order: "1 2 3 3" }, "order", "Bolt 3 is in the order twice"],
  ["pattern", { layout: "given", count: "4", order: "1 2 3 5" }, "order", "no bolt 5 among 4"],
  ["angle", { figure: "50 Nm" }, "figure", "no angle in that"],
  ["angle", { swing: "0" }, "swing", "more than zero"],
  ["castle", { slots: "5" }, "slots", "right through"],
  ["castle", { short: "80" }, "short", "never more than 60°"],
  ["turns", { what: "toe", arm: "0.1" }, "difference", "more than the arm is long"],
  ["stud", { layers: "50" }, "layers", "nothing is left to screw in"],
  ["coolant", { wanted: "120 %" }, "wanted", "at most 100 %"],
  ["coolant", { left: "7.2" }, "left", "Nothing has been drained"],
  ["coolant", { fluid: "engine oil", left: "8" }, "left", "Nothing has been drained"],
  ["stands", { rating: "0" }, "rating", "more than zero"],
  ["stands", { onBoard: "-50" }, "onBoard", "less than zero"],
  ["stands", { frontShare: "100" }, "frontShare", "between 0 and 100"],
  ["stands", { slope: "steep" }, "slope", "not a number"],
])("%s with %j says at %s: %s", (name, typed, field, says) => {
  const { slip, errors } = work(name, typed);
  expect(slip).toBeUndefined();
  expect(errors[field]).toContain(says);
});

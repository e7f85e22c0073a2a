import fc from "fast-check";
import { demoHousehold } from "@/demo/household";
import type { Owned, SlipKind, Typed, Worked } from "./slip";
import { slipText } from "./slip-text";
import { SLIPS, slipNamed } from "./slips";
import { askedFields, workSlip } from "./work-slip";

const { tools, vehicles } = demoHousehold("2026-11-24");
const demo: Owned = { tools, vehicles, torqueUnit: "N.m", vehicleId: "demo-wren" };
const empty: Owned = { tools: [], vehicles: [], vehicleId: undefined, torqueUnit: "N.m" };
const kind = (name: string): SlipKind => {
  const found = slipNamed(name);
  if (!found) throw new Error(name);
  return found;
};
const work = (name: string, typed: Typed = {}, owned: Owned = empty): Worked => workSlip(kind(name), typed, owned);
const answer = (name: string, typed: Typed = {}, owned: Owned = empty): string => {
  const { slip, errors } = work(name, typed, owned);
  if (!slip) return JSON.stringify(errors);
  return [slip.answer.value, slip.answer.unit].filter(Boolean).join(" ");
};
const line = (name: string, typed: Typed, label: string, owned: Owned = empty): string | undefined =>
  work(name, typed, owned).slip?.lines.find((one) => one.label.startsWith(label))?.value;
const verdict = (name: string, typed: Typed, owned: Owned = empty): string => {
  const { slip, errors } = work(name, typed, owned);
  return slip ? `${slip.verdict?.tone}: ${slip.verdict?.says}` : JSON.stringify(errors);
};

test("every slip works as it opens, with the demo's chest and an empty one, and in words with no hole in them", () => {
  for (const one of SLIPS) {
    for (const owned of [demo, empty]) {
      const { slip, errors } = workSlip(one, {}, owned);
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
      Object.fromEntries(one.fields.flatMap((field) => (field.kind === "choice" ? [[field.name, fc.constantFrom(...field.choices.map(({ value }) => value))]] : []))),
    );
    fc.assert(
      fc.property(choices, fc.constantFrom(...names), nasty, (chosen, name, text) => {
        const typed = { ...chosen, [name]: text } as Typed;
        const { slip, errors } = workSlip(one, typed, demo);
        const asked = askedFields(one, typed, demo).map((field) => field.name);
        for (const [field, says] of Object.entries(errors)) {
          expect(asked).toContain(field);
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
  ["adapter", { torque: "60 Nm", gripLength: "400", offset: "50", angle: "45", scale: "N.m", step: "0.1" }, "55.1 N·m"],
  ["adapter", { torque: "60 Nm", gripLength: "400", offset: "50", angle: "180", scale: "N.m", step: "0.1" }, "68.6 N·m"],
  ["adapter", { torque: "85 Nm", gripLength: "455", offset: "62", angle: "30", scale: "N.m", step: "0.1" }, "76.0 N·m"],
  ["adapter", { torque: "60 Nm", gripLength: "400", adapters: "2", offset: "50", offset2: "30", angle2: "0", scale: "N.m", step: "0.1" }, "50.0 N·m"],
  ["adapter", { torque: "60 Nm", gripLength: "40 cm", offset: "2 in", angle: "90", scale: "N.m", step: "1" }, "60 N·m"],
  ["adapter", { torque: "500 Nm", adapters: "0", ratio: "5", efficiency: "90", scale: "N.m", step: "0.1" }, "111.1 N·m"],
  ["adapter", { way: "bolt", reading: "53.3333 Nm", gripLength: "400", offset: "50" }, "60.0 N·m"],
  ["adapter", { way: "bolt", reading: "111.111 Nm", adapters: "0", ratio: "5", efficiency: "90" }, "500.0 N·m"],
  ["lubricant", {}, "45.5 to 88.2 N·m"],
  ["lubricant", { given: "dry", actual: "dry" }, "100 N·m"],
  ["lubricant", { given: "own figure", givenFactor: "0.2", actual: "own figure", actualFactor: "0.15" }, "75 N·m"],
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
  ["turns", { thread: "1.5 mm", turns: "6" }, "6.25 turns"],
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
  ["sane", { torque: "10-12 Nm", thread: "M6", into: "aluminium", maximum: "11 Nm" }, "stop: 12 N·m is above the most"],
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
  ["fit", { hold: "key in recess", inner: "6", outer: "1/4" }, "stop: The tool is smaller"],
  ["fit", { outer: "14.7 mm" }, "stop: Its corners turn"],
  ["fit", { inner: "T40", outer: "T40" }, "good: The same shape"],
  ["fit", { inner: "E12", outer: "E14" }, "stop: Six-lobe"],
  ["bar", { torque: "110 Nm", barLength: "600" }, "watch: It may take more than 350 N"],
  ["bar", { torque: "110 Nm", barLength: "200" }, "stop: Even the least"],
  ["bar", { torque: "110 Nm", state: "clean", barLength: "900" }, "good: Every square bears it"],
  ["bar", { torque: "100 Nm", from: "3/8", to: "3/8" }, "watch: The 3/8 in square is tested to 202 N·m"],
  ["bar", { torque: "50 Nm", from: "1/4", to: "1/4" }, "stop: 75 N·m is more than a 1/4 in"],
  ["bar", { torque: "50 Nm", from: "1/2", to: "3/8" }, "stop: No adapter"],
  ["castle", {}, "watch: Do it up to the least first"],
  ["castle", { reading: "72 Nm" }, "good: Within the range"],
  ["castle", { reading: "85 Nm" }, "stop: Past the top"],
  ["castle", { reading: "50 Nm" }, "watch: Below the range"],
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
  ["adapter", { gripLength: "45 Nm" }, "gripLength", '"Nm" is not a unit of length. Use mm, cm, m, in or ft.'],
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
  ["sane", { thread: "M11" }, "thread", "no coarse pitch"],
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

test("an owned wrench brings its own length, scale, range and accuracy", () => {
  const owned = tools.find(({ name }) => name === "Long click wrench")?.id ?? "";
  expect(answer("adapter", { torque: "110 Nm", adapters: "0", wrench: owned, gripLength: "nonsense" }, demo)).toBe("110 N·m");
  expect(line("adapter", { torque: "110 Nm", adapters: "0", wrench: owned }, "With all that", demo)).toBe("106.7 to 113.3 N·m");
  expect(verdict("adapter", { torque: "5 Nm", adapters: "0", wrench: owned }, demo)).toContain("the scale starts at 40 N·m");
});

test("the band at the bolt carries the wrench's accuracy and the place of the hand", () => {
  // By hand: 26.5 lb·ft is 35.929 N·m; ±4 % and a hand 10 mm off: · 0.96 · 435/390 and · 1.04 · 415/370.
  expect(line("adapter", {}, "With all that")).toBe("38.5 to 41.9 N·m");
  expect(work("adapter").slip?.working).toEqual([
    "T wrench = T bolt · L / (L + ΣE·cos θ)",
    "40 · 380 / (380 + 45·cos 0°) = 35.76 N·m",
    "35.76 N·m = 26.38 lb·ft",
    "nearest mark 26.5 lb·ft; the bolt gets 40.2 N·m",
  ]);
  expect(work("adapter").slip?.margin).toContain("0.10 N·m");
});

test("with an empty chest the adapter says what to borrow, the units where to add a wrench", () => {
  const table = (name: string) => JSON.stringify(work(name).slip?.tables);
  expect(table("adapter")).toContain("Borrow one whose scale ends between 35.8 N·m and 178.8 N·m");
  expect(table("units")).toContain("No torque wrench is in the chest");
});

test("a vehicle and stands of the garage bring their own figures", () => {
  // Rear of the Wren: 1310 · 0.41 · 2640 / 2300 / 2 = 308.2; a tenth more is 339.
  const typed = {};
  expect(answer("stands", typed, demo)).toBe("339 kg");
  expect(line("stands", typed, "Each is rated", demo)).toBe("1500 kg");
  expect(line("stands", { ...typed, torque: "240 Nm" }, "While you undo", demo)).toBe("forward, pushed with 800 N");
  expect(line("stands", { ...typed, end: "all" }, "At the front", demo)).toBe("415 kg");
  const bare = { ...demo, vehicles: vehicles.map(({ kerbWeightKg: _, ...rest }) => rest) };
  expect(verdict("stands", typed, bare)).toContain("Wren estate lacks its kerb weight");
  // One that is no longer there is as if none were chosen: 1300 · 0.4 · 2600 / 2300 / 2 · 1.1.
  expect(answer("stands", { vehicle: "gone" }, demo)).toBe("323 kg");
});

test("a chain through owned pieces is named, with the piece that is weakest; a rating of one's own stands in", () => {
  const typed = { torque: "60 Nm", state: "clean", bar: "demo-breaker-12", to: "3/8", reach: "200" };
  expect(line("bar", typed, "Between bar and socket", demo)).toBe("1/2 to 3/8 adapter, Long extension");
  expect(line("bar", typed, "Their reach", demo)).toBe("250 mm");
  expect(line("bar", typed, "Weakest piece", demo)).toBe("3/8 in square, tested to 202 N·m");
  expect(line("bar", { ...typed, limit: "80 Nm" }, "Weakest piece", demo)).toBe("3/8 in square, rated to 80 N·m");
  expect(verdict("bar", { ...typed, limit: "80 Nm" }, demo)).toContain("watch: The 3/8 in square is tested to 80 N·m");
  expect(verdict("bar", { ...typed, reach: "900" }, demo)).toContain("the most is");
});

test("a share of a wrench's band that lies outside is said, and that none of yours will do", () => {
  const rough = tools.map((tool) => (tool.kind === "torque wrench" ? { ...tool, accuracy: 0.15 } : tool));
  expect(JSON.stringify(work("adapter", {}, { ...demo, tools: rough }).slip?.tables)).toMatch(/\d+ % of it within ±10 %/);
  expect(JSON.stringify(work("adapter", { torque: "900 Nm" }, demo).slip?.tables)).toContain("None of yours will do. Borrow one");
});

test("ready mixed coolant is told with what it comes to, and a purchase with its price", () => {
  const cells = work("coolant", { bottles: "1 L at 6.50; 5 L at 24", ready: "1 L at 4; 5 L at 15" }).slip?.tables?.[0]?.rows.map((row) => row.cells);
  // 5.3 L at 50 % on 1.9 L at 35 %: (2.65 + 0.665) / 7.2 is 46 %. One of 5 L and one of 1 L are 19.00.
  expect(cells).toEqual([
    ["Concentrate", "3 × 1 L", "0.06 L", "19.50"],
    [expect.stringMatching(/^Ready mixed: comes to 46 %, -3\d °C$/), "1 × 5 L, 1 × 1 L", "0.70 L", "19.00"],
  ]);
  expect(work("coolant", { wanted: "0", leftShare: "0" }).slip?.tables?.[0]?.rows[0]?.cells[1]).toBe("none needed");
});

test("the rest of the stands: what it has to come up by, the share that is left, the jack, the load on board", () => {
  expect(line("stands", { pointNow: "210" }, "It has to come up")).toBe("210 mm, to 420 mm");
  // 0.4 − 250 · tan(asin(210 / 2600)) / 2600 is 0.3922.
  expect(line("stands", { pointNow: "210" }, "Share left")).toBe("39.2 % instead of 40 %");
  expect(line("stands", { jack: "2 t" }, "The jack lifts")).toBe("647 of 2000 kg");
  expect(line("stands", { onBoard: "100", where: "in the boot or bed" }, "Most likely")).toBe("359 kg");
  expect(line("stands", { end: "front", torque: "240 Nm", side: "right", turning: "do up" }, "Chock")).toContain("in front of them first");
  expect(line("stands", { end: "all", torque: "240 Nm" }, "Chock")).toContain("steady it against going forward");
});

test("what was understood is read back where the unit is not plain", () => {
  expect(work("adapter", { offset: "1 1/2 in", torque: "35 ft lbs" }).readBack).toMatchObject({ offset: "= 38.1 mm", torque: "35 lb·ft = 47 N·m" });
  expect(work("adapter", { offset: "45" }).readBack).not.toHaveProperty("offset");
});

test("a slip as text holds what was given, the answer, the working and the margin", () => {
  const typed = { offset: "1 1/2 in" };
  const { slip } = work("adapter", typed);
  if (!slip) throw new Error("no slip");
  const text = slipText(kind("adapter"), typed, empty, slip);
  for (const said of ["Adapter", "Torque at the bolt: 40 Nm", "Drive to bolt: 1 1/2 in", "Drive to grip: 380 mm", "Set the wrench to: 27.0 lb·ft", "Margin: ", "Assumes: "])
    expect(text).toContain(said);
});

import { demoHousehold } from "@/demo/household";
import { EUROS } from "../__fixtures__/money";
import { EMPTY as empty, answer, kind, line, verdict, work } from "./__fixtures__/trying";
import type { Owned } from "./field";
import { slipText } from "./slip-text";
const { tools, vehicles } = demoHousehold("2026-11-24");
const demo: Owned = { tools, vehicles, torqueUnit: "N.m", vehicleId: "demo-wren", money: EUROS };

test("an owned wrench brings its own length, scale, range and accuracy", () => {
  const owned = tools.find(({ name }) => name === "Long click wrench")?.id ?? "";
  expect(
    answer("adapter", { torque: "110 Nm", adapters: "0", wrench: owned, gripLength: "nonsense" }, demo),
  ).toBe("110 N·m");
  expect(line("adapter", { torque: "110 Nm", adapters: "0", wrench: owned }, "With all that", demo)).toBe(
    "106.7 to 113.3 N·m",
  );
  expect(verdict("adapter", { torque: "5 Nm", adapters: "0", wrench: owned }, demo)).toContain(
    "the scale starts at 40 N·m",
  );
});

test("a reading outside what a wrench is accurate for is doubted", () => {
  const owned = tools.find(({ name }) => name === "Long click wrench")?.id ?? "";
  expect(verdict("adapter", { way: "bolt", wrench: owned, reading: "30 Nm" }, demo)).toContain(
    "watch: 30 N·m lies outside what this wrench is accurate for, 42 to 210 N·m",
  );
  expect(verdict("adapter", { way: "bolt", wrench: owned, reading: "110 Nm" }, demo)).toContain("undefined");
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
  expect(answer("stands", typed, demo)).toBe("340 kg");
  expect(line("stands", typed, "Each is rated", demo)).toBe("1500 kg");
  expect(line("stands", { ...typed, torque: "240 Nm" }, "While you undo", demo)).toBe(
    "forward, pushed with 800 N",
  );
  expect(line("stands", { ...typed, end: "all" }, "Each of the front stands, both", demo)).toBe(
    "415 kg, up to 457",
  );
  // Two of four across the diagonal: half of 1310.
  expect(answer("stands", { ...typed, end: "all" }, demo)).toBe("655 kg");
  const bare = { ...demo, vehicles: vehicles.map(({ kerbWeightKg: _, ...rest }) => rest) };
  expect(verdict("stands", typed, bare)).toContain("Wren estate lacks its kerb weight");
  // One that is no longer there is as if none were chosen: 1300 · 0.4 · 2600 / 2300 / 2 · 1.1.
  expect(answer("stands", { vehicle: "gone" }, demo)).toBe("324 kg");
});

test("a chain through owned pieces is named, with the piece that is weakest; a rating of one's own stands in", () => {
  const typed = { torque: "60 Nm", state: "clean", bar: "demo-breaker-12", to: "3/8", reach: "200" };
  expect(line("bar", typed, "Between bar and socket", demo)).toBe("1/2 to 3/8 adapter, Long extension");
  expect(line("bar", typed, "Their reach", demo)).toBe("250 mm");
  expect(line("bar", typed, "Weakest piece", demo)).toBe("3/8 in square, tested to 202 N·m");
  expect(line("bar", { ...typed, limit: "80 Nm" }, "Weakest piece", demo)).toBe(
    "3/8 in square, rated to 80 N·m",
  );
  expect(verdict("bar", { ...typed, limit: "80 Nm" }, demo)).toContain(
    "stop: The 3/8 in square is tested to 80 N·m",
  );
  expect(verdict("bar", { ...typed, reach: "900" }, demo)).toContain("the most is");
});

test("a share of a wrench's band that lies outside is said, and that none of yours will do", () => {
  const rough = tools.map((tool) => (tool.kind === "torque wrench" ? { ...tool, accuracy: 0.15 } : tool));
  expect(JSON.stringify(work("adapter", {}, { ...demo, tools: rough }).slip?.tables)).toMatch(
    /\d+ % of it within ±10 %/,
  );
  expect(JSON.stringify(work("adapter", { torque: "900 Nm" }, demo).slip?.tables)).toContain(
    "None of yours will do. Borrow one",
  );
});

test("a thread's usual head, key and tap drill stand with its length", () => {
  expect(line("stud", { thread: "M10" }, "Head of its usual")).toBe("16 mm");
  expect(line("stud", { thread: "M10" }, "Key of a cap screw")).toBe("8 mm key");
  expect(line("stud", { thread: "M10" }, "To cut the thread anew")).toBe("8.5 mm");
  expect(line("stud", { thread: "M33x2", standout: "90" }, "Head of its usual")).toBeUndefined();
});

test("ready mixed coolant is told with what it comes to, and a purchase with its price", () => {
  const cells = work("coolant", {
    bottles: "1 L at 6.50; 5 L at 24",
    ready: "1 L at 4; 5 L at 15",
  }).slip?.tables?.[0]?.rows.map((row) => row.cells);
  // 5.3 L at 50 % on 1.9 L at 35 %: (2.65 + 0.665) / 7.2 is 46 %. One of 5 L and one of 1 L are 19.00.
  expect(cells).toEqual([
    ["Concentrate", "3 × 1 L", "0.06 L", "€19.50"],
    [expect.stringMatching(/^Ready mixed: comes to 46 %, −31 °C$/), "1 × 5 L, 1 × 1 L", "0.70 L", "€19.00"],
  ]);
  expect(work("coolant", { wanted: "0", leftShare: "0" }).slip?.tables?.[0]?.rows[0]?.cells[1]).toBe(
    "none needed",
  );
});

test("the rest of the stands: what it has to come up by, the share that is left, the jack, the load on board", () => {
  expect(line("stands", { pointNow: "210" }, "It has to come up")).toBe("210 mm, to 420 mm");
  // 0.4 − 250 · tan(asin(210 / 2600)) / 2600 is 0.3922.
  expect(line("stands", { pointNow: "210" }, "Share left")).toBe("39.2 % instead of 40 %");
  expect(line("stands", { jack: "2 t" }, "The jack lifts")).toBe("647 of 2000 kg");
  expect(
    line("stands", { onBoard: "100", where: "in the boot or bed" }, "Each of the rear stands"),
  ).toContain("359 kg");
  expect(
    line("stands", { end: "front", torque: "240 Nm", side: "right", turning: "do up" }, "Chock"),
  ).toContain("in front of them first");
  expect(line("stands", { end: "all", torque: "240 Nm" }, "Chock")).toContain(
    "steady it against going forward",
  );
});

test("what was understood is read back where the unit is not plain", () => {
  expect(work("adapter", { offset: "1 1/2 in", torque: "35 ft lbs" }).readBack).toMatchObject({
    offset: "= 38.1 mm",
    torque: "35 lb·ft = 47.5 N·m",
  });
  expect(work("adapter", { offset: "45" }).readBack).not.toHaveProperty("offset");
});

test("a slip as text holds what was given, the answer, the working and the margin", () => {
  const typed = { offset: "1 1/2 in" };
  const { slip } = work("adapter", typed);
  if (!slip) throw new Error("no slip");
  const text = slipText(kind("adapter"), typed, empty, slip);
  for (const said of [
    "Adapter",
    "Torque at the bolt: 40 N·m",
    "Drive to bolt: 1 1/2 in",
    "Drive to grip: 380 mm",
    "Set the wrench to: 27.0 lb·ft",
    "Margin: ",
    "Assumes: ",
  ])
    expect(text).toContain(said);
});

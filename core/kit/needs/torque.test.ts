import type { ToolOf } from "../../model/tool";
import { formatTorque } from "../../quantity/torque-quantity";
import { readThread } from "../../thread/thread";
import { WRENCH, bolts, chest, owned } from "../__fixtures__/owned";
import { coverAngle } from "../cover/cover-angle";
import { barNeeds, coverBar } from "../cover/cover-bar";
import { coverTorque, torqueName, waysSentences } from "../cover/cover-torque";
import { waysIntoRange } from "../cover/ways-into-range";
import { boltPerWrench } from "./bolt-per-wrench";
import { highestNm } from "./highest-torque";
import { torqueNeeds } from "./torque-needs";
import { isRusted, undoingNm } from "./undoing-torque";

const SMALL = "torque wrench 1/4 30-150 lb in by 1 grip 240";
const one = (fastener: ReturnType<typeof bolts>, ...tools: string[]) => {
  const [need] = torqueNeeds(fastener, chest(...tools));
  if (!need) throw new Error("no pull");
  return need;
};

test("of two wrenches that will do, the one whose square reaches the socket is taken", () => {
  const need = one(
    bolts("16", "40 Nm"),
    "torque wrench 1/2 20-100 Nm by 1 grip 400",
    WRENCH,
    "3/8 socket 16",
  );
  expect(need.best?.wrench.drive).toBe("3/8");
  expect(need.chain).toMatchObject({ pieces: [], gap: undefined });
});

test("every pass has its own setting; a figure out of reach says why of each wrench and what to borrow", () => {
  const passes = torqueNeeds(bolts("16", "30 Nm then 60 Nm"), chest(WRENCH, "3/8 socket 16"));
  expect(passes.map(({ best }) => best && formatTorque(best.setting))).toEqual(["30 N·m", "60 N·m"]);
  expect(coverTorque(one(bolts("8", "5 Nm"), WRENCH))).toMatchObject({
    says: expect.stringContaining("between 5 and 25 N·m (45 and 221 lb·in)"),
  });
  expect(() =>
    coverTorque({ ...one(bolts("24", "300 Nm")), adapter: { offsetMm: 500, angleDeg: 180 } }),
  ).not.toThrow();
  expect(
    coverTorque({ ...one(bolts("24", "300 Nm")), adapter: { offsetMm: 500, angleDeg: 180 } }),
  ).toMatchObject({ says: expect.stringContaining("past your hand") });
  const cover = coverTorque(one(bolts("24", "300 Nm"), WRENCH, "1/2 socket 24"));
  expect(cover).toMatchObject({
    kind: "missing",
    says: "No wrench in the chest can be set for it. Borrow one whose scale ends between 300 and 1500 N·m (222 and 1106 lb·ft).",
    refused: [{ why: expect.stringContaining("the scale ends") }],
  });
  expect(torqueNeeds(bolts("16", "snug"), chest(WRENCH))).toEqual([]);
  expect(torqueNeeds(bolts("16"), chest(WRENCH))).toEqual([]);
  const { sizeToUndo: _unknown, ...bare } = bolts("16", "300 Nm");
  expect(coverTorque(one(bare, WRENCH))).toMatchObject({ kind: "missing" });
  expect(one({ ...bare, access: "crowfoot only" }, WRENCH).adapter).toEqual({ offsetMm: 0, angleDeg: 90 });
  expect(coverTorque(one(bolts("16", "40 Nm"), WRENCH))).toMatchObject({
    kind: "owned",
    tools: [{ kind: "torque wrench" }],
    says: "Set 40 N·m.",
  });
  expect(torqueName(one(bolts("16", "max 40 Nm"), WRENCH))).toBe("at most 40 N·m");
});

test("a stand-in's square counts like any other's", () => {
  const need = one(
    bolts("1/2 in", "25 Nm", { thread: readThread("M12") }),
    "torque wrench 1/2 20-100 Nm by 1 grip 400",
    "3/8 socket 13",
    "adapter 1/2 to 3/8",
  );
  expect(need.chain?.pieces).toMatchObject([{ kind: "drive adapter" }]);
  expect(
    one(
      bolts("24", "300 Nm"),
      "torque wrench 1/2 40-210 Nm by 1 grip 455",
      "multiplier 1/2 to 3/4, 4:1, 90 %",
    ).best,
  ).toBeUndefined();
});

test("an adapter that is not there between wrench and socket is a gap", () => {
  expect(coverTorque(one(bolts("19", "60 Nm"), WRENCH, "1/2 socket 19"))).toMatchObject({
    kind: "missing",
    says: expect.stringContaining("No adapter from 3/8 in to 1/2 in"),
  });
  expect(
    coverTorque(one(bolts("19", "60 Nm", { reachMm: 200 }), WRENCH, "3/8 socket 19", "3/8 extension 75")),
  ).toMatchObject({
    kind: "missing",
    says: expect.stringContaining("the most is 75 mm"),
  });
});

test("a crowfoot in line brings a figure above the scale into it: 168 · 240 / (240 + 30) = 149.33 lb·in", () => {
  const need = one(bolts("12", "168 lb in"), SMALL, "1/4 crowfoot 12 offset 30", "1/4 socket 12");
  expect(need.best && formatTorque(need.best.setting)).toBe("149 lb·in");
  expect(need.adapter).toEqual({ offsetMm: 30, angleDeg: 0 });
  expect(coverTorque(need)).toMatchObject({
    kind: "owned",
    says: "12 mm crowfoot in line brings it into range. Set 149 lb·in.",
  });
  // 27 mm is too little: 168 · 240 / 267 = 151.0.
  expect(one(bolts("12", "168 lb in"), SMALL, "1/4 crowfoot 12 offset 27").best).toBeUndefined();
});

test("folded back it raises a setting that is too low: 18 · 400 / (400 − 60) = 21.2 N·m", () => {
  const need = one(bolts("12", "18 Nm"), WRENCH, "3/8 crowfoot 12 offset 60");
  expect(need.best && formatTorque(need.best.setting)).toBe("21 N·m");
  expect(need.adapter?.angleDeg).toBe(180);
  expect(coverTorque(need)).toMatchObject({
    says: "12 mm crowfoot folded back brings it into range. Set 21 N·m.",
  });
});

test("a multiplier of 4:1 at 90 % makes 300 N·m of 83.3", () => {
  const need = one(
    bolts("24", "300 Nm"),
    "torque wrench 1/2 40-210 Nm by 1 grip 455",
    "multiplier 1/2 to 3/4, 4:1, 90 %",
    "3/4 socket 24",
    WRENCH,
  );
  expect(need.best && formatTorque(need.best.setting)).toBe("83 N·m");
  expect(need.best?.nominalNm).toBeCloseTo(298.8, 6);
  expect(coverTorque(need)).toMatchObject({ kind: "owned", says: expect.stringContaining("4:1 multiplier") });
});

test("the crowfoot that is owned is the one on the wrench: its offset counts, not the plan's", () => {
  const planned = bolts("16", "40 Nm", { adapter: { offsetMm: 45, angleDeg: 0 } });
  const wrench = "torque wrench 3/8 10-75 lb ft by 0.5 grip 380";
  // 40 · 380 / 425 = 35.76 N·m, 26.4 lb·ft; with 30 mm 40 · 380 / 410 = 37.07 N·m, 27.3 lb·ft.
  expect(one(planned, wrench, "3/8 crowfoot 16 offset 45").best?.setting.value).toBe(26.5);
  const other = one(planned, wrench, "3/8 crowfoot 16 offset 30");
  expect(other.best?.setting.value).toBe(27.5);
  expect(coverTorque(other)).toMatchObject({
    says: "Set 27.5 lb·ft. Your crowfoot has 30 mm where the plan says 45; the setting is for yours.",
  });
  expect(
    one(planned, wrench, "3/8 crowfoot 16 offset 30", "3/8 crowfoot 16 offset 45").best?.setting.value,
  ).toBe(26.5);
  expect(one(planned, wrench).adapter?.offsetMm).toBe(45);
  // Nothing said of its angle: square to the handle, where it changes nothing.
  const only = one(bolts("16", "40 Nm", { access: "crowfoot only" }), wrench, "3/8 crowfoot 16 offset 45");
  expect(only).toMatchObject({ adapter: { offsetMm: 45, angleDeg: 90 }, best: { setting: { value: 29.5 } } });
  expect(
    one(
      bolts("16", "40 Nm", { access: "crowfoot only", overPipe: true }),
      wrench,
      "3/8 crowfoot 16 offset 45",
    ),
  ).toMatchObject({
    bySpanner: false,
    adapter: { offsetMm: 0, angleDeg: 90 },
  });
});

test("what else would do is told for every wrench", () => {
  const wrenches = owned(SMALL, WRENCH).flatMap((tool) => (tool.kind === "torque wrench" ? [tool] : []));
  // 240 · (168 / 150 − 1) = 28.8; 400 · (1 − 18.98 / 20) = 20.4.
  expect(waysIntoRange(one(bolts("12", "168 lb in")), wrenches)).toMatchObject([
    { offsetMm: [29, 90], angleDeg: 0 },
    { offsetMm: [21, 90], angleDeg: 180 },
  ]);
  expect(waysIntoRange(one(bolts("24", "300 Nm")), wrenches)).toMatchObject([
    { ratio: expect.closeTo(19.67, 2) },
    { ratio: expect.closeTo(3.333, 3) },
  ]);
  expect(waysIntoRange(one(bolts("24", "40 Nm")), wrenches.slice(1))).toEqual([]);
  // Not measured: no crowfoot can be reckoned with, only a multiplier.
  const unmeasured = wrenches.map(({ gripLengthMm: _grip, ...wrench }) => wrench);
  expect(waysIntoRange(one(bolts("12", "168 lb in")), unmeasured).every(({ offsetMm }) => !offsetMm)).toBe(
    true,
  );
  expect(waysIntoRange(one(bolts("24", "300 Nm")), unmeasured).some(({ ratio }) => ratio)).toBe(true);
  // Too far out for any crowfoot or multiplier: 3000 N·m on 16.95, 1 N·m on 20.
  expect(waysIntoRange(one(bolts("24", "3000 Nm")), wrenches.slice(0, 1))).toEqual([]);
  expect(waysIntoRange(one(bolts("8", "1 Nm")), wrenches.slice(1))).toEqual([]);
  expect(
    waysIntoRange(one(bolts("12", "168 lb in", { adapter: { offsetMm: 40, angleDeg: 90 } })), wrenches),
  ).toEqual([]);
  expect(waysSentences(one(bolts("24", "300 Nm")), chest(WRENCH))).toEqual([
    "3/8 in torque wrench with a multiplier of 3.3:1 or more, at 90 % efficiency.",
  ]);
  expect(waysSentences(one(bolts("12", "168 lb in")), chest(SMALL, WRENCH))).toEqual([
    "1/4 in torque wrench with a crowfoot of 29 to 90 mm, in line with the handle.",
    "3/8 in torque wrench with a crowfoot of 21 to 90 mm, folded back along the handle.",
  ]);
});

test("where only a spanner gets on, the pull at 100 mm says the torque: 14 / 0.1 = 140 N, 14.3 kg", () => {
  const need = one(bolts("10", "14 Nm", { overPipe: true }), WRENCH);
  expect(need).toMatchObject({ bySpanner: true, best: undefined, refused: [] });
  expect(coverTorque(need)).toMatchObject({
    kind: "stand-in",
    says: expect.stringContaining("a pull of 14.3 kg (140 N) at 100 mm"),
  });
});

test("the most on a fastener: the last pass, the top of a range, and beyond the torque where an angle follows", () => {
  expect(highestNm(bolts("16", "30 Nm then 60 Nm"))).toBe(60);
  expect(highestNm(bolts("16", "18-24 Nm"))).toBe(24);
  expect(highestNm(bolts("16", "snug"))).toBeUndefined();
  // M10 class 10.9: 830 N/mm² · 57.989 mm² · 0.18 · 10 mm = 86.6 N·m.
  expect(highestNm(bolts("16", "50 Nm + 90°", { thread: readThread("M10") }))).toBeCloseTo(86.6, 1);
  expect(highestNm(bolts("16", "50 Nm + 90°"))).toBe(150);
  // Class 8.8: 580 N/mm² · 57.989 mm² · 0.18 · 10 mm = 60.5 N·m.
  expect(highestNm(bolts("16", "50 Nm + 90°", { thread: readThread("M10"), strength: "8.8" }))).toBeCloseTo(
    60.5,
    1,
  );
  // A2-70 ends at 24 mm, so 10.9 is taken: 830 N/mm² · 560.59 mm² · 0.18 · 30 mm = 2513 N·m.
  expect(
    highestNm(bolts("46", "300 Nm + 90°", { thread: readThread("M30"), strength: "A2-70" })),
  ).toBeCloseTo(2513, 0);
  // No class goes to M64: three times the torque.
  expect(highestNm(bolts("95", "500 Nm + 90°", { thread: readThread("M64x6") }))).toBe(1500);
});

test("undoing: rusted and locked threads ask more; the pull is told, and a longer bar where it is too much", () => {
  expect([isRusted(2017, 2026), isRusted(2022, 2026), isRusted(undefined, 2026)]).toEqual([
    true,
    false,
    true,
  ]);
  expect(undoingNm(bolts("17", "110 Nm"), true)?.[1]).toBe(275);
  expect(undoingNm(bolts("17", "110 Nm"), false)?.[1]).toBe(165);
  expect(undoingNm(bolts("17", "110 Nm", { locking: "threadlocker, high strength" }), false)?.[1]).toBe(275);
  expect(undoingNm(bolts("17"), true)).toBeUndefined();
  // Snug on an M8 is up to 60 % of proof: 0.6 · 0.18 · 8 mm · 580 N/mm² · 36.61 mm² = 18.3 N·m, two and a
  // half times that when rusted.
  expect(undoingNm(bolts("13", "snug", { thread: readThread("M8") }), true)?.[1]).toBeCloseTo(45.9, 1);
  expect(undoingNm(bolts("13", "snug"), true)).toBeUndefined();
  const bar = (...tools: string[]) => {
    const [need] = barNeeds([bolts("17", "110 Nm")], new Set(["bolts"]), true);
    if (!need) throw new Error("no bar is wanted");
    return coverBar(need, chest("1/2 socket 17", ...tools));
  };
  // 275 / 0.61 = 450.8 N; 275 / 350 = 0.786 m.
  expect(bar("1/2 breaker bar 610")).toMatchObject({
    kind: "owned",
    says: expect.stringMatching(
      /46 kg \(451 N\) at the end of 610 mm.*a bar of 790 mm would do it, not a pipe/,
    ),
  });
  expect(bar("1/2 breaker bar 610", "1/2 breaker bar 800", "1/2 breaker bar 1000")).toMatchObject({
    tools: [{ lengthMm: 800 }],
  });
  expect(bar("3/8 ratchet 200", "adapter 3/8 to 1/2")).toMatchObject({
    kind: "missing",
    // The next square bears 512 N·m, and 275 / 350 N is a bar of 0.79 m.
    says: expect.stringMatching(
      /more than a 3\/8 in square is tested to \(202 N·m\)\. A 1\/2 in socket on a bar of 790 mm .* heat .* impact .* workshop/,
    ),
  });
  expect(bar()).toMatchObject({ kind: "missing", says: "No bar or ratchet is in the chest." });
  // 1200 N·m rusted may take 3000, and a 1 in square bears 2515.
  const [hub] = barNeeds([bolts("36", "1200 Nm")], new Set(["bolts"]), true);
  expect(hub && coverBar(hub, chest("1 socket 36", "1 breaker bar 1200"))).toMatchObject({
    kind: "missing",
    says: expect.stringContaining("No square that is turned by hand bears it: heat and penetrant first"),
  });
  // Of two as long, the one with fewer pieces between.
  expect(bar("3/4 breaker bar 1000", "adapter 3/4 to 1/2", "1/2 breaker bar 1000")).toMatchObject({
    tools: [{ drive: "1/2" }],
  });
  expect(bar("3/8 ratchet 200", "adapter 3/8 to 1/2", "1/4 ratchet 150")).toMatchObject({
    kind: "missing",
    says: expect.stringContaining("tested"),
  });
  expect(bar("1/4 ratchet 150")).toMatchObject({
    kind: "missing",
    says: expect.stringContaining("No adapter from 1/4 in to 1/2 in"),
  });
  expect(
    barNeeds([bolts("17", "110 Nm")], new Set(["bolts"]), true).map((need) =>
      coverBar(need, chest("combination spanner 17", "1/2 breaker bar 610")),
    ),
  ).toEqual([undefined]);
  expect(
    coverBar(
      { kind: "bar", fastener: bolts("17", "110 Nm", { access: "spanner only" }), torqueNm: [1, 2] },
      chest("combination spanner 17", "1/2 breaker bar 610"),
    ),
  ).toBeUndefined();
  expect(
    barNeeds(
      [bolts("17", "110 Nm", { overPipe: true }), bolts("17", "110 Nm", { id: "other" })],
      new Set(["bolts"]),
      true,
    ),
  ).toEqual([]);
});

test("an angle takes a bar that bears it; a gauge, or a mark and the flats", () => {
  const fastener = bolts("16", "50 Nm + 90°", { thread: readThread("M10") });
  expect(coverAngle(fastener, 90, chest("1/2 socket 16", "1/2 breaker bar 600"))).toMatchObject({
    kind: "stand-in",
    says: expect.stringContaining("1.5 flats of a hexagon. Up to 87 N·m to turn it so far"),
  });
  expect(
    coverAngle(fastener, 90, chest("1/2 socket 16", "1/2 breaker bar 600", "angle gauge 1/2")),
  ).toMatchObject({
    kind: "owned",
    tools: [{ kind: "angle gauge" }, { kind: "bar or ratchet" }],
  });
  expect(coverAngle(fastener, 90, chest("1/2 socket 16"))).toMatchObject({ kind: "missing" });
  // With no socket there is nothing to put a bar on; without a figure nothing says how strong it has to be.
  expect(coverAngle(fastener, 60, chest("1/2 breaker bar 600"))).toEqual({
    kind: "stand-in",
    tools: [],
    says: "A paint mark and the head itself show it: 1 flat of a hexagon.",
  });
  expect(coverAngle(bolts("16"), 60, chest("1/2 socket 16", "angle gauge 1/2"))).toMatchObject({
    kind: "owned",
    tools: [{ kind: "angle gauge" }],
  });
});

test("a digital wrench's reading is taken to the bolt through its own grip, the crowfoot and the multiplier", () => {
  const wrench = { gripLengthMm: 380 };
  expect(boltPerWrench(wrench, undefined)).toBe(1);
  expect(
    boltPerWrench(wrench, { adapter: { offsetMm: 45, angleDeg: 0 }, multiplier: undefined }),
  ).toBeCloseTo(425 / 380, 12);
  expect(boltPerWrench(wrench, { adapter: { offsetMm: 45, angleDeg: 90 }, multiplier: undefined })).toBe(1);
  const multiplier = { ratio: 4, efficiency: 0.9 } as ToolOf<"multiplier">;
  expect(boltPerWrench(wrench, { adapter: undefined, multiplier })).toBeCloseTo(3.6, 12);
});

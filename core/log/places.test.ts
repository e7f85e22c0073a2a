import type { Job } from "../model/job";
import type { Measurement, Replacement } from "../model/log";
import type { Work } from "../model/work";
import { measured, READINGS, TODAY, km, replaced, stamp, vehicle } from "./__fixtures__/records";
import { WHOLE_RAIL, layOutRail, movedAlong, zoomed } from "./rail";
import { recalledOf } from "./recalled";
import { WARRANTY_SIGN, conditionOf } from "./upkeep/condition";
import { vehicleLog } from "./vehicle-log";

const logOf = (replacements: Replacement[], measurements: Measurement[] = [], months = 6) =>
  vehicleLog(
    vehicle,
    {
      readings: READINGS,
      replacements,
      measurements,
      followUps: [],
      intervals: [{ ...stamp("i"), vehicleId: "v", part: "Plugs", system: "engine", months }],
    },
    TODAY,
  );

describe("the rail", () => {
  const size = { width: 900, letter: 7, tiers: 3 };
  test("runs from the first reading to beyond now, and each thing hangs where the odometer stood", () => {
    const rail = layOutRail(
      logOf([replaced("Bulb", "2025-07-01", 8175)]),
      [replaced("Bulb", "2025-07-01", 8175)],
      size,
    );
    // Half of the way gone, and a fifth of the paper for what is to come.
    expect(rail?.now).toEqual({ x: 720, label: "10\u202f000 km" });
    expect(rail?.hanging).toMatchObject([{ x: 360, label: "Bulb", tier: 0, entryId: expect.any(String) }]);
    expect(rail?.ticks.map(({ label }) => label)).toContain("8\u202f000 km");
  });
  test("labels never lie on each other, and where there is no room the mark stays", () => {
    const many = Array.from({ length: 60 }, (_, i) =>
      replaced(`Part number ${i}`, "2025-07-01", 6400 + i * 55),
    );
    const marks = layOutRail(logOf(many), many, size)?.hanging ?? [];
    for (const a of marks)
      for (const b of marks) {
        if (a === b || a.tier === undefined || a.tier !== b.tier) continue;
        expect(Math.abs(a.labelX - b.labelX)).toBeGreaterThanOrEqual(
          Math.min(a.label.length, b.label.length) * size.letter,
        );
      }
    expect(marks.some(({ tier }) => tier === undefined)).toBe(true);
    // A stem goes from the rail down to its own row: no row on its way has words where it stands.
    for (const { x, tier } of marks)
      for (const other of marks)
        if (tier !== undefined && other.tier !== undefined && other.tier < tier)
          expect(x > other.labelX && x < other.labelX + other.label.length * size.letter).toBe(false);
    expect(
      marks.every(
        ({ labelX, label }) => labelX >= 0 && labelX + label.length * size.letter <= size.width + 0.001,
      ),
    ).toBe(true);
  });
  test("drawn nearer it shows a part, with what hangs there farther apart; never beyond its ends", () => {
    const pair = [replaced("Bulb", "2025-07-01", 8175), replaced("Fuse", "2025-07-02", 8200)];
    const whole = layOutRail(logOf(pair), pair, size);
    expect(whole?.hanging.map(({ label }) => label)).toEqual(["Bulb +1"]);
    // The bulb hangs at 0.4 of the rail: twice as near about it, the two are twice as far apart.
    const view = zoomed(WHOLE_RAIL, 8, 0.4);
    expect(view.from).toBeCloseTo(0.35, 9);
    expect(view.to).toBeCloseTo(0.475, 9);
    const near = layOutRail(logOf(pair), pair, size, view);
    expect(near?.hanging.map(({ label }) => label)).toEqual(["Bulb", "Fuse"]);
    expect(near?.hanging[0]?.x).toBeCloseTo(360, 6);
    expect(near?.now.x).toBeGreaterThan(size.width);
    expect(zoomed(view, 0.01)).toEqual(WHOLE_RAIL);
    expect(zoomed(WHOLE_RAIL, 1e9).to).toBeCloseTo(0.51, 9);
    expect(movedAlong(view, -9)).toEqual({ from: 0, to: view.to - view.from });
    expect(movedAlong(view, 99).to).toBe(1);
  });
  test("what was done on one day is one mark, and leads to the first of them; without a reading there is no rail", () => {
    const both = ["left front", "right front"].map((place) =>
      replaced("Tyre", "2025-07-01", 8000, { place: place as "left front" }),
    );
    expect(layOutRail(logOf(both), both, size)?.hanging).toMatchObject([{ label: "Tyre ×2" }]);
    const bare = vehicleLog(
      vehicle,
      { readings: [], replacements: [], measurements: [], followUps: [], intervals: [] },
      TODAY,
    );
    expect(layOutRail(bare, [], size)).toBeUndefined();
  });
  test("what is due stands ahead with its state; what was put off or is not known does not", () => {
    const plugs = [replaced("Plugs", "2025-07-01", 8000)];
    expect(layOutRail(logOf(plugs), plugs, size)?.due).toMatchObject([{ label: "Plugs", state: "overdue" }]);
    expect(layOutRail(logOf([]), [], size)?.due).toEqual([]);
  });
  test("what is due by time stands where the odometer will be by then; what is far ahead makes the rail no longer", () => {
    const plugs = [replaced("Plugs", "2025-12-01", 9690)];
    // 151 days to 1 June at 10 km a day: 1510 km ahead of 10 000, on a rail that ends 3 % of the 3650 km
    // behind after it.
    expect(layOutRail(logOf(plugs), plugs, size)?.due[0]?.x).toBeCloseTo(
      (900 * (1510 + 3650)) / (1510 + 3650 * 1.03),
      0,
    );
    const far = layOutRail(logOf(plugs, [], 24), plugs, size);
    expect(far?.due).toEqual([]);
    expect(far?.now.x).toBe(720);
  });
});

describe("the condition of each place", () => {
  test("the worst comes first, with its sign and its figure", () => {
    const log = [
      replaced("Plugs", "2025-06-01", 7900),
      replaced("Coil", "2025-07-01", 8160, { warrantyUntil: "2027-01-01" }),
      replaced("Hose", "2025-07-01", 8160, { warrantyUntil: "2025-12-31" }),
    ];
    const [engine] = conditionOf(logOf(log), log, TODAY);
    expect(engine).toMatchObject({ place: "engine", state: "stop" });
    expect(engine?.lines.map(({ what, figure }) => `${what} ${figure}`)).toEqual([
      "Plugs overdue",
      `Coil 1\u202f840 km ${WARRANTY_SIGN}`,
      "Hose 1\u202f840 km",
    ]);
  });
  test("a part that is due by distance says how far of how far", () => {
    const plugs = [replaced("Plugs", "2025-07-01", 8160)];
    const log = vehicleLog(
      vehicle,
      {
        readings: READINGS,
        replacements: plugs,
        measurements: [],
        followUps: [],
        intervals: [{ ...stamp("i"), vehicleId: "v", part: "Plugs", system: "engine", every: km(60_000) }],
      },
      TODAY,
    );
    expect(conditionOf(log, plugs, TODAY)[0]?.lines).toEqual([
      { state: "good", what: "Plugs", figure: "1\u202f840 of 60\u202f000 km" },
    ]);
  });
  test("what wears is a stop beyond its limit, to be watched near it, and not known from one measure", () => {
    const state = (...values: [string, number, number][]) =>
      conditionOf(
        logOf(
          [],
          values.map((one) => measured(...one, { at: "left front", what: "Tyre tread", least: 1.6 })),
        ),
        [],
        TODAY,
      )[0]?.state;
    expect(state(["2025-12-01", 9690, 1.5])).toBe("stop");
    expect(state(["2025-12-01", 9690, 3])).toBe("unknown");
    expect(state(["2025-01-01", 6350, 5], ["2025-07-01", 8160, 3.3], ["2025-12-20", 9880, 1.8])).toBe(
      "watch",
    );
    expect(state(["2025-01-01", 6350, 8], ["2025-07-01", 8160, 7.6], ["2025-12-20", 9880, 7.3])).toBe("good");
  });
});

test("one's own notes come back, the newest first: from entries, noticed at work, and learnt", () => {
  const job: Job = {
    ...stamp("j"),
    vehicleId: "v",
    title: "Mount",
    system: "engine",
    state: "done",
    doneOn: "2025-09-01",
    chosenRouteId: "r",
    routes: [{ id: "r", name: "r", steps: [], fasteners: [], parts: [] }],
  };
  const noted = (as: "lesson" | "noticed", text: string) => ({
    at: "2025-09-01T10:00:00.000Z",
    on: "2025-09-01",
    type: "noted" as const,
    as,
    text,
  });
  const work: Work = {
    ...stamp("w"),
    jobId: "j",
    routeId: "r",
    events: [noted("noticed", "Drips"), noted("lesson", "Soak it")],
  };
  const entries = [
    replaced("Hanger", "2025-10-01", 9000, { note: "stiff" }),
    replaced("Bulb", "2025-10-02", 9010),
    replaced("Other", "2025-10-01", 9000, { vehicleId: "w", note: "no" }),
  ];
  expect(
    recalledOf("v", entries, [job], [work]).map(({ about, says, entryId }) => [
      about,
      says,
      entryId !== undefined,
    ]),
  ).toEqual([
    ["Hanger", "stiff", true],
    ["Mount", "Drips", false],
    ["Mount", "Soak it", false],
  ]);
});

import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import type { Measurement, Replacement } from "../../model/log";
import { measured, TODAY, reading, stamp } from "../__fixtures__/records";
import { lineThrough, sidesOf, wearOf } from "../upkeep/wear";
import { dayAfter, drivingOf, firstOf } from "./driving";
import { dayNumber, mileageOf } from "./mileage";
import { studentQuantile90 } from "./student";

describe("driving", () => {
  test("worked by hand: four readings 10 days apart, 400, 400 and 500 km", () => {
    // Slopes between every two: 40, 40, 43.33, 40, 45, 50; their median is (40 + 43.33) / 2.
    const driving = drivingOf(
      mileageOf("v", [
        reading("2026-01-01", 0),
        reading("2026-01-11", 400),
        reading("2026-01-21", 800),
        reading("2026-01-31", 1300),
      ]),
    );
    expect(driving?.kmPerDay).toBeCloseTo((40 + 130 / 3) / 2, 9);
    // Stretches off the line by 16.67, 16.67 and 83.33 km in 10 days: s² = (277.8 + 277.8 + 6944.4) / 10 / 2;
    // t at 2 is 1.886; over 30 days.
    expect(driving?.band?.high).toBeCloseTo(41.6667 + 1.886 * Math.sqrt(375 / 30), 2);
    expect(driving?.dayAt(1300 + 416.667).best).toBe("2026-02-10");
    expect(driving?.totalOn("2026-02-10")).toBeCloseTo(1716.67, 1);
  });
  test("two readings make a rate without a band; one, or a car that stands, makes none", () => {
    const two = drivingOf(mileageOf("v", [reading("2026-01-01", 0), reading("2026-01-11", 400)]));
    expect(two?.kmPerDay).toBe(40);
    expect(two?.band).toBeUndefined();
    // 800 km more at 40 a day: 20 days; how far out that may be, nothing tells.
    expect(two?.dayAt(1200)).toEqual({ best: "2026-01-31", earliest: "2026-01-31", latest: undefined });
    expect(drivingOf(mileageOf("v", [reading("2026-01-01", 0)]))).toBeUndefined();
    expect(drivingOf(mileageOf("v", [reading("2026-01-01", 5), reading("2026-02-01", 5)]))).toBeUndefined();
  });
  test("a fixed day and a forecast: whichever comes first, and the band ends at the fixed day", () => {
    const forecast = { best: "2027-09-05", earliest: "2027-08-07", latest: "2027-10-09" };
    expect(firstOf("2027-09-07", forecast)).toEqual({ ...forecast, latest: "2027-09-07" });
    expect(firstOf("2027-09-01", forecast)).toEqual({
      best: "2027-09-01",
      earliest: "2027-08-07",
      latest: "2027-09-01",
    });
    expect(firstOf("2027-01-01", forecast)).toEqual({
      best: "2027-01-01",
      earliest: "2027-01-01",
      latest: "2027-01-01",
    });
    expect(firstOf("2027-12-01", { ...forecast, latest: undefined })?.latest).toBe("2027-12-01");
    expect(firstOf(undefined, forecast)).toBe(forecast);
    expect(firstOf(undefined, undefined)).toBeUndefined();
  });
  test("one odd trip does not turn the rate", () => {
    const plain = Array.from({ length: 12 }, (_, i) =>
      reading(dayAfter(dayNumber("2025-01-01"), i * 30), i * 900 + (i >= 6 ? 4000 : 0)),
    );
    expect(drivingOf(mileageOf("v", plain))?.kmPerDay).toBeLessThan(50);
  });
  test("t of 0.90 as the standard table has it", () => {
    expect([1, 2, 11, 30, 45, 1000].map(studentQuantile90)).toEqual([3.078, 1.886, 1.372, 1.31, 1.31, 1.282]);
  });
});

/** Chance with a seed: uniform, and normal by Box and Muller. */
function chance(seed: number) {
  const generator = xoroshiro128plus(seed);
  const uniform = () => uniformFloat64(generator);
  const normal = () => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
  return { uniform, normal };
}

/** A car's days: short drives on workdays, now and then a long one, some weeks away. */
function daysDriven(random: ReturnType<typeof chance>, days: number): number[] {
  const usual = 15 + 40 * random.uniform();
  let away = 0;
  let total = 0;
  return Array.from({ length: days }, (_, day) => {
    if (away > 0) away--;
    else if (random.uniform() < 0.01) away = 5 + Math.floor(random.uniform() * 10);
    const work = day % 7 < 5 ? usual : usual * 0.4;
    const trip = random.uniform() < 0.03 ? 200 * random.uniform() : 0;
    total += away > 0 ? 0 : Math.max(0, work * (1 + 0.4 * random.normal()) + trip);
    return total;
  });
}

test.each([
  [6, 300],
  [10, 500],
  [18, 700],
])(
  "by simulation with known truth, with %d readings over %d days the band of the date holds 70 to 90 times in 100",
  (count, span) => {
    let held = 0;
    let earlier = 0;
    const runs = 400;
    for (let run = 0; run < runs; run++) {
      const random = chance(run * 7 + count);
      const total = daysDriven(random, span * 4);
      const days = [
        ...new Set([
          0,
          span,
          ...Array.from({ length: count - 2 }, () => 1 + Math.floor(random.uniform() * (span - 1))),
        ]),
      ].sort((a, b) => a - b);
      const start = dayNumber("2024-01-01");
      const driving = drivingOf(
        mileageOf(
          "v",
          days.map((day) => reading(dayAfter(start, day), Math.round(total[day] ?? 0))),
        ),
      );
      const target = (total[span] ?? 0) + 1000 + 8000 * random.uniform();
      const truth = total.findIndex((km) => km >= target);
      if (!driving || truth < 0) throw new Error("The truth does not go so far.");
      const band = driving.dayAt(target);
      const on = dayAfter(start, truth);
      if (on >= band.earliest && (band.latest === undefined || on <= band.latest)) held++;
      if (on < band.earliest) earlier++;
    }
    expect(held / runs).toBeGreaterThan(0.7);
    expect(held / runs).toBeLessThan(0.9);
    // Neither side takes all the misses.
    expect(earlier / runs).toBeLessThan(0.2);
  },
);

describe("wear", () => {
  const points = (values: [number, number][]) =>
    values.map(([totalKm, value]) => ({ totalKm, value, on: "2026-01-01" }));
  test("worked by hand: 5.0, 4.0, 3.1 mm at 0, 10 000 and 20 000 km meet 1.5 mm at 36 667 km", () => {
    // Slope (3.1 − 5.0) / 20 000 = −0.095 mm per 1000 km through the mean (10 000, 4.0333): 10 000 + 2.5333 /
    // 0.000095.
    const line = lineThrough(
      {
        points: points([
          [0, 5],
          [10_000, 4],
          [20_000, 3.1],
        ]),
        limit: { value: 1.5, is: "least" },
        decimals: 1,
      },
      undefined,
    );
    expect(line?.perThousandKm).toBeCloseTo(-0.095, 9);
    expect(line?.meets?.best).toBeCloseTo(36_666.67, 1);
    expect(line?.meets?.earliest).toBeLessThan(36_000);
    expect(line?.meets?.latest).toBeGreaterThan(38_000);
  });
  test("the ends of the band lie where the limit is one band's width off the line", () => {
    const data = points([
      [0, 5],
      [10_000, 4.1],
      [20_000, 2.9],
      [30_000, 2.2],
    ]);
    const line = lineThrough({ points: data, limit: { value: 1, is: "least" }, decimals: 1 }, undefined);
    const meanX = 15_000;
    const sxx = 500_000_000;
    const s2 =
      data.reduce((sum, { totalKm, value }) => sum + (value - (line?.valueAt(totalKm) ?? 0)) ** 2, 0) / 2;
    for (const end of [line?.meets?.earliest, line?.meets?.latest]) {
      const off = Math.abs((line?.valueAt(end ?? 0) ?? 0) - 1);
      expect(off).toBeCloseTo(1.886 * Math.sqrt(s2 * (1 / 4 + ((end ?? 0) - meanX) ** 2 / sxx)), 6);
    }
  });
  test("what grows is held against the most it may be; what does not wear meets no limit", () => {
    expect(
      lineThrough(
        {
          points: points([
            [0, 200],
            [10_000, 201],
            [20_000, 202],
          ]),
          limit: { value: 204, is: "most" },
          decimals: 1,
        },
        undefined,
      )?.meets?.best,
    ).toBeCloseTo(40_000, 6);
    expect(
      lineThrough(
        {
          points: points([
            [0, 5],
            [10_000, 5.1],
            [20_000, 5.1],
          ]),
          limit: { value: 1, is: "least" },
          decimals: 1,
        },
        undefined,
      )?.meets,
    ).toBeUndefined();
    expect(
      lineThrough(
        {
          points: points([
            [10, 5],
            [10, 4],
          ]),
          limit: undefined,
          decimals: 1,
        },
        undefined,
      ),
    ).toBeUndefined();
  });

  const series = [
    measured("2023-01-01", 10_000, 5),
    measured("2024-01-01", 20_000, 4),
    measured("2025-01-01", 30_000, 3),
  ];
  const mileage = mileageOf("v", [
    reading("2023-01-01", 10_000),
    reading("2024-01-01", 20_000),
    reading("2025-01-01", 30_000),
  ]);
  const shoes = {
    ...stamp("shoes"),
    vehicleId: "v",
    part: "Brake shoes",
    place: "left rear",
    on: "2024-06-01",
    odometer: { value: 24_000, unit: "km" },
  } as Replacement;

  test("what was renewed since it was last measured is not worn; on the very day, the value tells which part it was", () => {
    const worn = [
      measured("2023-01-01", 10_000, 3),
      measured("2024-01-01", 20_000, 2.2),
      measured("2025-01-01", 30_000, 1.4),
    ];
    const after = (on: string, ...more: Measurement[]) =>
      wearOf("v", [...worn, ...more], [{ ...shoes, on }], mileage, undefined, TODAY)[0];
    expect(after("2025-02-01")).toMatchObject({
      verdict: "renewed since",
      state: "unknown",
      points: [],
      line: undefined,
    });
    // Beyond its limit on the day of the new shoes: the old one.
    expect(after("2025-01-01")).toMatchObject({ verdict: "renewed since", points: [] });
    // The old one went on wearing until that day, and the new one is measured later.
    expect(after("2024-01-01")?.points.map(({ value }) => value)).toEqual([1.4]);
    // As thick as new on that day: the new one.
    expect(after("2025-06-01", measured("2025-06-01", 33_000, 5))?.points.map(({ value }) => value)).toEqual([
      5,
    ]);
    expect(
      wearOf(
        "v",
        [measured("2025-01-01", 30_000, 5)],
        [{ ...shoes, on: "2025-01-01" }],
        mileage,
        undefined,
        TODAY,
      )[0]?.points,
    ).toHaveLength(1);
  });
  test("values that happen to be whole are as fine as those of the other side", () => {
    // On the line exactly: what is open is half a digit of 0.1 mm, and not of a whole one.
    const other = measured("2025-01-01", 30_000, 3.3, { at: "right" });
    const alone = wearOf("v", series, [], mileage, undefined, TODAY)[0];
    const beside = wearOf("v", [...series, other], [], mileage, undefined, TODAY)[0];
    expect([alone?.decimals, beside?.decimals]).toEqual([0, 1]);
    const spread = (wear = alone) => (wear?.line?.meets?.latest ?? 0) - (wear?.line?.meets?.earliest ?? 0);
    expect(spread(alone) / spread(beside)).toBeGreaterThan(8);
  });
  test("left is set against right of the same axle and day, never against another wheel", () => {
    const sidesIn = (...of: Measurement[]) => sidesOf(wearOf("v", of, [], mileage, undefined, TODAY));
    const at = (place: string, value: number, on = "2025-01-01") =>
      measured(on, 30_000, value, { at: place, what: "Tyre tread" });
    expect(sidesIn(at("left front", 4.1), at("right front", 4.5))).toEqual(["Right 0.4 mm more than left."]);
    expect(
      sidesIn(at("left front", 4.1), at("right front", 4.5), at("left rear", 6), at("right rear", 6)),
    ).toEqual(["Front: Right 0.4 mm more than left.", "Rear: Left and right are the same."]);
    expect(sidesIn(at("left front", 4.1), at("right rear", 6))).toEqual([]);
    expect(sidesIn(at("left front", 4.1), at("right front", 4.5, "2024-01-01"))).toEqual([]);
    expect(
      sidesIn(at("left front", 4.1), at("left front", 5, "2024-01-01"), at("right front", 5.5, "2024-01-01")),
    ).toEqual(["Right 0.5 mm more than left."]);
  });
  test("left and right are apart, and too few points say so", () => {
    const wear = wearOf(
      "v",
      [...series, measured("2025-01-01", 30_000, 4.2, { at: "right" })],
      [],
      mileage,
      drivingOf(mileage),
      TODAY,
    );
    expect(wear.map(({ at, verdict, points }) => [at, verdict, points.length])).toEqual([
      ["left", "forecast", 3],
      ["right", "one point", 1],
    ]);
    expect(wear[0]?.line?.on?.best).toBe("2026-07-03");
  });
  test("a new part begins a new line: by the log, or by a value that no wear can bring", () => {
    expect(wearOf("v", series, [shoes], mileage, undefined, TODAY)[0]).toMatchObject({
      verdict: "one point",
      points: [{ value: 3 }],
      earlier: [{ value: 5 }, { value: 4 }],
    });
    expect(
      wearOf("v", series, [{ ...shoes, part: "Brake fluid", place: "engine" }], mileage, undefined, TODAY)[0]
        ?.points,
    ).toHaveLength(3);
    expect(
      wearOf("v", series, [{ ...shoes, place: "right rear" }], mileage, undefined, TODAY)[0]?.points,
    ).toHaveLength(3);
    expect(
      wearOf(
        "v",
        [...series, measured("2025-06-01", 32_000, 5)],
        [],
        mileage,
        undefined,
        TODAY,
      )[0]?.points.map(({ value }) => value),
    ).toEqual([5]);
    expect(
      wearOf("v", [...series, measured("2025-06-01", 32_000, 1.2)], [], mileage, undefined, TODAY)[0]
        ?.verdict,
    ).toBe("beyond");
  });
});

test.each([
  [4, 0.05],
  [7, 0.15],
])(
  "by simulation, with %d measures that scatter by %d mm the day that wear meets its limit lies in the band 70 to 90 times in 100",
  (count, scatter) => {
    let held = 0;
    const runs = 300;
    for (let run = 0; run < runs; run++) {
      const random = chance(run * 11 + count);
      const total = daysDriven(random, 3500);
      const start = dayNumber("2018-01-01");
      const perKm = 3.5 / 60_000;
      const days = Array.from({ length: count }, (_, i) => i * 100 + Math.floor(random.uniform() * 40));
      const value = (day: number) =>
        Number((6 - perKm * (total[day] ?? 0) + scatter * random.normal()).toFixed(2));
      const measurements = days.map((day): Measurement => ({
        ...stamp(`m${day}`),
        vehicleId: "v",
        what: "Lining",
        unit: "mm",
        least: 1.5,
        value: value(day),
        on: dayAfter(start, day),
        odometer: { value: total[day] ?? 0, unit: "km" },
      }));
      const readings = Array.from({ length: count * 2 }, (_, i) => i * 50).map((day) =>
        reading(dayAfter(start, day), total[day] ?? 0),
      );
      const mileage = mileageOf("v", readings, measurements);
      const on = wearOf("v", measurements, [], mileage, drivingOf(mileage), TODAY)[0]?.line?.on;
      const truth = total.findIndex((km) => 6 - perKm * km <= 1.5);
      if (!on || truth < 0) continue;
      const day = dayAfter(start, truth);
      if (day >= on.earliest && (on.latest === undefined || day <= on.latest)) held++;
    }
    expect(held / runs).toBeGreaterThan(0.7);
    expect(held / runs).toBeLessThan(0.9);
  },
);

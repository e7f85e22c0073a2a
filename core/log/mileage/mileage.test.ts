import type { Replacement } from "../../model/log";
import { reading, stamp } from "../__fixtures__/records";
import { mileageOf } from "./mileage";

describe("mileage", () => {
  test("a new odometer is bridged, and what was read on each is the total", () => {
    const mileage = mileageOf("v", [
      reading("2026-01-01", 200_000),
      reading("2026-02-01", 201_000),
      reading("2026-02-10", 50, { newOdometer: true }),
      reading("2026-03-10", 1050),
    ]);
    expect(mileage.points.map(({ km }) => km)).toEqual([200_000, 201_000, 201_050, 202_050]);
    expect(mileage.totalKm({ value: 1050, unit: "km" }, "2026-03-10")).toBe(202_050);
    expect(mileage.totalKm({ value: 200_500, unit: "km" }, "2026-01-15")).toBe(200_500);
    expect(mileage.shown(203_000, "km").value).toBe(2000);
  });
  test("a used odometer that shows far more goes on from where the old one was", () => {
    const mileage = mileageOf("v", [
      reading("2026-01-01", 200_000),
      reading("2026-02-01", 201_000),
      reading("2026-02-10", 80_000, { newOdometer: true }),
      reading("2026-03-10", 81_000),
    ]);
    expect(mileage.points.map(({ km }) => km)).toEqual([200_000, 201_000, 201_000, 202_000]);
  });
  test("of two readings that contradict each other the one stays that agrees with more of the others", () => {
    // About 10 km a day: 9700 in April contradicts 1300 in May, and only one of them lies on the others'
    // line.
    const mileage = mileageOf("v", [
      reading("2026-01-01", 100),
      reading("2026-02-01", 400),
      reading("2026-03-01", 700),
      reading("2026-04-01", 9700),
      reading("2026-05-01", 1300),
    ]);
    expect(mileage.refused.map(({ distance }) => distance.value)).toEqual([9700]);
    expect(mileage.points.at(-1)?.km).toBe(1300);
    const low = mileageOf("v", [
      reading("2026-01-01", 1000),
      reading("2026-02-01", 1300),
      reading("2026-03-01", 160),
      reading("2026-04-01", 1900),
    ]);
    expect(low.refused.map(({ distance }) => distance.value)).toEqual([160]);
    const last = mileageOf("v", [
      reading("2026-01-01", 1000),
      reading("2026-02-01", 13_000),
      reading("2026-03-01", 1600),
    ]);
    expect(last.refused.map(({ distance }) => distance.value)).toEqual([13_000]);
  });
  test("a reading with a wrong digit is refused, and only that one", () => {
    const mileage = mileageOf("v", [
      reading("2026-01-01", 100),
      reading("2026-01-10", 9200),
      reading("2026-02-01", 300),
      reading("2026-03-01", 400),
    ]);
    expect(mileage.refused.map(({ distance }) => distance.value)).toEqual([9200]);
    expect(mileage.points.map(({ km }) => km)).toEqual([100, 300, 400]);
  });
  test("entries of the log are sightings too, in their own unit", () => {
    const replacement = {
      ...stamp("r"),
      vehicleId: "v",
      on: "2026-02-01",
      odometer: { value: 100, unit: "mi" as const },
    } as Replacement;
    expect(mileageOf("v", [reading("2026-01-01", 100)], [replacement]).points.at(-1)?.km).toBeCloseTo(
      160.9344,
      9,
    );
  });
});

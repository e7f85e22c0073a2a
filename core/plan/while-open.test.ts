import type { LaidOpen } from "../model/job";
import type { Replacement } from "../model/log";
import { whileOpen } from "./while-open";

const part: LaidOpen = {
  id: "b",
  name: "Starter cable",
  place: "engine",
  priceMinor: 2400,
  minutesNow: 10,
  minutesLater: 70,
  lastsKm: 200_000,
};

const fitted = (odometer: number, more: Partial<Replacement> = {}) =>
  ({
    part: "starter cable",
    place: "engine",
    on: "2024-01-01",
    odometer: { value: odometer, unit: "km" },
    ...more,
  }) as Replacement;
const at = (value: number) => ({ value, unit: "km" as const });

test("worked by hand: an hour saved at 15.00 against what is left of 24.00", () => {
  // Gone 150 000 of 200 000 km: a quarter of 24.00 is thrown away, 6.00.
  expect(whileOpen(part, [fitted(50_000)], at(200_000), 1500)).toMatchObject({
    goneKm: 150_000,
    atLeast: false,
    savedMinutes: 60,
    wasteMinor: 600,
    verdict: "do it now",
  });
  // Gone 20 000 km: nine tenths, 21.60.
  expect(whileOpen(part, [fitted(180_000)], at(200_000), 1500)).toMatchObject({
    wasteMinor: 2160,
    verdict: "leave it",
  });
});

test("the last one fitted at that place counts; without one the car's own distance does", () => {
  expect(
    whileOpen(
      part,
      [fitted(50_000), fitted(120_000, { on: "2025-01-01" }), fitted(190_000, { place: "gearbox" })],
      at(200_000),
      1500,
    ).goneKm,
  ).toBe(80_000);
  expect(whileOpen(part, [], { value: 100, unit: "mi" }, 1500)).toMatchObject({
    goneKm: expect.closeTo(160.9344, 6),
    atLeast: true,
  });
  expect(whileOpen(part, [fitted(250_000)], at(200_000), 1500).goneKm).toBe(0);
});

test.each([
  [{ ...part, priceMinor: undefined }, at(1)],
  [{ ...part, lastsKm: undefined }, at(1)],
  [part, undefined],
])("what is not known is not guessed", (one, odometer) => {
  expect(whileOpen(one as LaidOpen, [], odometer, 1500)).toMatchObject({
    wasteMinor: undefined,
    verdict: "not known",
  });
});

test("a part past its life is always worth doing now, if it saves anything", () => {
  expect(whileOpen(part, [], at(400_000), 1)).toMatchObject({ wasteMinor: 0, verdict: "do it now" });
  expect(whileOpen({ ...part, minutesLater: 5 }, [], at(400_000), 1500)).toMatchObject({
    savedMinutes: 0,
    verdict: "leave it",
  });
});

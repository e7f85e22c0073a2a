import { z } from "zod";
import { ifTyped, line, lineIfTyped, oneOfIfSaid, textIfTyped } from "@/core/form";
import { InputError } from "@/core/input-error";
import { readSupply } from "@/core/kit/needs/read-supply";
import { formatAmount } from "@/core/kit/needs/supply-needs";
import { MOST_FLUIDS, VEHICLE_TORQUE_UNITS, type Vehicle } from "@/core/model/vehicle";
import { DISTANCE_UNITS, type DistanceUnit } from "@/core/quantity/distance";
import { mmWithin, numberWithin, wholeWithin } from "@/core/quantity/number-within";
import { readTorqueFigure } from "@/core/quantity/read-torque-figure";
import { formatFigure } from "@/core/quantity/torque-words";
import { withoutUndefined } from "@/core/without-undefined";

/** The fields of a vehicle, or of a new one, whose odometer counts in what roads there are measured in. */
export function vehicleFields(vehicle: Vehicle | undefined, roadUnit: DistanceUnit) {
  const text = (value: string | number | undefined) => (value === undefined ? "" : String(value));
  return {
    name: text(vehicle?.name),
    year: text(vehicle?.year),
    engine: text(vehicle?.engine),
    driven: text(vehicle?.driven),
    salted: vehicle?.salted ?? false,
    distanceUnit: vehicle?.distanceUnit ?? roadUnit,
    torqueUnit: vehicle?.torqueUnit ?? ("N.m" as const),
    kerbWeight: text(vehicle?.kerbWeightKg),
    frontShare:
      vehicle?.frontShare === undefined ? "" : String(Number((vehicle.frontShare * 100).toFixed(1))),
    wheelbase: text(vehicle?.wheelbaseMm),
    insetFront: text(vehicle?.standInsetMm?.front),
    insetRear: text(vehicle?.standInsetMm?.rear),
    wheelTorque: vehicle?.wheelTorque ? formatFigure(vehicle.wheelTorque) : "",
    fluids: (vehicle?.fluids ?? [])
      .map(({ name, capacityMl }) => `${name} ${formatAmount({ value: capacityMl, unit: "mL" })}`)
      .join("\n"),
    notes: text(vehicle?.notes),
  };
}

/** What the fields of a vehicle make. */
export const vehicleForm = z
  .object({
    name: line("Give it a name you know it by."),
    year: ifTyped(wholeWithin("The year", 1885, 2200)),
    engine: lineIfTyped,
    driven: oneOfIfSaid(["front", "rear", "all"]),
    salted: z.boolean(),
    distanceUnit: z.enum(DISTANCE_UNITS),
    torqueUnit: z.enum(VEHICLE_TORQUE_UNITS),
    kerbWeight: ifTyped(numberWithin("The kerb weight", 50, 20_000, " kg")),
    frontShare: ifTyped((text) => numberWithin("The front share", 20, 80, " %")(text.replace("%", ""))),
    wheelbase: ifTyped(mmWithin("The wheelbase", 500, 8000)),
    insetFront: ifTyped(mmWithin("The front stands' place", 0, 2000)),
    insetRear: ifTyped(mmWithin("The rear stands' place", 0, 2000)),
    wheelTorque: ifTyped((text) => readTorqueFigure(text)),
    fluids: ifTyped(readFluids),
    notes: textIfTyped,
  })
  .transform(({ kerbWeight, frontShare, wheelbase, insetFront, insetRear, salted, ...read }) =>
    withoutUndefined({
      ...read,
      salted: salted ? (true as const) : undefined,
      kerbWeightKg: kerbWeight,
      frontShare: frontShare === undefined ? undefined : frontShare / 100,
      wheelbaseMm: wheelbase,
      standInsetMm:
        insetFront === undefined && insetRear === undefined
          ? undefined
          : { front: insetFront ?? 0, rear: insetRear ?? 0 },
    }),
  );

/** What the vehicle is filled with, a line each: "coolant 6.2 L". */
function readFluids(text: string): NonNullable<Vehicle["fluids"]> {
  const lines = text.split("\n").filter((line) => line.trim() !== "");
  if (lines.length > MOST_FLUIDS)
    throw new InputError(`These are ${lines.length} fluids, and ${MOST_FLUIDS} fit.`);
  return lines.map((line) => {
    const read = readSupply(line, "fluid");
    if (!("amount" in read) || read.amount.unit !== "mL")
      throw new InputError(`“${line.trim()}” needs how much goes in: coolant 6.2 L.`);
    return { name: read.name, capacityMl: read.amount.value };
  });
}

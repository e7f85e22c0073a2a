import { z } from "zod";
import { ifTyped, line, oneOfIfSaid, refused, typed } from "@/core/form";
import { InputError } from "@/core/input-error";
import { readQuickEntry } from "@/core/log/table/quick-entry";
import type { Interval } from "@/core/model/log";
import { PLACES, SYSTEMS } from "@/core/model/place";
import type { Vehicle } from "@/core/model/vehicle";
import type { DistanceUnit } from "@/core/quantity/distance";
import { numberWithin, wholeWithin } from "@/core/quantity/number-within";
import { withoutUndefined } from "@/core/without-undefined";

/** An interval as it is typed. */
export function intervalFields(interval: Interval | undefined, vehicle: Vehicle | undefined) {
  return {
    vehicleId: interval?.vehicleId ?? vehicle?.id ?? "",
    part: interval?.part ?? "",
    place: interval?.place ?? "",
    system: interval?.system ?? "",
    every: interval?.every ? String(interval.every.value) : "",
    months: interval?.months ? String(interval.months) : "",
  };
}

/**
 * What the fields make: renewed by distance, by time, or both; the system follows from the part's name where
 * it does.
 */
export function intervalForm(fields: ReturnType<typeof intervalFields>, unit: DistanceUnit, today: string) {
  const never = fields.every.trim() === "" && fields.months.trim() === "";
  return z
    .object({
      vehicleId: z.string(),
      part: line("What is renewed?"),
      place: oneOfIfSaid(PLACES),
      system: typed((text) => {
        const system = SYSTEMS.find((one) => one === text) ?? readQuickEntry(fields.part, unit, today).system;
        if (!system) throw new InputError("Choose the system.");
        return system;
      }),
      every: never
        ? refused("Type a distance, a time, or both.")
        : ifTyped((text) => ({ value: numberWithin("The distance", 1, 1_000_000)(text), unit })),
      months: ifTyped(wholeWithin("The time", 1, 600, " months")),
    })
    .transform((read) => withoutUndefined(read));
}

import { z } from "zod";
import { ifTyped, line, lineIfTyped, typed, unitName } from "@/core/form";
import type { Measurement } from "@/core/model/log";
import type { Vehicle } from "@/core/model/vehicle";
import type { DistanceUnit } from "@/core/quantity/distance";
import { readNumber } from "@/core/quantity/read-number";
import { withoutUndefined } from "@/core/without-undefined";
import { readDay, readOwnOdometer } from "../../shared/odometer/read-reading";

/** A measure as it is typed; what was measured last stands there again with its limit. */
export function measureFields(vehicle: Vehicle | undefined, last: Measurement | undefined, today: string) {
  return {
    vehicleId: vehicle?.id ?? "",
    what: last?.what ?? "",
    at: last?.at ?? "",
    value: "",
    unit: last?.unit ?? "mm",
    limit: String(last?.least ?? last?.most ?? ""),
    limitIs: last?.most === undefined ? ("least" as "least" | "most") : "most",
    odometer: "",
    on: today,
  };
}

/** What the fields of a measure make. */
export function measureForm(unit: DistanceUnit, today: string) {
  return z
    .object({
      vehicleId: z.string(),
      what: line("What was measured?"),
      at: lineIfTyped,
      value: typed((text) => readNumber(text, "The measure").value),
      unit: unitName,
      limit: ifTyped((text) => readNumber(text, "The limit").value),
      limitIs: z.enum(["least", "most"]),
      odometer: typed((text) => ({ value: readOwnOdometer(text, unit), unit })),
      on: typed((text) => readDay(text, today)),
    })
    .transform(({ limit, limitIs, ...read }) =>
      withoutUndefined({
        ...read,
        least: limitIs === "least" ? limit : undefined,
        most: limitIs === "most" ? limit : undefined,
      }),
    );
}

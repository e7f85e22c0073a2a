import { z } from "zod";
import { ifTyped, line, refused } from "@/core/form";
import type { FollowUp } from "@/core/model/log";
import type { Vehicle } from "@/core/model/vehicle";
import type { DistanceUnit } from "@/core/quantity/distance";
import { withoutUndefined } from "@/core/without-undefined";
import { readOwnOdometer } from "../../shared/odometer/read-reading";

/** A follow-up as it is typed. */
export function followUpFields(followUp: FollowUp | undefined, vehicle: Vehicle | undefined) {
  return {
    vehicleId: followUp?.vehicleId ?? vehicle?.id ?? "",
    text: followUp?.text ?? "",
    dueOn: followUp?.dueOn ?? "",
    dueAt: followUp?.dueAt ? String(followUp.dueAt.value) : "",
    because: "",
  };
}

/**
 * What the fields make: owed on a day, at a distance, or whichever comes first; one that is moved says why.
 */
export function followUpForm(fields: ReturnType<typeof followUpFields>, unit: DistanceUnit, moved: boolean) {
  const never = fields.dueOn === "" && fields.dueAt.trim() === "";
  return z
    .object({
      vehicleId: z.string(),
      text: line("What is owed?"),
      dueOn: never ? refused("Choose a day, or type a distance.") : ifTyped((day) => day),
      dueAt: ifTyped((text) => ({ value: readOwnOdometer(text, unit), unit })),
      because: moved ? line("Say why it is moved.") : ifTyped((text) => text),
    })
    .transform((read) => withoutUndefined(read));
}

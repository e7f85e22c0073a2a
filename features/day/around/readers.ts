import { InputError } from "@/core/input-error";
import { clockSchema } from "@/core/model/day-plan";
import { daySchema, lineSchema } from "@/core/model/record";

export const asDay = (text: string): string => {
  if (!daySchema.safeParse(text).success) throw new InputError("Choose a day.");
  return text;
};
export const asClock = (text: string): string => {
  if (!clockSchema.safeParse(text).success) throw new InputError("An hour is written 08:30.");
  return text;
};
export const asLine = (text: string): string => {
  if (!lineSchema.safeParse(text).success)
    throw new InputError("Say what it is, in 200 letters at the most.");
  return text.trim();
};

import { z } from "zod";

/** Where on a vehicle a part sits. Left and right are as the driver sits. */
export const PLACES = [
  "left front",
  "right front",
  "left rear",
  "right rear",
  "front",
  "rear",
  "engine",
  "gearbox",
  "underneath",
  "cabin",
] as const;
export const placeSchema = z.enum(PLACES);
export type Place = z.infer<typeof placeSchema>;

/** The system a job or part belongs to; cautions and follow-ups hang on it. */
export const SYSTEMS = [
  "brakes",
  "wheels",
  "steering and suspension",
  "engine",
  "ignition and fuel",
  "cooling",
  "starting and charging",
  "gearbox and drive",
  "exhaust",
  "lights and electrics",
  "body and cabin",
] as const;
export const systemSchema = z.enum(SYSTEMS);
export type System = z.infer<typeof systemSchema>;

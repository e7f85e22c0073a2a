import { z } from "zod";
import { idSchema, instantSchema, lineSchema } from "@/core/model/record";

/** A device that records go to or come from. */
export const deviceSchema = z.strictObject({ id: idSchema, name: lineSchema });
export type Device = z.infer<typeof deviceSchema>;

/** What is known of another device: up to which moment it has what is here, and the other way round. */
export const knownDeviceSchema = deviceSchema.extend({
  /** It has everything of here that was changed up to then. */
  hasOurs: instantSchema.optional(),
  /** When older news came in from elsewhere, so that it has less than it had: what it says of before then is past. */
  lessSince: instantSchema.optional(),
  /** Everything of it that was changed up to then is here. */
  haveTheirs: instantSchema.optional(),
  /** When something last went over, either way. */
  at: instantSchema,
});
export type KnownDevice = z.infer<typeof knownDeviceSchema>;

const devicesSchema = z.object({ own: deviceSchema, known: z.array(knownDeviceSchema).max(50) });
export type Devices = z.infer<typeof devicesSchema>;

/** What is kept of this device and the others; undefined where nothing is, or what is no such thing. */
export function readDevices(text: string): Devices | undefined {
  try {
    return devicesSchema.safeParse(JSON.parse(text)).data;
  } catch {
    return undefined;
  }
}

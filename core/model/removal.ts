import { z } from "zod";
import { recordShape } from "./record";

/**
 * That a record was removed, under the id of that record, so that a file from another device does not bring
 * it back.
 * `updatedAt` is when.
 */
export const removalSchema = z.strictObject(recordShape);

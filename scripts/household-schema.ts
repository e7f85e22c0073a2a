import { z } from "zod";
import { householdFileSchema } from "@/core/model/household";
import { MODEL_VERSION } from "@/core/model/version";

/** Where the app serves the schema from. */
export const SCHEMA_FILE = `public/schema/household-${MODEL_VERSION}.schema.json`;

/** The JSON Schema of the exported file, as text, made from the one model. */
export function householdJsonSchema(): string {
  const schema = {
    title: `Vest Pocket household, version ${MODEL_VERSION}`,
    ...z.toJSONSchema(householdFileSchema),
  };
  return `${JSON.stringify(schema, null, 2)}\n`;
}

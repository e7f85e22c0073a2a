import { mkdirSync, writeFileSync } from "node:fs";
import { householdJsonSchema, SCHEMA_FILE } from "./household-schema";

/** Writes the JSON Schema of the exported file to where the app serves it. */
mkdirSync("public/schema", { recursive: true });
writeFileSync(SCHEMA_FILE, householdJsonSchema());
console.log(`${SCHEMA_FILE} written.`);

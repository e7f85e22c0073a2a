import { readFileSync } from "node:fs";
import { SCHEMA_FILE, householdJsonSchema } from "./household-schema";

test("the schema that ships with the app is the model's (npm run schema writes it anew)", () => {
  expect(readFileSync(SCHEMA_FILE, "utf8")).toBe(householdJsonSchema());
});

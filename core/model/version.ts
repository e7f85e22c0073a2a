/**
 * Version of the model that this build reads and writes. Raised together with a new entry in migrations.ts.
 */
export const MODEL_VERSION = 18 as const;

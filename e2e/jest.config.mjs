import { availableParallelism } from "node:os";

/**
 * The browser journeys, against the build. One more at a time than there are cores: a browser that starts or
 * waits leaves room for another.
 */
const config = {
  rootDir: "..",
  testEnvironment: "node",
  globalSetup: "<rootDir>/e2e/begin.ts",
  globalTeardown: "<rootDir>/e2e/end.ts",
  roots: ["<rootDir>/e2e"],
  transform: { "^.+\\.tsx?$": "@swc/jest" },
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/$1" },
  testTimeout: 900_000,
  maxWorkers: availableParallelism() + 1,
};

export default config;

/**
 * The browser journeys, against the build. Two at a time: a browser that starts or waits leaves room for
 * another on two cores.
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
  maxWorkers: 2,
};

export default config;

/** The browser journeys, against the build. One worker: the machine has two cores and a browser wants one. */
const config = {
  rootDir: "..",
  testEnvironment: "node",
  roots: ["<rootDir>/e2e"],
  transform: { "^.+\\.tsx?$": "@swc/jest" },
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/$1" },
  testTimeout: 180_000,
  maxWorkers: 1,
};

export default config;

/** Unit tests of core, data and the demo. The browser journeys have their own file in e2e/. */
const config = {
  testEnvironment: "node",
  roots: ["<rootDir>/core", "<rootDir>/data", "<rootDir>/demo", "<rootDir>/ui", "<rootDir>/features", "<rootDir>/stand-ins", "<rootDir>/scripts"],
  transform: { "^.+\\.tsx?$": "@swc/jest" },
  transformIgnorePatterns: ["/node_modules/(?!(ulid|idb)/)"],
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/$1" },
};

export default config;

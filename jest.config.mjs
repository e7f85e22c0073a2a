export const shared = {
  roots: ["app", "core", "data", "demo", "features", "scripts", "stand-ins", "ui", "workers"].map(
    (folder) => `<rootDir>/${folder}`,
  ),
  transform: { "^.+\\.tsx?$": "@swc/jest" },
  transformIgnorePatterns: ["/node_modules/(?!(ulid|idb|comlink)/)"],
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/$1" },
};

/**
 * Unit tests of what computes, and tests of components on a page. The browser journeys have their own file in
 * e2e/.
 */
const config = {
  // Left to itself it keeps a core free for nothing.
  maxWorkers: "100%",
  projects: [
    { ...shared, displayName: "computes", testEnvironment: "node", testMatch: ["**/*.test.ts"] },
    {
      ...shared,
      displayName: "components",
      testEnvironment: "<rootDir>/scripts/browser-environment.mjs",
      testMatch: ["**/*.test.tsx"],
    },
  ],
};

export default config;

import base from "./jest.config.mjs";

/** Where it is decided whether something fits, is sane, is in range or holds: every branch there is tested. */
const VERDICTS = [
  "core/fit/hexagon-fit.ts",
  "core/fit/judge-fit.ts",
  "core/thread/sane.ts",
  "core/thread/engagement.ts",
  "core/thread/strength.ts",
  "core/torque/choose-wrench.ts",
  "core/drive/chain.ts",
  "core/lift/judge-stand.ts",
  "core/lift/stand-load.ts",
  "core/lift/stand-height.ts",
  "core/lift/roll.ts",
  "core/fluid/coolant.ts",
  "core/turn/castle-nut.ts",
  "core/kit/stands.ts",
  "core/kit/cover-head.ts",
  "core/kit/cover-torque.ts",
  "core/kit/cover-angle.ts",
  "core/kit/torque-needs.ts",
  "core/kit/highest-torque.ts",
  "core/kit/ways-into-range.ts",
  "core/kit/undoing-torque.ts",
  "core/kit/cover-bar.ts",
  "core/plan/doubts.ts",
  "core/plan/while-open.ts",
];

const config = {
  ...base,
  // Their own tests, beside them; the others say nothing about these branches and take a minute.
  roots: [...new Set(VERDICTS.map((file) => `<rootDir>/${file.slice(0, file.lastIndexOf("/"))}`))],
  collectCoverage: true,
  coverageProvider: "v8",
  coverageReporters: ["text"],
  collectCoverageFrom: VERDICTS,
  coverageThreshold: Object.fromEntries(VERDICTS.map((file) => [`./${file}`, { branches: 100 }])),
};

export default config;

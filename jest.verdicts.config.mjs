import { readFileSync, readdirSync } from "node:fs";
import { shared } from "./jest.config.mjs";

/**
 * Folders that do nothing but decide whether something fits, is sane, is in range or holds, or work out what
 * that rests on.
 */
const DECIDING = ["fastener", "fit", "drive", "lift", "thread", "torque", "turn"];
/**
 * Elsewhere what decides is told by what it gives: a verdict, a refusal with its reason, a torque, or how
 * cold it may get.
 */
const DECIDES = /\bverdict:|\bRefused\b|Nm\b|\bfreezes/;

const codeIn = (folder) =>
  readdirSync(`core/${folder}`)
    .filter((file) => file.endsWith(".ts") && !file.endsWith(".test.ts"))
    .map((file) => `core/${folder}/${file}`)
    // What only names things has no branches.
    .filter((file) => /\bfunction\b/.test(readFileSync(file, "utf8")));
const VERDICTS = [
  ...DECIDING.flatMap(codeIn),
  ...["kit", "kit/needs", "kit/cover", "kit/sheet", "plan", "fluid"]
    .flatMap(codeIn)
    .filter((file) => DECIDES.test(readFileSync(file, "utf8"))),
].sort();

const config = {
  ...shared,
  testEnvironment: "node",
  // Their own tests, beside them, and what people write; the others say nothing about these branches and take
  // minutes.
  testMatch: [
    ...new Set(VERDICTS.map((file) => `<rootDir>/${file.slice(0, file.lastIndexOf("/"))}/*.test.ts`)),
    "<rootDir>/core/readers.test.ts",
  ],
  collectCoverage: true,
  coverageProvider: "v8",
  coverageReporters: ["text"],
  collectCoverageFrom: VERDICTS,
  coverageThreshold: Object.fromEntries(VERDICTS.map((file) => [`./${file}`, { branches: 100 }])),
};

export default config;

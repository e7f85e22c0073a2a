/**
 * Everything that must hold, in order: lint and verdicts beside types, arrows, unused code and the build; then
 * all other unit tests, first load, journeys. Ends with the line "N passed, N failed" over all of it; exits non-zero when
 * anything failed.
 */
import { execFileSync, spawn } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

const folder = mkdtempSync(join(tmpdir(), "vest-pocket-test-"));
const env = { ...process.env, NEXT_TELEMETRY_DISABLED: "1" };
let passed = 0;
let failed = 0;

function run(command, args) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { stdio: ["ignore", "inherit", "inherit"], env });
    child.on("error", () => resolve(false));
    child.on("exit", (code) => resolve(code === 0));
  });
}

async function check(name, script) {
  console.log(`\n== ${name}`);
  const started = Date.now();
  const good = await run("npm", ["run", "--silent", script]);
  if (good) passed++;
  else failed++;
  console.log(`${good ? "passed" : "FAILED"}: ${name}, ${((Date.now() - started) / 1000).toFixed(0)} s`);
  return good;
}

async function tests(name, script, more = []) {
  console.log(`\n== ${name}`);
  const started = Date.now();
  const report = join(folder, `${script}.json`);
  const good = await run("npm", [
    "run",
    "--silent",
    script,
    "--",
    "--json",
    `--outputFile=${report}`,
    ...more,
  ]);
  console.log(`${good ? "passed" : "FAILED"}: ${name}, ${((Date.now() - started) / 1000).toFixed(0)} s`);
  try {
    const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = JSON.parse(
      readFileSync(report, "utf8"),
    );
    passed += numPassedTests;
    failed += numFailedTests + numRuntimeErrorTestSuites;
    if (!good && numFailedTests + numRuntimeErrorTestSuites === 0) failed++;
    if (numPassedTests + numFailedTests === 0) failed++;
  } catch {
    failed++;
  }
}

let built = false;
// None of these needs another, and each keeps one core busy.
await Promise.all([
  (async () => {
    await check("lint", "lint");
    await tests("every branch of a verdict", "verdicts");
  })(),
  (async () => {
    await check("types", "types");
    await check("architecture", "arrows");
    await check("unused code", "unused");
    built = await check("production build", "build");
  })(),
]);
// Those of the verdicts were passed with them.
const passedAlready = execFileSync(
  "node_modules/.bin/jest",
  ["-c", "jest.verdicts.config.mjs", "--listTests"],
  { encoding: "utf8" },
)
  .split("\n")
  .filter((file) => file.endsWith(".test.ts"))
  .map((file) => `${file.replaceAll(".", "\\.")}$`);
await tests("all other unit tests", "unit", ["--testPathIgnorePatterns", "/node_modules/", ...passedAlready]);
if (built) {
  await check("first load", "weight");
  await tests("browser journeys", "journeys");
}

rmSync(folder, { recursive: true, force: true });
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

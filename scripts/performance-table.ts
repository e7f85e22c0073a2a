import { writeFileSync } from "node:fs";
import { format, resolveConfig } from "prettier";
import { RESULTS, resultsKept } from "../benchmarks/measure";

/** Writes docs/PERFORMANCE.md anew from what the benchmarks measured last. */
async function main(): Promise<void> {
  const parts = Object.entries(resultsKept()).map(([title, lines]) =>
    [
      `## ${title}`,
      "",
      "| ratio | of |",
      "| --- | --- |",
      ...lines.map(({ ratio, what }) => `| ${ratio} | ${what.replaceAll("|", "\\|")} |`),
      "",
    ].join("\n"),
  );
  const text = [
    "# Performance",
    "",
    `Ratios, each measured against its floor or its limit in the same run. What is held against a floor means the same on any machine; what is held against a limit in milliseconds reads twice as high on one half as fast. Written by \`npm run bench\` from \`${RESULTS}\`.`,
    "",
    ...parts,
  ].join("\n");
  const file = "docs/PERFORMANCE.md";
  writeFileSync(file, await format(text, { ...(await resolveConfig(file)), parser: "markdown" }));
  console.log(`${file} written.`);
}

void main();

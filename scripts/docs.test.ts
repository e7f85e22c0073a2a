import { existsSync, readFileSync, readdirSync } from "node:fs";

const PAGES = [
  "README.md",
  "CONTRIBUTING.md",
  ...readdirSync("docs").flatMap((name) => (name.endsWith(".md") ? [`docs/${name}`] : [])),
  ...readdirSync("docs/decisions").map((name) => `docs/decisions/${name}`),
];
/** A path in backticks that begins in one of the tree's folders. */
const PATHS =
  /`((?:app|benchmarks|core|data|demo|docs|e2e|features|scripts|stand-ins|ui|workers)\/[^`*<>\s]*)`/g;

test.each(PAGES)("%s names only files and folders that are there", (page) => {
  const named = [...readFileSync(page, "utf8").matchAll(PATHS)].map(([, path]) => path ?? "");
  expect(named.filter((path) => !existsSync(path))).toEqual([]);
});

test("the glossary has each word once, in order", () => {
  const words = [...readFileSync("docs/GLOSSARY.md", "utf8").matchAll(/^\| ([^|]+?) +\|/gm)]
    .map(([, word]) => word ?? "")
    .slice(2);
  expect(words).toEqual(
    [...new Set(words)].sort((a, b) => a.localeCompare(b, "en", { sensitivity: "base" })),
  );
});

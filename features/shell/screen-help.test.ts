import { readdirSync } from "node:fs";
import { EXAMPLES } from "@/ui/drawing/Examples";
import { SCREEN_HELP } from "./screen-help";

test("every screen has its help: five lines and a picture", () => {
  const pages = readdirSync("app", { withFileTypes: true })
    .filter((entry) => entry.isDirectory() && readdirSync(`app/${entry.name}`).includes("page.tsx"))
    .map(({ name }) => `/${name}`);
  expect(Object.keys(SCREEN_HELP).toSorted()).toEqual(pages.toSorted());
  for (const { lines, example, first } of Object.values(SCREEN_HELP)) {
    expect(lines.every((line) => line.length > 20 && line.length < 100)).toBe(true);
    expect(first.length).toBeLessThan(100);
    expect(Object.keys(EXAMPLES)).toContain(example);
  }
});

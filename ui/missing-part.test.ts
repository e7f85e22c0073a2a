import { isMissingPart } from "./missing-part";

test.each<[string, boolean]>([
  ["Failed to load chunk /_next/static/chunks/1volhar5tlenk.js from module 1", true],
  ["Loading chunk 7 failed.", true],
  ["Failed to fetch dynamically imported module: http://127.0.0.1/x.js", true],
  ["Importing a module script failed.", true],
  ["The torque: -5 is not a torque.", false],
  ["undefined is not a function", false],
])("%s: %s", (message, missing) => {
  expect(isMissingPart(new Error(message))).toBe(missing);
});

test("told by its name too", () => {
  expect(isMissingPart(Object.assign(new Error("gone"), { name: "ChunkLoadError" }))).toBe(true);
});

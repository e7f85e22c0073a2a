import { zipSync } from "fflate";
import { emptyHousehold } from "@/core/model/household";
import { readArchive } from "./archive";
import { readHouseholdFile, writeHouseholdFile } from "./household-file";

const NOW = new Date("2026-11-27T12:00:00.000Z");
const file = (household: string) =>
  `{"format":"vest-pocket household","version":9,"exportedAt":"2026-11-27T12:00:00.000Z","household":${household}}`;

test.each([
  [
    "a million records",
    () => file(`{"vehicles":[${"{},".repeat(1_000_000)}{}]}`),
    "more than 150000 records",
  ],
  ["a million brackets", () => file("[".repeat(1_000_000)), "nested deeper than 40"],
  [
    "brackets that close",
    () => file(`${"[".repeat(100_000)}${"]".repeat(100_000)}`),
    "nested deeper than 40",
  ],
  [
    "old and deep",
    () =>
      file(`{"jobs":[{"figure":${'{"a":'.repeat(5000)}1${"}".repeat(5000)}}]}`).replace(
        '"version":9',
        '"version":2',
      ),
    "nested deeper than 40",
  ],
  [
    "a key of eleven million letters",
    () => file(`{"vehicles":[],"${"x".repeat(11_000_000)}":[]}`),
    "The file is damaged.",
  ],
  ["blanks", () => " ".repeat(20_000_000), "empty"],
])("%s: refused before it is worked through, in one sentence", (_, make, says) => {
  const text = make();
  let message = "";
  try {
    readHouseholdFile(text);
  } catch (error) {
    message = (error as Error).message;
  }
  expect(message).toContain(says);
  expect(message.length).toBeLessThan(400);
});

test("brackets inside a text are only text", () => {
  const household = writeHouseholdFile(emptyHousehold(), NOW);
  expect(readHouseholdFile(household)).toEqual(emptyHousehold());
  expect(() =>
    readHouseholdFile(household.replace('"vehicles": []', `"vehicles": ["${'[{\\"'.repeat(200)}"]`)),
  ).toThrow("In household, vehicles, entry 1");
});

test("a text that unpacks to a thousand times its size is refused before it is unpacked", async () => {
  const zip = zipSync({
    "household.json": new Uint8Array(60_000_000).fill(32),
    "photos.json": new TextEncoder().encode('{"photos":{}}'),
  });
  await expect(readArchive(new Blob([zip as Uint8Array<ArrayBuffer>]))).rejects.toThrow(
    "unpacks to 150 times its size",
  );
});

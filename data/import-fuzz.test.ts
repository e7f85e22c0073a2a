import "fake-indexeddb/auto";
import { zipSync } from "fflate";
import { uniformInt } from "pure-rand/distribution/uniformInt";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { InputError } from "@/core/input-error";
import { type Household, householdSchema } from "@/core/model/household";
import { demoHousehold } from "@/demo/household";
import { isArchive, readArchive, readPhotos } from "./archive";
import { putAll } from "./change";
import { readHouseholdFile, writeHouseholdFile } from "./household-file";
import { jobAlone } from "./job-alone";
import { mergeHouseholds } from "./merge";
import { createRepository } from "./repository";
import { openStore } from "./store";
import { decodeText, readTextFile } from "./text-file";

const FILES = 2000;
const small = jobAlone(demoHousehold("2026-11-24"), "demo-engine-mount");
const TEXT = writeHouseholdFile(small, new Date("2026-11-24T12:00:00.000Z"));
const BYTES = new TextEncoder().encode(TEXT);
const NASTY: unknown[] = [
  1e308,
  -1e308,
  9_007_199_254_740_993,
  "<script>alert(1)</script>",
  '"><img src=x onerror=alert(1)>',
  "__proto__",
  "\u0000",
  "\ud800",
  "a".repeat(30_000),
  null,
  true,
  [],
  {},
  [[[]]],
  { __proto__: null, toString: 1 },
  "2026-13-45",
  -1,
  0.1,
  "",
];

type Chance = (below: number) => number;

/** A place in the tree, chosen by walking down at random, and something else put there. */
function spoilt(chance: Chance): string {
  const root = JSON.parse(TEXT) as Record<string, unknown>;
  let at: Record<string, unknown> = root;
  for (let depth = chance(9); depth > 0; depth--) {
    const inner = Object.values(at).filter(
      (value): value is Record<string, unknown> =>
        typeof value === "object" && value !== null && Object.keys(value).length > 0,
    );
    const next = inner[chance(Math.max(1, inner.length))];
    if (!next) break;
    at = next;
  }
  const keys = Object.keys(at);
  const key = keys[chance(Math.max(1, keys.length))] ?? "extra";
  switch (chance(4)) {
    case 0:
      delete at[key];
      break;
    case 1:
      at[`${key}!`] = NASTY[chance(NASTY.length)];
      break;
    case 2:
      if (Array.isArray(at)) at.push(...(at as unknown[]));
      else at[key] = [at[key], at[key]];
      break;
    default:
      at[key] = NASTY[chance(NASTY.length)];
  }
  return JSON.stringify(root);
}

function withBytes(chance: Chance, from: Uint8Array): Uint8Array {
  const bytes = from.slice();
  for (let i = 1 + chance(20); i > 0; i--) bytes[chance(bytes.length)] = chance(256);
  return bytes;
}

/** One file gone wrong in one of the ways that files do. */
function mutated(i: number, chance: Chance): Uint8Array {
  const text = (said: string) => new TextEncoder().encode(said);
  const zip = () =>
    zipSync(
      {
        "household.json": BYTES,
        "photos.json": text('{"photos":{"p":{"takenAt":"2026-01-01T00:00:00.000Z","bytes":4}}}'),
        "photos/p.jpg": text("JPEG"),
      },
      { level: 1 },
    );
  switch (i % 10) {
    case 0:
      return BYTES.slice(0, chance(BYTES.length));
    case 1:
      return text(TEXT.repeat(2));
    case 2:
      return withBytes(chance, BYTES);
    case 3:
      return new Uint8Array(Buffer.from(`\ufeff${TEXT}`, "utf16le"));
    case 4:
      return new Uint8Array(Buffer.from(TEXT, "latin1"));
    case 5:
      return text(
        TEXT.replace(
          '"version": 6',
          `"version": ${[0, -1, 1.5, 7, 1e9, "6", null, 1, 2, 5][chance(10)] ?? "x"}`,
        ),
      );
    case 6:
      return withBytes(chance, zip());
    case 7:
      return zip().slice(0, chance(zip().length));
    default:
      return text(spoilt(chance));
  }
}

async function read(bytes: Uint8Array): Promise<Household> {
  const file = new Blob([bytes as Uint8Array<ArrayBuffer>]);
  if (!(await isArchive(file))) return readHouseholdFile(await readTextFile(file));
  const { household, photos } = await readArchive(file);
  await readPhotos(file, photos, () => Promise.resolve());
  return readHouseholdFile(household);
}

test(`${FILES} files gone wrong never crash the reading, never change what is here, and the first thing wrong is named`, async () => {
  const repository = createRepository(await openStore("fuzz"));
  await repository.commit(putAll(small));
  const before = JSON.stringify(await repository.everything());
  const generator = xoroshiro128plus(20261126);
  const chance: Chance = (below) => uniformInt(generator, 0, below - 1);
  let refused = 0;
  for (let i = 0; i < FILES; i++) {
    try {
      const household = await read(mutated(i, chance));
      // What gets through is a household in full, and can be put together with this one.
      expect(householdSchema.safeParse(household).success).toBe(true);
      expect(householdSchema.safeParse(mergeHouseholds(small, household).merged).success).toBe(true);
    } catch (error) {
      if (!(error instanceof InputError)) throw new Error(`File ${i}: ${String(error)}`, { cause: error });
      expect(error.message).toMatch(/^[A-Z].{15,}\.$/s);
      refused++;
    }
  }
  expect(refused).toBeGreaterThan(FILES / 2);
  expect(JSON.stringify(await repository.everything())).toBe(before);
  expect(({} as Record<string, unknown>).toString).toBe(Object.prototype.toString);
}, 120_000);

test("text is read as what it was written in", () => {
  expect(decodeText(new Uint8Array(Buffer.from("\ufeffGrüße", "utf16le")))).toContain("Grüße");
  expect(decodeText(new Uint8Array(Buffer.from("Grüße", "latin1")))).toBe("Grüße");
  expect(decodeText(new TextEncoder().encode("Grüße"))).toBe("Grüße");
});

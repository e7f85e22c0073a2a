import { strToU8, zipSync } from "fflate";
import { readArchive, readPhotos, writeArchive } from "./archive";
import type { Picture } from "./store";

const takenAt = "2026-11-24T12:00:00.000Z";
/** Bytes of a photo that hold what a zip uses as marks of its own. */
const bytes = (length: number, seed: number) =>
  Uint8Array.from(
    { length },
    (_, i) =>
      [0xff, 0xd8, 0xff][i] ??
      [0x50, 0x4b, 0x07, 0x08, 0x50, 0x4b, 0x03, 0x04, 0x01, 0x02, seed][(i * 7 + seed) % 11] ??
      0,
  );
const pictures: Record<string, Picture> = Object.fromEntries(
  Array.from({ length: 12 }, (_, i) => [
    `p${i}`,
    {
      jpeg: new Blob([bytes(60_000 + i, i)]),
      takenAt,
      ...(i === 3 ? { original: new Blob([bytes(1_500_000, 4)]) } : {}),
    },
  ]),
);

const TEXT = JSON.stringify({ format: "vest-pocket household", note: "ü ".repeat(5000) });
const written = () => writeArchive(TEXT, Object.keys(pictures), (id) => Promise.resolve(pictures[id]));

test("text and photos come back byte for byte, and progress is told", async () => {
  const told: number[] = [];
  const file = await writeArchive(
    TEXT,
    [...Object.keys(pictures), "gone"],
    (id) => Promise.resolve(pictures[id]),
    (done, of) => told.push(done / of),
  );
  expect(told.at(-1)).toBe(1);
  const { household, photos } = await readArchive(file);
  expect(household).toBe(TEXT);
  const back: Record<string, Picture> = {};
  await readPhotos(file, photos, (few) => {
    Object.assign(back, few);
    return Promise.resolve();
  });
  expect(Object.keys(back).sort()).toEqual(Object.keys(pictures).sort());
  const bytesIn = async (blob: Blob | undefined) =>
    blob && Buffer.from(await blob.arrayBuffer()).toString("latin1");
  for (const [id, { jpeg, original }] of Object.entries(pictures)) {
    expect((await bytesIn(back[id]?.jpeg)) === (await bytesIn(jpeg))).toBe(true);
    expect((await bytesIn(back[id]?.original)) === (await bytesIn(original))).toBe(true);
  }
});

test("an archive that is cut anywhere is refused with a sentence", async () => {
  const file = await written();
  for (const share of [0.001, 0.02, 0.3, 0.7, 0.99]) {
    const cut = file.slice(0, Math.floor(file.size * share));
    const reading = readArchive(cut).then(({ photos }) => readPhotos(cut, photos, () => Promise.resolve()));
    await expect(reading).rejects.toThrow(/breaks off/);
  }
});

test.each([
  ["another zip", { "a.txt": strToU8("a") }, "holds no household.json"],
  ["no index", { "household.json": strToU8("{}") }, "holds no photos.json"],
  [
    "an index of something else",
    { "household.json": strToU8("{}"), "photos.json": strToU8("[]") },
    "photos.json cannot be read",
  ],
])("%s is refused", async (_, files, says) => {
  await expect(readArchive(new Blob([zipSync(files)]))).rejects.toThrow(says);
});

test("a zip bomb is refused by what it says it unpacks to, and one that lies unpacks to no more than it says", async () => {
  const small = zipSync(
    { "household.json": new Uint8Array(2_000_000), "photos.json": strToU8('{"photos":{}}') },
    { level: 9 },
  );
  const saying = (bytes: number) => {
    const bomb = small.slice();
    // The size unpacked stands 24 bytes into the first entry of the directory at the end (PKWARE APPNOTE
    // 4.3.12).
    const view = new DataView(bomb.buffer);
    const entry =
      Array.from(bomb.keys()).findLast(
        (at) =>
          at + 28 < bomb.length &&
          view.getUint32(at, true) === 0x02014b50 &&
          bomb[at + 46] === "h".charCodeAt(0),
      ) ?? 0;
    view.setUint32(entry + 24, bytes, true);
    return new Blob([bomb]);
  };
  await expect(readArchive(saying(4_000_000_000))).rejects.toThrow("It is not one of ours");
  await expect(readArchive(saying(1000))).rejects.toThrow("is not what was packed");
});

test("a digit flipped in the packed text, a locked entry, a file that is there twice and a photo that is none are refused", async () => {
  const sound = zipSync({
    "household.json": [strToU8('{"torque": 110}'), { level: 0 }],
    "photos.json": strToU8('{"photos":{}}'),
  });
  const changed = (how: (bytes: Uint8Array, entry: number) => void) => {
    const bytes = sound.slice();
    const view = new DataView(bytes.buffer);
    const entry =
      Array.from(bytes.keys()).find(
        (at) => at + 4 < bytes.length && view.getUint32(at, true) === 0x02014b50,
      ) ?? 0;
    how(bytes, entry);
    return new Blob([bytes]);
  };
  const flipped = changed((bytes) => {
    const at = Buffer.from(bytes).indexOf("110");
    bytes[at] = "9".charCodeAt(0);
  });
  await expect(readArchive(flipped)).rejects.toThrow("not what was packed");
  await expect(
    readArchive(changed((bytes, entry) => (bytes[entry + 8] = (bytes[entry + 8] ?? 0) | 1))),
  ).rejects.toThrow("locked with a password");
  const page = await writeArchive(TEXT, ["x"], () =>
    Promise.resolve({ jpeg: new Blob(["<html>"]), takenAt }),
  );
  await expect(readPhotos(page, (await readArchive(page)).photos, () => Promise.resolve())).rejects.toThrow(
    "is no photo",
  );
});

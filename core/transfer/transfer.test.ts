import fc from "fast-check";
import { uniformInt } from "pure-rand/distribution/uniformInt";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { blockCount, blocksIn, gather, mixed } from "./fountain";
import { BLOCK_BYTES, MOST_BYTES, framesOnce, readFrame, writeFrame } from "./frame";

const OF = "00112233445566778899aabbccddeeff";

const bytesOf = (length: number, seed = 1): Uint8Array => {
  const random = xoroshiro128plus(seed);
  return Uint8Array.from({ length }, () => uniformInt(random, 0, 255));
};

test("whichever frames come, in whatever order and however often: hardly more than there are blocks put it together", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 3000 }),
      fc.integer({ min: 8, max: 700 }),
      fc.integer({ min: 0, max: 1_000_000 }),
      fc.integer(),
      (length, blockBytes, from, seed) => {
        const data = bytesOf(length, seed);
        const count = blockCount(length, blockBytes);
        const random = xoroshiro128plus(seed);
        const gathering = gather(length, blockBytes);
        let shown = 0;
        while (gathering.known < gathering.needed) {
          // Some twice, some never; it may be begun in the middle.
          const frame = readFrame(
            writeFrame(data, OF, from + uniformInt(random, 0, 4 * count + 40), blockBytes),
          );
          if (!frame) throw new Error("a frame that was just written is read");
          gathering.take(frame.frame, frame.data);
          if (++shown > 20 * count + 400) throw new Error("it never comes to an end");
        }
        expect(Buffer.compare(gathering.whole() ?? new Uint8Array(), data)).toBe(0);
      },
    ),
    { numRuns: 40 },
  );
});

test("two hundred thousand bytes with 30 in 100 frames lost: less than 600 frames are shown", () => {
  const data = bytesOf(200_000);
  const random = xoroshiro128plus(7);
  const gathering = gather(data.length, BLOCK_BYTES);
  let shown = 0;
  for (; gathering.known < gathering.needed && shown < 2000; shown++) {
    if (uniformInt(random, 0, 99) < 30) continue;
    const frame = readFrame(writeFrame(data, OF, shown));
    if (frame) gathering.take(frame.frame, frame.data);
  }
  expect(Buffer.compare(gathering.whole() ?? data.subarray(1), data)).toBe(0);
  expect(shown).toBeLessThan(600);
  expect(shown).toBeGreaterThan(framesOnce(data.length));
});

test("frames beyond the first round are about half of all blocks, and the same every time", () => {
  expect(blocksIn(3, 8)).toEqual([3]);
  const sizes = Array.from({ length: 200 }, (_, i) => blocksIn(1000 + i, 100).length);
  expect(sizes.reduce((sum, one) => sum + one, 0) / sizes.length).toBeCloseTo(50, -1);
  // Published values of the finalizer.
  expect([mixed(0), mixed(1), mixed(0xffffffff)]).toEqual([0, 0x514e28b7, 0x81f16f39]);
});

test("a code that is no frame, or was misread, is passed over; one of another form or too large is refused", () => {
  const good = writeFrame(bytesOf(1000), OF, 2);
  expect(readFrame(good)?.of).toBe(OF.slice(0, 16));
  expect(
    readFrame(new TextEncoder().encode("https://elsewhere.test/a-code-of-somebody-else")),
  ).toBeUndefined();
  for (const at of [5, 30, good.length - 1])
    expect(readFrame(good.map((byte, i) => (i === at ? byte ^ 4 : byte)))).toBeUndefined();
  expect(() => readFrame(writeFrame(new Uint8Array(MOST_BYTES + 1), OF, 0))).toThrow(
    "Bring it over as a file",
  );
  fc.assert(fc.property(fc.uint8Array({ maxLength: 900 }), (bytes) => readFrame(bytes) === undefined));
});

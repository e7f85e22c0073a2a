import { readFileSync } from "node:fs";
import { uniformInt } from "pure-rand/distribution/uniformInt";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { encode } from "uqr";
import { prepareZXingModule, readBarcodes } from "zxing-wasm/reader";
import { gather } from "@/core/transfer/fountain";
import { BLOCK_BYTES, readFrame, writeFrame } from "@/core/transfer/frame";
import { line, part } from "./measure";

/** How long a code is shown, ms; and what a transfer of 200 kB may take. */
const SHOWN_MS = 100;
const BYTES = 200_000;
const MOST_S = 60;
const LOST_IN_HUNDRED = 30;
const [WIDTH, HEIGHT] = [1280, 720];
const LOOKS = 24;
const OF = "00112233445566778899aabbccddeeff";

const random = xoroshiro128plus(200);
const data = Uint8Array.from({ length: BYTES }, () => uniformInt(random, 0, 255));

/** A frame as a camera sees it: the code in the middle, noise over all of it. */
function seen(frame: number): Uint8ClampedArray {
  const { size, data: dark } = encode([...writeFrame(data, OF, frame)], {
    ecc: "L",
    boostEcc: false,
    border: 4,
  });
  const scale = Math.floor((HEIGHT * 0.9) / size);
  const [left, top] = [(WIDTH - size * scale) >> 1, (HEIGHT - size * scale) >> 1];
  const pixels = new Uint8ClampedArray(WIDTH * HEIGHT * 4);
  for (let y = 0; y < HEIGHT; y++)
    for (let x = 0; x < WIDTH; x++) {
      const [row, column] = [Math.floor((y - top) / scale), Math.floor((x - left) / scale)];
      const inside = row >= 0 && row < size && column >= 0 && column < size;
      const code = dark[row]?.[column] ? 20 : 235;
      const grey = (inside ? code : 120) + uniformInt(random, -50, 50);
      pixels.set([grey, grey, grey, 255], (y * WIDTH + x) * 4);
    }
  return pixels;
}

/** Looking at codes and putting them together, against the time that a code is shown and a transfer may take. */
async function main(): Promise<void> {
  const wasmBinary = new Uint8Array(readFileSync("node_modules/zxing-wasm/dist/reader/zxing_reader.wasm"))
    .buffer;
  await prepareZXingModule({ overrides: { wasmBinary }, fireImmediately: true });
  const pictures = Array.from({ length: LOOKS }, (_, i) => seen(i));
  const times: number[] = [];
  let read = 0;
  for (const pixels of pictures) {
    const begun = performance.now();
    const picture = { data: pixels, width: WIDTH, height: HEIGHT, colorSpace: "srgb" } as ImageData;
    const [code] = await readBarcodes(picture, {
      formats: ["QRCode"],
      tryHarder: false,
      maxNumberOfSymbols: 1,
    });
    times.push(performance.now() - begun);
    if (code && readFrame(code.bytes)) read++;
  }
  times.sort((a, b) => a - b);
  const middle = times[times.length >> 1] ?? NaN;

  const gathering = gather(BYTES, BLOCK_BYTES);
  let shown = 0;
  const begun = performance.now();
  for (; gathering.known < gathering.needed; shown++) {
    if (uniformInt(random, 0, 99) < LOST_IN_HUNDRED) continue;
    const frame = readFrame(writeFrame(data, OF, shown));
    if (frame) gathering.take(frame.frame, frame.data);
  }
  const together = performance.now() - begun;
  part("Codes from screen to camera");
  line(`${read} of ${LOOKS}`, "read under noise");
  line(
    (middle / SHOWN_MS).toFixed(2),
    `of the ${SHOWN_MS} ms that a code is shown is a look at ${WIDTH}×${HEIGHT}`,
  );
  line(
    ((shown * SHOWN_MS) / 1000 / MOST_S).toFixed(2),
    `of ${MOST_S} s for 200 kB with ${LOST_IN_HUNDRED} in 100 lost, ${shown} codes`,
  );
  line((together / (shown * SHOWN_MS)).toFixed(3), "of that time is putting them together");
}

void main();

import { expose } from "comlink";
import { type ReaderOptions, prepareZXingModule, readBarcodes } from "zxing-wasm/reader";
import { type Gathering, gather } from "@/core/transfer/fountain";
import { readFrame } from "@/core/transfer/frame";
import { hashOf } from "@/data/transfer";

/** Frames of what was not finished are kept here, so that a transfer that was torn off goes on. */
const HALF_READ = "half read";
const at = (of: string) => `/half-read/${of}`;
/** After so many new frames they are kept. */
const KEPT_EVERY = 12;

/** One code in the middle of the picture, however it is turned. */
const HOW: ReaderOptions = {
  formats: ["QRCode"],
  tryHarder: false,
  tryInvert: false,
  tryDownscale: false,
  maxNumberOfSymbols: 1,
};

const wasm = new URL("zxing-wasm/reader/zxing_reader.wasm", import.meta.url).href;
prepareZXingModule({
  overrides: {
    // It is served with the app; a worker's own address tells from where.
    locateFile: () => new URL(wasm, self.location.origin).href,
  },
});

/** How far the reading has come. */
export type Seen =
  | { kind: "nothing" }
  | { kind: "words"; text: string }
  | { kind: "part"; known: number; needed: number }
  | { kind: "whole"; data: Uint8Array };

let of: string | undefined;
let gathering: Gathering | undefined;
let blockBytes = 0;
let frames: { frame: number; data: Uint8Array }[] = [];

/** Looks at pictures for codes, and puts together what they carry; away from the screen, as a look takes its time. */
const worker = {
  /** @throws InputError, as a plain error over the wire, for codes of a newer form or of too much. */
  async look(picture: ImageData): Promise<Seen> {
    const [code] = await readBarcodes(picture, HOW);
    if (!code) return { kind: "nothing" };
    const frame = readFrame(code.bytes);
    if (!frame) return code.text === "" ? { kind: "nothing" } : { kind: "words", text: code.text };
    if (frame.of !== of || !gathering) {
      of = frame.of;
      blockBytes = frame.blockBytes;
      gathering = gather(frame.bytes, frame.blockBytes);
      frames = [];
      await goOn(gathering);
    }
    if (gathering.take(frame.frame, frame.data)) {
      frames.push({ frame: frame.frame, data: frame.data });
      if (frames.length % KEPT_EVERY === 0) await keep();
    }
    const data = gathering.whole();
    if (!data) return { kind: "part", known: gathering.known, needed: gathering.needed };
    const good = (await hashOf(data)).startsWith(of);
    await forget();
    gathering = undefined;
    if (!good) throw new Error("What came over is not what was sent. Read it again.");
    return { kind: "whole", data };
  },

  /** Keeps what was read so far. */
  async rest(): Promise<void> {
    if (gathering && frames.length > 0) await keep();
  },
};

/** Takes up what was kept of the same data. */
async function goOn(into: Gathering): Promise<void> {
  if (typeof caches === "undefined" || of === undefined) return;
  const kept = await (await caches.open(HALF_READ)).match(at(of)).catch(() => undefined);
  if (!kept) return;
  const read = new Uint8Array(await kept.arrayBuffer());
  const view = new DataView(read.buffer);
  for (let start = 0; start + 4 + blockBytes <= read.length; start += 4 + blockBytes) {
    const [frame, data] = [view.getUint32(start), read.slice(start + 4, start + 4 + blockBytes)];
    if (into.take(frame, data)) frames.push({ frame, data });
  }
}

async function keep(): Promise<void> {
  if (typeof caches === "undefined" || of === undefined) return;
  const all = new Uint8Array(frames.length * (4 + blockBytes));
  const view = new DataView(all.buffer);
  for (const [i, { frame, data }] of frames.entries()) {
    view.setUint32(i * (4 + blockBytes), frame);
    all.set(data, i * (4 + blockBytes) + 4);
  }
  // Only of one transfer: what was never finished does not pile up.
  await caches.delete(HALF_READ);
  await (await caches.open(HALF_READ)).put(at(of), new Response(all));
}

async function forget(): Promise<void> {
  if (typeof caches !== "undefined") await caches.delete(HALF_READ);
}

export type CameraWorker = typeof worker;
expose(worker);

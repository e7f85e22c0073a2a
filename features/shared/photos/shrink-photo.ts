import { InputError } from "@/core/input-error";
import type { Picture } from "@/data/store";

/** What a kept photo may weigh, bytes: several hundred fit where a browser gives least. */
const KEPT_BYTES = 300_000;
/** Longest edge, px: enough to read a routing, a mark or a part number. */
const LONGEST_EDGE = 1600;

/**
 * A photo as it is kept: at most 1600 px along its longest edge and about 300 kB as JPEG.
 * @param withOriginal whether the camera's own file is kept beside it.
 * @throws InputError when the file is no picture that this browser can read.
 */
export async function shrinkPhoto(file: File, withOriginal: boolean): Promise<Picture> {
  const bitmap = await createImageBitmap(file).catch(() => {
    throw new InputError(`“${file.name}” is not a picture this browser can read. Take it as JPEG or PNG.`);
  });
  let edge = Math.min(LONGEST_EDGE, Math.max(bitmap.width, bitmap.height));
  let jpeg = await draw(bitmap, edge, 0.8);
  for (let quality = 0.65; jpeg.size > KEPT_BYTES && edge > 320; quality = 0.6) {
    edge *= quality === 0.65 ? 1 : 0.8;
    jpeg = await draw(bitmap, edge, quality);
  }
  bitmap.close();
  return {
    jpeg,
    ...(withOriginal ? { original: file } : {}),
    takenAt: new Date().toISOString(),
  };
}

async function draw(bitmap: ImageBitmap, edge: number, quality: number): Promise<Blob> {
  const scale = edge / Math.max(bitmap.width, bitmap.height);
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext("2d")?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, "image/jpeg", quality));
  if (!blob)
    throw new InputError("This browser could not make a small photo of it. Close other tabs and try again.");
  return blob;
}

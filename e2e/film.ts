import { writeFile } from "node:fs/promises";
import { uniformInt } from "pure-rand/distribution/uniformInt";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import type { Page } from "./page";

const WIDTH = 640;
const HEIGHT = 480;

/** The codes that a page shows, one after another, as a camera in front of it would see them: grey, a byte a point. */
export async function filmed(page: Page, frames: number): Promise<Buffer[]> {
  const film: Buffer[] = [];
  const seen = new Set<string>();
  for (let tries = 0; film.length < frames && tries < frames * 30; tries++) {
    const picture = await page.driver.executeScript<string>(
      `const code = document.querySelector("canvas[role=img]");
       if (!code || code.width === 0) return "";
       const to = document.createElement("canvas"); to.width = ${WIDTH}; to.height = ${HEIGHT};
       const pen = to.getContext("2d"); pen.fillStyle = "#888"; pen.fillRect(0, 0, ${WIDTH}, ${HEIGHT});
       pen.drawImage(code, ${(WIDTH - HEIGHT) / 2 + 4}, 4, ${HEIGHT - 8}, ${HEIGHT - 8});
       const { data } = pen.getImageData(0, 0, ${WIDTH}, ${HEIGHT});
       let text = ""; for (let i = 0; i < data.length; i += 4) text += String.fromCharCode(data[i]);
       return btoa(text);`,
    );
    if (picture === "" || seen.has(picture)) continue;
    seen.add(picture);
    film.push(Buffer.from(picture, "base64"));
  }
  if (film.length < frames) throw new Error(`Only ${film.length} codes were shown.`);
  return film;
}

/** A film of pictures with noise over them, some of them lost, each as long as it is shown; YUV4MPEG2, ten a second. */
export async function writeFilm(
  path: string,
  pictures: readonly Buffer[],
  lostInHundred: number,
): Promise<void> {
  const random = xoroshiro128plus(20);
  const parts: Buffer[] = [Buffer.from(`YUV4MPEG2 W${WIDTH} H${HEIGHT} F10:1 Ip A1:1 C420jpeg\n`)];
  const grey = Buffer.alloc((WIDTH * HEIGHT) / 2, 128);
  for (const picture of pictures) {
    if (uniformInt(random, 0, 99) < lostInHundred) continue;
    const noisy = Buffer.from(picture);
    // A third of all points are off by up to a quarter of the whole range.
    for (let i = 0; i < noisy.length; i += 1 + uniformInt(random, 0, 4))
      noisy[i] = Math.max(0, Math.min(255, (noisy[i] ?? 0) + uniformInt(random, -64, 64)));
    parts.push(Buffer.from("FRAME\n"), noisy, grey);
  }
  await writeFile(path, Buffer.concat(parts));
}

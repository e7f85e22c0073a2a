/** So much of a narration is read at once: three hours of talk. */
export const MOST_LETTERS = 200_000;

/**
 * The words of a file that a narration comes in: captions without their numbers and times, a page without its
 * tags, Markdown and text as they are. Source: WebVTT (W3C, 2019), section 4; SubRip as captions are commonly
 * written.
 * @param name the file's name: its ending tells captions from pages.
 */
export function plainTextOf(name: string, content: string): string {
  const text = content.replace(/^\uFEFF/, "").replace(/\r\n?/g, "\n");
  if (/\.(?:srt|vtt)$/i.test(name) || /^WEBVTT\b/.test(text)) return captions(text);
  if (/\.html?$/i.test(name)) return page(text);
  return text.trim();
}

const TIMES = /^(?:\d{1,3}:)?\d{1,2}:\d{2}[.,]\d{1,3}\s*-->/;

function captions(text: string): string {
  const lines = text
    .replace(/^WEBVTT[^\n]*\n(?:[^\n]+\n)*/, "")
    .replace(/^(?:NOTE|STYLE|REGION)\b[^\n]*\n(?:[^\n]+\n)*/gm, "")
    .split("\n");
  const said = lines
    .filter((line, i) => line.trim() !== "" && !TIMES.test(line) && !TIMES.test(lines[i + 1] ?? ""))
    .map((line) => line.replace(/<[^>]*>/g, "").trim());
  // Rolling captions say each line twice.
  return said
    .filter((line, i) => line !== said[i - 1])
    .join(" ")
    .trim();
}

const SIGNS: Readonly<Record<string, string>> = {
  amp: "&",
  lt: "<",
  gt: ">",
  quot: '"',
  apos: "'",
  nbsp: " ",
  deg: "°",
  middot: "·",
  frac12: "½",
  frac14: "¼",
  frac34: "¾",
  times: "×",
  plusmn: "±",
};

function page(text: string): string {
  return text
    .replace(/<!--[\s\S]*?-->/g, "")
    .replace(/<(script|style|head|nav|svg)\b[\s\S]*?<\/\1\s*>/gi, "")
    .replace(/<(?:br|\/p|\/li|\/h\d|\/tr|\/div)\b[^>]*>/gi, "\n")
    .replace(/<[^>]*>/g, "")
    .replace(/&#(\d{1,6});/g, (_, code: string) => String.fromCodePoint(Math.min(0x10_ff_ff, Number(code))))
    .replace(/&([a-z]+\d*);/gi, (whole, sign: string) => SIGNS[sign.toLowerCase()] ?? whole)
    .replace(/[ \t]+/g, " ")
    .replace(/ ?\n ?/g, "\n")
    .replace(/\n{3,}/g, "\n\n")
    .trim();
}

import { readFileSync } from "node:fs";
import { PALETTE } from "./palette";

test("what the page is before any script has run is of the palette", () => {
  const css = readFileSync("app/base.css", "utf8");
  // Between the looks, white and black are the paper of glare, which is no colour of the palette.
  const beforeGlare = css.replace(/html\.glare[^}]*\}/g, "");
  const known = new Set(
    Object.values(PALETTE).flatMap(({ day, night }) => [day.toLowerCase(), night.toLowerCase()]),
  );
  expect(
    [...beforeGlare.matchAll(/#[0-9a-f]{6}/gi)]
      .map(([colour]) => colour.toLowerCase())
      .filter((colour) => !known.has(colour)),
  ).toEqual([]);
});

test("ink can be read on every paper, by day and by night (WCAG 2.2, 4.5 to 1)", () => {
  const light = (hex: string) => {
    const [r, g, b] = [1, 3, 5]
      .map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255)
      .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4)) as [number, number, number];
    return 0.2126 * r + 0.7152 * g + 0.0722 * b;
  };
  const contrast = (one: string, other: string) => {
    const [high, low] = [light(one), light(other)].sort((a, b) => b - a) as [number, number];
    return (high + 0.05) / (low + 0.05);
  };
  const pairs = [
    ["ink", "pad"],
    ["ink", "sheet"],
    ["soft", "sheet"],
    ["onDenim", "denim"],
    ["good", "sheet"],
    ["watch", "watchPaper"],
    ["stop", "stopPaper"],
    ["onMarker", "marker"],
  ] as const;
  for (const look of ["day", "night"] as const)
    for (const [on, paper] of pairs)
      expect([look, on, paper, contrast(PALETTE[on][look], PALETTE[paper][look]) >= 4.5]).toEqual([
        look,
        on,
        paper,
        true,
      ]);
});

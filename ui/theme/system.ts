import { createSystem, defaultBaseConfig, defineConfig } from "@chakra-ui/react";
import { PALETTE } from "./palette";

const TEXT = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";
const FIGURES = "'Barlow Condensed', 'Arial Narrow', sans-serif";

/** Chakra with our own tokens and none of its stock looks: every surface is drawn from these. */
const config = defineConfig({
  preflight: true,
  theme: {
    breakpoints: { sm: "480px", md: "768px", lg: "1024px", xl: "1280px" },
    tokens: {
      fonts: { body: { value: TEXT }, heading: { value: FIGURES } },
      spacing: Object.fromEntries(
        [1, 2, 3, 4, 5, 6, 7, 8, 10, 12, 16].map((n) => [n, { value: `${n * 4}px` }]),
      ),
      radii: { sheet: { value: "4px" }, button: { value: "6px" } },
    },
    semanticTokens: {
      colors: Object.fromEntries(
        Object.entries(PALETTE).map(([name, { day, night }]) => [
          name,
          { value: { base: day, _dark: night } },
        ]),
      ),
    },
  },
  globalCss: {
    "html, body": { fontFamily: "body", color: "ink", lineHeight: "1.4", fontVariantNumeric: "tabular-nums" },
    "h1, h2, h3, h4": { fontFamily: "heading", fontWeight: "600", lineHeight: "1.15" },
    "*:focus-visible": { outline: "3px solid", outlineColor: "drawing", outlineOffset: "2px" },
    "::selection": { background: "marker", color: "onMarker" },
  },
});

export const system = createSystem(defaultBaseConfig, config);

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

const made = createSystem(defaultBaseConfig, config);

/**
 * Each styled element asks for the styles of its recipe whenever it is drawn: they are worked out once for each
 * recipe.
 */
const recipes = new WeakMap<object, unknown>();
const cva = ((recipe: Parameters<typeof made.cva>[0]) => {
  const styles = recipes.get(recipe) ?? made.cva(recipe);
  recipes.set(recipe, styles);
  return styles;
}) as typeof made.cva;

export const system: typeof made = { ...made, cva };

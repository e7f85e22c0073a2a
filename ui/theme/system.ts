import { createSystem, defaultBaseConfig, defineConfig } from "@chakra-ui/react";

const TEXT = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";
const FIGURES = "'Barlow Condensed', 'Arial Narrow', sans-serif";

const day = (light: string, night: string) => ({ value: { base: light, _dark: night } });

/** Chakra with our own tokens and none of its stock looks: every surface is drawn from these. */
const config = defineConfig({
  preflight: true,
  theme: {
    breakpoints: { sm: "480px", md: "768px", lg: "1024px", xl: "1280px" },
    tokens: {
      fonts: { body: { value: TEXT }, heading: { value: FIGURES } },
      spacing: Object.fromEntries([1, 2, 3, 4, 5, 6, 7, 8, 10, 12, 16].map((n) => [n, { value: `${n * 4}px` }])),
      radii: { sheet: { value: "4px" }, button: { value: "6px" } },
    },
    semanticTokens: {
      colors: {
        pad: day("#E7EFE4", "#0E1612"),
        grid: day("#D9E6D5", "#14201A"),
        sheet: day("#F6FAF3", "#17221C"),
        raised: day("#FFFFFF", "#1E2B24"),
        edge: day("#C3D5BF", "#33463B"),
        ink: day("#15241E", "#E4EEE6"),
        soft: day("#4C6157", "#A9BBB0"),
        onInk: day("#FFFFFF", "#0E1612"),
        denim: day("#1F3B57", "#15293D"),
        onDenim: day("#E9F0F5", "#DCE6EE"),
        stitch: day("#7C93A8", "#5F7A92"),
        /** Drawings and the chosen thing: denim by day, its light side by night. */
        drawing: day("#1F3B57", "#9CC0E2"),
        marker: { value: "#D9F24B" },
        onMarker: { value: "#15241E" },
        good: day("#1E7B4B", "#63C994"),
        onGood: day("#FFFFFF", "#0E1612"),
        watch: day("#8A5A00", "#EBBE5A"),
        watchPaper: day("#FFF7E0", "#2A2312"),
        watchEdge: day("#E3C878", "#5C4A1C"),
        stop: day("#B4231F", "#FF938A"),
        stopPaper: day("#FDECEA", "#331816"),
      },
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

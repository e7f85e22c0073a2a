import { randomUUID } from "node:crypto";
import { createSerwistRoute } from "@serwist/turbopack";

/** Every page of the app; each is static, and what it is about stands in its query. */
const PAGES = ["/garage", "/plan", "/kit", "/day", "/work", "/log", "/bench", "/practise", "/files"];
/** A page has no hash in its name: one build's pages are told from the next one's by this. */
const revision = randomUUID();
/** As in next.config.ts: the demo is built apart. */
const BUILT_INTO = process.env.NEXT_PUBLIC_OPEN_WITH === "demo" ? ".next-demo" : ".next";
/** The solver of the shopping is the largest file there is. */
const LARGEST_BYTES = 6_000_000;

/**
 * The service worker, built together with the app, with the list of all that it keeps for when there is no
 * signal.
 */
export const { dynamic, dynamicParams, revalidate, generateStaticParams, GET } = createSerwistRoute({
  swSrc: "app/service-worker.ts",
  useNativeEsbuild: false,
  esbuildOptions: { sourcemap: false },
  globPatterns: [`${BUILT_INTO}/static/**/*.{js,css,woff2,wasm}`, "public/*.png"],
  maximumFileSizeToCacheInBytes: LARGEST_BYTES,
  additionalPrecacheEntries: [...PAGES, "/manifest.webmanifest", "/licences.json"].map((url) => ({
    url,
    revision,
  })),
});

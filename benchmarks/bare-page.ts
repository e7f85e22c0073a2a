import { execFileSync } from "node:child_process";
import { mkdirSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";

/** In the project, so that the same packages are found. */
const FOLDER = ".bare-page";

const FILES: Readonly<Record<string, string>> = {
  "package.json": `{ "name": "bare-page", "private": true }`,
  "next.config.mjs": `export default {
  turbopack: { root: ${JSON.stringify(process.cwd())} },
  typescript: { ignoreBuildErrors: true },
  experimental: { optimizePackageImports: ["@chakra-ui/react"] },
};`,
  "app/layout.jsx": `export default function Layout({ children }) {
  return <html lang="en"><body>{children}</body></html>;
}`,
  "app/page.jsx": `"use client";
import { Box, Button, ChakraProvider, createSystem, defaultBaseConfig } from "@chakra-ui/react";
import { useEffect, useState } from "react";
const system = createSystem(defaultBaseConfig);
export default function Page() {
  const [count, setCount] = useState(0);
  useEffect(() => { window.readyAt = performance.now(); }, []);
  return (
    <ChakraProvider value={system}>
      <Box as="main" padding="4"><Box as="h1" fontSize="30px">A bare page</Box>
        <Button onClick={() => setCount(count + 1)}>{count}</Button></Box>
    </ChakraProvider>
  );
}`,
};

/**
 * Builds a page with nothing on it but a heading and a button, of the same framework and interface library: the floor
 * that a first load is held against. @returns its folder, and how to throw it away.
 */
export function buildBarePage(): { folder: string; away: () => void } {
  const away = () => rmSync(FOLDER, { recursive: true, force: true });
  away();
  for (const [file, text] of Object.entries(FILES)) {
    const path = join(FOLDER, file);
    mkdirSync(join(path, ".."), { recursive: true });
    writeFileSync(path, text);
  }
  execFileSync(process.execPath, ["node_modules/next/dist/bin/next", "build", FOLDER], {
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", NODE_ENV: "production" },
    stdio: ["ignore", "ignore", "inherit"],
  });
  return { folder: FOLDER, away };
}

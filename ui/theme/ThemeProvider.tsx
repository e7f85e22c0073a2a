"use client";

import { ChakraProvider } from "@chakra-ui/react";
import createCache from "@emotion/cache";
import { CacheProvider } from "@emotion/react";
import { useServerInsertedHTML } from "next/navigation";
import { ThemeProvider as LookProvider } from "next-themes";
import { type ReactNode, useState } from "react";
import { LOOKS } from "./look";
import { system } from "./system";

/**
 * Chakra with our tokens, in the look that was chosen or that the device asks for, set before the first
 * paint. On the server the styles that were used are gathered into one tag in the head, instead of beside
 * each element, so that the page hydrates as it was sent.
 */
export function ThemeProvider({ children }: { children: ReactNode }) {
  const [{ cache, takeNew }] = useState(gatheringCache);
  useServerInsertedHTML(() => {
    const names = takeNew();
    if (names.length === 0) return null;
    const css = names.map((name) => cache.inserted[name]).filter((one) => typeof one === "string");
    return (
      <style
        data-emotion={`${cache.key} ${names.join(" ")}`}
        dangerouslySetInnerHTML={{ __html: css.join("") }}
      />
    );
  });
  return (
    <CacheProvider value={cache}>
      <ChakraProvider value={system}>
        <LookProvider
          attribute="class"
          storageKey="look"
          themes={[...LOOKS, "dark"]}
          value={CLASS_OF}
          enableColorScheme={false}
        >
          {children}
        </LookProvider>
      </ChakraProvider>
    </CacheProvider>
  );
}

/** The class of the page for each look; "dark" is what a device asks for. */
const CLASS_OF = { light: "light", night: "dark", dark: "dark", glare: "glare" };

function gatheringCache() {
  const cache = createCache({ key: "vp" });
  cache.compat = true;
  const insert = cache.insert;
  let fresh: string[] = [];
  cache.insert = (selector, serialized, sheet, shouldCache) => {
    if (cache.inserted[serialized.name] === undefined) fresh.push(serialized.name);
    return insert(selector, serialized, sheet, shouldCache);
  };
  const takeNew = () => {
    const names = fresh;
    fresh = [];
    return names;
  };
  return { cache, takeNew };
}

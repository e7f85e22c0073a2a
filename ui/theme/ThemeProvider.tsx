"use client";

import { ChakraProvider } from "@chakra-ui/react";
import createCache from "@emotion/cache";
import { CacheProvider } from "@emotion/react";
import { useServerInsertedHTML } from "next/navigation";
import { type ReactNode, useState } from "react";
import { system } from "./system";

/**
 * Chakra with our tokens. On the server the styles that were used are gathered into one tag in the head,
 * instead of beside each element, so that the page hydrates as it was sent.
 */
export function ThemeProvider({ children }: { children: ReactNode }) {
  const [{ cache, takeNew }] = useState(gatheringCache);
  useServerInsertedHTML(() => {
    const names = takeNew();
    if (names.length === 0) return null;
    const css = names.map((name) => cache.inserted[name]).filter((one) => typeof one === "string");
    return <style data-emotion={`${cache.key} ${names.join(" ")}`} dangerouslySetInnerHTML={{ __html: css.join("") }} />;
  });
  return (
    <CacheProvider value={cache}>
      <ChakraProvider value={system}>{children}</ChakraProvider>
    </CacheProvider>
  );
}

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

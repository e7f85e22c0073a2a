"use client";

import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import Link from "next/link";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { filesHref } from "../shell/addresses";
import { BringIn } from "./BringIn";

/** Where the service worker keeps a file that another app has shared. */
const SHARED_CACHE = "shared words";
const SHARED_AT = "/shared-file";

/** The file; it stays until another is shared, so that leaving loses nothing. */
async function sharedFile(): Promise<File | null> {
  if (typeof caches === "undefined") return null;
  const cache = await caches.open(SHARED_CACHE);
  const kept = await cache.match(SHARED_AT);
  if (!kept) return null;
  const name = decodeURIComponent(kept.headers.get("x-file-name") ?? "shared.json");
  return new File([await kept.blob()], name);
}

/** A household file that another app has shared: what it would do, before anything changes. */
export function SharedFile() {
  const { data: file } = useQuery({ queryKey: ["shared file"], queryFn: sharedFile, staleTime: Infinity });
  if (file === undefined) return <Loading />;
  return (
    <Box display="grid" gap="18px" maxWidth="720px" marginInline="auto">
      {file ? (
        <BringIn given={{ file }} />
      ) : (
        <Sheet title="Nothing was shared">
          No file has come from another app. <Link href={filesHref()}>Choose one in Files</Link>.
        </Sheet>
      )}
    </Box>
  );
}

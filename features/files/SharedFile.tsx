"use client";

import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import Link from "next/link";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { sharedIn } from "../shared/shared-in";
import { filesHref } from "../shell/addresses";
import { BringIn } from "./BringIn";

/** A household file that another app has shared: what it would do, before anything changes. */
export function SharedFile() {
  // It stays until another is shared, so that leaving loses nothing.
  const { data: file } = useQuery({
    queryKey: ["shared file"],
    queryFn: async () => (await sharedIn("file")) ?? null,
    staleTime: Infinity,
  });
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

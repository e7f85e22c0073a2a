"use client";

import { Box } from "@chakra-ui/react";
import { usePathname } from "next/navigation";
import { useEffect } from "react";
import { useCollection, useSetting } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { helpOf } from "./screen-help";

/**
 * What to do first on a screen, in one line, the first time it is opened and until another is. Where there is no
 * vehicle yet the screens say that themselves.
 */
export function FirstLine() {
  const pathname = usePathname();
  const [path = "", help] = helpOf(pathname) ?? [];
  const [kept, save] = useSetting("first lines");
  const any = (useCollection("vehicles")?.length ?? 0) > 0;
  const { read, at } = kept ?? { read: [], at: "" };
  const turned = kept !== undefined && any && help !== undefined && at !== path;
  useEffect(() => {
    if (turned) void save({ read: [...new Set([...read, at])], at: path });
  });
  if (kept === undefined || !any || !help || read.includes(path)) return null;
  return (
    <Box
      role="note"
      // At work a phone has room for the step alone.
      display={{ base: path === "/work" ? "none" : "flex", lg: "flex" }}
      alignItems="center"
      gap="3"
      maxWidth="1440px"
      marginInline="auto"
      paddingInline={{ base: "12px", lg: "20px" }}
      background="raised"
      borderBottom="1px solid"
      borderColor="edge"
      fontSize="15px"
    >
      <Box as="span" flex="1">
        {help.first}
      </Box>
      <Button
        look="quiet"
        minHeight="44px"
        paddingInline="2"
        aria-label="Put this line away"
        onClick={() => void save({ read: [...read, path], at: path })}
      >
        ✕
      </Button>
    </Box>
  );
}

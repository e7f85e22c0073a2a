"use client";

import { Box } from "@chakra-ui/react";
import { useEffect, useRef } from "react";
import { Button } from "@/ui/Button";
import { Key } from "@/ui/Key";
import { useKey } from "../shell/keys";

interface ActionBarProps {
  says: string;
  /** Undefined while the step is not open yet. */
  onPrimary: (() => void) | undefined;
  onBack: (() => void) | undefined;
  /** The button takes the focus whenever this changes, so that Space always means it. */
  watchFor: string;
}

/** The one button, the way back, and their keys; within thumb reach on a phone. */
export function ActionBar({ says, onPrimary, onBack, watchFor }: ActionBarProps) {
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    button.current?.focus({ preventScroll: true });
  }, [watchFor]);
  // A key held down must not tick every bolt.
  useKey([" ", "Enter"], (event) => !event.repeat && onPrimary?.(), onPrimary !== undefined);

  return (
    <Box
      marginTop="auto"
      position={{ base: "sticky", lg: "static" }}
      bottom={{ base: "60px", lg: "auto" }}
      background="sheet"
      paddingBlock={{ base: "3", lg: "0" }}
      borderTop={{ base: "1px solid", lg: "none" }}
      borderColor="edge"
    >
      <Box display="flex" gap="3">
        <Button
          ref={button}
          look="primary"
          size="work"
          flex={{ base: "1", lg: "none" }}
          minWidth={{ lg: "220px" }}
          disabled={!onPrimary}
          onClick={onPrimary}
          onKeyDown={(event) => event.repeat && event.preventDefault()}
        >
          {onPrimary ? says : "Tick the four first"}
        </Button>
        <Button size="work" disabled={!onBack} onClick={onBack}>
          Take back
        </Button>
      </Box>
      <Box display={{ base: "none", lg: "flex" }} gap="5" marginTop="5" color="soft" alignItems="center" flexWrap="wrap">
        <span>
          <Key>Space</Key> {says.toLowerCase()}
        </span>
        <span>
          <Key>⌫</Key> take back
        </span>
        <span>
          <Key>←</Key> <Key>→</Key> other steps
        </span>
        <span>
          <Key>B</Key> bench
        </span>
      </Box>
    </Box>
  );
}

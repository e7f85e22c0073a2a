"use client";

import { Box } from "@chakra-ui/react";
import { type ReactNode, useEffect, useRef } from "react";
import { Button } from "@/ui/Button";
import { Key } from "@/ui/Key";
import { useKey } from "../../shell/keys";
import type { FaceProps } from "./face";
import type { Hold } from "./use-hold";

interface ActionBarProps {
  bar: FaceProps["bar"];
  says: string;
  /** Undefined while it cannot be pressed; `instead` then says what comes first. */
  onPrimary: (() => void) | undefined;
  instead?: string;
  /** The other answers to the same question. */
  others?: ReactNode;
  /** Where the button is held down instead of pressed. */
  hold?: Hold | undefined;
}

/**
 * The one button, the other answers, trouble and the way back, with their keys; within thumb reach on a
 * phone.
 */
export function ActionBar({
  bar: { onBack, onTrouble, watchFor },
  says,
  onPrimary,
  instead,
  others,
  hold,
}: ActionBarProps) {
  const button = useRef<HTMLButtonElement>(null);
  // The button takes the focus with every new thing to do, so that Space always means it.
  useEffect(() => {
    if (watchFor !== undefined) button.current?.focus({ preventScroll: true });
  }, [watchFor]);
  // A key held down must not tick every bolt. Foot switches send Page Down.
  useKey("primary", (event) => !event.repeat && onPrimary?.(), onPrimary !== undefined && !hold);
  useKey("trouble", () => onTrouble?.(), onTrouble !== undefined);

  const away = (
    <>
      {onTrouble && (
        <Button
          size="work"
          flex={{ base: "1", lg: "none" }}
          paddingInline={{ base: "3", lg: "6" }}
          onClick={onTrouble}
        >
          Not as planned
        </Button>
      )}
      <Button
        size="work"
        flex={{ base: "1", lg: "none" }}
        paddingInline={{ base: "3", lg: "6" }}
        disabled={!onBack}
        onClick={onBack}
      >
        Take back
      </Button>
    </>
  );
  return (
    <Box
      marginTop="auto"
      position={{ base: "sticky", lg: "static" }}
      bottom={{ base: "calc(60px / var(--work-zoom, 1))", lg: "auto" }}
      background="sheet"
      paddingBlock={{ base: "3", lg: "0" }}
      borderTop={{ base: "1px solid", lg: "none" }}
      borderColor="edge"
      zIndex="2"
      data-action-bar
    >
      <Box display="flex" gap="3" flexWrap="wrap">
        <Button
          ref={button}
          look="primary"
          size="work"
          flex={{ base: "1 1 100%", lg: "none" }}
          minWidth={{ lg: "200px" }}
          disabled={!onPrimary}
          onClick={onPrimary}
          onKeyDown={(event) => event.repeat && event.preventDefault()}
          data-testid="the-one"
          {...hold}
        >
          {onPrimary ? says : (instead ?? says)}
        </Button>
        {others || away}
      </Box>
      {others && (
        <Box display="flex" gap="3" marginTop="3">
          {away}
        </Box>
      )}
      <Box
        display={{ base: "none", lg: "flex" }}
        gap="5"
        marginTop="4"
        color="soft"
        alignItems="center"
        flexWrap="wrap"
      >
        <span>
          <Key>Space</Key> {says.toLowerCase()}
        </span>
        {onTrouble && (
          <span>
            <Key>T</Key> not as planned
          </span>
        )}
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

"use client";

import { Box } from "@chakra-ui/react";
import { type ReactNode, memo, useEffect, useRef } from "react";
import { Button } from "@/ui/Button";
import { Key } from "@/ui/Key";
import { CRAMPED } from "@/ui/use-wide";
import { useKey } from "../../shell/keys";
import { useHands } from "../hands/use-hands";
import { LONG_PRESS_MS, useLongPress } from "../hands/use-long-press";
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
  const [hands] = useHands();
  const long = useLongPress(hands.long && !hold, onPrimary);
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
      // A phone on its side: the buttons stand at the right, under the thumb.
      css={{
        [CRAMPED]: {
          position: "fixed",
          right: "24px",
          bottom: "72px",
          width: "236px",
          borderTop: "none",
          paddingBlock: "0",
          "& > *": { gap: "6px" },
          "& > * + *": { marginTop: "6px" },
        },
      }}
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
          {...long?.on}
          position="relative"
          overflow="hidden"
          css={{ touchAction: long ? "none" : undefined, userSelect: long ? "none" : undefined }}
        >
          {long?.held && <Filling />}
          {onPrimary ? `${says}${long ? ", hold" : ""}` : (instead ?? says)}
        </Button>
        {others || away}
      </Box>
      {others && (
        <Box display="flex" gap="3" marginTop="3">
          {away}
        </Box>
      )}
      <ByKeys says={says} trouble={onTrouble !== undefined} />
    </Box>
  );
}

/** The keys of the buttons, where there is a keyboard. */
const ByKeys = memo(function ByKeys({ says, trouble }: { says: string; trouble: boolean }) {
  return (
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
      {trouble && (
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
  );
});

/** How long it has been held, as a bar that fills. */
function Filling() {
  return (
    <Box
      aria-hidden
      position="absolute"
      insetInlineStart="0"
      bottom="0"
      height="8px"
      width="100%"
      background="marker"
      transformOrigin="left"
      css={{
        animation: `fill-up ${LONG_PRESS_MS}ms linear forwards`,
        "@keyframes fill-up": { from: { transform: "scaleX(0)" }, to: { transform: "scaleX(1)" } },
      }}
    />
  );
}

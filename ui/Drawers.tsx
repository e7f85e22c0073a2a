"use client";

import { Box, chakra } from "@chakra-ui/react";
import { type MouseEvent, type ReactNode, memo, useEffect, useRef } from "react";
import { Button } from "./Button";
import { CRAMPED } from "./use-wide";

const Dialog = chakra("dialog", {
  base: {
    margin: "0",
    marginLeft: "0",
    padding: "3",
    width: "min(86%, 380px)",
    height: "calc(100dvh / var(--work-zoom, 1))",
    maxHeight: "none",
    border: "none",
    background: "pad",
    color: "ink",
    overflowY: "auto",
    _backdrop: { background: "rgba(10, 20, 15, 0.6)" },
  },
  variants: { side: { left: {}, right: { marginLeft: "auto" } } },
});

interface Drawn {
  /** What is on its handle, in two or three words. */
  handle: string;
  children: ReactNode;
}

interface HandlesProps {
  left: Drawn;
  right: Drawn | undefined;
  /** Between the handles. */
  between?: ReactNode;
  /** Whatever is open goes away when this changes. */
  closeOn: string;
}

/** On a phone: the thing itself fills the screen, and what stands beside it is drawn in over it. */
export function Drawers({ children, ...handles }: HandlesProps & { children: ReactNode }) {
  return (
    <Box
      display="flex"
      flexDirection="column"
      gap="2"
      // What has its buttons at the side leaves them their room.
      css={{ [CRAMPED]: { "& section:has([data-action-bar])": { paddingRight: "272px" } } }}
    >
      <Handles {...handles} />
      {children}
    </Box>
  );
}

/** What is drawn in, by its handles: drawn anew only when what it holds is another. */
const Handles = memo(function Handles({ left, right, between, closeOn }: HandlesProps) {
  return (
    <Box
      display="flex"
      justifyContent="space-between"
      flexWrap="wrap"
      gap="2"
      css={{
        [CRAMPED]: {
          position: "fixed",
          right: "24px",
          top: "66px",
          width: "236px",
          zIndex: "3",
          "& button": { minHeight: "46px" },
        },
      }}
    >
      <Drawer side="left" closeOn={closeOn} {...left} />
      {between}
      {right && <Drawer side="right" closeOn={closeOn} {...right} />}
    </Box>
  );
});

function Drawer({ side, handle, closeOn, children }: Drawn & { side: "left" | "right"; closeOn: string }) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => dialog.current?.close(), [closeOn]);
  const beside = (event: MouseEvent) => {
    if (event.target === dialog.current) dialog.current?.close();
  };
  return (
    <>
      <Button
        fontSize="16px"
        paddingInline="2"
        minWidth="104px"
        minHeight="56px"
        onClick={() => dialog.current?.showModal()}
      >
        {handle}
      </Button>
      <Dialog ref={dialog} side={side} aria-label={handle} onClick={beside}>
        <Box display="flex" flexDirection="column" gap="3">
          <Button position="sticky" top="0" zIndex="1" size="work" onClick={() => dialog.current?.close()}>
            Close
          </Button>
          {children}
        </Box>
      </Dialog>
    </>
  );
}

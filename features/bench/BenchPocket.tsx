"use client";

import { Box } from "@chakra-ui/react";
import { usePathname } from "next/navigation";
import { useEffect, useRef, useState } from "react";
import { Button } from "@/ui/Button";
import { later } from "@/ui/later";
import { useKey } from "../shell/keys";

/** Fetched only once it is pulled out. */
const BenchInPocket = later(() => import("./BenchInPocket").then((module) => module.BenchInPocket));

/** The Bench, pulled out from the right edge of any screen. It keeps what was typed whether out or in. */
export function BenchPocket() {
  const pathname = usePathname();
  // Pulled out on one screen; turning to another puts it away.
  const [outOn, setOutOn] = useState<string>();
  const out = outOn === pathname;
  const setOut = (pulled: boolean) => setOutOn(pulled ? pathname : undefined);
  const panel = useRef<HTMLElement>(null);
  const tab = useRef<HTMLButtonElement>(null);
  const putAway = () => {
    setOut(false);
    tab.current?.focus();
  };
  const onItsOwnPage = pathname.startsWith("/bench");
  useKey("bench", () => setOut(!out), !onItsOwnPage);
  useKey("away", putAway, out);
  useEffect(() => {
    if (out) panel.current?.focus();
  }, [out]);

  if (onItsOwnPage) return <CurrentTab />;
  return (
    <>
      <Button
        ref={tab}
        onClick={() => setOut(!out)}
        aria-expanded={out}
        aria-controls="bench"
        position="fixed"
        zIndex={{ base: "21", lg: "15" }}
        right={{ base: "4px", lg: "0" }}
        top={{ base: "auto", lg: "50%" }}
        bottom={{ base: "4px", lg: "auto" }}
        transform={{ lg: "translateY(-50%)" }}
        writingMode={{ base: "horizontal-tb", lg: "vertical-rl" }}
        width={{ base: "62px", lg: "34px" }}
        minWidth="34px"
        minHeight={{ base: "56px", lg: "96px" }}
        padding="0"
        background="denim"
        color="onDenim"
        border="1px dashed"
        borderColor="stitch"
        borderRadius={{ base: "0 0 10px 10px", lg: "10px 0 0 10px" }}
        // It has this one place beside the tabs.
        css={{ textSizeAdjust: "none" }}
      >
        Bench
      </Button>
      {out && (
        <Box
          as="aside"
          id="bench"
          aria-label="Bench"
          ref={panel}
          position="fixed"
          zIndex="25"
          top={{ base: "0", lg: "56px" }}
          bottom="0"
          right="0"
          width={{ base: "100%", md: "440px" }}
          display="flex"
          flexDirection="column"
          background="sheet"
          borderLeft="6px solid"
          borderColor="denim"
          tabIndex={-1}
          outline="none"
        >
          <BenchInPocket onPutAway={putAway} />
        </Box>
      )}
    </>
  );
}

/** On the Bench's own page, the place of its tab at the foot of a phone. */
function CurrentTab() {
  return (
    <Box
      aria-hidden
      display={{ base: "flex", lg: "none" }}
      position="fixed"
      zIndex="21"
      right="4px"
      bottom="4px"
      width="62px"
      minHeight="56px"
      alignItems="center"
      justifyContent="center"
      background="pad"
      color="ink"
      fontFamily="heading"
      fontWeight="600"
      fontSize="18px"
      borderRadius="0 0 10px 10px"
    >
      Bench
    </Box>
  );
}

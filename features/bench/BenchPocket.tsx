"use client";

import { Box } from "@chakra-ui/react";
import { usePathname } from "next/navigation";
import { useEffect, useRef, useState } from "react";
import { Button } from "@/ui/Button";
import { useKey } from "../shell/keys";
import { AdapterBench } from "./AdapterBench";

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
  useKey(["b", "B"], () => setOut(!out));
  useKey("Escape", putAway, out);
  useEffect(() => {
    if (out) panel.current?.querySelector("input")?.focus();
  }, [out]);

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
          overflowY="auto"
          background="sheet"
          borderLeft="6px solid"
          borderColor="denim"
          padding={{ base: "4", lg: "5" }}
        >
          <Box display="flex" justifyContent="space-between" alignItems="center" marginBottom="3">
            <Box as="h2" fontSize="26px">
              Bench
            </Box>
            <Button look="quiet" onClick={putAway}>
              Put away
            </Button>
          </Box>
          <AdapterBench />
        </Box>
      )}
    </>
  );
}

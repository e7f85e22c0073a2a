"use client";

import { Box, chakra } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import { usePathname } from "next/navigation";
import { useRef, useState } from "react";
import { Button } from "@/ui/Button";
import { ExampleOf } from "@/ui/drawing/Examples";
import { Key } from "@/ui/Key";
import { Row, SheetTitle } from "@/ui/Sheet";
import { KEYS, useKey } from "./keys";
import { helpOf } from "./screen-help";

const Dialog = chakra("dialog", {
  base: {
    margin: "auto",
    padding: "5",
    width: "min(560px, calc(100vw - 24px))",
    border: "1px solid",
    borderColor: "edge",
    borderRadius: "sheet",
    background: "sheet",
    color: "ink",
    _backdrop: { background: "rgba(10, 20, 15, 0.6)" },
  },
});

/** Fetched once it is looked into. */
const CarWordList = dynamic(() => import("./CarWordList").then((module) => module.CarWordList), {
  ssr: false,
});

/** What this screen is for, and the keys, shown on "?". */
export function Help() {
  const dialog = useRef<HTMLDialogElement>(null);
  const [words, setWords] = useState(false);
  const pathname = usePathname();
  useKey("help", () => dialog.current?.showModal());
  const [, help] = helpOf(pathname) ?? [];
  return (
    <Dialog ref={dialog} aria-labelledby="help-title">
      <SheetTitle id="help-title">{help?.title ?? "Keys"}</SheetTitle>
      {help && (
        <>
          <ExampleOf of={help.example} />
          <Box as="ul" paddingLeft="5" marginBlock="3" listStyleType="disc">
            {help.lines.map((line) => (
              <Box as="li" key={line} marginBottom="1">
                {line}
              </Box>
            ))}
          </Box>
        </>
      )}
      <details onToggle={(event) => setWords(event.currentTarget.open)}>
        <Box as="summary" cursor="pointer" minHeight="44px" paddingTop="2" fontWeight="600">
          Words of the trade
        </Box>
        {words && <CarWordList />}
      </details>
      <details open={!help}>
        <Box as="summary" cursor="pointer" minHeight="44px" paddingTop="2" fontWeight="600">
          Keys
        </Box>
        {Object.values(KEYS).map((one) => (
          <Row key={one.says} label={one.says}>
            {one.shown.map((key, i) => (
              <span key={key}>
                {i > 0 && ("run" in one ? " to " : " or ")}
                <Key>{key}</Key>
              </span>
            ))}
          </Row>
        ))}
      </details>
      <Button marginTop="4" look="primary" onClick={() => dialog.current?.close()}>
        Close
      </Button>
    </Dialog>
  );
}

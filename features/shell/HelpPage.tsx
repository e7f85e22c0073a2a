"use client";

import { Box } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import { usePathname } from "next/navigation";
import { useState } from "react";
import { Button } from "@/ui/Button";
import { ExampleOf } from "@/ui/drawing/Examples";
import { Key } from "@/ui/Key";
import { Row, SheetTitle } from "@/ui/Sheet";
import { KEYS } from "./keys";
import { helpOf } from "./screen-help";

/** Fetched once it is looked into. */
const CarWordList = dynamic(() => import("./CarWordList").then((module) => module.CarWordList), {
  ssr: false,
});

/** What a screen is for, the words of the trade, and the keys. */
export function HelpPage({ onClose }: { onClose: () => void }) {
  const [words, setWords] = useState(false);
  const pathname = usePathname();
  const [, help] = helpOf(pathname) ?? [];
  return (
    <>
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
      <Button marginTop="4" look="primary" onClick={onClose}>
        Close
      </Button>
    </>
  );
}

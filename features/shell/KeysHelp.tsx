"use client";

import { chakra } from "@chakra-ui/react";
import { useRef } from "react";
import { Button } from "@/ui/Button";
import { Key } from "@/ui/Key";
import { Row, SheetTitle } from "@/ui/Sheet";
import { KEYS, useKey } from "./keys";

const Dialog = chakra("dialog", {
  base: {
    margin: "auto",
    padding: "5",
    width: "min(440px, calc(100vw - 24px))",
    border: "1px solid",
    borderColor: "edge",
    borderRadius: "sheet",
    background: "sheet",
    color: "ink",
    _backdrop: { background: "rgba(10, 20, 15, 0.6)" },
  },
});

/** The keys, shown on "?". */
export function KeysHelp() {
  const dialog = useRef<HTMLDialogElement>(null);
  useKey("help", () => dialog.current?.showModal());
  return (
    <Dialog ref={dialog} aria-labelledby="keys-title">
      <SheetTitle id="keys-title">Keys</SheetTitle>
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
      <Button marginTop="4" onClick={() => dialog.current?.close()}>
        Close
      </Button>
    </Dialog>
  );
}

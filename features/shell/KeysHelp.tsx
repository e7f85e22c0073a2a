"use client";

import { chakra } from "@chakra-ui/react";
import { useRef } from "react";
import { Button } from "@/ui/Button";
import { Key } from "@/ui/Key";
import { Row, SheetTitle } from "@/ui/Sheet";
import { useKey } from "./keys";

const KEYS: [keys: string[], does: string][] = [
  [["1", "5"], "Garage, Plan, Kit, Work, Log"],
  [["B"], "Bench"],
  [["N"], "New vehicle, step or tool"],
  [["/"], "Search, in the Log"],
  [["Space", "Enter"], "The big button in Work"],
  [["←", "→"], "Earlier or later step in Work"],
  [["⌫"], "Take back the last tick in Work"],
  [["?"], "These keys"],
];

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
  useKey("?", () => dialog.current?.showModal());
  return (
    <Dialog ref={dialog} aria-labelledby="keys-title">
      <SheetTitle id="keys-title">Keys</SheetTitle>
      {KEYS.map(([keys, does]) => (
        <Row key={does} label={does}>
          {keys.map((key, i) => (
            <span key={key}>
              {i > 0 && (key === "5" ? " to " : " or ")}
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

"use client";

import { chakra } from "@chakra-ui/react";
import { useRef, useState } from "react";
import { later } from "@/ui/later";
import { useKey } from "./keys";

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

/** Fetched once it is asked for. */
const HelpPage = later(() => import("./HelpPage").then((module) => module.HelpPage));

/** What this screen is for, and the keys, shown on "?". */
export function Help() {
  const dialog = useRef<HTMLDialogElement>(null);
  const [asked, setAsked] = useState(false);
  useKey("help", () => {
    setAsked(true);
    dialog.current?.showModal();
  });
  return (
    <Dialog ref={dialog} aria-labelledby="help-title">
      {asked && <HelpPage onClose={() => dialog.current?.close()} />}
    </Dialog>
  );
}

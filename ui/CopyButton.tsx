"use client";

import { useState } from "react";
import { Button } from "./Button";

/** Puts a text on the clipboard; false where the browser does not let it. */
export async function copyText(text: string): Promise<boolean> {
  try {
    await navigator.clipboard.writeText(text);
    return true;
  } catch {
    return false;
  }
}

/** Copies a text, and says so. */
export function CopyButton({ text, says = "Copy as text" }: { text: string; says?: string }) {
  const [copied, setCopied] = useState<boolean>();
  return (
    <Button onClick={() => void copyText(text).then(setCopied)} aria-live="polite">
      {copyWords(copied, says)}
    </Button>
  );
}

function copyWords(copied: boolean | undefined, says: string) {
  if (copied === undefined) return says;
  if (copied) return "● Copied";
  return "▲ This browser does not let it be copied";
}

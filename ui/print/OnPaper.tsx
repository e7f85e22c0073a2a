"use client";

import type { ReactNode } from "react";
import { createPortal } from "react-dom";
import type { Paper } from "@/core/quantity/paper";

/**
 * On paper there is the sheet and nothing else: it stands beside the app and takes its place. Black on white in any
 * look, with greys that a printer of one colour can print.
 */
const STYLE = (paper: Paper) => `#on-paper { display: none }
@media print {
  @page {
    size: ${paper} portrait; margin: 12mm;
    @bottom-right { content: "page " counter(page) " of " counter(pages); font: 9pt sans-serif; color: #000 }
  }
  html, body { background: #fff !important }
  body > *:not(#on-paper) { display: none !important }
  #on-paper {
    display: block; color: #000; font-size: 15px; line-height: 1.25;
    --chakra-colors-ink: #000; --chakra-colors-soft: #333; --chakra-colors-edge: #999; --chakra-colors-stop: #000;
    --chakra-colors-watch: #000; --chakra-colors-drawing: #000;
  }
}`;

/** What is printed in place of the screen. */
export function OnPaper({ paper, children }: { paper: Paper; children: ReactNode }) {
  return createPortal(
    <div id="on-paper">
      <style>{STYLE(paper)}</style>
      {children}
    </div>,
    document.body,
  );
}

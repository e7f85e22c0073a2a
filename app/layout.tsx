import "@fontsource-variable/atkinson-hyperlegible-next/index.css";
import "@fontsource/barlow-condensed/600.css";
import "@fontsource/barlow-condensed/700.css";
import "./base.css";
import type { Metadata, Viewport } from "next";
import type { ReactNode } from "react";
import { preload } from "react-dom";
import { BenchPocket } from "@/features/bench/BenchPocket";
import { RECALL_GARAGE } from "@/features/garage/remembered";
import { OpensWithDemo } from "@/features/shared/OpensWithDemo";
import { App } from "@/features/shell/App";
import { PALETTE } from "@/ui/theme/palette";
import { Wrench } from "./wrench";

export const metadata: Metadata = {
  title: "Vest Pocket",
  description: "Plan a driveway repair, gather for it, turn the numbers, work through it and log it.",
};

export const viewport: Viewport = {
  width: "device-width",
  initialScale: 1,
  themeColor: [
    { media: "(prefers-color-scheme: light)", color: PALETTE.denim.day },
    { media: "(prefers-color-scheme: dark)", color: PALETTE.denim.night },
  ],
};

/** What most is read in: fetched beside the style that names it, so that the first paint is in it. */
const BODY_FONT = new URL(
  "@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2",
  import.meta.url,
);

export default function RootLayout({ children }: { children: ReactNode }) {
  preload(String(BODY_FONT), { as: "font", type: "font/woff2", crossOrigin: "anonymous" });
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <script dangerouslySetInnerHTML={{ __html: RECALL_GARAGE }} />
        <App bench={<BenchPocket />}>
          <Wrench>
            <OpensWithDemo>{children}</OpensWithDemo>
          </Wrench>
        </App>
        {/* Told by the style alone, where nothing is drawn after a while: no script may have come at all. */}
        <div className="late">
          The signal may have broken off. <a href="">Load the page again</a>: what was saved is here.
        </div>
      </body>
    </html>
  );
}

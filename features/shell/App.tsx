"use client";

import { Box } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { DataProvider } from "@/data/DataProvider";
import { ThemeProvider } from "@/ui/theme/ThemeProvider";
import { DoProvider } from "./DoProvider";
import { FirstLine } from "./FirstLine";
import { Header } from "./Header";
import { Help } from "./Help";
import { Offline } from "./Offline";
import { ShellBoundary } from "./ShellBoundary";
import { StoreTrouble } from "./StoreTrouble";

/**
 * Everything that stays while the screens change: the data's door, the look, the header, the Bench that is
 * handed in, and the undo bar.
 */
export function App({ bench, children }: { bench: ReactNode; children: ReactNode }) {
  return (
    <DataProvider>
      <ThemeProvider>
        <ShellBoundary>
          <DoProvider>
            <Header />
            <Offline />
            <StoreTrouble />
            <FirstLine />
            <Box
              as="main"
              padding={{ base: "12px 12px 84px", lg: "18px 20px" }}
              maxWidth="1440px"
              marginInline="auto"
            >
              {children}
            </Box>
            {bench}
            <Help />
          </DoProvider>
        </ShellBoundary>
      </ThemeProvider>
    </DataProvider>
  );
}

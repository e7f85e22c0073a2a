"use client";

import { Box } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { demoHousehold } from "@/demo/household";
import { today } from "@/features/shell/clock";
import { NoJob } from "@/features/shell/NoJob";
import { ScreenFailed } from "@/features/shell/ScreenFailed";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { Drawings } from "./Drawings";
import { Faces } from "./Faces";
import { Forms } from "./Forms";
import { Pieces } from "./Pieces";

const demo = demoHousehold(today());

/**
 * Every drawing, face, form and state there is, on one page, from the demo's records and none of one's own:
 * what a change of a shared piece changes.
 */
export function Parts() {
  return (
    <Box display="grid" gap="6">
      <Part title="Pieces">
        <Pieces />
      </Part>
      <Part title="States">
        <Loading />
        <NoJob does="plan" example="work" />
        <ScreenFailed error={new Error("An error to look at.")} reset={() => undefined} />
      </Part>
      <Part title="Drawings">
        <Drawings demo={demo} />
      </Part>
      <Part title="Faces of a step">
        <Faces demo={demo} />
      </Part>
      <Part title="Forms">
        <Forms demo={demo} />
      </Part>
    </Box>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Sheet title={title} padding="4">
      <Box
        display="grid"
        gridTemplateColumns="repeat(auto-fill, minmax(min(100%, 420px), 1fr))"
        gap="4"
        alignItems="start"
      >
        {children}
      </Box>
    </Sheet>
  );
}

"use client";

import { Box } from "@chakra-ui/react";
import { useMemo } from "react";
import type { Job, Route } from "@/core/model/job";
import { mirrorState, syncMirror } from "@/core/plan/mirror";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { useChangeRoute } from "../../shared/use-change-route";

/**
 * The putting-back half against the taking-apart half: what it lacks, and bringing it in step. Not there
 * while both agree.
 */
export function WayBackSheet({ job, route }: { job: Job; route: Route }) {
  const changeRoute = useChangeRoute(job.id);
  const { unmirrored, orphaned, renamed } = useMemo(() => mirrorState(route), [route]);
  const lines = [
    ...unmirrored.map(({ title }) => `“${title}” has no way back.`),
    ...orphaned.map(({ title }) => `“${title}” puts right a step that is gone.`),
    ...renamed.map(({ title }) => `“${title}” belongs to a step that was renamed.`),
  ];
  if (lines.length === 0) return null;
  const begun = route.steps.some(({ mirrorOf }) => mirrorOf !== undefined);
  return (
    <Sheet title="The way back">
      {lines.slice(0, 3).map((line) => (
        <Box key={line}>▲ {line}</Box>
      ))}
      {lines.length > 3 && <Box color="soft">and {lines.length - 3} more</Box>}
      <Box color="soft" fontSize="15px" marginBlock="1">
        Put back in reverse, with what differs. What you changed yourself stays.
      </Box>
      <Button
        onClick={() =>
          void changeRoute(
            (now) => syncMirror(now, newId),
            begun ? "The way back is in step." : "The way back is proposed.",
          )
        }
      >
        {begun ? "Bring it in step" : "Propose the way back"}
      </Button>
    </Sheet>
  );
}

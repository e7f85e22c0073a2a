"use client";

import { Box } from "@chakra-ui/react";
import type { Job, Route } from "@/core/model/job";
import { mirrorState } from "@/core/plan/mirror";
import { oneSided } from "@/core/plan/sides";
import { OTHER_SIDE, sideOf } from "@/core/side";
import { Sheet } from "@/ui/Sheet";
import { OtherSideToo } from "../../shared/OtherSideToo";

/** A plan of one side alone: the other is made from it, once the first has its way back. */
export function OneSideSheet({ job, route }: { job: Job; route: Route }) {
  const [first] = oneSided(route);
  const side = first && sideOf(first.title);
  if (!side || job.state === "done") return null;
  return (
    <Sheet title="The other side">
      {mirrorState(route).unmirrored.length > 0 ? (
        <Box color="soft">
          Only the {side} is planned. Its way back first; then the other side has it too.
        </Box>
      ) : (
        <>
          <Box color="soft" marginBottom="2">
            Only the {side} is planned. The {OTHER_SIDE[side]} is opened when the {side} is together again:
            parts and pins for both, left and right changed over.
          </Box>
          <OtherSideToo job={job} route={route} />
        </>
      )}
    </Sheet>
  );
}

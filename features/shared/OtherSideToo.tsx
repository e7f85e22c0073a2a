"use client";

import type { Job, Route } from "@/core/model/job";
import { withRoute } from "@/core/plan/chosen-route";
import { oneSided, withOtherSide } from "@/core/plan/sides";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { useChangeJob } from "./use-change-job";

/** Puts the other side's steps in, where the plan has only one; nothing where it has both, or neither. */
export function OtherSideToo({ job, route }: { job: Job; route: Route }) {
  const changeJob = useChangeJob(job.id);
  if (job.state === "done" || oneSided(route).length === 0) return null;
  return (
    <Button
      minHeight="56px"
      width="100%"
      onClick={() =>
        void changeJob(
          (now) =>
            withRoute(now, withOtherSide(now.routes.find(({ id }) => id === route.id) ?? route, newId)),
          "The other side's steps are in the plan.",
        )
      }
    >
      Do the other side too
    </Button>
  );
}

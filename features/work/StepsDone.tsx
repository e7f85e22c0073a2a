"use client";

import { Box } from "@chakra-ui/react";
import { memo } from "react";
import type { Job, Route } from "@/core/model/job";
import { Sheet } from "@/ui/Sheet";
import { OtherSideToo } from "../shared/OtherSideToo";
import { StepsByPhase } from "../shared/StepsByPhase";

interface StepsDoneProps {
  job: Job;
  route: Route;
  done: Set<string>;
  openId: string | undefined;
  onOpen: (stepId: string) => void;
}

/** Every step of the job with what is done; the open one is marked. */
export const StepsDone = memo(function StepsDone({ job, route, done, openId, onOpen }: StepsDoneProps) {
  return (
    <Sheet padding="0" paddingBlock="3" flex={{ lg: "1" }} display="flex" flexDirection="column">
      <Box paddingInline="4" color="soft" fontSize="15px">
        {job.title}, {done.size} of {route.steps.length} done
      </Box>
      <StepsByPhase
        steps={route.steps}
        openId={openId}
        look="next"
        onOpen={onOpen}
        done={done}
        before={(step) => (
          <TickBox done={done.has(step.id)} round={step.kind === "lower" || step.kind === "raise"} />
        )}
      />
      <Box padding="3">
        <OtherSideToo job={job} route={route} />
      </Box>
    </Sheet>
  );
});

/** A square to be ticked; round for the steps that raise or lower the vehicle. */
function TickBox({ done, round }: { done: boolean; round: boolean }) {
  return (
    <svg
      width="18"
      height="18"
      viewBox="0 0 18 18"
      style={{ flexShrink: 0 }}
      role="img"
      aria-label={done ? "done" : "to do"}
    >
      <rect
        x="1.5"
        y="1.5"
        width="15"
        height="15"
        rx={round ? 7.5 : 3}
        fill={done ? "var(--chakra-colors-good)" : "none"}
        stroke={done ? "var(--chakra-colors-good)" : "currentColor"}
        strokeWidth="2"
      />
      {done && (
        <path
          d="M 5 9.5 L 8 12.5 L 13.5 6"
          fill="none"
          stroke="var(--chakra-colors-on-good)"
          strokeWidth="2.2"
        />
      )}
    </svg>
  );
}

import { Box } from "@chakra-ui/react";
import type { DayTold } from "@/core/day/day";
import { hourWords } from "@/core/day/words";
import type { Job } from "@/core/model/job";
import { chosenRoute } from "@/core/plan/chosen-route";
import { Sheet } from "@/ui/Sheet";

/** How many of the things to be had by then are named. */
const MOST_NAMED = 5;

/** Where it cannot be gone back on: the step, by when, and what has to be there. */
export function DecideSheet({ job, told }: { job: Job; told: DayTold }) {
  if (told.decide.length === 0) return null;
  const titles = new Map(chosenRoute(job).steps.map(({ id, title }) => [id, title]));
  return (
    <Sheet title="Decide here">
      <Box as="ol" listStyleType="none" padding="0" margin="0">
        {told.decide.map(({ stepId, says, by, wanting }) => (
          <Box as="li" key={stepId} paddingBlock="2" borderTop="1px solid" borderColor="edge" fontSize="15px">
            <Box fontWeight="600">◆ Before “{titles.get(stepId)}”</Box>
            <Box>{says}</Box>
            <Box color={by < told.begins ? "stop" : "ink"}>
              {by < told.begins
                ? "■ However soon it is begun, fewer than 80 in 100 are over in time."
                : `Begun by ${hourWords(told.zero, by)}, 80 in 100 are over in time.`}
            </Box>
            {wanting.length > 0 && (
              <Box color="watch">
                ▲ To be in hand by then: {wanting.slice(0, MOST_NAMED).join(", ")}
                {wanting.length > MOST_NAMED ? ` and ${wanting.length - MOST_NAMED} more` : ""}.
              </Box>
            )}
          </Box>
        ))}
      </Box>
    </Sheet>
  );
}

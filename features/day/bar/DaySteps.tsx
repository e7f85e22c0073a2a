"use client";

import { Box } from "@chakra-ui/react";
import { memo, useState } from "react";
import { dropped } from "@/core/day/bar";
import type { DayTold } from "@/core/day/day";
import { bestStop, stopWords, stopsOf } from "@/core/day/no-return";
import type { Slot } from "@/core/day/schedule";
import { hourWords, minutesSay } from "@/core/day/words";
import type { DayPlan } from "@/core/model/day-plan";
import type { Job } from "@/core/model/job";
import { chosenRoute } from "@/core/plan/chosen-route";
import { Button } from "@/ui/Button";
import { SortList, SortRow } from "@/ui/sort/SortList";
import type { DayInHand } from "../use-day";

interface DayStepsProps {
  job: Job;
  told: DayTold;
  slots: readonly Slot[];
  plan: DayPlan;
  day: DayInHand;
}

/** The steps with their hours, in the order they are worked: to be dragged, or moved with the keyboard. */
export const DaySteps = memo(function DaySteps({ job, told, slots, plan, day }: DayStepsProps) {
  const [refused, setRefused] = useState<string>();
  const steps = new Map(chosenRoute(job).steps.map((step) => [step.id, step]));
  const title = (id: string | undefined) => steps.get(id ?? "")?.title ?? "another step";
  const decide = new Map(told.decide.map(({ stepId, says }) => [stepId, says]));
  const items = told.timed.map(({ id }) => id);
  const drop = (moving: string, over: string) => {
    const [from, to] = [items.indexOf(moving), items.indexOf(over)];
    if (from < 0 || to < 0) return;
    const { order, heldBy } = dropped(told.timed, from, to);
    setRefused(
      heldBy === undefined
        ? undefined
        : `“${title(moving)}” ${to < from ? "has to come after" : "has to come before"} “${title(heldBy)}”.`,
    );
    if (order) void day.change((now) => ({ ...now, order }), `Moved: ${title(moving)}.`);
  };
  return (
    <Box>
      <Box fontSize="15px" color="soft">
        {plan.sideBySide ? "Both sides at once. " : ""}
        {told.ownOrder
          ? "In an order of your own."
          : "In the order that is over soonest. Drag a step by its handle, or take it with Space and move it with the arrows."}
      </Box>
      {told.ownOrder && (
        <Button
          onClick={() =>
            void day.change((now) => {
              const { order: _own, ...rest } = now;
              return rest;
            }, "In the order that is over soonest.")
          }
        >
          The soonest order again
        </Button>
      )}
      <Box role="status" color="stop" fontWeight="600" minHeight="24px">
        {refused ? `■ ${refused}` : ""}
      </Box>
      <Split job={job} told={told} slots={slots} plan={plan} day={day} />
      <SortList name="day" ids={items} titleOf={title} onDrop={drop}>
        {slots.map(({ id, from, to, over }) => (
          <SortRow
            key={id}
            id={id}
            title={title(id)}
            lead={hourWords(told.zero, from)}
            after={
              over - to > 0.5
                ? `then ${minutesSay(over - to)} until ${steps.get(id)?.wait?.until ?? "it is over"}`
                : ""
            }
            above={decide.has(id) ? `◆ Decide here. ${decide.get(id)}` : undefined}
            warns
          />
        ))}
      </SortList>
    </Box>
  );
});

/** Where the day could end for another: proposed where it does not fit, taken back in one press. */
function Split({ job, told, slots, plan, day }: DayStepsProps) {
  const steps = chosenRoute(job).steps;
  const all = told.all.flatMap((id) => steps.find((step) => step.id === id) ?? []);
  const stops = stopsOf(all, told.open);
  if (plan.splitAfter !== undefined) {
    const at = all.findIndex(({ id }) => id === plan.splitAfter);
    const stop = stops[at];
    return (
      <Box marginBottom="2" fontSize="15px">
        The first day ends with “{all[at]?.title ?? "a step"}”{stop ? `: ${stopWords(stop)}. ` : ". "}
        <Button
          onClick={() =>
            void day.change((now) => {
              const { splitAfter: _split, ...rest } = now;
              return rest;
            }, "In one go.")
          }
        >
          In one go
        </Button>
      </Box>
    );
  }
  if (told.chance >= WORTH_A_SPLIT || all.length < 2) return null;
  // Steps that are done lie behind: from the last of them on it can be stopped.
  const done = all.length - told.timed.length;
  const reached = done + slots.filter(({ to }) => to <= told.goal.at).length - 1;
  const stop = bestStop(
    stops.filter(({ at }) => at >= done - 1),
    Math.max(done - 1, reached, 0),
  );
  const last = stop && all[stop.at];
  if (!stop || !last) return null;
  return (
    <Box marginBottom="2" fontSize="15px">
      ▲ Over two days, the best place to stop is behind “{last.title}”: {stopWords(stop)}.{" "}
      <Button
        onClick={() =>
          void day.change(
            (now) => ({ ...now, splitAfter: last.id }),
            `Over two days, behind “${last.title}”.`,
          )
        }
      >
        Over two days
      </Button>
    </Box>
  );
}

/** Above this chance nobody is asked whether it should be two days. */
const WORTH_A_SPLIT = 0.8;

"use client";

import { Box } from "@chakra-ui/react";
import { useDeferredValue, useMemo, useState } from "react";
import { slotsFor } from "@/core/day/bar";
import { minutesOf } from "@/core/day/clock";
import type { DayTold } from "@/core/day/day";
import type { Surroundings } from "@/core/model/day-plan";
import type { DayPlan } from "@/core/model/day-plan";
import type { Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { ThreeColumns } from "@/ui/ThreeColumns";
import { useJobInHand } from "../shell/hand";
import { NoJob } from "../shell/NoJob";
import { AroundSheet } from "./around/AroundSheet";
import { DayBar } from "./bar/DayBar";
import { DaySteps } from "./bar/DaySteps";
import { DayOver } from "./DayOver";
import { DecideSheet } from "./DecideSheet";
import { NeedsSheet } from "./NeedsSheet";
import { NowSheet } from "./NowSheet";
import { OddsSheet } from "./OddsSheet";
import { StartWhen } from "./StartWhen";
import { TakeAlong } from "./TakeAlong";
import { useDayAsk, useDayPlan, useReckoned, useSurroundings } from "./use-day";

/** The Day: when to start, what is done when, and how likely it rolls in time. */
export function DayScreen() {
  const inHand = useJobInHand();
  if (inHand === undefined) return <Loading />;
  if (inHand === null)
    return (
      <ThreeColumns
        left={null}
        middle={
          <NoJob
            does="turns a plan into a day: when to start, and how likely it rolls in time"
            example="day"
          />
        }
        right={null}
      />
    );
  return inHand.job.state === "done" ? (
    <DayOver key={inHand.job.id} {...inHand} />
  ) : (
    <DayAhead key={inHand.job.id} {...inHand} />
  );
}

function DayAhead(inHand: { job: Job; vehicle: Vehicle }) {
  const [around, save] = useSurroundings();
  return around ? <DayIn {...inHand} around={around} onAround={save} /> : <Loading />;
}

/** A day in surroundings that are known. */
function DayIn({
  job,
  vehicle,
  around,
  onAround,
}: {
  job: Job;
  vehicle: Vehicle;
  around: Surroundings;
  onAround: (next: Surroundings) => Promise<void>;
}) {
  const day = useDayPlan(job, around);
  const { plan } = day;
  const ask = useDayAsk(job, vehicle, plan, around);
  const { told, stale, refused } = useReckoned("tell", ask);
  const inHand = { job, vehicle, day };
  if (refused !== undefined)
    return (
      <Sheet title="No day yet" tone="watch" padding="5" maxWidth="640px">
        <Box>{refused}</Box>
      </Sheet>
    );
  if (!plan || !ask || !told) return <Loading />;
  const live = ask.work !== undefined;
  return (
    <ThreeColumns
      phone="left, middle, right"
      left={<OddsSheet {...inHand} plan={plan} told={told} stale={stale} live={live} />}
      middle={
        told.timed.length === 0 ? (
          <Sheet padding="5">
            {live
              ? "Every step is done. What is left is the wrap-up, in Work."
              : "The plan has no steps yet. Write them down, or take a sheet from the shelf; then this says how long they take."}
          </Sheet>
        ) : (
          <DayItself {...inHand} plan={plan} told={told} around={around} live={live} />
        )
      }
      right={
        <>
          {ask.work ? (
            <NowSheet
              job={job}
              told={told}
              slots={slotsFor(told, { ...plan, startsOn: told.zero }, around, true)}
              work={ask.work}
            />
          ) : (
            <StartWhen ask={ask} day={day} live={false} />
          )}
          <DecideSheet job={job} told={told} />
          <NeedsSheet job={job} told={told} />
          {live && <StartWhen ask={ask} day={day} live />}
          <AroundSheet plan={plan} day={day} around={around} onAround={onAround} />
        </>
      }
    />
  );
}

/** The bar and its steps: what is dragged is shown at once, and reckoned when it is let go. */
function DayItself({
  job,
  vehicle,
  day,
  plan,
  told,
  around,
  live,
}: {
  job: Job;
  vehicle: Vehicle;
  day: ReturnType<typeof useDayPlan>;
  plan: DayPlan;
  told: DayTold;
  around: Surroundings;
  live: boolean;
}) {
  const [dragged, setDragged] = useState<Partial<Pick<DayPlan, "startsAt" | "pauses">>>();
  const shown = useMemo(() => ({ ...plan, startsOn: told.zero, ...dragged }), [plan, dragged, told.zero]);
  const slots = useMemo(() => slotsFor(told, shown, around, live), [told, shown, around, live]);
  // The list follows the bar when there is time for it.
  const listed = useDeferredValue(slots);
  const drop = (next: Partial<Pick<DayPlan, "startsAt" | "pauses">>, says: string) => {
    setDragged(undefined);
    void day.change((now) => ({ ...now, ...next }), says);
  };
  return (
    <>
      <Sheet title="The day" padding={{ base: "3", lg: "5" }}>
        <DayBar
          job={job}
          told={told}
          slots={slots}
          pauses={shown.pauses}
          start={live ? undefined : minutesOf(shown.startsAt)}
          onDrag={setDragged}
          onDrop={drop}
        />
      </Sheet>
      <Sheet title="What is done when" padding={{ base: "3", lg: "5" }}>
        <DaySteps job={job} told={told} slots={listed} plan={plan} day={day} />
        <TakeAlong job={job} vehicle={vehicle} told={told} slots={listed} />
      </Sheet>
    </>
  );
}

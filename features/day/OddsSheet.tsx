"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useState } from "react";
import { instantOf, minutesOf, minutesSince } from "@/core/day/clock";
import type { DayTold } from "@/core/day/day";
import { inHundred } from "@/core/day/odds";
import { bandWords, goalWords, hourWords } from "@/core/day/words";
import { type DayPlan, clockSchema } from "@/core/model/day-plan";
import type { Job } from "@/core/model/job";
import { daySchema } from "@/core/model/record";
import type { Vehicle } from "@/core/model/vehicle";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { TextField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";
import { workHref } from "../shell/addresses";
import { today } from "../shell/clock";
import { Hundred } from "./Hundred";
import type { DayInHand } from "./use-day";

interface OddsSheetProps {
  job: Job;
  vehicle: Vehicle;
  day: DayInHand;
  plan: DayPlan;
  told: DayTold;
  stale: boolean;
  live: boolean;
}

/** How likely it rolls in time: the number, a hundred dots, when it starts, and the way on. */
export function OddsSheet({ job, vehicle, day, plan, told, stale, live }: OddsSheetProps) {
  const chance = inHundred(told.chance);
  return (
    <Sheet flex={{ lg: "1" }} overflowY={{ lg: "auto" }}>
      <Box as="h1" fontSize="26px">
        {job.title}
      </Box>
      <Box color="soft">{vehicle.name}</Box>
      <Box opacity={stale ? 0.55 : 1} aria-busy={stale}>
        <Box display="flex" alignItems="baseline" gap="2" marginTop="2" fontFamily="heading" fontWeight="700">
          <Box as="span" fontSize="72px" lineHeight="1" data-testid="day-chance">
            {chance}
          </Box>
          <Box as="span" fontSize="24px">
            in 100
          </Box>
        </Box>
        <Box fontWeight="600" data-testid="day-goal">
          roll {goalWords(told)}
        </Box>
        <Hundred told={told} />
        <Box fontSize="15px" data-testid="day-band">
          {live ? `At this pace ${hourWords(told.zero, told.p50)}. ` : ""}
          {bandWords(told)}
        </Box>
        {live && plan.said && (
          <Box fontSize="15px" marginTop="2" data-testid="day-said">
            Said beforehand: {inHundred(plan.said.chance)} in 100, and 80 of 100 over by{" "}
            {hourWords(told.zero, minutesSince(told.zero, new Date(plan.said.p80)))}.{" "}
            {told.p50 > minutesSince(told.zero, new Date(plan.said.p80))
              ? "▲ Later than that now."
              : "● Within that."}
          </Box>
        )}
        <MissingWords told={told} />
      </Box>
      {!live && <StartFields plan={plan} day={day} />}
      <Box display="grid" gap="2" marginTop="3">
        {!live && (
          <Button
            look={plan.said ? "plain" : "primary"}
            disabled={
              stale || plan.said !== undefined || !Number.isFinite(told.p95) || plan.startsOn < today()
            }
            onClick={() =>
              void day.goBy(saidOf(told), `Put down for ${formatDay(plan.startsOn)}, ${plan.startsAt}.`)
            }
          >
            {plan.said ? "● Put down" : "Go by this day"}
          </Button>
        )}
        <Button asChild look={live || plan.said ? "primary" : "plain"}>
          <Link href={workHref(job.id)}>{live ? "Go on with the work" : "Start the work"}</Link>
        </Button>
      </Box>
    </Sheet>
  );
}

/** What is said of a day as it is kept, to be held against how it goes. */
function saidOf({ zero, chance, goal, p50, p80, p95 }: DayTold): NonNullable<DayPlan["said"]> {
  const at = (moment: number) => instantOf(zero, moment);
  return {
    at: new Date().toISOString(),
    rollBy: at(goal.at),
    chance,
    p50: at(p50),
    p80: at(p80),
    p95: at(p95),
  };
}

/** What the number rests on: a kit that is gathered by then, or what is there now. */
function MissingWords({ told: { missing, chance } }: { told: DayTold }) {
  if (missing.names.length === 0) return null;
  const asItStands = inHundred(missing.chance);
  const things = missing.names.length === 1 ? "1 thing" : `${missing.names.length} things`;
  return (
    <Box color="watch" fontWeight="600" fontSize="15px" marginTop="2">
      {missing.complete
        ? `▲ With the kit gathered by then: it lacks ${things}.${asItStands === inHundred(chance) ? "" : ` As it stands, ${asItStands} in 100.`}`
        : `▲ The kit lacks ${things}: a way to the shop is reckoned in.`}
    </Box>
  );
}

/** The day and the hour it begins, kept as soon as they are one. */
function StartFields({ plan, day }: { plan: DayPlan; day: DayInHand }) {
  const [typed, setTyped] = useState<{ on?: string; at?: string }>({});
  const on = typed.on ?? plan.startsOn;
  const at = typed.at ?? plan.startsAt;
  const type = (next: { on?: string; at?: string }) => {
    setTyped({ ...typed, ...next });
    const [startsOn, startsAt] = [daySchema.safeParse(next.on ?? on), clockSchema.safeParse(next.at ?? at)];
    if (!startsOn.success || !startsAt.success) return;
    setTyped({});
    void ((next.at ?? typed.at) === undefined
      ? day.beginOn(startsOn.data)
      : day.change((now) => ({ ...now, startsOn: startsOn.data, startsAt: startsAt.data })));
  };
  const wrong = (schema: typeof daySchema | typeof clockSchema, text: string, says: string) =>
    schema.safeParse(text).success ? undefined : says;
  return (
    <Box display="grid" gridTemplateColumns="minmax(0, 1fr)" gap="2" marginTop="3">
      <TextField
        label="Begins on"
        type="date"
        value={on}
        error={wrong(daySchema, on, "Choose a day.") ?? (on < today() ? "That day is past." : undefined)}
        onChange={(event) => type({ on: event.target.value })}
      />
      <TextField
        label="at"
        type="time"
        value={at}
        error={wrong(clockSchema, at, "An hour is written 08:30.")}
        hint={minutesOf(at) < 300 ? "That is in the night." : undefined}
        onChange={(event) => type({ at: event.target.value })}
      />
    </Box>
  );
}

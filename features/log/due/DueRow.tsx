"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useState } from "react";
import { daysAfter } from "@/core/day";
import { type DayBand } from "@/core/log/mileage/driving";
import type { Due } from "@/core/log/upkeep/due";
import { sheetFor } from "@/core/log/upkeep/sheet-for";
import type { Replacement } from "@/core/model/log";
import type { Vehicle } from "@/core/model/vehicle";
import { formatDistance } from "@/core/quantity/distance";
import { touched } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { TextField } from "@/ui/form/Field";
import { entryHref, newEntryHref, shelfHref } from "../../shell/addresses";
import { today } from "../../shell/clock";
import { useDo } from "../../shell/DoProvider";
import { ReasonForm } from "../ReasonForm";
import { bandWords, bestWords } from "./when-words";

const PUT_OFF_DAYS = 90;

/** One thing that is due: when in large, why then in small, and what can be done about it. */
export function DueRow({ due, vehicle, onEdit }: { due: Due; vehicle: Vehicle; onEdit: () => void }) {
  const perform = useDo();
  const [puttingOff, setPuttingOff] = useState(false);
  const { interval, place, last, left, dueAt, on, state } = due;
  const sheet = sheetFor(interval.part);
  const wake = () => {
    const { snoozed: _snoozed, ...rest } = interval;
    void perform({ put: { intervals: [touched(rest)] } }, `${interval.part} counts again.`);
  };
  const asEntry = newEntryHref(`${interval.part} today`, {
    vehicleId: vehicle.id,
    system: interval.system,
    place,
  });
  return (
    <Box borderTop="1px solid" borderColor="edge" paddingBlock="3">
      <Box
        display="grid"
        gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "minmax(0, 1fr) minmax(0, 1fr) 330px" }}
        gap={{ base: "1", md: "4" }}
        alignItems="start"
      >
        <Box>
          <Box fontWeight="600" fontSize="18px">
            {interval.part}
          </Box>
          <Box color="soft" fontSize="15px">
            {[place, everyWords(due)].filter(Boolean).join("; ")}
          </Box>
          {last && (
            <Box asChild color="soft" fontSize="15px" textDecoration="underline">
              <Link href={entryHref(last.id)} prefetch={false}>
                last {formatDay(last.on)} at {formatDistance(last.odometer)}
              </Link>
            </Box>
          )}
        </Box>
        <Box>
          <Box
            fontFamily="heading"
            fontWeight="600"
            fontSize="22px"
            lineHeight="1.15"
            color={dueColour(state)}
          >
            {dueWhen(on, last)}
          </Box>
          <Box color="soft" fontSize="15px">
            {!last && "Put in when it was last done, and it counts from there."}
            {last && !on && "By distance only, and how it is driven is not known yet."}
            {left &&
              dueAt &&
              `${left.value < 0 ? `${formatDistance({ ...left, value: -left.value })} over` : `${formatDistance(left)} left`}, at ${formatDistance(dueAt)}. `}
            {on && due.by === "time" && "By time. "}
            {on && bandWords(on)}
          </Box>
          {interval.snoozed && state === "snoozed" && (
            <Box fontSize="15px">
              Put off until {formatDay(interval.snoozed.until)}: {interval.snoozed.because}
            </Box>
          )}
        </Box>
        <Box display="flex" gap="1" flexWrap="wrap" justifyContent={{ md: "flex-end" }}>
          <Button
            asChild
            look={state === "overdue" || state === "soon" || state === "unknown" ? "plain" : "quiet"}
          >
            <Link href={asEntry}>{last ? "Done" : "Log it"}</Link>
          </Button>
          {sheet && state !== "snoozed" && (
            <Button asChild look="quiet">
              <Link href={shelfHref(sheet.name, { vehicleId: vehicle.id })}>Plan it</Link>
            </Button>
          )}
          {state === "snoozed" && (
            <Button look="quiet" onClick={wake}>
              Count again
            </Button>
          )}
          {(state === "overdue" || state === "soon") && !puttingOff && (
            <Button look="quiet" onClick={() => setPuttingOff(true)}>
              Put off
            </Button>
          )}
          <Button look="quiet" onClick={onEdit} aria-label={`Change the interval of ${interval.part}`}>
            Change
          </Button>
        </Box>
      </Box>
      {puttingOff && <PutOff due={due} onClose={() => setPuttingOff(false)} />}
    </Box>
  );
}

function dueWhen(on: DayBand | undefined, last: Replacement | undefined) {
  if (on) return bestWords(on);
  if (last) return "not known";
  return "never logged";
}

function dueColour(state: string) {
  if (state === "overdue") return "stop";
  if (state === "soon") return "watch";
  return "ink";
}

/** Until when it is left alone, and why: the reason stays beside it. */
function PutOff({ due: { interval }, onClose }: { due: Due; onClose: () => void }) {
  const perform = useDo();
  const [until, setUntil] = useState(daysAfter(today(), PUT_OFF_DAYS));
  const [error, setError] = useState<string>();
  const putOff = async (because: string) => {
    setError(until > today() ? undefined : "Choose a day to come.");
    return (
      until > today() &&
      perform(
        { put: { intervals: [touched({ ...interval, snoozed: { until, because } })] } },
        `${interval.part} put off.`,
      )
    );
  };
  return (
    <ReasonForm
      draft={`put off ${interval.id}`}
      label="Why"
      missing="Say why: it is read when it comes up again."
      submit="Put off"
      onSubmit={putOff}
      onClose={onClose}
    >
      <TextField
        label="Until"
        type="date"
        value={until}
        error={error}
        onChange={(event) => setUntil(event.target.value)}
      />
    </ReasonForm>
  );
}

function everyWords({ interval: { every, months } }: Due): string {
  return `every ${[every && formatDistance(every), months && `${months} months`].filter(Boolean).join(" or ")}`;
}

"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { togetherOf } from "@/core/log/together";
import type { Due } from "@/core/log/upkeep/due";
import type { VehicleLog } from "@/core/log/vehicle-log";
import type { Job } from "@/core/model/job";
import type { Interval } from "@/core/model/log";
import { Button } from "@/ui/Button";
import { Empty } from "@/ui/Empty";
import { Sheet } from "@/ui/Sheet";
import { useKey } from "../../shell/keys";
import { LogPage, type LogPageProps } from "../LogPage";
import { DueRow } from "./DueRow";
import { IntervalForm } from "./IntervalForm";
import { bestWords } from "./when-words";

const GROUPS = [
  { states: ["overdue"], title: "Overdue" },
  { states: ["soon"], title: "Soon" },
  { states: ["later"], title: "Later" },
  { states: ["snoozed"], title: "Put off" },
  { states: ["unknown"], title: "Not known" },
] as const;

/** What is due, when, and what could be done with it. */
export function DueView({ records, logs, vehicle }: LogPageProps) {
  const [form, setForm] = useState<{ interval?: Interval }>();
  useKey("add", () => setForm({}));
  const close = () => setForm(undefined);
  return (
    <LogPage
      at="due"
      vehicle={vehicle}
      records={records}
      left={
        <Button marginTop="4" onClick={() => setForm({})}>
          Add an interval
        </Button>
      }
    >
      {form && (
        <IntervalForm
          key={form.interval?.id ?? "new"}
          {...form}
          vehicle={vehicle}
          vehicles={records.vehicles}
          onClose={close}
        />
      )}
      {logs.map((log) => (
        <VehicleDue
          key={log.vehicle.id}
          log={log}
          jobs={records.jobs}
          onEdit={(interval) => setForm({ interval })}
          onAdd={() => setForm({})}
        />
      ))}
    </LogPage>
  );
}

function VehicleDue({
  log,
  jobs,
  onEdit,
  onAdd,
}: {
  log: VehicleLog;
  jobs: Job[];
  onEdit: (interval: Interval) => void;
  onAdd: () => void;
}) {
  const { vehicle, dues, driving } = log;
  if (dues.length === 0)
    return (
      <Empty
        title={vehicle.name}
        example="due"
        action={
          <Button look="primary" onClick={onAdd}>
            Add an interval
          </Button>
        }
      >
        Nothing is renewed by distance or time yet. Add what your handbook says: oil every 15 000 km or 12
        months.
      </Empty>
    );
  return (
    <Sheet padding={{ base: "4", lg: "5" }}>
      <Box as="h1" fontSize="28px">
        {vehicle.name}
      </Box>
      {!driving && (
        <Box color="watch">
          ▲ With one odometer reading there is no rate: only dates count. Add another reading in a few weeks.
        </Box>
      )}
      {GROUPS.map(({ states, title }) => {
        const own = dues.filter(({ state }) => (states as readonly string[]).includes(state));
        return own.length === 0 ? null : (
          <Box key={title} marginTop="3">
            <Box as="h2" fontSize="20px" color={groupColour(title)}>
              {groupSign(title)}
              {title}
            </Box>
            {own.map((due) => (
              <DueRow key={due.key} due={due} vehicle={vehicle} onEdit={() => onEdit(due.interval)} />
            ))}
          </Box>
        );
      })}
      <TogetherList dues={dues} jobs={jobs} />
    </Sheet>
  );
}

function groupSign(title: string) {
  if (title === "Overdue") return "■ ";
  if (title === "Soon") return "▲ ";
  return "";
}

function groupColour(title: string) {
  if (title === "Overdue") return "stop";
  if (title === "Soon") return "watch";
  return "soft";
}

/** What could be done in one go, and why. */
function TogetherList({ dues, jobs }: { dues: Due[]; jobs: Job[] }) {
  const pairs = togetherOf(dues, jobs);
  if (pairs.length === 0) return null;
  return (
    <Box marginTop="4">
      <Box as="h2" fontSize="20px">
        In one go
      </Box>
      {pairs.map(({ a, b, because }) => (
        <Box key={`${a.key} ${b.key}`} paddingBlock="2" borderTop="1px solid" borderColor="edge">
          <b>
            {a.interval.part} and {b.interval.part.toLowerCase()}
          </b>
          : {because}. {a.on && b.on && `${bestWords(a.on)}, ${bestWords(b.on)}.`}
        </Box>
      ))}
    </Box>
  );
}

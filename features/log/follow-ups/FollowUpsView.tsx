"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { owedOf } from "@/core/log/follow-up";
import type { VehicleLog } from "@/core/log/vehicle-log";
import { touched } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { Empty } from "@/ui/Empty";
import { Row, Sheet } from "@/ui/Sheet";
import { today } from "../../shell/clock";
import { useDo } from "../../shell/DoProvider";
import { useKey } from "../../shell/keys";
import { LogPage, type LogPageProps, NOTHING } from "../LogPage";
import { calendarEntry, saveCalendar } from "./calendar-file";
import { FollowUpForm } from "./FollowUpForm";
import { FollowUpRow } from "./FollowUpRow";

const CLOSED_SHOWN = 12;

/** What is owed after the jobs: done, moved, dropped, or into a calendar. */
export function FollowUpsView({ records, logs, vehicle }: LogPageProps) {
  const [adding, setAdding] = useState(false);
  useKey("add", () => setAdding(true));
  // What is done or dropped goes along as cancelled: a calendar that had it takes it out.
  const entries = logs.flatMap((log) =>
    records.followUps
      .filter(({ vehicleId }) => vehicleId === log.vehicle.id)
      .flatMap(
        (one) =>
          calendarEntry(owedOf(one, log.mileage, log.driving, today()), log.vehicle, records.jobs) ?? [],
      ),
  );
  const open = entries.filter(({ followUp }) => followUp.state === "open");
  return (
    <LogPage
      at="owed"
      vehicle={vehicle}
      records={records}
      left={
        <Box display="grid" gap="2" marginTop="4" justifyItems="start">
          <Button onClick={() => setAdding(true)}>Add a follow-up</Button>
          {open.length > 0 && (
            <Button onClick={() => void saveCalendar(`follow-ups-${today()}.ics`, entries)}>
              All as calendar file
            </Button>
          )}
        </Box>
      }
    >
      {adding && (
        <FollowUpForm vehicle={vehicle} vehicles={records.vehicles} onClose={() => setAdding(false)} />
      )}
      {logs.map((log) => (
        <VehicleOwed key={log.vehicle.id} log={log} records={records} onAdd={() => setAdding(true)} />
      ))}
    </LogPage>
  );
}

function VehicleOwed({
  log,
  records,
  onAdd,
}: {
  log: VehicleLog;
  records: LogPageProps["records"];
  onAdd: () => void;
}) {
  const perform = useDo();
  const { vehicle, owed } = log;
  const closed = records.followUps
    .filter((one) => one.vehicleId === vehicle.id && one.state !== "open")
    .sort((a, b) => (b.closedOn ?? "").localeCompare(a.closedOn ?? ""))
    .slice(0, CLOSED_SHOWN);
  if (owed.length === 0 && closed.length === 0)
    return (
      <Empty
        title={vehicle.name}
        example="owed"
        action={
          <Button look="primary" onClick={onAdd}>
            Add a follow-up
          </Button>
        }
      >
        {NOTHING.owed.title}. {NOTHING.owed.says}
      </Empty>
    );
  return (
    <Sheet padding={{ base: "4", lg: "5" }}>
      <Box as="h1" fontSize="28px">
        {vehicle.name}
      </Box>
      {owed.length === 0 && (
        <Box color="soft">Nothing is owed. A job that is wrapped up proposes what to look at again.</Box>
      )}
      {owed.map((one) => (
        <FollowUpRow key={one.followUp.id} owed={one} log={log} jobs={records.jobs} />
      ))}
      {closed.length > 0 && (
        <Box as="details" marginTop="3">
          <Box as="summary" minHeight="44px" paddingTop="2" fontWeight="600" cursor="pointer">
            Done or dropped
          </Box>
          {closed.map(({ closedOn, because, state, ...one }) => (
            <Row
              key={one.id}
              label={
                <>
                  {one.text}
                  <Button
                    look="quiet"
                    fontSize="16px"
                    aria-label={`Open again: ${one.text}`}
                    onClick={() =>
                      void perform(
                        { put: { followUps: [touched({ ...one, state: "open" as const })] } },
                        `${one.text} is open again.`,
                      )
                    }
                  >
                    open again
                  </Button>
                </>
              }
            >
              {state} {closedOn && formatDay(closedOn)}
              {because && `: ${because}`}
            </Row>
          ))}
        </Box>
      )}
    </Sheet>
  );
}

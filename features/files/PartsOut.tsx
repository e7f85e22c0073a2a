"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useState } from "react";
import { logRows } from "@/core/log/table/log-table";
import { useDoor } from "@/data/DataProvider";
import { useCollection } from "@/data/hooks";
import { writeHouseholdFile } from "@/data/household-file";
import { jobAlone } from "@/data/job-alone";
import { Button } from "@/ui/Button";
import { SelectField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";
import { useMoney } from "../shared/money/use-money";
import { logHref, bringLogHref, historyHref } from "../shell/addresses";
import { today } from "../shell/clock";
import { saveAs } from "../shell/save-as";
import { saveTable } from "../shell/save-table";

/**
 * Parts of the household in the form that others read: the log as a table, one job alone, a vehicle's
 * history, follow-ups for a calendar.
 */
export function PartsOut() {
  const door = useDoor();
  const vehicles = [...(useCollection("vehicles") ?? [])].sort((a, b) =>
    a.createdAt.localeCompare(b.createdAt),
  );
  const replacements = useCollection("replacements") ?? [];
  const jobs = useCollection("jobs") ?? [];
  const [jobId, setJob] = useState("");
  const chosen = jobs.find(({ id }) => id === jobId) ?? jobs[0];
  const money = useMoney();
  const saveJob = async () => {
    if (!chosen) return;
    const name = chosen.title.toLowerCase().replace(/[^a-z0-9]+/g, "-");
    saveAs(
      `job-${name}-${today()}.json`,
      writeHouseholdFile(jobAlone(await (await door()).everything(), chosen.id), new Date()),
      "application/json",
    );
  };
  return (
    <Sheet title="Parts of it" padding="5">
      <Box display="grid" gridTemplateColumns="minmax(0, 1fr)" gap="4">
        <Box>
          <Box marginBottom="2">The log as a table for a spreadsheet (CSV); it comes in again too.</Box>
          <Box display="flex" gap="3" flexWrap="wrap">
            <Button
              disabled={replacements.length === 0}
              onClick={() => saveTable(`log-${today()}.csv`, logRows(replacements, vehicles, money))}
            >
              Log as CSV
            </Button>
            <Button asChild look="quiet">
              <Link href={bringLogHref()}>Bring in a table</Link>
            </Button>
          </Box>
        </Box>
        <Box>
          <Box marginBottom="2">
            A vehicle’s history for whoever buys it: printed or as Markdown, chosen fields only.
          </Box>
          <Box display="flex" gap="3" flexWrap="wrap">
            {vehicles.map(({ id, name }) => (
              <Button key={id} asChild>
                <Link href={historyHref(id)}>{name}</Link>
              </Button>
            ))}
          </Box>
        </Box>
        {jobs.length > 0 && (
          <Box>
            <SelectField
              label="One job with all that hangs on it, to be brought in elsewhere"
              value={chosen?.id ?? ""}
              onChange={(event) => setJob(event.target.value)}
              choices={jobs.map(({ id, title, vehicleId }) => ({
                value: id,
                label: `${title}, ${vehicles.find((one) => one.id === vehicleId)?.name ?? ""}`,
              }))}
            />
            <Button marginTop="2" onClick={() => void saveJob()}>
              Save this job
            </Button>
          </Box>
        )}
        <Button asChild look="quiet" paddingInline="0" justifySelf="start">
          <Link href={logHref(undefined, "owed")}>Follow-ups as calendar entries</Link>
        </Button>
      </Box>
    </Sheet>
  );
}

"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useState } from "react";
import { GENERAL_ADVICE } from "@/core/general-advice";
import {
  HISTORY_FIELDS,
  type History,
  type HistoryField,
  historyMarkdown,
  historyOf,
} from "@/core/log/history";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { CheckField } from "@/ui/form/Field";
import { Loading } from "@/ui/Loading";
import { OnPaper } from "@/ui/print/OnPaper";
import { PaperFoot, PaperSheet } from "@/ui/print/PaperSheet";
import { Sheet } from "@/ui/Sheet";
import { useMoney } from "../shared/money/use-money";
import { usePrinting } from "../shared/use-printing";
import { filesHref } from "../shell/addresses";
import { today } from "../shell/clock";
import { saveAs } from "../shell/save-as";

const AT_FIRST: HistoryField[] = ["measurements", "readings"];

/** A vehicle's history for whoever buys it: which fields, and the paper as it would be printed. */
export function HistoryScreen({ vehicleId }: { vehicleId: string }) {
  const vehicles = useCollection("vehicles");
  const replacements = useCollection("replacements");
  const measurements = useCollection("measurements");
  const readings = useCollection("readings");
  const jobs = useCollection("jobs");
  const money = useMoney();
  const { paper, controls } = usePrinting();
  const [fields, setFields] = useState<ReadonlySet<HistoryField>>(new Set(AT_FIRST));
  if (!vehicles || !replacements || !measurements || !readings || !jobs) return <Loading />;
  const vehicle = vehicles.find(({ id }) => id === vehicleId);
  if (!vehicle)
    return (
      <Sheet title="This vehicle is no longer in the Garage">
        {<Link href={filesHref()}>Back to the files</Link>}
      </Sheet>
    );
  const history = historyOf(vehicle, { replacements, measurements, readings, jobs }, fields, today(), money);
  const toggle = (field: HistoryField, on: boolean) => {
    const next = new Set(fields);
    if (on) next.add(field);
    else next.delete(field);
    setFields(next);
  };
  return (
    <>
      <Box
        display="grid"
        gridTemplateColumns={{ base: "minmax(0, 1fr)", lg: "260px minmax(0, 1fr)" }}
        gap="18px"
        alignItems="start"
        paddingRight={{ lg: "20px" }}
      >
        <Sheet title="What it tells">
          <Box color="soft" fontSize="15px">
            Part, place, day and odometer always. No entry is left out.
          </Box>
          {HISTORY_FIELDS.map((field) => (
            <CheckField
              key={field}
              label={field}
              checked={fields.has(field)}
              onChange={(event) => toggle(field, event.target.checked)}
            />
          ))}
          <Box display="grid" gap="2" marginTop="3">
            {controls}
            <Button
              onClick={() =>
                saveAs(
                  `history-${vehicle.name.toLowerCase().replace(/[^a-z0-9]+/g, "-")}.md`,
                  historyMarkdown(history),
                  "text/markdown;charset=utf-8",
                )
              }
            >
              Save as Markdown
            </Button>
          </Box>
        </Sheet>
        <Box data-testid="history">
          <PaperSheet>
            <HistoryPaper history={history} />
          </PaperSheet>
        </Box>
      </Box>
      <OnPaper paper={paper}>
        <HistoryPaper history={history} />
      </OnPaper>
    </>
  );
}

function HistoryPaper({ history: { title, says, tables } }: { history: History }) {
  return (
    <Box fontSize="15px">
      <Box as="h1" fontSize="32px">
        {title}
      </Box>
      {says.map((line) => (
        <Box key={line}>{line}</Box>
      ))}
      {tables.map(({ title: of, heads, rows }) => (
        <Box key={of} marginTop="5">
          <Box as="h2" fontSize="22px">
            {of}
          </Box>
          <Box
            as="table"
            width="100%"
            borderCollapse="collapse"
            css={{
              "& td, & th": {
                textAlign: "left",
                padding: "4px 10px 4px 0",
                borderBottom: "1px solid #C9D3C6",
                verticalAlign: "top",
              },
              "& tr": { breakInside: "avoid" },
            }}
          >
            <thead>
              <tr>
                {heads.map((head) => (
                  <th key={head} scope="col">
                    {head}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((cells, i) => (
                <tr key={`${i} ${cells[0]}`}>
                  {cells.map((cell, j) => (
                    <td key={heads[j]}>{cell}</td>
                  ))}
                </tr>
              ))}
            </tbody>
          </Box>
        </Box>
      ))}
      <PaperFoot>{GENERAL_ADVICE}</PaperFoot>
    </Box>
  );
}

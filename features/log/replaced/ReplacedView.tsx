"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useMemo, useRef, useState } from "react";
import { type LogOrder, sortLog } from "@/core/log/table/sort-log";
import { formatPrice } from "@/core/quantity/money";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { useMoney } from "../../shared/money/use-money";
import { bringLogHref } from "../../shell/addresses";
import { useKey } from "../../shell/keys";
import { QuickEntry } from "../entry/QuickEntry";
import { LogPage, type LogPageProps } from "../LogPage";
import { type LogFilter, NO_FILTER, LogFilters, passes } from "./LogFilters";
import { LogTable } from "./LogTable";
import { RailSheet } from "./RailSheet";
import { useFound } from "./use-found";

/** Completed replacements: the rail, one line to add another, and the table under them. */
export function ReplacedView({ records, logs, vehicle }: LogPageProps) {
  const money = useMoney();
  const [filter, setFilter] = useState<LogFilter>(NO_FILTER);
  const [query, setQuery] = useState("");
  const [order, setOrder] = useState<LogOrder>({ by: "on", descending: true });
  const search = useRef<HTMLInputElement>(null);
  useKey("search", () => search.current?.focus());
  const { replacements, vehicles } = records;
  const found = useFound(replacements, vehicles, query);
  const names = useMemo(() => new Map(vehicles.map(({ id, name }) => [id, name])), [vehicles]);
  // Put in order once: what a filter leaves of it is in order too.
  const sorted = useMemo(() => sortLog(replacements, order, names), [replacements, order, names]);
  const rows = useMemo(
    () =>
      sorted.filter(
        (one) =>
          (!vehicle || one.vehicleId === vehicle.id) && passes(one, filter) && (!found || found.has(one.id)),
      ),
    [sorted, found, vehicle, filter],
  );
  const spent = rows.reduce((sum, { priceMinor }) => sum + (priceMinor ?? 0), 0);

  return (
    <LogPage
      at=""
      vehicle={vehicle}
      records={records}
      left={
        <>
          <Box marginTop="3">
            <TextField
              ref={search}
              label="Search"
              type="search"
              placeholder="plugs, left rear…"
              value={query}
              onChange={(event) => setQuery(event.target.value)}
            />
          </Box>
          <LogFilters
            filter={filter}
            onChange={setFilter}
            replacements={replacements}
            vehicleId={vehicle?.id}
          />
          <Box marginTop="4" color="soft" aria-live="polite" data-testid="log-count">
            {rows.length} {rows.length === 1 ? "replacement" : "replacements"}, {formatPrice(spent, money)}{" "}
            for parts
          </Box>
          <Button asChild look="quiet" paddingInline="0">
            <Link href={bringLogHref()}>Bring in a table</Link>
          </Button>
        </>
      }
    >
      {logs.map((log) => (
        <RailSheet key={log.vehicle.id} log={log} replacements={replacements} named={!vehicle} />
      ))}
      <QuickEntry vehicle={vehicle} />
      <LogTable
        rows={rows}
        names={names}
        order={order}
        onOrder={setOrder}
        showVehicle={!vehicle}
        isEmpty={replacements.length === 0}
      />
    </LogPage>
  );
}

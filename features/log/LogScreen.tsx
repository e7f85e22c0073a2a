"use client";

import { Box } from "@chakra-ui/react";
import { useRouter, useSearchParams } from "next/navigation";
import { useRef, useState } from "react";
import { SYSTEMS } from "@/core/model/place";
import { formatPrice } from "@/core/quantity/money";
import { useCollection } from "@/data/hooks";
import { SelectField, TextField } from "@/ui/form/Field";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { useVehicleInHand } from "../shell/hand";
import { useKey } from "../shell/keys";
import { LogTable } from "./LogTable";
import { useFound } from "./use-found";

const ALL = "all";

/** Completed replacements: chosen by vehicle and system, searched, and sorted in the table. */
export function LogScreen() {
  const router = useRouter();
  const all = useSearchParams().get("id") === ALL;
  const inHand = useVehicleInHand();
  const vehicles = useCollection("vehicles");
  const replacements = useCollection("replacements");
  const [system, setSystem] = useState("");
  const [query, setQuery] = useState("");
  const search = useRef<HTMLInputElement>(null);
  useKey("/", () => search.current?.focus());
  const found = useFound(replacements ?? [], vehicles ?? [], query);
  if (inHand === undefined || !vehicles || !replacements) return <Loading />;

  const vehicle = all ? undefined : inHand;
  const rows = found.filter((one) => (!vehicle || one.vehicleId === vehicle.id) && (system === "" || one.system === system));
  const spent = rows.reduce((sum, { priceMinor }) => sum + (priceMinor ?? 0), 0);

  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: "minmax(0, 1fr)", lg: "240px minmax(0, 1fr)" }}
      gap={{ base: "3", lg: "18px" }}
      alignItems="start"
      paddingRight={{ lg: "20px" }}
    >
      <Sheet title="Log">
        <Box display="grid" gridTemplateColumns={{ base: "1fr 1fr", lg: "1fr" }} gap="3">
          <Box gridColumn="1 / -1">
            <TextField ref={search} label="Search" type="search" placeholder="plugs, left rear…" value={query} onChange={(event) => setQuery(event.target.value)} />
          </Box>
          <SelectField
            label="Vehicle"
            value={vehicle?.id ?? ALL}
            onChange={(event) => router.replace(`/log?id=${encodeURIComponent(event.target.value)}`)}
            choices={[{ value: ALL, label: "All vehicles" }, ...vehicles.map(({ id, name }) => ({ value: id, label: name }))]}
          />
          <SelectField label="System" value={system} onChange={(event) => setSystem(event.target.value)} choices={[{ value: "", label: "All systems" }, ...SYSTEMS]} />
        </Box>
        <Box marginTop="4" color="soft" aria-live="polite" data-testid="log-count">
          {rows.length} {rows.length === 1 ? "replacement" : "replacements"}, {formatPrice(spent)} for parts
        </Box>
      </Sheet>
      <LogTable rows={rows} vehicles={vehicles} showVehicle={!vehicle} isEmpty={replacements.length === 0} />
    </Box>
  );
}

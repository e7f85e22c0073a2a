"use client";

import { Box } from "@chakra-ui/react";
import { memo, useMemo } from "react";
import { partKey } from "@/core/log/part-key";
import type { Replacement } from "@/core/model/log";
import { PLACES, SYSTEMS } from "@/core/model/place";
import { SelectField } from "@/ui/form/Field";
import { useWide } from "@/ui/use-wide";

/** What the table is narrowed to; empty for all. */
export interface LogFilter {
  system: string;
  place: string;
  /** The key of a part's name. */
  part: string;
  year: string;
}

export const NO_FILTER: LogFilter = { system: "", place: "", part: "", year: "" };

export function passes(one: Replacement, { system, place, part, year }: LogFilter): boolean {
  return (
    (system === "" || one.system === system) &&
    (place === "" || one.place === place) &&
    (part === "" || partKey(one.part) === part) &&
    (year === "" || one.on.startsWith(year))
  );
}

/** The four ways to narrow the table; on a phone they are folded away until one is wanted. */
export const LogFilters = memo(function LogFilters({
  filter,
  onChange,
  replacements,
  vehicleId,
}: {
  filter: LogFilter;
  onChange: (filter: LogFilter) => void;
  replacements: Replacement[];
  vehicleId: string | undefined;
}) {
  const wide = useWide("lg");
  const { parts, years } = useMemo(() => {
    const own = replacements.filter((one) => vehicleId === undefined || one.vehicleId === vehicleId);
    const names = new Map<string, string>();
    for (const { part } of own) if (!names.has(partKey(part))) names.set(partKey(part), part);
    return {
      parts: [...names]
        .map(([value, label]) => ({ value, label }))
        .sort((a, b) => a.label.localeCompare(b.label)),
      years: [...new Set(own.map(({ on }) => on.slice(0, 4)))].sort().reverse(),
    };
  }, [replacements, vehicleId]);
  const field = (
    label: string,
    name: keyof LogFilter,
    all: string,
    choices: readonly (string | { value: string; label: string })[],
  ) => (
    <SelectField
      label={label}
      value={filter[name]}
      onChange={(event) => onChange({ ...filter, [name]: event.target.value })}
      choices={[{ value: "", label: all }, ...choices]}
    />
  );
  const fields = (
    <Box display="grid" gridTemplateColumns={{ base: "repeat(2, minmax(0, 1fr))", lg: "1fr" }} gap="2">
      {field("System", "system", "All systems", SYSTEMS)}
      {field("Place", "place", "All places", PLACES)}
      {field("Part", "part", "All parts", parts)}
      {field("Year", "year", "All years", years)}
    </Box>
  );
  if (wide) return <Box marginTop="2">{fields}</Box>;
  return (
    <Box as="details" marginTop="2">
      <Box as="summary" minHeight="44px" paddingTop="2" fontWeight="600" cursor="pointer">
        Narrow it down
      </Box>
      {fields}
    </Box>
  );
});

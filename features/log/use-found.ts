"use client";

import MiniSearch from "minisearch";
import { useMemo } from "react";
import type { Replacement } from "@/core/model/log";
import type { Vehicle } from "@/core/model/vehicle";

/** The replacements that a search finds, all of them for an empty search; small slips of spelling are forgiven. */
export function useFound(replacements: Replacement[], vehicles: Vehicle[], query: string): Replacement[] {
  const index = useMemo(() => {
    const search = new MiniSearch<Replacement>({
      fields: ["part", "partNumber", "place", "system", "note", "on", "vehicle"],
      extractField: (record, field) => {
        if (field === "vehicle") return vehicles.find(({ id }) => id === record.vehicleId)?.name ?? "";
        const value = record[field as keyof Replacement];
        return value === undefined ? "" : String(value);
      },
      searchOptions: { prefix: true, fuzzy: (term) => (term.length > 4 ? 0.2 : false), combineWith: "AND" },
    });
    search.addAll(replacements);
    return search;
  }, [replacements, vehicles]);

  return useMemo(() => {
    if (query.trim() === "") return replacements;
    const found = new Set<string>(index.search(query).map(({ id }) => String(id)));
    return replacements.filter(({ id }) => found.has(id));
  }, [index, query, replacements]);
}

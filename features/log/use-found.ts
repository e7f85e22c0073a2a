"use client";

import MiniSearch from "minisearch";
import { useMemo } from "react";
import type { Replacement } from "@/core/model/log";
import type { Vehicle } from "@/core/model/vehicle";

/** The replacements that a search finds, all of them for an empty search; slips of spelling are forgiven. */
export function useFound(replacements: Replacement[], vehicles: Vehicle[], query: string): Replacement[] {
  const index = useMemo(() => {
    const search = new MiniSearch<Replacement>({
      fields: ["part", "partNumber", "place", "system", "note", "on", "vehicle"],
      extractField: (record, field) => {
        if (field === "vehicle") return vehicles.find(({ id }) => id === record.vehicleId)?.name ?? "";
        const value = record[field as keyof Replacement];
        return value === undefined ? "" : String(value);
      },
      searchOptions: { prefix: true, combineWith: "AND" },
    });
    search.addAll(replacements);
    return search;
  }, [replacements, vehicles]);

  return useMemo(() => {
    if (query.trim() === "") return replacements;
    // Spelling is forgiven only when nothing is spelt that way: "coil" should not bring every oil change.
    const exact = index.search(query);
    const hits = exact.length > 0 ? exact : index.search(query, { fuzzy: 0.3 });
    const found = new Set<string>(hits.map(({ id }) => String(id)));
    return replacements.filter(({ id }) => found.has(id));
  }, [index, query, replacements]);
}

"use client";

import MiniSearch from "minisearch";
import { useEffect, useMemo, useState } from "react";
import type { Replacement } from "@/core/model/log";
import type { Vehicle } from "@/core/model/vehicle";

/** So many are taken into the index at a time: a long log does not hold up the screen. */
const AT_A_TIME = 250;

/**
 * Ids of the replacements that a search finds, undefined for an empty search, which leaves all; slips of
 * spelling are forgiven. Until the index is made, which for a long log takes a moment, the words have to
 * stand there as they are typed.
 */
export function useFound(
  replacements: Replacement[],
  vehicles: Vehicle[],
  query: string,
): ReadonlySet<string> | undefined {
  const [index, setIndex] = useState<{ of: Replacement[]; search: MiniSearch<Replacement> }>();
  useEffect(() => {
    let wanted = true;
    const search = emptyIndex(vehicles);
    void search
      .addAllAsync(replacements, { chunkSize: AT_A_TIME })
      .then(() => wanted && setIndex({ of: replacements, search }));
    return () => {
      wanted = false;
    };
  }, [replacements, vehicles]);

  return useMemo(() => {
    const words = query.trim().toLowerCase();
    if (words === "") return undefined;
    if (index?.of !== replacements)
      return new Set(
        replacements.flatMap((one) =>
          [one.part, one.place, one.system, one.note].join(" ").toLowerCase().includes(words) ? [one.id] : [],
        ),
      );
    // Spelling is forgiven only when nothing is spelt that way: "coil" should not bring every oil change.
    const exact = index.search.search(words);
    const hits = exact.length > 0 ? exact : index.search.search(words, { fuzzy: 0.3 });
    return new Set(hits.map(({ id }) => String(id)));
  }, [index, query, replacements]);
}

function emptyIndex(vehicles: Vehicle[]): MiniSearch<Replacement> {
  const names = new Map(vehicles.map(({ id, name }) => [id, name]));
  return new MiniSearch<Replacement>({
    fields: ["part", "partNumber", "place", "system", "note", "on", "vehicle"],
    extractField: (record, field) => {
      if (field === "vehicle") return names.get(record.vehicleId) ?? "";
      const value = record[field as keyof Replacement];
      return value === undefined ? "" : String(value);
    },
    searchOptions: { prefix: true, combineWith: "AND" },
  });
}

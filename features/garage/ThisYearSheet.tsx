"use client";

import { Box } from "@chakra-ui/react";
import { yearSummary } from "@/core/log/this-year";
import type { Vehicle } from "@/core/model/vehicle";
import { formatPrice } from "@/core/quantity/money";
import { useCollection } from "@/data/hooks";
import { Sheet } from "@/ui/Sheet";
import { today } from "../shell/clock";

/** What the vehicle has had this calendar year. */
export function ThisYearSheet({ vehicle }: { vehicle: Vehicle }) {
  const replacements = useCollection("replacements") ?? [];
  const year = today().slice(0, 4);
  const { replacements: count, spentMinor, unpriced } = yearSummary(replacements, vehicle.id, year);
  return (
    <Sheet title={`${vehicle.name} in ${year}`}>
      {count === 0 ? (
        <Box color="soft">Nothing replaced yet.</Box>
      ) : (
        <Box>
          {count} {count === 1 ? "replacement" : "replacements"}, parts {formatPrice(spentMinor)}.{unpriced > 0 && ` ${unpriced} without a price.`}
        </Box>
      )}
    </Sheet>
  );
}

"use client";

import { Box, chakra } from "@chakra-ui/react";
import type { ReadRow } from "@/core/log/table/log-table";
import type { Vehicle } from "@/core/model/vehicle";
import { formatDistance } from "@/core/quantity/distance";
import { formatPrice } from "@/core/quantity/money";
import { Button } from "@/ui/Button";
import { formatDay } from "@/ui/day";
import { Sheet } from "@/ui/Sheet";
import { useMoney } from "../../shared/money/use-money";

type Wrong = Extract<ReadRow, { wrong: string }>;
type Good = Extract<ReadRow, { draft: unknown }>;

const SHOWN = 8;
const Cell = chakra("td", {
  base: { padding: "6px 10px 6px 0", borderTop: "1px solid", borderColor: "edge" },
});

interface BringPreviewProps {
  name: string;
  wrong: Wrong[];
  good: Good[];
  /** Those that are not in the log yet. */
  fresh: Good[];
  vehicles: Vehicle[];
  blocked: boolean;
  onBring: () => void;
}

/**
 * What bringing the table in would do: the first rows as the log would have them, and every row that cannot
 * be read.
 */
export function BringPreview({ name, wrong, good, fresh, vehicles, blocked, onBring }: BringPreviewProps) {
  const money = useMoney();
  const ready = wrong.length === 0 && fresh.length > 0 && !blocked;
  return (
    <Sheet title={name} padding="5">
      <Box aria-live="polite" marginBottom="3">
        {fresh.length} new, {good.length - fresh.length} in the log already and left out
        {wrong.length > 0 && (
          <Box as="span" color="stop" fontWeight="600">
            , ■ {wrong.length} that cannot be read
          </Box>
        )}
        .
      </Box>
      {wrong.length > 0 && (
        <Box marginBottom="4">
          {wrong.slice(0, SHOWN).map(({ row, wrong: says }) => (
            <Box key={row} color="stop">
              Row {row}: {says}
            </Box>
          ))}
          {wrong.length > SHOWN && <Box color="stop">and {wrong.length - SHOWN} more.</Box>}
          <Box marginTop="2">
            All or nothing: match the columns above, or mend the rows in the table and choose it again.
          </Box>
        </Box>
      )}
      {fresh.length > 0 && (
        <Box overflowX="auto">
          <Box as="table" width="100%" borderCollapse="collapse" fontSize="15px">
            <tbody>
              {fresh.slice(0, SHOWN).map(({ row, draft }) => (
                <tr key={row}>
                  <Cell whiteSpace="nowrap">{formatDay(draft.on)}</Cell>
                  <Cell>{vehicles.find(({ id }) => id === draft.vehicleId)?.name}</Cell>
                  <Cell fontWeight="600">
                    {draft.count > 1 && `${draft.count} × `}
                    {draft.part}
                  </Cell>
                  <Cell>{draft.place}</Cell>
                  <Cell>{draft.system}</Cell>
                  <Cell whiteSpace="nowrap">{formatDistance(draft.odometer)}</Cell>
                  <Cell>{draft.priceMinor === undefined ? "" : formatPrice(draft.priceMinor, money)}</Cell>
                </tr>
              ))}
            </tbody>
          </Box>
          {fresh.length > SHOWN && <Box color="soft">and {fresh.length - SHOWN} more.</Box>}
        </Box>
      )}
      <Button look="primary" marginTop="4" disabled={!ready} onClick={onBring}>
        Put {fresh.length} in the log
      </Button>
    </Sheet>
  );
}

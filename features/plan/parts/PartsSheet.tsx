"use client";

import { Box } from "@chakra-ui/react";
import type { Part, Route } from "@/core/model/job";
import { formatPrice } from "@/core/quantity/money";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { useMoney } from "../../shared/money/use-money";
import { Line } from "../Line";

/** What the job replaces. */
export function PartsSheet({ route, onEdit }: { route: Route; onEdit: (part?: Part) => void }) {
  const money = useMoney();
  return (
    <Sheet title="Parts">
      {route.parts.length === 0 && (
        <Box color="soft">None yet. What is written here goes into the log at the end.</Box>
      )}
      {route.parts.map((part) => (
        <Line
          key={part.id}
          onClick={() => onEdit(part)}
          label={`${part.count > 1 ? `${part.count} × ` : ""}${part.name}, ${part.place}`}
        >
          {part.priceMinor === undefined ? "" : formatPrice(part.priceMinor, money)}
        </Line>
      ))}
      <Button look="quiet" paddingInline="0" onClick={() => onEdit()}>
        Add a part
      </Button>
    </Sheet>
  );
}

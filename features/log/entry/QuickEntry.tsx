"use client";

import { Box } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Vehicle } from "@/core/model/vehicle";
import { Button } from "@/ui/Button";
import { TextField } from "@/ui/form/Field";
import { Sheet } from "@/ui/Sheet";
import { newEntryHref } from "../../shell/addresses";
import { useKey } from "../../shell/keys";

/** A replacement in one line; what was read from it is shown before it is saved. */
export function QuickEntry({ vehicle }: { vehicle: Vehicle | undefined }) {
  const router = useRouter();
  const [line, setLine] = useState("");
  const open = () => router.push(newEntryHref(line, { vehicleId: vehicle?.id }));
  useKey("add", open);
  return (
    <Sheet>
      <Box
        as="form"
        onSubmit={(event) => {
          event.preventDefault();
          open();
        }}
        display="flex"
        alignItems="end"
        gap="3"
      >
        <Box flex="1">
          <TextField
            label="Done without a job? One line is enough"
            placeholder="front wipers 61 200 km 18.50 today"
            value={line}
            onChange={(event) => setLine(event.target.value)}
          />
        </Box>
        <Button type="submit" look="primary">
          Add
        </Button>
      </Box>
    </Sheet>
  );
}

"use client";

import { Box } from "@chakra-ui/react";
import { Button } from "@/ui/Button";
import type { Busy } from "./use-files";

/** How far a file has come, and the way out. */
export function BusyBar({ busy, onCancel }: { busy: Busy; onCancel: () => void }) {
  const percent = busy.share === undefined ? undefined : Math.round(busy.share * 100);
  return (
    <Box role="status" display="flex" alignItems="center" gap="3" marginTop="3">
      <Box flex="1">
        <Box marginBottom="1">
          {busy.says}
          {percent !== undefined && ` ${percent} %`}
        </Box>
        <progress
          aria-label={busy.says}
          {...(busy.share === undefined ? {} : { value: busy.share })}
          max={1}
          style={{ width: "100%", height: 14, accentColor: "var(--chakra-colors-drawing)" }}
        />
      </Box>
      <Button onClick={onCancel}>Cancel</Button>
    </Box>
  );
}

"use client";

import { Box } from "@chakra-ui/react";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import type { Move } from "../use-work";

/** The note that the vehicle must not be driven, until it is taken away. */
export function DoNotDriveSheet({ because, move }: { because: string; move: Move }) {
  const clear = () =>
    void move((now) => {
      const { doNotDrive: _was, ...rest } = now;
      return rest;
    });
  return (
    <Sheet tone="stop">
      <Box display="flex" gap="3" alignItems="center" justifyContent="space-between" flexWrap="wrap">
        <Box fontSize="20px" fontWeight="600" color="stop">
          ■ Do not drive: {because}
        </Box>
        <Button minHeight="56px" onClick={clear}>
          Take the note away
        </Button>
      </Box>
    </Sheet>
  );
}

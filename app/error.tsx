"use client";

import { Box } from "@chakra-ui/react";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";

/** When a screen cannot be drawn. What was saved is safe; the way back is here. */
export default function ErrorScreen({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <Sheet title="This screen could not be drawn" maxWidth="560px" marginInline="auto" marginTop="10">
      <Box marginBottom="3">What you saved is still in this browser. Try again; if it stays, close other tabs of Vest Pocket and reload.</Box>
      <Box color="soft" fontSize="14px" marginBottom="4">
        {error.message}
      </Box>
      <Button look="primary" onClick={reset}>
        Try again
      </Button>
    </Sheet>
  );
}

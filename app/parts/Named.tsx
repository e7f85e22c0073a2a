import { Box } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** One thing on the page, with what it is called in the code. */
export function Named({ name, children }: { name: string; children: ReactNode }) {
  return (
    <Box border="1px dashed" borderColor="edge" padding="3" minWidth="0" overflow="hidden">
      <Box fontSize="14px" color="soft" marginBottom="2">
        {name}
      </Box>
      {children}
    </Box>
  );
}

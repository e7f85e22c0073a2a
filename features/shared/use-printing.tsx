"use client";

import { Box } from "@chakra-ui/react";
import { type ReactNode, useState } from "react";
import { PAPERS, type Paper, paperOf } from "@/core/quantity/paper";
import { Button } from "@/ui/Button";
import { useMoney } from "./money/use-money";

/** The paper that is printed on, at first that of the country; with what chooses it and prints. */
export function usePrinting(): { paper: Paper; controls: ReactNode } {
  const { region } = useMoney();
  const [chosen, choose] = useState<Paper>();
  const paper = chosen ?? paperOf(region);
  return {
    paper,
    controls: (
      <Box>
        <Box display="flex" gap="2" role="group" aria-label="Paper" marginBottom="3">
          {PAPERS.map((one) => (
            <Button
              key={one}
              look={paper === one ? "primary" : "plain"}
              aria-pressed={paper === one}
              onClick={() => choose(one)}
            >
              {one}
            </Button>
          ))}
        </Box>
        <Button look="primary" width="100%" onClick={() => window.print()}>
          Print it
        </Button>
      </Box>
    ),
  };
}

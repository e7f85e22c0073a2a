"use client";

import { Box } from "@chakra-ui/react";
import type { Check } from "@/core/decide/topic";
import { Button } from "@/ui/Button";
import { CarWords } from "@/ui/CarWords";
import { CheckDrawing } from "@/ui/drawing/CheckDrawing";

interface CheckCardProps {
  check: Check;
  /** What it gave; undefined where it was not done yet. */
  found: string | undefined;
  /** Why it comes next, where it does. */
  why?: string | undefined;
  onFind: (result: string | undefined) => void;
}

/** One check, with what it can give as buttons; pressed again, it is not checked yet. */
export function CheckCard({ check, found, why, onFind }: CheckCardProps) {
  return (
    <Box
      role="group"
      aria-label={check.ask}
      border={why ? "3px solid" : "1px solid"}
      borderColor={why ? "ink" : "edge"}
      borderRadius="sheet"
      background="raised"
      padding="3"
      data-testid={why ? "next-check" : undefined}
    >
      {why && (
        <Box as="span" background="marker" color="onMarker" paddingInline="2" fontWeight="600">
          {why}
        </Box>
      )}
      <Box as="h3" fontSize={why ? "26px" : "20px"} lineHeight="1.15" marginBlock="1">
        {check.ask} …
      </Box>
      <Box display="flex" gap="3" alignItems="center" marginBottom="2">
        <CheckDrawing way={check.way} />
        <Box>
          <CarWords>{check.how}</CarWords>
        </Box>
      </Box>
      <Box display="flex" gap="2" flexWrap="wrap">
        {check.results.map((result) => (
          <Button
            key={result}
            look={result === found ? "primary" : "plain"}
            aria-pressed={result === found}
            minHeight={why ? "56px" : undefined}
            onClick={() => onFind(result === found ? undefined : result)}
          >
            {result === found ? "● " : ""}
            {result}
          </Button>
        ))}
      </Box>
    </Box>
  );
}

"use client";

import { Box } from "@chakra-ui/react";
import type { Part } from "@/core/model/job";
import { formatPrice } from "@/core/quantity/money";
import { Row } from "@/ui/Sheet";

/** The parts to have at hand before the work begins, and what they come to. */
export function PartsToHave({ parts }: { parts: Part[] }) {
  if (parts.length === 0) return null;
  const priced = parts.filter(({ priceMinor }) => priceMinor !== undefined);
  const sum = priced.reduce((total, { priceMinor }) => total + (priceMinor ?? 0), 0);
  return (
    <Box marginTop="4">
      <Box as="h2" fontSize="20px">
        Parts to have
      </Box>
      {parts.map((part) => (
        <Row key={part.id} label={`${part.count > 1 ? `${part.count} × ` : ""}${part.name}, ${part.place}`}>
          {part.priceMinor === undefined ? "" : formatPrice(part.priceMinor)}
        </Row>
      ))}
      {priced.length > 1 && (
        <Box textAlign="right" fontWeight="600" marginTop="1">
          {formatPrice(sum)}
        </Box>
      )}
    </Box>
  );
}

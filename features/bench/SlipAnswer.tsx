"use client";

import { Box } from "@chakra-ui/react";
import type { SlipLine, Worked } from "@/core/slip/slip";
import { BigFigure } from "@/ui/BigFigure";
import { Row, Sheet } from "@/ui/Sheet";
import { TONE_SHAPE } from "@/ui/tone-shape";

/** The answer as large as it can be, and what follows for the hand. */
export function SlipAnswer({ worked: { slip, errors } }: { worked: Worked }) {
  if (!slip) {
    const count = Object.keys(errors).length;
    return (
      <Box aria-live="polite" minHeight="96px" color="soft">
        {count > 1
          ? "The answer stands here once the marked fields can be read."
          : "The answer stands here once the marked field can be read."}
      </Box>
    );
  }
  const { answer, verdict } = slip;
  return (
    <Box aria-live="polite">
      <Box fontWeight="600">{answer.says}</Box>
      <BigFigure
        value={answer.value}
        {...(answer.unit ? { unit: answer.unit } : {})}
        size={answer.value.length > 10 ? "long" : "bench"}
      />
      {verdict && (
        <Sheet
          tone={verdict.tone === "good" ? "plain" : verdict.tone}
          padding="3"
          marginTop="2"
          color={verdict.tone}
          fontWeight="600"
        >
          {TONE_SHAPE[verdict.tone]} {verdict.says}
        </Sheet>
      )}
    </Box>
  );
}

/** What else comes out of it. */
export function SlipLines({ lines }: { lines: readonly SlipLine[] }) {
  return (
    <Box>
      {lines.map(({ label, value, tone }) => (
        <Row key={label} label={label}>
          <Box as="span" fontWeight="600" color={tone}>
            {tone && tone !== "good" ? `${TONE_SHAPE[tone]} ` : ""}
            {value}
          </Box>
        </Row>
      ))}
    </Box>
  );
}

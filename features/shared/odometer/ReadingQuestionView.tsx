"use client";

import { Box } from "@chakra-ui/react";
import type { ReadingQuestion } from "@/core/log/mileage/odometer";
import { Button } from "@/ui/Button";

interface ReadingQuestionViewProps {
  question: ReadingQuestion;
  onNewOdometer: () => void;
  onCorrect: () => void;
}

/** A reading that goes backwards, asked about in a sentence before it is kept. */
export function ReadingQuestionView({ question, onNewOdometer, onCorrect }: ReadingQuestionViewProps) {
  return (
    <Box role="alert" marginTop="3">
      <Box color="watch" fontWeight="600" marginBottom="2">
        ▲ {question.says}
      </Box>
      <Box display="flex" gap="2" flexWrap="wrap">
        {question.mayBeNewOdometer && <Button onClick={onNewOdometer}>New odometer, keep it</Button>}
        <Button look="primary" onClick={onCorrect}>
          Correct it
        </Button>
      </Box>
    </Box>
  );
}

"use client";

import { Box } from "@chakra-ui/react";
import { formatTorqueValue } from "@/core/quantity/torque-quantity";
import { torqueSymbol } from "@/core/quantity/torque-unit";
import { BigFigure } from "@/ui/BigFigure";
import type { BenchAnswer } from "./bench-state";

/** The answer of the Bench: the setting, or why this wrench will not do, and what reaches the bolt. */
export function BenchAnswerView({ answer: { slip, judged } }: { answer: BenchAnswer }) {
  const refused = judged && "why" in judged ? judged.why : undefined;
  return (
    <Box aria-live="polite" minHeight="132px">
      {!slip && <Box color="soft">The setting is shown here as soon as every field can be read.</Box>}
      {refused && (
        <Box background="stopPaper" color="stop" border="1px solid" borderColor="stop" borderRadius="sheet" padding="4" fontWeight="600">
          ■ Not this wrench. {refused}
        </Box>
      )}
      {slip && !refused && (
        <>
          <Box fontWeight="600">Set the wrench to</Box>
          <BigFigure value={formatTorqueValue(slip.setting)} unit={torqueSymbol(slip.setting.unit)} size="bench" />
          <Box>{slip.exactNm.toFixed(1)} N·m before rounding to the scale.</Box>
          {judged && "bandNm" in judged && (
            <Box>
              The bolt gets {judged.bandNm[0].toFixed(1)} to {judged.bandNm[1].toFixed(1)} N·m.
            </Box>
          )}
        </>
      )}
    </Box>
  );
}

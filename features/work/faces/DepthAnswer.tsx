"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { type DepthVerdict, judgeDepth } from "@/core/fastener/how-tight";
import { readNumber } from "@/core/quantity/read-number";
import { shown } from "@/core/quantity/shown";
import { depthInWords } from "@/core/quantity/torque-words";
import { BigFigure } from "@/ui/BigFigure";
import { TypedNumber } from "./TypedNumber";

/** How deep it is to lie, large. */
export function DepthFigure({ belowMm }: { belowMm: number }) {
  if (belowMm === 0) return <BigFigure value="flush" size="work" />;
  const [, ...words] = depthInWords(belowMm).split(" ");
  return <BigFigure value={shown(Math.abs(belowMm), 4)} unit={words.join(" ")} size="work" />;
}

const SAYS: Record<DepthVerdict["kind"], [colour: string, says: (byMm: string) => string]> = {
  there: ["good", () => "● There."],
  "drive further": ["watch", (by) => `▲ ${by} mm short: drive it further, evenly all round.`],
  "too deep": ["stop", (by) => `■ ${by} mm too deep. Stop, and look whether it still sits square.`],
};

/** How deep it lies as it is, typed where somebody measures it: short is driven further. */
export function DepthFound({ wantedMm }: { wantedMm: number }) {
  const [foundMm, setFoundMm] = useState<number>();
  const found = foundMm === undefined ? undefined : judgeDepth(wantedMm, foundMm);
  const [colour, says] = SAYS[found?.kind ?? "there"];
  return (
    <Box display="grid" gap="2">
      <Box>A straight edge across the face. Measure if in doubt; proud of the face is less than 0.</Box>
      <TypedNumber
        label="It lies below the face by"
        unit="mm"
        autoFocus={false}
        says="Is it there?"
        onKeep={(typed) => setFoundMm(readNumber(typed, "The depth").value)}
      />
      {found && (
        <Box role="status" color={colour} fontWeight="600" fontSize="18px">
          {foundMm} mm. {says("byMm" in found ? shown(found.byMm, 3) : "")}
        </Box>
      )}
    </Box>
  );
}

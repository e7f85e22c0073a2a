"use client";

import { Box } from "@chakra-ui/react";
import { torqueNeeds } from "@/core/kit/kit";
import type { Fastener } from "@/core/model/job";
import { fastenerDoubts } from "@/core/plan/doubts";
import { formatTorque } from "@/core/quantity/torque-quantity";
import { useCollection } from "@/data/hooks";
import { AdapterDrawing } from "@/ui/drawing/AdapterDrawing";
import { type FastenerFields, readFastener } from "./fastener-fields";

/** While a fastener is typed: what it would be on the owned wrench, and what is doubtful about it. */
export function FastenerPreview({ fields, before }: { fields: FastenerFields; before: Fastener | undefined }) {
  const tools = useCollection("tools") ?? [];
  const result = readFastener({ ...fields, name: fields.name || "?" }, "preview", before);
  if ("errors" in result || !result.fastener.figure) return null;
  const { fastener } = result;
  const [pull] = torqueNeeds(fastener, tools);
  const best = pull?.best;
  return (
    <Box gridColumn="1 / -1" borderTop="1px solid" borderColor="edge" paddingTop="4" display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="4" aria-live="polite">
      <Box>
        {best && (
          <>
            <Box fontWeight="600">On your {best.wrench.name}</Box>
            <Box fontFamily="heading" fontWeight="700" fontSize="48px" lineHeight="1.05" data-testid="preview-setting">
              {formatTorque(best.setting)}
            </Box>
            <Box color="soft">
              {best.exactNm.toFixed(1)} N·m before rounding. The bolt gets {best.bandNm[0].toFixed(1)} to {best.bandNm[1].toFixed(1)} N·m.
            </Box>
          </>
        )}
        {pull && !best && <Box color="stop">■ No wrench in the chest can be set for this.</Box>}
        {fastenerDoubts(fastener)
          .filter((doubt) => !doubt.includes("no source"))
          .map((doubt) => (
            <Box key={doubt} color="watch" fontWeight="600" marginTop="2">
              ▲ {doubt}
            </Box>
          ))}
      </Box>
      {fastener.adapter && best && <AdapterDrawing gripLengthMm={best.wrench.gripLengthMm} {...fastener.adapter} />}
    </Box>
  );
}

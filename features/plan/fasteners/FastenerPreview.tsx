"use client";

import { Box } from "@chakra-ui/react";
import { chestOf } from "@/core/chest/chest";
import { fastenerDoubts } from "@/core/fastener/doubts";
import { readForm } from "@/core/form";
import { torqueNeeds } from "@/core/kit/needs/torque-needs";
import type { Fastener } from "@/core/model/job";
import { formatBand } from "@/core/quantity/torque-band";
import { formatTorque } from "@/core/quantity/torque-quantity";
import type { TorqueUnit } from "@/core/quantity/torque-unit";
import { leverOf } from "@/core/torque/choose-wrench";
import { useCollection } from "@/data/hooks";
import { AdapterDrawing } from "@/ui/drawing/AdapterDrawing";
import { Doubts } from "../../shared/Doubts";
import { type FastenerFields, fastenerForm } from "./fastener-fields";

/** While a fastener is typed: what it would be on the owned wrench, and what is doubtful about it. */
export function FastenerPreview({
  fields,
  before,
  unit,
}: {
  fields: FastenerFields;
  before: Fastener | undefined;
  unit: TorqueUnit;
}) {
  const tools = useCollection("tools") ?? [];
  const named = { ...fields, name: fields.name || "?" };
  const read = readForm(fastenerForm(named, "preview", before), named);
  if ("errors" in read || !read.value.figure) return null;
  const fastener = read.value;
  const doubts = fastenerDoubts(fastener).filter(({ unsourced }) => !unsourced);
  const [pull] = torqueNeeds(fastener, chestOf(tools));
  const best = pull?.best;
  return (
    <Box
      gridColumn="1 / -1"
      borderTop="1px solid"
      borderColor="edge"
      paddingTop="4"
      display="grid"
      gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }}
      gap="4"
      aria-live="polite"
    >
      <Box>
        <Doubts doubts={doubts} />
        {best && !doubts.some(({ grave }) => grave) && (
          <>
            <Box fontWeight="600">On your {best.wrench.name}</Box>
            <Box
              fontFamily="heading"
              fontWeight="700"
              fontSize="48px"
              lineHeight="1.05"
              data-testid="preview-setting"
            >
              {formatTorque(best.setting)}
            </Box>
            <Box color="soft">
              {best.exactNm.toFixed(1)} N·m before rounding. The bolt gets {formatBand(best.bandNm, unit)}.
            </Box>
          </>
        )}
        {pull && !best && !pull.bySpanner && (
          <Box color="stop">■ No wrench in the chest can be set for this.</Box>
        )}
      </Box>
      {pull?.adapter && best && <AdapterDrawing {...leverOf(best.wrench, [pull.adapter])} />}
    </Box>
  );
}

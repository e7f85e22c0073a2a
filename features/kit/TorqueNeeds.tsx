"use client";

import { Box } from "@chakra-ui/react";
import type { TorqueNeed } from "@/core/kit/kit";
import { fastenerDoubts } from "@/core/plan/doubts";
import { formatTorqueValue } from "@/core/quantity/torque-quantity";
import { torqueSymbol } from "@/core/quantity/torque-unit";
import { formatFigure } from "@/core/quantity/torque-words";
import { rangeToBorrow } from "@/core/torque/choose-wrench";
import { Sheet } from "@/ui/Sheet";

/** Every torque of the plan: the owned wrench to use, what to set it to, and what reaches the bolt. */
export function TorqueNeeds({ needs }: { needs: TorqueNeed[] }) {
  return (
    <Sheet title="On your wrenches" flex="1">
      {needs.length === 0 && <Box color="soft">No torque in the plan yet.</Box>}
      {needs.map((need, i) => (
        <NeedRow key={`${need.fastener.id} ${i}`} need={need} />
      ))}
    </Sheet>
  );
}

function NeedRow({ need: { fastener, stage, best, chain, refused } }: { need: TorqueNeed }) {
  const doubts = fastenerDoubts(fastener);
  return (
    <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "170px 1fr" }} gap={{ base: "1", md: "4" }} borderTop="1px solid" borderColor="edge" paddingBlock="3" data-testid="torque-need">
      {best ? (
        <Box fontFamily="heading" fontWeight="700" fontSize="44px" lineHeight="1">
          {formatTorqueValue(best.setting)}
          <Box as="span" fontSize="22px" fontWeight="600">
            {" "}
            {torqueSymbol(best.setting.unit)}
          </Box>
        </Box>
      ) : (
        <Box color="stop" fontWeight="600" fontSize="18px">
          ■ No wrench for it
        </Box>
      )}
      <Box>
        <Box fontWeight="600">
          {fastener.count} × {fastener.name}: {fastener.figure && formatFigure(fastener.figure)}
          {stage.label && `, ${stage.label}`}
        </Box>
        {best ? (
          <Box color="soft">
            {best.wrench.name}. The bolt gets {best.bandNm[0].toFixed(1)} to {best.bandNm[1].toFixed(1)} N·m
            {fastener.adapter && `, with the ${fastener.adapter.offsetMm} mm crowfoot${fastener.adapter.angleDeg === 0 ? " in line" : ` at ${fastener.adapter.angleDeg}°`}`}.
            {chain?.pieces.map((piece) => ` Through the ${piece.name}.`)}
          </Box>
        ) : (
          <Borrow target={stage.target} adapters={fastener.adapter ? [fastener.adapter] : []} />
        )}
        {best && best.shareInside < 0.999 && (
          <Box color="watch">▲ Only {Math.round(best.shareInside * 100)} % of what may reach the bolt lies within what is asked.</Box>
        )}
        {chain?.gap && <Box color="stop">■ {chain.gap}</Box>}
        {doubts.map((doubt) => (
          <Box key={doubt} color="watch">
            ▲ {doubt}
          </Box>
        ))}
        {refused.length > 0 && !best && refused.map(({ wrench, why }) => <Box key={wrench.id} color="soft" fontSize="15px">{`${wrench.name}: ${why}`}</Box>)}
      </Box>
    </Box>
  );
}

function Borrow({ target, adapters }: { target: Parameters<typeof rangeToBorrow>[0]; adapters: Parameters<typeof rangeToBorrow>[1] }) {
  const { settingNm, smallestFullScaleNm, largestFullScaleNm } = rangeToBorrow(target, adapters);
  return (
    <Box>
      Borrow one that shows {settingNm.toFixed(1)} N·m and ends between {Math.ceil(smallestFullScaleNm)} and {Math.floor(largestFullScaleNm)} N·m.
    </Box>
  );
}

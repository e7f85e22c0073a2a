"use client";

import { Box } from "@chakra-ui/react";
import { InputError } from "@/core/input-error";
import type { TorqueNeed } from "@/core/kit/kit";
import { fastenerDoubts } from "@/core/plan/doubts";
import { formatBand } from "@/core/quantity/torque-band";
import { formatTorqueValue } from "@/core/quantity/torque-quantity";
import { type TorqueUnit, fromNm, torqueSymbol } from "@/core/quantity/torque-unit";
import { formatFigure } from "@/core/quantity/torque-words";
import { rangeToBorrow } from "@/core/torque/choose-wrench";
import { Sheet } from "@/ui/Sheet";
import { Doubts } from "../plan/Doubts";

/** Every torque of the plan: the owned wrench to use, what to set it to, and what reaches the bolt. */
export function TorqueNeeds({ needs, unit }: { needs: TorqueNeed[]; unit: TorqueUnit }) {
  return (
    <Sheet title="On your wrenches" flex="1">
      {needs.length === 0 && <Box color="soft">No torque in the plan yet.</Box>}
      {needs.map((need, i) => (
        <NeedRow key={`${need.fastener.id} ${i}`} need={need} unit={unit} />
      ))}
    </Sheet>
  );
}

function NeedRow({ need, unit }: { need: TorqueNeed; unit: TorqueUnit }) {
  const { fastener, stage, best } = need;
  const doubts = fastenerDoubts(fastener);
  const grave = doubts.some((doubt) => doubt.grave);
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: "1fr", md: "170px 1fr" }}
      gap={{ base: "1", md: "4" }}
      borderTop="1px solid"
      borderColor="edge"
      paddingBlock="3"
      data-testid="torque-need"
    >
      {grave || !best ? (
        <Box color="stop" fontWeight="600" fontSize="18px">
          {grave ? "■ Look it up first" : "■ No wrench for it"}
        </Box>
      ) : (
        <Box fontFamily="heading" fontWeight="700" fontSize="44px" lineHeight="1">
          {formatTorqueValue(best.setting)}
          <Box as="span" fontSize="22px" fontWeight="600">
            {" "}
            {torqueSymbol(best.setting.unit)}
          </Box>
        </Box>
      )}
      <Box>
        <Box fontWeight="600">
          {fastener.count} × {fastener.name}: {fastener.figure && formatFigure(fastener.figure)}
          {stage.label && `, ${stage.label}`}
        </Box>
        {!grave && (best ? <Reaches need={need} unit={unit} /> : <Missing need={need} unit={unit} />)}
        <Doubts doubts={doubts} />
      </Box>
    </Box>
  );
}

function Reaches({ need: { fastener, best, chain }, unit }: { need: TorqueNeed; unit: TorqueUnit }) {
  if (!best) return null;
  const { adapter } = fastener;
  return (
    <>
      <Box color="soft">
        {best.wrench.name}. The bolt gets {formatBand(best.bandNm, unit)}
        {adapter && `, with the ${adapter.offsetMm} mm crowfoot${adapter.angleDeg === 0 ? " in line" : ` at ${adapter.angleDeg}°`}`}.
        {chain?.pieces.map((piece) => ` Through the ${piece.name}.`)}
      </Box>
      {best.shareInside < 0.999 && <Box color="watch">▲ Only {Math.round(best.shareInside * 100)} % of what may reach the bolt lies within what is asked.</Box>}
      {chain?.gap && <Box color="stop">■ {chain.gap}</Box>}
    </>
  );
}

function Missing({ need: { fastener, stage, refused }, unit }: { need: TorqueNeed; unit: TorqueUnit }) {
  return (
    <>
      <Box>{borrowWords(stage.target, fastener.adapter ? [fastener.adapter] : [], unit)}</Box>
      {refused.map(({ wrench, why }) => (
        <Box key={wrench.id} color="soft" fontSize="15px">
          {wrench.name}: {why}
        </Box>
      ))}
    </>
  );
}

function borrowWords(target: Parameters<typeof rangeToBorrow>[0], adapters: Parameters<typeof rangeToBorrow>[1], unit: TorqueUnit): string {
  try {
    const { settingNm, smallestFullScaleNm, largestFullScaleNm } = rangeToBorrow(target, adapters);
    const whole = (nm: number, round: (value: number) => number) => round(fromNm(nm, unit));
    return `Borrow one that shows ${fromNm(settingNm, unit).toFixed(1)} ${torqueSymbol(unit)} and whose scale ends between ${whole(smallestFullScaleNm, Math.ceil)} and ${whole(largestFullScaleNm, Math.floor)} ${torqueSymbol(unit)}.`;
  } catch (error) {
    if (error instanceof InputError) return error.message;
    throw error;
  }
}

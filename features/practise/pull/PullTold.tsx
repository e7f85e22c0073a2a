"use client";

import { Box } from "@chakra-ui/react";
import type { Pull } from "@/core/joint/pull";
import { afterPull } from "@/core/practise/after-pull";
import { shown } from "@/core/quantity/shown";
import { formatBand } from "@/core/quantity/torque-band";
import { type TorqueUnit, fromNm, torqueSymbol } from "@/core/quantity/torque-unit";
import type { TorqueTarget } from "@/core/torque/target";
import { BigFigure } from "@/ui/BigFigure";
import { Row } from "@/ui/Sheet";
import { PullCurve } from "./PullCurve";

const kN = (force: number) => `${(force / 1000).toFixed(1)} kN`;

/** What a pull came to: what the bolt got, the curve, and what that clamps with. */
export function PullTold({ pull, target, unit }: { pull: Pull; target: TorqueTarget; unit: TorqueUnit }) {
  const told = afterPull(pull, target, unit);
  const wanted = target.isMaximum
    ? `at most ${fromNm(target.highNm, unit).toFixed(1)} ${torqueSymbol(unit)}`
    : formatBand([target.lowNm, target.highNm], unit);
  return (
    <Box display="grid" gap="2">
      <BigFigure value={fromNm(told.peakNm, unit).toFixed(1)} unit={torqueSymbol(unit)} size="bench" />
      <PullCurve pull={pull} target={target} unit={unit} />
      <Box>
        <Row label="Wanted at the bolt">{wanted}</Row>
        <Row label="It clamps with, once it has settled">{kN(told.clampN)}</Row>
        <Row label="The same torque on bolts like it">
          {kN(told.scatterN[0])} to {kN(told.scatterN[1])}
        </Row>
        {told.handDegPerS !== undefined && (
          <Row label="The hand at the click">{shown(told.handDegPerS, 2)}° a second</Row>
        )}
      </Box>
    </Box>
  );
}

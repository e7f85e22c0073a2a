"use client";

import { Box } from "@chakra-ui/react";
import { convertTorque, formatTorque } from "@/core/quantity/torque-quantity";
import { type TorqueUnit, torqueSymbol } from "@/core/quantity/torque-unit";
import { Row } from "@/ui/Sheet";
import type { BenchAnswer } from "./bench-state";

const EVERYDAY: TorqueUnit[] = ["N.m", "lbf.ft", "lbf.in", "kgf.m", "kgf.cm", "cN.m"];

/** How the answer came about, what it assumes, and the same torque in every everyday unit. */
export function BenchWorking({ answer: { slip, torque } }: { answer: BenchAnswer }) {
  return (
    <>
      {slip && (
        <Box fontSize="15px">
          {slip.working.map((line) => (
            <div key={line}>{line}</div>
          ))}
          <Box color="soft" marginTop="2">
            {slip.margin} {slip.assumes} {slip.caution}
          </Box>
        </Box>
      )}
      {torque && (
        <Box>
          <Box as="h3" fontSize="20px" marginBottom="1">
            The same torque
          </Box>
          {EVERYDAY.map((unit) => (
            <Row key={unit} label={torqueSymbol(unit)}>
              {formatTorque(convertTorque(torque, unit))}
            </Row>
          ))}
        </Box>
      )}
    </>
  );
}

"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { judgeCastle, slotShortDeg } from "@/core/practise/judge";
import { fromNm, torqueSymbol } from "@/core/quantity/torque-unit";
import { Button } from "@/ui/Button";
import { CASTLE_NUT_RADIUS, CastleNut } from "@/ui/drawing/CastleNut";
import { LINE, SOFT } from "@/ui/drawing/Paper";
import type { TaskFaceProps } from "./face";
import { useTurning } from "./use-turning";

const C = 150;
const SCALE = 130 / CASTLE_NUT_RADIUS;
/** Nobody turns it further than this. */
const FARTHEST_DEG = 120;

/** A castle nut that goes on and never back, over a bolt with its hole across. */
export function CastleFace({ task, isOver, onDone }: TaskFaceProps<"castle">) {
  const { slots, startsNm, nmPerDeg, firstDeg, unit } = task;
  const [deg, setDeg] = useState(0);
  const turn = (by: number) => setDeg((now) => Math.min(FARTHEST_DEG, now + Math.max(0, by)));
  const hand = useTurning(isOver ? () => undefined : turn);
  const short = slotShortDeg(task, deg);
  const slotSaid =
    short < 1 ? "a slot meets the hole" : `the next slot is ${Math.round(short)} degrees short of the hole`;
  const torque = `${fromNm(startsNm + nmPerDeg * deg, unit).toFixed(0)} ${torqueSymbol(unit)}`;
  return (
    <Box display="grid" gap="3" justifyItems="center">
      <svg
        viewBox="0 0 300 300"
        width="100%"
        role="img"
        aria-label={`The nut from above: ${slotSaid}`}
        style={{ maxWidth: 320, touchAction: "none", cursor: "grab" }}
        fill="none"
        stroke={LINE}
        strokeWidth={1.5}
        {...hand}
      >
        <CastleNut x={C} y={C} scale={SCALE} slots={slots} turnedDeg={deg - firstDeg} />
        <line x1={C + 58} y1={C} x2={290} y2={C} stroke={SOFT} strokeDasharray="4 4" />
      </svg>
      <Box
        fontFamily="heading"
        fontWeight="700"
        fontSize="44px"
        lineHeight="1"
        role="status"
        aria-live="polite"
      >
        {torque}
        <Box as="span" srOnly>
          , {slotSaid}
        </Box>
      </Box>
      {!isOver && (
        <>
          <Box display="flex" gap="2">
            <Button minHeight="56px" onClick={() => turn(2)}>
              A hair on
            </Button>
            <Button minHeight="56px" onClick={() => turn(8)}>
              On
            </Button>
          </Box>
          <Box display="flex" gap="2" flexWrap="wrap" justifyContent="center">
            <Button look="primary" size="work" onClick={() => onDone(judgeCastle(task, deg, "pin it"))}>
              Pin it
            </Button>
            <Button size="work" onClick={() => onDone(judgeCastle(task, deg, "another washer"))}>
              Another washer
            </Button>
          </Box>
        </>
      )}
    </Box>
  );
}

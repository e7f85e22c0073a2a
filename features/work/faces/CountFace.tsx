"use client";

import { Box } from "@chakra-ui/react";
import { movesFasteners } from "@/core/step-kinds";
import { clockAfter, formatClock } from "@/core/turn/clock";
import { countHalfTurn, halfTurns, halfTurnsToGo } from "@/core/work/turns-counted";
import { BigFigure } from "@/ui/BigFigure";
import { Button } from "@/ui/Button";
import { MarkClock } from "@/ui/drawing/MarkClock";
import { CRAMPED } from "@/ui/use-wide";
import { thisMoment } from "../../shell/clock";
import { useKey } from "../../shell/keys";
import { ActionBar } from "./ActionBar";
import type { FaceProps } from "./face";
import { about } from "./torque-words";

/** Turns being counted: the number as large as it can be, half a turn a tap, and where the mark stands. */
export function CountFace(props: FaceProps) {
  const { route, work, step, fastener, isDone, move, finish, bar } = props;
  const counted = halfTurns(work, step.id);
  const wanted = halfTurnsToGo(work, route, step);
  const undoing = movesFasteners(step) === "out";
  const count = (by: 1 | -1) => void move((now) => countHalfTurn(now, step.id, by, thisMoment()));
  useKey("more", () => count(1));
  useKey("less", () => count(-1));
  const clock = clockAfter(12, (undoing ? -1 : 1) * counted * 180);
  const off = wanted === undefined ? 0 : counted - wanted;
  return (
    <>
      {fastener && (
        <Box fontSize="17px" color="soft" marginTop={{ base: "-1", lg: "-3" }}>
          {about({ ...props, fastener }, undefined, undefined)}
        </Box>
      )}
      <Box fontSize="18px">
        {step.mark ? `Mark: ${step.mark}. ` : "Mark the head at 12 o'clock. "}
        {wanted === undefined
          ? "Count every half turn as the mark comes by."
          : `It came off in ${turnsSay(wanted)}: as many go on again.`}
      </Box>
      <Box
        display="grid"
        gap={{ base: "2", lg: "4" }}
        css={{ [CRAMPED]: { gridTemplateColumns: "auto minmax(0, 1fr)", alignItems: "center" } }}
      >
        <Box
          display="flex"
          gap={{ base: "3", lg: "8" }}
          alignItems="center"
          flexWrap="wrap"
          aria-live="polite"
        >
          <BigFigure
            value={turnsValue(counted)}
            unit={wanted === undefined ? "turns" : `of ${turnsValue(wanted)} turns`}
            size="work"
          />
          <MarkClock hours={clock} says={`The mark stands at ${formatClock(clock)}`} />
        </Box>
        <Box display="flex" gap="3" maxWidth="560px">
          <Button
            size="work"
            flex="1"
            minHeight="92px"
            fontSize="44px"
            whiteSpace="nowrap"
            paddingInline="2"
            aria-label="Half a turn less"
            disabled={counted === 0}
            onClick={() => count(-1)}
          >
            − ½
          </Button>
          <Button
            size="work"
            flex="2"
            minHeight="92px"
            fontSize="44px"
            whiteSpace="nowrap"
            paddingInline="2"
            aria-label="Half a turn more"
            onClick={() => count(1)}
          >
            + ½
          </Button>
        </Box>
      </Box>
      {wanted !== undefined && (
        <Box fontSize="20px" fontWeight="600" color={countColour(off)} aria-live="polite">
          {countWords(off)}
        </Box>
      )}
      <ActionBar
        bar={bar}
        says={isDone ? "Next step" : "Counted"}
        instead="Count it first"
        onPrimary={counted > 0 || isDone ? () => finish() : undefined}
      />
    </>
  );
}

function countWords(off: number) {
  if (off === 0) return "● There: back to the mark.";
  if (off < 0) return `${turnsSay(-off)} to go.`;
  return `■ ${turnsSay(off)} too far. Look again before you go on.`;
}

function countColour(off: number) {
  if (off === 0) return "good";
  if (off > 0) return "stop";
  return "ink";
}

function turnsValue(halves: number): string {
  return halves % 2 === 0 ? String(halves / 2) : `${halves === 1 ? "" : Math.floor(halves / 2)}½`;
}

function turnsSay(halves: number): string {
  return `${turnsValue(halves)} ${halves <= 2 ? "turn" : "turns"}`;
}

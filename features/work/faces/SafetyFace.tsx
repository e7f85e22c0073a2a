"use client";

import { Box } from "@chakra-ui/react";
import { type StandNeed, standNeed } from "@/core/kit/cover/stands";
import type { Stance, Step } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { SAFETY_TICKS, type SafetyTick } from "@/core/model/work";
import { lostSafetyTicks, tickSafety, validSafetyTicks } from "@/core/work/progress";
import { safetyWords } from "@/core/work/safety-words";
import { BigTick } from "@/ui/BigTick";
import { StandsFromAbove } from "@/ui/drawing/StandsFromAbove";
import { thisMoment, today } from "../../shell/clock";
import { ActionBar } from "./ActionBar";
import type { FaceProps } from "./face";

/** The four things that hold a raised vehicle, each ticked apart. No step under it opens without them. */
export function SafetyFace({ step, route, work, vehicle, tools, move, finish, bar }: FaceProps) {
  const { stance } = step;
  if (stance === "on the ground") return null;
  const again = lostSafetyTicks(work, route, stance, today());
  const ticked = validSafetyTicks(work, route, stance, today());
  const stands = standNeed(stance, vehicle, tools);
  const held = SAFETY_TICKS.some((tick) => !ticked.has(tick));
  return (
    <>
      <Box fontSize="18px">{safetyBegins(again, step)}</Box>
      <Box display="grid" gap="3" maxWidth="640px">
        {SAFETY_TICKS.map((tick) => (
          <SafetyTickButton
            key={tick}
            tick={tick}
            stance={stance}
            driven={vehicle.driven}
            isTicked={ticked.has(tick)}
            stands={stands}
            onTick={() =>
              void move((now) => tickSafety({ ...now, openStepId: step.id }, tick, stance, thisMoment()))
            }
          />
        ))}
      </Box>
      {/* On a desk it is beside, with what holds it up. */}
      <Box display={{ base: "block", lg: "none" }}>
        <StandsFromAbove stance={stance} chocked={ticked.has("chocks")} standing={ticked.has("stands")} />
      </Box>
      <ActionBar
        bar={bar}
        says="Up and safe"
        instead="Tick the four first"
        onPrimary={held ? undefined : () => finish()}
      />
    </>
  );
}

interface SafetyTickButtonProps {
  tick: SafetyTick;
  stance: Stance;
  driven: Vehicle["driven"];
  isTicked: boolean;
  stands: StandNeed;
  onTick: () => void;
}

function safetyBegins(again: boolean, step: Step) {
  if (again) return "It was let down, or it is another day: check each again before you go near it.";
  if (step.kind === "raise") return "In this order, each as it is done:";
  return "Before anything is done under or beside it:";
}

function SafetyTickButton({ tick, stance, driven, isTicked, stands, onTick }: SafetyTickButtonProps) {
  const { ask, why } = safetyWords(tick, stance, driven);
  const stopped = tick === "stands" && stands.verdict === "stop";
  return (
    <BigTick isTicked={isTicked} stopped={stopped} ask={ask} onTick={onTick}>
      {why && (
        <Box as="span" display="block" color="soft">
          {why}
        </Box>
      )}
      {tick === "stands" && (
        <Box as="span" display="block" fontWeight="600" color={standsColour(stopped, stands)}>
          {standsSign(stopped, stands)}
          {stands.says}
        </Box>
      )}
    </BigTick>
  );
}

function standsSign(stopped: boolean, stands: StandNeed) {
  if (stopped) return "■ Stop. ";
  if (stands.verdict === "unknown") return "▲ ";
  return "● ";
}

function standsColour(stopped: boolean, stands: StandNeed) {
  if (stopped) return "stop";
  if (stands.verdict === "unknown") return "watch";
  return "good";
}

"use client";

import { Box, chakra } from "@chakra-ui/react";
import type { StandNeed } from "@/core/kit/stands";
import type { Stance } from "@/core/model/job";
import { SAFETY_TICKS, type SafetyTick } from "@/core/model/work";
import { safetyWords } from "@/core/work/safety-words";

const Tick = chakra("button", {
  base: {
    display: "flex",
    alignItems: "center",
    gap: "4",
    width: "100%",
    minHeight: "64px",
    padding: "3",
    textAlign: "left",
    background: "raised",
    color: "ink",
    border: "2px solid",
    borderColor: "ink",
    borderRadius: "button",
    cursor: "pointer",
    _pressed: { borderColor: "good" },
    _disabled: { cursor: "not-allowed", borderColor: "stop" },
  },
});

interface SafetyFaceProps {
  stance: Stance;
  raising: boolean;
  /** True when ticks were set before and no longer hold. */
  again: boolean;
  ticked: Set<SafetyTick>;
  stands: StandNeed;
  onTick: (tick: SafetyTick) => void;
}

/** The four things that hold a raised vehicle, each ticked apart. No step under it opens without them. */
export function SafetyFace({ stance, raising, again, ticked, stands, onTick }: SafetyFaceProps) {
  return (
    <Box display="grid" gap="3" maxWidth="640px">
      <Box fontSize="18px">
        {again
          ? "It was let down, or it is another day: check each again before you go near it."
          : raising
            ? "In this order, each as it is done:"
            : "Before anything is done under or beside it:"}
      </Box>
      {SAFETY_TICKS.map((tick) => {
        const { ask, why } = safetyWords(tick, stance);
        const isTicked = ticked.has(tick);
        const stopped = tick === "stands" && stands.verdict === "stop";
        return (
          <Tick key={tick} type="button" aria-pressed={isTicked} disabled={stopped} onClick={() => !isTicked && onTick(tick)}>
            <svg width="34" height="34" viewBox="0 0 34 34" aria-hidden style={{ flexShrink: 0 }}>
              <rect
                x="2"
                y="2"
                width="30"
                height="30"
                rx="5"
                fill={isTicked ? "var(--chakra-colors-good)" : "none"}
                stroke={isTicked ? "var(--chakra-colors-good)" : "currentColor"}
                strokeWidth="3"
              />
              {isTicked && <path d="M 9 18 L 15 24 L 26 11" fill="none" stroke="var(--chakra-colors-on-good)" strokeWidth="4" />}
            </svg>
            <span>
              <Box as="span" display="block" fontSize="20px" fontWeight="600">
                {ask}
              </Box>
              {why && (
                <Box as="span" display="block" color="soft">
                  {why}
                </Box>
              )}
              {tick === "stands" && (
                <Box as="span" display="block" fontWeight="600" color={stopped ? "stop" : stands.verdict === "unknown" ? "watch" : "good"}>
                  {stopped ? "■ Stop. " : stands.verdict === "unknown" ? "▲ " : "● "}
                  {stands.says}
                </Box>
              )}
            </span>
          </Tick>
        );
      })}
    </Box>
  );
}

"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { InputError } from "@/core/input-error";
import type { TorqueNeed } from "@/core/kit/needs/need";
import type { Fastener } from "@/core/model/job";
import { readNumber } from "@/core/quantity/read-number";
import { quantityNm } from "@/core/quantity/torque-quantity";
import { fromNm, toNm, torqueSymbol } from "@/core/quantity/torque-unit";
import { judgePull, pullSays } from "@/core/torque/judge-pull";
import type { TorqueTarget } from "@/core/torque/target";
import { noteReading, readingAt } from "@/core/work/progress";
import { Button } from "@/ui/Button";
import type { WrenchState } from "../../shared/wrench/WrenchProvider";
import { thisMoment } from "../../shell/clock";
import type { FaceProps } from "./face";
import { TypedNumber } from "./TypedNumber";

interface ReadingsProps extends FaceProps {
  fastener: Fastener;
  stage: number;
  target: TorqueTarget;
  order: number[];
  pull: TorqueNeed | undefined;
  wrench: WrenchState;
  next: number | undefined;
}

/** What each bolt got, where it was read: by hand from a scale, or by a digital wrench. */
export function Readings({
  work,
  step,
  vehicle,
  stage,
  target,
  order,
  pull,
  wrench,
  next,
  isDone,
  move,
}: ReadingsProps) {
  const [typing, setTyping] = useState(false);
  const unit = vehicle.torqueUnit;
  const read = order.flatMap((bolt, i) => {
    const reading = readingAt(work, step.id, stage, bolt);
    if (!reading) return [];
    const over = reading.boltNm > target.highNm + 1e-9;
    const under = reading.boltNm < target.lowNm - 1e-9;
    return [
      {
        bolt,
        text: `${i + 1}: ${fromNm(reading.boltNm, unit).toFixed(1)} ${torqueSymbol(unit)}`,
        over,
        under,
      },
    ];
  });
  const scale = pull?.best?.setting.unit ?? unit;
  /** How much of what the wrench reads reaches the bolt. */
  const through = pull?.best ? pull.best.nominalNm / quantityNm(pull.best.setting) : 1;
  const keep = (typed: string, bolt: number) => {
    const { value, decimals } = readNumber(typed, "The reading");
    if (value <= 0) throw new InputError("A wrench reads more than zero. Type what stood on its scale.");
    const boltNm = toNm(value, scale) * through;
    const reading = {
      stepId: step.id,
      stage,
      bolt,
      reading: { value, unit: scale, decimals: Math.min(6, decimals) },
      boltNm,
      by: "hand" as const,
    };
    void move((now) =>
      noteReading(now, reading, boltNm >= target.lowNm && boltNm <= target.highNm, thisMoment()),
    );
    setTyping(false);
  };
  const last = next === undefined ? undefined : readingAt(work, step.id, stage, next);
  const wrong =
    last?.by === "hand" ? judgePull([{ torqueNm: last.boltNm, angleDeg: 0 }], target, false) : undefined;
  return (
    <Box display="grid" gap="2">
      {wrong && wrong.kind !== "good" && (
        <Box role="status" fontSize="19px" fontWeight="600" color={wrong.kind === "over" ? "stop" : "watch"}>
          {wrong.kind === "over" ? "■" : "▲"} {pullSays(wrong, target, unit)}
        </Box>
      )}
      {read.length > 0 && (
        <Box display="flex" gap="4" flexWrap="wrap" fontSize="17px" data-testid="readings">
          {read.map(({ bolt, text, over, under }) => (
            <Box as="span" key={bolt} fontWeight="600" color={readingColour(over, under)}>
              {readingSign(over, under)}
              {text}
              {readingWords(over, under)}
            </Box>
          ))}
        </Box>
      )}
      {!isDone && next !== undefined && (
        <Box display="flex" gap="3" flexWrap="wrap" alignItems="flex-end">
          {typing ? (
            <TypedNumber
              label={`At bolt ${order.indexOf(next) + 1} it read`}
              unit={torqueSymbol(scale)}
              autoFocus
              onKeep={(typed) => keep(typed, next)}
              onClose={() => setTyping(false)}
            />
          ) : (
            <>
              {!pull?.bySpanner && pull?.best?.wrench.works !== "click" && (
                <Button size="work" fontSize="19px" onClick={() => setTyping(true)}>
                  Type what it read
                </Button>
              )}
              {!pull?.bySpanner &&
                (wrench.is === "connected" ? (
                  <Button size="work" fontSize="19px" onClick={wrench.disconnect}>
                    Put the digital wrench away
                  </Button>
                ) : (
                  <Button
                    size="work"
                    fontSize="19px"
                    disabled={wrench.is === "connecting"}
                    onClick={() => void wrench.connect()}
                  >
                    {wrench.is === "connecting" ? "Looking for it…" : "Digital wrench"}
                  </Button>
                ))}
            </>
          )}
        </Box>
      )}
      <Box role="status" color="stop" fontSize="16px">
        {wrench.error && `▲ ${wrench.error}`}
      </Box>
    </Box>
  );
}

function readingWords(over: boolean, under: boolean) {
  if (over) return ", over";
  if (under) return ", under";
  return "";
}

function readingSign(over: boolean, under: boolean) {
  if (over) return "■ ";
  if (under) return "▲ ";
  return "● ";
}

function readingColour(over: boolean, under: boolean) {
  if (over) return "stop";
  if (under) return "watch";
  return "good";
}

"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import type { Pull } from "@/core/joint/pull";
import { afterPull } from "@/core/practise/after-pull";
import { judgeTask } from "@/core/practise/judge";
import { Button } from "@/ui/Button";
import { PullStation } from "../pull/PullStation";
import { PullTold } from "../pull/PullTold";
import type { TaskFaceProps } from "./face";

/** A bolt pulled until it is enough, or until it does not feel right. */
export function PullFace({ task, isOver, onDone }: TaskFaceProps<"pull">) {
  const { target, unit, on } = task;
  const [last, setLast] = useState<Pull>();
  const enough = (target.isMaximum ? target.highNm / 2 : target.lowNm) * 0.98;
  const letGo = (pull: Pull) => {
    setLast(pull);
    if (pull.peakNm >= enough) onDone(judgeTask(task, pull, false));
  };
  return (
    <Box display="grid" gap="3">
      {isOver && last ? (
        <PullTold pull={last} target={target} unit={unit} />
      ) : (
        <PullStation on={on} unit={task.scaleUnit} onLetGo={letGo}>
          <Button
            size="work"
            flex="1"
            fontSize="19px"
            disabled={!last}
            onClick={() => last && onDone(judgeTask(task, last, true))}
          >
            Not right: stop
          </Button>
          <Button
            size="work"
            flex="1"
            fontSize="19px"
            disabled={!last}
            onClick={() => last && onDone(judgeTask(task, last, false))}
          >
            That is enough
          </Button>
        </PullStation>
      )}
      {!isOver && (
        <Box role="status" aria-live="polite" minHeight="24px" fontWeight="600">
          {last && `▲ ${afterPull(last, target, unit).advice}`}
        </Box>
      )}
    </Box>
  );
}

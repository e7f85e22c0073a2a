"use client";

import { Box } from "@chakra-ui/react";
import { headNeeds } from "@/core/kit/head-needs";
import { torqueNeeds } from "@/core/kit/kit";
import type { Fastener, Step } from "@/core/model/job";
import type { Tool } from "@/core/model/tool";
import type { Work } from "@/core/model/work";
import { boltOrder } from "@/core/pattern/bolt-order";
import { fastenerDoubts } from "@/core/plan/doubts";
import { formatHeadSize } from "@/core/quantity/read-head-size";
import type { TorqueUnit } from "@/core/quantity/torque-unit";
import { stepStages, tickedBolts } from "@/core/work/progress";
import { BoltPattern } from "@/ui/drawing/BoltPattern";
import { Doubts } from "../plan/Doubts";
import { StageAnswer } from "./StageAnswer";

interface TorqueFaceProps {
  work: Work;
  step: Step;
  fastener: Fastener;
  tools: Tool[];
  /** The unit of the vehicle's torques. */
  unit: TorqueUnit;
  /** The stage that is on; undefined when every bolt has had every stage. */
  stage: number | undefined;
  onTick: (stage: number, bolt: number) => void;
}

/** A fastener being tightened: the setting, as large as it can be, and its bolts ticked one by one. */
export function TorqueFace({ work, step, fastener, tools, unit, stage, onTick }: TorqueFaceProps) {
  const stages = stepStages(step, fastener);
  const at = stage ?? stages.length - 1;
  const current = stages[at];
  const pulls = torqueNeeds(fastener, tools);
  const pull = pulls[stages.slice(0, at).filter(({ kind }) => kind === "torque").length];
  const order = boltOrder(fastener);
  const ticked = tickedBolts(work, step.id, at);
  const next = stage === undefined ? undefined : order.find((bolt) => !ticked.includes(bolt));
  const head = fastener.sizeToDoUp ?? fastener.sizeToUndo;
  const lacking = headNeeds({ fasteners: [fastener] }, tools).find((need) => need.tools.length === 0 && need.uses.some(({ when }) => when !== "undo"));
  const doubts = fastenerDoubts(fastener);
  if (!current) return null;

  return (
    <>
      <Box fontSize="17px" color="soft" marginTop="-3">
        {[
          step.title.includes(fastener.name) ? `${fastener.count} of them` : `${fastener.count} × ${fastener.name}`,
          head && formatHeadSize(head),
          fastener.adapter && `crowfoot ${angleWords(fastener.adapter.angleDeg)}`,
          fastener.access && fastener.access !== "room for a torque wrench" && fastener.access,
          fastener.counterHold && `hold with ${formatHeadSize(fastener.counterHold)}`,
          fastener.locking,
          fastener.tightened && `final torque ${fastener.tightened}`,
          stages.length > 1 && `${current.label}, ${at + 1} of ${stages.length}`,
        ]
          .filter(Boolean)
          .join(", ")}
      </Box>
      <Box role="alert">
        <Doubts doubts={doubts} />
      </Box>
      <StageAnswer stage={current} pull={pull} fastener={fastener} unit={unit} doubtful={doubts.some(({ grave }) => grave)} />
      {lacking && (
        <Box color="stop" fontWeight="600" fontSize="18px">
          ■ No {formatHeadSize(lacking.head)} {lacking.type} in the chest.
        </Box>
      )}
      <Box display="flex" gap={{ base: "3", lg: "8" }} alignItems="center" flexWrap="wrap">
        <BoltPattern fastener={fastener} order={order} ticked={ticked} next={next} onTick={(bolt) => onTick(at, bolt)} />
        <Box flex="1" minWidth="180px">
          <Box as="h2" fontSize="26px" aria-live="polite" data-testid="bolt-count">
            {next === undefined
              ? fastener.count === 1
                ? "It is done"
                : `All ${fastener.count} done`
              : `${fastener.count === 1 ? "The one" : `Bolt ${order.indexOf(next) + 1} of ${fastener.count}`}`}
          </Box>
          <Box fontSize="17px" color="soft">
            {next === undefined
              ? `Look once more, then go on.${pull?.best?.wrench.works === "click" ? " Wind the wrench back to its lowest mark." : ""}`
              : current.kind === "torque" && pull?.best && pull.best.wrench.works !== "click"
                ? "Pull evenly until it reads that, then tap."
                : HOW[current.kind]}
          </Box>
          {fastener.note && <Box fontSize="17px">{fastener.note}</Box>}
        </Box>
      </Box>
    </>
  );
}

function angleWords(angleDeg: number): string {
  return angleDeg === 0 ? "in line with the handle" : angleDeg === 90 ? "square to the handle" : `at ${angleDeg}° to the handle`;
}

const HOW = {
  torque: "Tap when it clicks. Stop at the first click; a second pull over-tightens.",
  angle: "Mark the head, turn it in one pull, tap when the mark is there.",
  turns: "Count to the mark, then tap.",
  snug: "Good and tight with a short tool, then tap.",
} as const;

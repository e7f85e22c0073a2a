"use client";

import { Box } from "@chakra-ui/react";
import { headNeeds } from "@/core/kit/head-needs";
import type { Fastener, Step } from "@/core/model/job";
import type { Tool } from "@/core/model/tool";
import { formatHeadSize } from "@/core/quantity/read-head-size";
import { BigFigure } from "@/ui/BigFigure";

/** A step that is not tightened to a figure: the size of the tool where there is one, or just what to do. */
export function PlainFace({ step, fastener, tools }: { step: Step; fastener: Fastener | undefined; tools: Tool[] }) {
  if (!fastener) return null;
  const undoing = step.kind === "undo";
  const head = undoing ? fastener.sizeToUndo : (fastener.sizeToDoUp ?? fastener.sizeToUndo);
  const need = headNeeds({ fasteners: [fastener] }, tools).find(({ uses }) => uses.some(({ when }) => when === "both" || (when === "undo") === undoing));
  return (
    <Box>
      <Box fontSize="18px" fontWeight="600">
        {step.title.includes(fastener.name) ? `${fastener.count} of them` : `${fastener.count} × ${fastener.name}`}
      </Box>
      {head && step.kind !== "hand-start" ? (
        <>
          <BigFigure value={formatHeadSize(head).replace(/ (mm|in|key|spline).*$/, "")} unit={/ (mm|in|key|spline).*$/.exec(formatHeadSize(head))?.[1] ?? ""} size="work" />
          <Box fontSize="18px" color={need && need.tools.length === 0 ? "stop" : "soft"} marginTop="2">
            {need && need.tools.length === 0 ? `■ No ${formatHeadSize(head)} ${need.type} in the chest.` : (need?.tools[0]?.name ?? "")}
            {undoing && " Not with the torque wrench."}
          </Box>
        </>
      ) : (
        <BigFigure value={String(fastener.count)} unit={step.kind === "hand-start" ? "by hand, three turns each" : ""} size="work" />
      )}
      {fastener.note && <Box fontSize="18px">{fastener.note}</Box>}
      {undoing && fastener.singleUse && (
        <Box color="watch" fontWeight="600" fontSize="18px">
          ▲ Single-use: bin {fastener.count === 1 ? "it" : "them"}, fit new.
        </Box>
      )}
    </Box>
  );
}

"use client";

import { Box } from "@chakra-ui/react";
import { chestOf } from "@/core/chest/chest";
import { holdWords } from "@/core/fastener/held-still";
import { coverHead } from "@/core/kit/cover/cover-head";
import { headName, headNeeds } from "@/core/kit/needs/head-needs";
import { otherTurnersOf, turnerOf } from "@/core/kit/needs/turned-by";
import type { SpecialTool } from "@/core/model/supply";
import { formatHeadSize } from "@/core/quantity/read-head-size";
import { STEP_KIND } from "@/core/step-kinds";
import { BigFigure } from "@/ui/BigFigure";
import { ActionBar } from "./ActionBar";
import type { FaceProps } from "./face";

/**
 * A step that is done without a figure: the size of the tool or the number of bolts, as large as it can be.
 */
export function PlainFace(props: FaceProps) {
  const { step, fastener, isDone, finish, bar } = props;
  const says =
    step.wait && step.kind === "do"
      ? "Done, begin the wait"
      : STEP_KIND[step.kind].done(fastener?.count, step.leaves);
  return (
    <>
      {fastener && (step.kind === "undo" || step.kind === "hand-start" || step.kind === "do") && (
        <FastenerAnswer {...props} fastener={fastener} />
      )}
      {step.wait && (
        <Box fontSize="20px">
          Then it waits about {step.wait.minutes} min, until {step.wait.until}.
        </Box>
      )}
      <ActionBar bar={bar} says={isDone ? "Next step" : says} onPrimary={() => finish()} />
    </>
  );
}

function FastenerAnswer({
  step,
  fastener,
  route,
  tools,
  rusted,
}: FaceProps & { fastener: NonNullable<FaceProps["fastener"]> }) {
  const undoing = step.kind === "undo";
  const turner = turnerOf(route, fastener);
  const head = undoing ? fastener.sizeToUndo : (fastener.sizeToDoUp ?? fastener.sizeToUndo);
  const need = headNeeds([fastener]).find(({ uses }) =>
    uses.some(({ when }) => when === "both" || when === (undoing ? "undo" : "do up")),
  );
  const cover = need && coverHead(need, chestOf(tools), rusted);
  const size = head && /^(.*?)(?: ((?:mm|in|key|spline).*))?$/.exec(formatHeadSize(head));
  return (
    <Box>
      <Box fontSize="18px" fontWeight="600">
        {step.title.includes(fastener.name)
          ? `${fastener.count} of them`
          : `${fastener.count} × ${fastener.name}`}
      </Box>
      {turner && step.kind !== "hand-start" && <Turner tool={turner} />}
      {turner === undefined && size && step.kind !== "hand-start" && (
        <>
          <BigFigure value={size[1] ?? ""} unit={size[2] ?? ""} size="work" />
          <Box fontSize="18px" color={cover?.kind === "missing" ? "stop" : "soft"} marginTop="2">
            {need && cover?.kind === "missing" && `■ No ${headName(need)} in the chest.`}
            {cover?.kind === "owned" && `${cover.tools[0]?.name}.`}
            {cover?.kind === "stand-in" && `▲ ${cover.says}`}
            {undoing && " Not with the torque wrench."}
          </Box>
        </>
      )}
      {(step.kind === "hand-start" || (turner === undefined && !size)) && (
        <BigFigure
          value={String(fastener.count)}
          unit={step.kind === "hand-start" ? "by hand, three turns each" : ""}
          size="work"
        />
      )}
      {otherTurnersOf(route, fastener).map((tool) => (
        <Box key={tool.id} fontSize="18px">
          If it comes to that: {tool.name}
          {tool.risk && `. ▲ ${tool.risk}`}.
        </Box>
      ))}
      {undoing && fastener.counterHold && (
        <Box fontSize="20px" fontWeight="600" marginTop="1">
          Kept from turning: {holdWords(fastener.counterHold)}.
        </Box>
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

/** What turns it in place of a socket, as large as a size would be. */
export function Turner({ tool: { name, risk } }: { tool: SpecialTool }) {
  return (
    <Box fontFamily="heading" fontWeight="700" fontSize="34px" lineHeight="1.15">
      {name}
      {risk && (
        <Box fontFamily="body" fontSize="18px" color="watch" marginTop="1">
          ▲ {risk}
        </Box>
      )}
    </Box>
  );
}

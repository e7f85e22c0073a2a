"use client";

import { Box } from "@chakra-ui/react";
import { fastenerDoubts } from "@/core/fastener/doubts";
import { bothSides, withoutSide } from "@/core/kit/needs/both-sides";
import type { KitLine } from "@/core/kit/needs/need";
import type { TorqueNeed } from "@/core/kit/needs/need";
import { formatBand } from "@/core/quantity/torque-band";
import { formatTorqueValue } from "@/core/quantity/torque-quantity";
import { type TorqueUnit, torqueSymbol } from "@/core/quantity/torque-unit";
import { formatFigure } from "@/core/quantity/torque-words";
import { angleSaid } from "@/core/torque/adapter";
import { Sheet } from "@/ui/Sheet";
import { Doubts } from "../../shared/Doubts";
import { PractiseThis } from "../../shared/PractiseThis";

interface Pull {
  need: TorqueNeed;
  line: KitLine;
  names: string[];
}

/**
 * Every torque of the plan: the owned wrench to use, what to set it to, and what reaches the bolt; like pulls
 * told once.
 */
export function TorqueNeeds({
  jobId,
  lines,
  unit,
}: {
  jobId: string;
  lines: readonly KitLine[];
  unit: TorqueUnit;
}) {
  const pulls = alike(lines);
  return (
    <Sheet title="On your wrenches" flex="1">
      {pulls.length === 0 && <Box color="soft">No torque in the plan yet.</Box>}
      {pulls.map((pull) => (
        <PullRow key={pull.line.key} jobId={jobId} pull={pull} unit={unit} />
      ))}
    </Sheet>
  );
}

/** Pulls that differ in nothing but the side are told once. */
function alike(lines: readonly KitLine[]): Pull[] {
  const pulls = new Map<string, Pull>();
  for (const line of lines) {
    if (line.need.kind !== "torque") continue;
    const { fastener, best, stage, adapter } = line.need;
    const key = JSON.stringify([
      line.cover,
      best?.setting,
      stage.target,
      stage.label,
      adapter,
      withoutSide(fastener.name),
      fastener.count,
      fastenerDoubts(fastener),
    ]);
    const known = pulls.get(key);
    pulls.set(
      key,
      known
        ? { ...known, names: [...known.names, fastener.name] }
        : { need: line.need, line, names: [fastener.name] },
    );
  }
  return [...pulls.values()];
}

function PullRow({
  jobId,
  pull: { need, line, names },
  unit,
}: {
  jobId: string;
  pull: Pull;
  unit: TorqueUnit;
}) {
  const { fastener, stage, best } = need;
  const doubts = fastenerDoubts(fastener);
  const grave = line.cover.kind === "look up";
  const says = "says" in line.cover && line.cover.kind !== "owned" ? line.cover.says : undefined;
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: "1fr", md: "170px 1fr" }}
      gap={{ base: "1", md: "4" }}
      borderTop="1px solid"
      borderColor="edge"
      paddingBlock="3"
      data-testid="torque-need"
    >
      {grave || (!best && !need.bySpanner) ? (
        <Box color="stop" fontWeight="600" fontSize="18px">
          {grave ? "■ Look it up first" : "■ No wrench for it"}
        </Box>
      ) : (
        <Box fontFamily="heading" fontWeight="700" fontSize="44px" lineHeight="1">
          {formatTorqueValue(best?.setting ?? stage.given)}
          <Box as="span" fontSize="22px" fontWeight="600">
            {" "}
            {torqueSymbol((best?.setting ?? stage.given).unit)}
          </Box>
        </Box>
      )}
      <Box>
        <Box fontWeight="600">
          {fastener.count} × {bothSides(names)}: {fastener.figure && formatFigure(fastener.figure)}
          {stage.label && `, ${stage.label}`}
        </Box>
        {!grave && best && <Reaches need={need} unit={unit} />}
        {!grave && best && <PractiseThis jobId={jobId} fastenerId={fastener.id} from="kit" />}
        {!grave && says && <Box color={line.cover.kind === "missing" ? "stop" : "soft"}>{says}</Box>}
        <Doubts doubts={doubts} />
      </Box>
    </Box>
  );
}

function Reaches({
  need: { best, chain, adapter, crowfoot, multiplier },
  unit,
}: {
  need: TorqueNeed;
  unit: TorqueUnit;
}) {
  if (!best) return null;
  const angle = adapter && angleSaid(adapter);
  return (
    <>
      <Box color="soft">
        {best.wrench.name}. The bolt gets {formatBand(best.bandNm, unit)}
        {adapter && `, with the ${crowfoot?.name ?? `${adapter.offsetMm} mm crowfoot`} ${angle}`}.
        {multiplier && ` Through the ${multiplier.name}.`}
        {chain?.pieces.map((piece) => ` Through the ${piece.name}.`)}
      </Box>
      {best.shareInside < 0.999 && (
        <Box color="watch">
          ▲ Only {Math.round(best.shareInside * 100)} % of what may reach the bolt lies within what is asked.
        </Box>
      )}
    </>
  );
}

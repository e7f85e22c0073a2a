"use client";

import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { capital } from "@/core/capital";
import { fastenerDoubts } from "@/core/fastener/doubts";
import { holdWords } from "@/core/fastener/held-still";
import { figureOf } from "@/core/fastener/how-tight";
import { isLeftHand } from "@/core/fastener/left-hand";
import { AT_STAKE, lacksFigure, roleOf } from "@/core/fastener/role";
import { otherTurnersOf, turnerOf } from "@/core/kit/needs/turned-by";
import type { Fastener, Route } from "@/core/model/job";
import type { Role } from "@/core/model/role";
import { formatHeadSize } from "@/core/quantity/read-head-size";
import type { TorqueUnit } from "@/core/quantity/torque-unit";
import { figureInWords, formatFigure } from "@/core/quantity/torque-words";
import { formatThread } from "@/core/thread/thread";
import { torquesOf } from "@/core/torque/torques-of";
import { Button } from "@/ui/Button";
import { Row } from "@/ui/Sheet";
import { Doubts } from "../../shared/Doubts";
import { goodAndTightSays } from "../../shared/good-and-tight";
import { practiseThisHref } from "../../shell/addresses";

/** A fastener as the plan has it: the figure large, the rest on lines, doubts beside it. */
export function FastenerView({
  jobId,
  route,
  fastener,
  unit,
  onEdit,
}: {
  jobId: string;
  route: Route;
  fastener: Fastener;
  unit: TorqueUnit;
  onEdit: () => void;
}) {
  const { figure, sizeToUndo, sizeToDoUp, thread, adapter } = fastener;
  const role = roleOf(route, fastener);
  const doubts = fastenerDoubts(fastener);
  const turner = turnerOf(route, fastener);
  const lacking = lacksFigure(route, fastener);
  return (
    <Box border="1px solid" borderColor="edge" borderRadius="sheet" background="raised" padding="4">
      <Box display="flex" justifyContent="space-between" gap="3" alignItems="flex-start">
        <Box>
          <Box as="h3" fontSize="22px">
            {fastener.count} × {fastener.name}
          </Box>
          {figure && (
            <Box fontFamily="heading" fontWeight="700" fontSize="46px" lineHeight="1.1" data-testid="figure">
              {formatFigure(figure)}
            </Box>
          )}
          <Box color={lacking ? "stop" : "soft"} fontWeight={lacking ? "600" : undefined}>
            {torqueSays(fastener, lacking ? role : undefined, unit)}
          </Box>
        </Box>
        <Button aria-label="Edit fastener" onClick={onEdit}>
          Edit
        </Button>
      </Box>
      <Doubts doubts={doubts} />
      {figure && torquesOf(figure).length > 0 && !doubts.some(({ grave }) => grave) && (
        <Box marginTop="2">
          <Link href={practiseThisHref(jobId, fastener.id, "plan")}>Practise this one</Link>
        </Box>
      )}
      <Box marginTop="3">
        {sizeToUndo && (
          <Row label={sizeToDoUp ? "Undo with" : "Size"}>
            {formatHeadSize(sizeToUndo)}
            {fastener.sizeDoubtful && " ▲ in doubt"}
          </Row>
        )}
        {turner && (
          <Row label="Turned with">
            {turner.name}
            {turner.risk && `: ${turner.risk}`}
          </Row>
        )}
        {otherTurnersOf(route, fastener).map(({ id, name, risk }) => (
          <Row key={id} label="If it comes to that">
            {name}
            {risk && `: ${risk}`}
          </Row>
        ))}
        {sizeToDoUp && <Row label="Do up with">{formatHeadSize(sizeToDoUp)}</Row>}
        {thread && <Row label="Thread">{formatThread(thread)}</Row>}
        {isLeftHand(fastener) && <Row label="Left-hand thread">undone clockwise</Row>}
        {adapter && (
          <Row label="Crowfoot">
            {adapter.offsetMm} mm, {adapter.angleDeg === 0 ? "in line" : `at ${adapter.angleDeg}°`}
          </Row>
        )}
        {role && <Row label="Holds">{fastener.role ? role : `${role}, by its name`}</Row>}
        {fastener.condition && <Row label="Figure is for a thread that is">{fastener.condition}</Row>}
        {fastener.threadIs && <Row label="The thread will be">{fastener.threadIs}</Row>}
        {fastener.locking && <Row label="Held by">{fastener.locking}</Row>}
        {fastener.counterHold && <Row label="Kept from turning">{holdWords(fastener.counterHold)}</Row>}
        {fastener.tightened && <Row label="Final torque">{fastener.tightened}</Row>}
        {fastener.access && <Row label="Reached with">{fastener.access}</Row>}
        {(fastener.strength ?? fastener.lengthMm) && (
          <Row label="Bolt">
            {[fastener.strength, fastener.lengthMm && `${fastener.lengthMm} mm long`]
              .filter(Boolean)
              .join(", ")}
          </Row>
        )}
        {fastener.into && <Row label="Goes into">{fastener.into}</Row>}
        {fastener.source && <Row label="Figure from">{fastener.source}</Row>}
        {fastener.note && <Row label="Note">{fastener.note}</Row>}
      </Box>
    </Box>
  );
}

function torqueSays(fastener: Fastener, holds: Role | undefined, unit: TorqueUnit): string {
  const figure = figureOf(fastener);
  if (figure?.form === "snug") return goodAndTightSays(fastener, unit) ?? figureInWords(figure);
  if (figure) return capital(figureInWords(figure));
  return holds ? `■ No torque written down, and it holds ${AT_STAKE[holds]}.` : "No torque written down.";
}

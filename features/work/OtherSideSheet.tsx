"use client";

import { Box } from "@chakra-ui/react";
import type { Route, Step } from "@/core/model/job";
import type { Work } from "@/core/model/work";
import { twinOf } from "@/core/plan/sides";
import { judgeAgainst } from "@/core/quantity/limits";
import { OTHER_SIDE, sideOf } from "@/core/side";
import { eventsOf } from "@/core/work/event";
import { measuredIn } from "@/core/work/measured";
import { photosOf } from "@/core/work/photos";
import { formatMinutes, stepMinutes } from "@/core/work/times";
import { troublesOf } from "@/core/work/trouble/trouble";
import { Row, Sheet } from "@/ui/Sheet";
import { Photos } from "../shared/photos/Photos";

/**
 * How the same step went on the other side: its time, photos and measures; nothing until something has been
 * done there.
 */
export function OtherSideSheet({ route, work, step }: { route: Route; work: Work; step: Step }) {
  const side = sideOf(step.title);
  const twin = twinOf(route, step);
  if (!side || !twin) return null;
  const minutes = stepMinutes(work, route).get(twin.id);
  const found = eventsOf(work, "step").find(({ stepId }) => stepId === twin.id)?.found;
  const measured = [...measuredIn(work, twin.id)];
  const troubles = troublesOf(work).filter(({ stepId }) => stepId === twin.id);
  // The photo of how it was is wanted on the way back too: every photo of that side, the step's own first.
  const photos = [
    ...new Set([
      ...photosOf(work, twin.id),
      ...route.steps
        .filter(({ title }) => sideOf(title) === OTHER_SIDE[side])
        .flatMap(({ id }) => photosOf(work, id)),
    ]),
  ];
  if (minutes === undefined && !found && measured.length + troubles.length + photos.length === 0) return null;
  return (
    <Sheet title={`The ${OTHER_SIDE[side]} side`}>
      {minutes !== undefined && minutes >= 1 && <Row label="This step took">{formatMinutes(minutes)}</Row>}
      {found && <Row label="Found">{found}</Row>}
      {twin.measure &&
        measured.map(([place, value]) => (
          <Row key={place} label={place || (twin.measure?.what ?? "")}>
            {value} {twin.measure?.unit}
            {twin.measure && judgeAgainst(twin.measure, value).kind === "beyond" && " ■ beyond"}
          </Row>
        ))}
      {troubles.map(({ id, about, kind, solvedBy }) => (
        <Box key={id} color="watch" fontSize="15px" paddingBlock="1">
          ▲ {about}: {kind}
          {solvedBy && `; “${solvedBy}” did it`}
        </Box>
      ))}
      <Photos ids={photos.slice(0, 6)} of={`the ${OTHER_SIDE[side]} side`} size={124} />
    </Sheet>
  );
}

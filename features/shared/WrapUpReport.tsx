"use client";

import { Box } from "@chakra-ui/react";
import type { Route } from "@/core/model/job";
import type { Work } from "@/core/model/work";
import { reusedOnce } from "@/core/plan/after-the-work";
import { judgeAgainst } from "@/core/quantity/limits";
import type { TorqueUnit } from "@/core/quantity/torque-unit";
import { eventsOf } from "@/core/work/event";
import { measuredIn } from "@/core/work/measured";
import { formatMinutes, secondSideFaster, workTimes } from "@/core/work/times";
import { reachedWords, torquesReached } from "@/core/work/torques-reached";
import { lessonsFrom } from "@/core/work/wrap-up";
import { Row } from "@/ui/Sheet";
import { Photos } from "./photos/Photos";

/** How the job went: measures, torques as they were, times, photos, and what was learnt and noticed. */
export function WrapUpReport({ route, work, unit }: { route: Route; work: Work; unit: TorqueUnit }) {
  const measured = route.steps.flatMap(({ id, title, measure }) =>
    measure
      ? [...measuredIn(work, id)].map(([place, value]) => ({
          key: `${id} ${place}`,
          title,
          place,
          value,
          measure,
        }))
      : [],
  );
  const torques = torquesReached(work, route);
  const reused = reusedOnce(route);
  const skipped = eventsOf(work, "step").filter((event) => event.skipped !== undefined);
  const unlike = eventsOf(work, "compared").filter(({ as }) => as !== "same");
  const noticed = eventsOf(work, "noted").filter((event) => event.as === "noticed");
  const leftOff = eventsOf(work, "left off");
  const lessons = lessonsFrom(work);
  const photos = eventsOf(work, "photo").map(({ photoId }) => photoId);
  return (
    <>
      {measured.length > 0 && (
        <Part title="Measured">
          {measured.map(({ key, title, place, value, measure }) => (
            <Row key={key} label={place === "" ? title : `${measure.what}, ${place}`}>
              {value} {measure.unit}
              {judgeAgainst(measure, value).kind === "beyond" && (
                <Box as="span" color="stop">
                  {" "}
                  ■ beyond
                </Box>
              )}
            </Row>
          ))}
        </Part>
      )}
      {torques.length > 0 && (
        <Part title="Torque as it was">
          {torques.map((one) => (
            <Row key={one.stepId} label={`${one.bolts} × ${one.fastener}`}>
              {reachedWords(one, unit)}
            </Row>
          ))}
        </Part>
      )}
      {reused.length > 0 && (
        <Part title="Used again">
          {reused.map(({ id, name, reuseReason }) => (
            <Row key={id} label={name}>
              single-use, because “{reuseReason}”
            </Row>
          ))}
        </Part>
      )}
      {skipped.length > 0 && (
        <Part title="Left out">
          {skipped.map(({ stepId, skipped: because }) => (
            <Row key={stepId} label={route.steps.find(({ id }) => id === stepId)?.title ?? stepId}>
              {because}
            </Row>
          ))}
        </Part>
      )}
      {unlike.length > 0 && (
        <Part title="Beside how it was">
          {unlike.map(({ stepId, as }) => (
            <Row key={stepId} label={route.steps.find(({ id }) => id === stepId)?.title ?? stepId}>
              {as}
            </Row>
          ))}
        </Part>
      )}
      <Times route={route} work={work} />
      {photos.length > 0 && (
        <Part title="Photos">
          <Photos ids={photos} of="the job" />
        </Part>
      )}
      {leftOff.length > 0 && (
        <Part title="Left off">
          {leftOff.map(({ of, because, at }) => (
            <Row key={at + of} label={route.fasteners.find(({ id }) => id === of)?.name ?? of}>
              {because}
            </Row>
          ))}
        </Part>
      )}
      {lessons.length > 0 && (
        <Part title="Learnt">
          {lessons.map((lesson) => (
            <Box key={lesson} paddingBlock="1">
              {lesson}
            </Box>
          ))}
        </Part>
      )}
      {noticed.length > 0 && (
        <Part title="Noticed">
          {noticed.map(({ at, text }) => (
            <Box key={at} paddingBlock="1">
              {text}
            </Box>
          ))}
        </Part>
      )}
    </>
  );
}

function Part({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box>
      <Box as="h2" fontSize="24px">
        {title}
      </Box>
      {children}
    </Box>
  );
}

/** How long it took: hands, waits and trouble apart, and the two sides beside each other. */
function Times({ route, work }: { route: Route; work: Work }) {
  const { totalMin, waitedMin, troubleMin, sides } = workTimes(work, route);
  const second = secondSideFaster(work, route);
  if (totalMin < 1) return null;
  return (
    <Part title="Time">
      <Row label="In all">{formatMinutes(totalMin)}</Row>
      {waitedMin + troubleMin >= 1 && (
        <Row label="Hands at it">{formatMinutes(totalMin - waitedMin - troubleMin)}</Row>
      )}
      {waitedMin >= 1 && <Row label="Waited">{formatMinutes(waitedMin)}</Row>}
      {troubleMin >= 1 && <Row label="Out of trouble">{formatMinutes(troubleMin)}</Row>}
      {second && (
        <Row label="Left side, right side">
          {formatMinutes(sides.left)}, {formatMinutes(sides.right)}
        </Row>
      )}
      {second && Math.abs(second.byMin) >= 1 && (
        <Row label={`The second side, ${second.side}`}>
          {second.byMin > 0 ? "faster" : "slower"} by {formatMinutes(Math.abs(second.byMin))}
        </Row>
      )}
    </Part>
  );
}

"use client";

import { useCallback, useState } from "react";
import type { Job } from "@/core/model/job";
import type { Work } from "@/core/model/work";
import { withEvent } from "@/core/work/event";
import { useCollection, useCurrent } from "@/data/hooks";
import { stamp, touched } from "@/data/stamp";
import type { Picture } from "@/data/store";
import { thisMoment } from "../shell/clock";
import { useDo } from "../shell/DoProvider";

/**
 * Moves the work on, with the photos that the move names. Resolves to false when it could not be stored; then
 * nothing has moved.
 */
export type Move = (how: (work: Work) => Work, pictures?: Record<string, Picture>) => Promise<boolean>;

/** Keeps a photo with a step, in one writing. */
export const keepPhoto = (move: Move, stepId: string) => (photoId: string, picture: Picture) =>
  move((now) => withEvent(now, { ...thisMoment(), type: "photo", stepId, photoId }), { [photoId]: picture });

/**
 * The work on a job's chosen route, and a way to move it on; each move is stored before the next is drawn.
 */
export function useWork(job: Job): { work: Work | undefined; move: Move } {
  const works = useCollection("works");
  const currentWork = useCurrent("works");
  const currentJob = useCurrent("jobs");
  const perform = useDo();
  const [fresh] = useState<Work>(() => ({
    ...stamp(job.origin),
    jobId: job.id,
    routeId: job.chosenRouteId,
    events: [],
  }));
  const stored = works?.find(({ jobId, routeId }) => jobId === job.id && routeId === job.chosenRouteId);
  const work = works && (stored ?? { ...fresh, routeId: job.chosenRouteId });
  const id = work?.id ?? fresh.id;

  const move = useCallback<Move>(
    (how, pictures) =>
      perform(() => {
        const now = currentWork(id) ?? { ...fresh, routeId: job.chosenRouteId };
        const next = how(now);
        if (next === now) return {};
        const jobNow = currentJob(job.id);
        const begun =
          jobNow?.state === "planned" ? [touched({ ...jobNow, state: "under way" as const })] : [];
        return { put: { works: [touched(next)], jobs: begun }, ...(pictures ? { pictures } : {}) };
      }),
    [currentWork, currentJob, perform, fresh, id, job.id, job.chosenRouteId],
  );
  return { work, move };
}

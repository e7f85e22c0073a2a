"use client";

import { useMemo } from "react";
import { withNoted } from "@/core/kit/kit";
import type { Job } from "@/core/model/job";
import type { KitRecord } from "@/core/model/kit";
import type { Vehicle } from "@/core/model/vehicle";
import { chosenRoute } from "@/core/plan/chosen-route";
import { useCollection, useCurrent } from "@/data/hooks";
import { stamp, touched } from "@/data/stamp";
import { useCover } from "../shared/use-cover";
import { today } from "../shell/clock";
import { useDo } from "../shell/DoProvider";

/** What was noted down for a job's kit, and a way to change it; undefined while it is read. */
export function useKitRecord(job: Job): {
  record: KitRecord | undefined;
  change: (how: (record: KitRecord) => KitRecord, says?: string) => Promise<boolean>;
} {
  const kits = useCollection("kits");
  const current = useCurrent("kits");
  const perform = useDo();
  const fresh = useMemo(
    (): KitRecord => ({
      ...stamp(job.origin),
      jobId: job.id,
      laidOut: [],
      got: [],
      typed: [],
      wishes: { own: [] },
    }),
    [job.id, job.origin],
  );
  const stored = kits?.find(({ jobId }) => jobId === job.id);
  const id = stored?.id ?? fresh.id;
  return {
    record: kits && (stored ?? fresh),
    change: (how, says) => perform(() => ({ put: { kits: [touched(how(current(id) ?? fresh))] } }), says),
  };
}

/** The kit of a job's chosen route against the chest; undefined while it is read. */
export function useKit(job: Job, vehicle: Vehicle) {
  const tools = useCollection("tools");
  const { record, change } = useKitRecord(job);
  const route = chosenRoute(job);
  const thisYear = Number(today().slice(0, 4));
  const lines = useCover(route, vehicle);
  const got = record?.got;
  const kit = useMemo(() => lines && got && withNoted(lines, got), [lines, got]);
  return tools && record && kit ? { tools, record, change, route, kit, thisYear } : undefined;
}
export type KitInHand = NonNullable<ReturnType<typeof useKit>>;

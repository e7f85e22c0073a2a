import type { DayPlan } from "@/core/model/day-plan";
import { demo } from "./authoring";

/** The engine mount's day as it was put down the evening before, so that there is one to be held against how it went. */
export const days: DayPlan[] = [
  {
    ...demo("day-engine-mount", "2026-11-07"),
    jobId: "demo-engine-mount",
    startsOn: "2026-11-08",
    startsAt: "09:00",
    pauses: [],
    helper: [],
    said: {
      at: "2026-11-07T18:00:00.000Z",
      rollBy: "2026-11-08T12:00:00.000Z",
      chance: 0.86,
      p50: "2026-11-08T10:40:00.000Z",
      p80: "2026-11-08T11:20:00.000Z",
      p95: "2026-11-08T12:40:00.000Z",
    },
  },
];

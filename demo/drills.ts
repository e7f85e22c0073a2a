import type { DrillDone, Grade, Level, Skill } from "@/core/model/drill";
import { demo } from "./authoring";

/** What was practised on winter evenings: day, skill, then a level and how it went, one after another. */
const EVENINGS: readonly (readonly [day: string, skill: Skill, ...went: (readonly [Level, Grade])[]])[] = [
  ["2026-10-28", "pull", [1, "wrong"], [1, "near"], [1, "right"]],
  ["2026-10-28", "unit", [1, "right"], [2, "right"], [3, "right"]],
  ["2026-10-30", "ring", [1, "right"], [2, "wrong"], [2, "near"]],
  ["2026-11-02", "pull", [2, "right"], [2, "right"], [3, "near"]],
  ["2026-11-02", "setting", [1, "right"], [2, "right"], [3, "near"], [3, "right"]],
  ["2026-11-05", "crowfoot", [1, "right"], [2, "wrong"], [2, "wrong"], [1, "right"]],
  ["2026-11-05", "unit", [4, "right"], [4, "right"], [5, "right"]],
  ["2026-11-09", "pull", [3, "right"], [3, "right"], [4, "right"]],
  ["2026-11-09", "stands", [1, "right"], [2, "right"], [3, "right"]],
  ["2026-11-16", "stands", [4, "right"], [5, "right"], [5, "right"]],
  ["2026-11-16", "count", [1, "near"], [1, "wrong"]],
  ["2026-11-20", "unit", [5, "right"], [5, "near"]],
];

export const drills: DrillDone[] = EVENINGS.flatMap(([day, skill, ...went], evening) =>
  went.map(([level, grade], i) => ({
    ...demo(`drill-${evening}-${i}`, day),
    createdAt: `${day}T19:${String(10 + i).padStart(2, "0")}:00.000Z`,
    updatedAt: `${day}T19:${String(10 + i).padStart(2, "0")}:00.000Z`,
    skill,
    level,
    seed: evening * 100 + i,
    grade,
  })),
);

"use client";

import { screenAt } from "../screen-at";

export const PlanScreen = screenAt("/plan", () =>
  import("@/features/plan/PlanScreen").then((module) => module.PlanScreen),
);

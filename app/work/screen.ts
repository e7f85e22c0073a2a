"use client";

import { screenAt } from "../screen-at";

export const WorkScreen = screenAt("/work", () =>
  import("@/features/work/WorkScreen").then((module) => module.WorkScreen),
);

"use client";

import { screenAt } from "../screen-at";

export const DayScreen = screenAt("/day", () =>
  import("@/features/day/DayScreen").then((module) => module.DayScreen),
);

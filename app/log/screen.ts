"use client";

import { screenAt } from "../screen-at";

export const LogScreen = screenAt("/log", () =>
  import("@/features/log/LogScreen").then((module) => module.LogScreen),
);

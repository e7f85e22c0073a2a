"use client";

import { screenAt } from "../screen-at";

export const BenchScreen = screenAt("/bench", () =>
  import("@/features/bench/BenchScreen").then((module) => module.BenchScreen),
);

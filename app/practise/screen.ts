"use client";

import { screenAt } from "../screen-at";

export const PractiseScreen = screenAt("/practise", () =>
  import("@/features/practise/PractiseScreen").then((module) => module.PractiseScreen),
);

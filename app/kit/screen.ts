"use client";

import { screenAt } from "../screen-at";

export const KitScreen = screenAt("/kit", () =>
  import("@/features/kit/KitScreen").then((module) => module.KitScreen),
);

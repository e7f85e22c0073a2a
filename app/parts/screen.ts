"use client";

import { screenAt } from "../screen-at";

export const PartsScreen = screenAt("/parts", () => import("./Parts").then((module) => module.Parts));

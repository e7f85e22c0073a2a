"use client";

import { screenAt } from "../screen-at";

export const FilesScreen = screenAt("/files", () =>
  import("@/features/files/FilesScreen").then((module) => module.FilesScreen),
);

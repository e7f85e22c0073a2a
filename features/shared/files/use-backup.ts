"use client";

import { type BackupState, backupState } from "@/data/backup";
import { useCollection, useSetting } from "@/data/hooks";
import { useMemo } from "react";

/** How much has changed since the last backup, when that was, and a way to say that one has been made; undefined while it is read. */
export function useBackup(): { state: BackupState; last: string | null; made: () => void } | undefined {
  const [last, save] = useSetting("backed up");
  const vehicles = useCollection("vehicles");
  const readings = useCollection("readings");
  const jobs = useCollection("jobs");
  const tools = useCollection("tools");
  const replacements = useCollection("replacements");
  const measurements = useCollection("measurements");
  const followUps = useCollection("followUps");
  const intervals = useCollection("intervals");
  const state = useMemo(
    () =>
      last === undefined || !vehicles || !readings || !jobs || !tools || !replacements || !measurements || !followUps || !intervals
        ? undefined
        : backupState({ vehicles, readings, jobs, tools, replacements, measurements, followUps, intervals }, last ?? undefined, new Date()),
    [last, vehicles, readings, jobs, tools, replacements, measurements, followUps, intervals],
  );
  return state && last !== undefined ? { state, last, made: () => void save(new Date().toISOString()) } : undefined;
}

"use client";

import { useMemo } from "react";
import { type BackupState, backupState } from "@/data/backup";
import { useHousehold, useSetting } from "@/data/hooks";

/**
 * How much has changed since the last backup, when that was, and a way to say that one has been made;
 * undefined while it is read.
 */
export function useBackup(): { state: BackupState; last: string | null; made: () => void } | undefined {
  const [last, save] = useSetting("backed up");
  const household = useHousehold();
  const state = useMemo(
    () =>
      last === undefined || !household ? undefined : backupState(household, last ?? undefined, new Date()),
    [last, household],
  );
  return state && last !== undefined
    ? { state, last, made: () => void save(new Date().toISOString()) }
    : undefined;
}

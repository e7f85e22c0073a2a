"use client";

import { useEffect, useMemo } from "react";
import { type Device, type KnownDevice } from "@/data/devices";
import { useSetting } from "@/data/hooks";
import { newId } from "@/data/stamp";

/** What a device is called until somebody says otherwise: by what it is pointed at with. */
const usualName = (): string => (matchMedia("(pointer: coarse)").matches ? "Phone" : "Laptop");

/** This device as others know it, and what is known of them; undefined while it is read. */
export function useDevice() {
  const [kept, save] = useSetting("device");
  const [known, saveKnown] = useSetting("devices");
  // One that was never named has its id from now on.
  const fresh = useMemo((): Device => ({ id: newId(), name: usualName() }), []);
  const unnamed = kept === null;
  useEffect(() => {
    if (unnamed) void save(fresh);
    // Once: from then on it is kept.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [unnamed]);
  if (kept === undefined || known === undefined) return undefined;
  const device = kept ?? fresh;
  return {
    device,
    known: known ?? [],
    rename: (name: string) => save({ ...device, name }),
    /** What is known of the others now. */
    know: (how: (known: readonly KnownDevice[]) => KnownDevice[]) => saveKnown(how(known ?? [])),
  };
}

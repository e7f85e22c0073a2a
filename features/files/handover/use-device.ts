"use client";

import { useEffect, useMemo } from "react";
import { type Device, type Devices, type KnownDevice, readDevices } from "@/data/devices";
import { useSetting } from "@/data/hooks";
import { newId } from "@/data/stamp";

/** What a device is called until somebody says otherwise: by what it is pointed at with. */
const usualName = (): string => (matchMedia("(pointer: coarse)").matches ? "Phone" : "Laptop");

/** This device as others know it, and what is known of them; undefined while it is read. */
export function useDevice() {
  const [kept, save] = useSetting("devices");
  // One that was never named has its id from now on.
  const fresh = useMemo((): Device => ({ id: newId(), name: usualName() }), []);
  const read = useMemo(() => (typeof kept === "string" ? readDevices(kept) : undefined), [kept]);
  const isNew = kept !== undefined && !read;
  const write = (devices: Devices) => save(JSON.stringify(devices));
  useEffect(() => {
    if (isNew) void write({ own: fresh, known: [] });
    // Once: from then on it is kept.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [isNew]);
  if (kept === undefined) return undefined;
  const { own: device, known } = read ?? { own: fresh, known: [] };
  return {
    device,
    known,
    rename: (name: string) => write({ own: { ...device, name }, known }),
    /** What is known of the others now. */
    know: (how: (known: readonly KnownDevice[]) => KnownDevice[]) =>
      write({ own: device, known: how(known) }),
  };
}

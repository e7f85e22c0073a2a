"use client";

import { useSearchParams } from "next/navigation";
import { useEffect, useMemo, useState } from "react";
import type { Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { useCollection, useSetting } from "@/data/hooks";
import { type SettingValue } from "@/data/settings";

/** The vehicle and the job that are in hand. */
export type Hand = SettingValue<"in hand">;

/** What is in hand, and a way to take something else; undefined while this browser's store is read. */
export function useHand(): [hand: Hand | undefined, take: (hand: Hand) => void] {
  const [kept, save] = useSetting("in hand");
  const hand = useMemo(() => (kept === null ? {} : kept), [kept]);
  return [hand, (next) => void save(next)];
}

/**
 * The vehicle that the address names, or else the one in hand, or else the first; undefined while reading,
 * null when there is none.
 */
export function useVehicleInHand(): Vehicle | null | undefined {
  const named = useSearchParams().get("id");
  const [hand, take] = useHand();
  const jobs = useCollection("jobs");
  const vehicles = useCollection("vehicles");
  const vehicle =
    vehicles && hand && (vehicles.find(({ id }) => id === named) ?? vehicleInHand(vehicles, hand) ?? null);
  const jobStays = jobs?.find(({ id }) => id === hand?.jobId)?.vehicleId === vehicle?.id;
  useEffect(() => {
    if (vehicle && jobs && hand && (hand.vehicleId !== vehicle.id || (hand.jobId && !jobStays))) {
      take({ vehicleId: vehicle.id, ...(jobStays && hand.jobId ? { jobId: hand.jobId } : {}) });
    }
  });
  return vehicle;
}

/** The vehicle that is in hand; until one was taken, or when that is gone, the one that was here first. */
export function vehicleInHand(vehicles: Vehicle[], hand: Hand): Vehicle | undefined {
  const [oldest] = [...vehicles].sort((a, b) => a.createdAt.localeCompare(b.createdAt));
  return vehicles.find(({ id }) => id === hand.vehicleId) ?? oldest;
}

/** The step of its plan that is in hand, kept while the job is: what opens it first, and how to take another. */
export function useStepInHand(job: Job): [stepId: string | undefined, take: (stepId: string) => void] {
  const [hand, take] = useHand();
  const [stepId, setStepId] = useState(hand?.jobId === job.id ? hand.stepId : undefined);
  return [
    stepId,
    (next) => {
      setStepId(next);
      take({ vehicleId: job.vehicleId, jobId: job.id, stepId: next });
    },
  ];
}

/**
 * The job that the address names, or else the one in hand, with its vehicle; undefined while reading, null
 * when there is none.
 */
export function useJobInHand(): { job: Job; vehicle: Vehicle } | null | undefined {
  const named = useSearchParams().get("id");
  const [hand, take] = useHand();
  const jobs = useCollection("jobs");
  const vehicles = useCollection("vehicles");
  // An address that names a job which is not here opens no other in its place.
  const job = hand && jobs?.find(({ id }) => id === (named ?? hand.jobId));
  const vehicle = vehicles?.find(({ id }) => id === job?.vehicleId);
  useEffect(() => {
    if (job && job.id !== hand.jobId) take({ vehicleId: job.vehicleId, jobId: job.id });
  });
  if (!jobs || !vehicles || !hand) return undefined;
  return job && vehicle ? { job, vehicle } : null;
}

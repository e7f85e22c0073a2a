"use client";

import { useSearchParams } from "next/navigation";
import { useEffect, useSyncExternalStore } from "react";
import type { Job } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { useCollection } from "@/data/hooks";

/** The vehicle and the job that are in hand; kept in this browser so that every pocket opens on them. */
export interface Hand {
  vehicleId?: string;
  jobId?: string;
}

const KEY = "in hand";
const EMPTY: Hand = {};
const listeners = new Set<() => void>();
let lastText = "";
let lastHand: Hand = EMPTY;

/** What is in hand; empty until this browser's memory can be read. */
export function useHand(): Hand {
  return useSyncExternalStore(subscribe, readHand, () => EMPTY);
}

/** Takes something else in hand. */
export function takeInHand(hand: Hand): void {
  localStorage.setItem(KEY, JSON.stringify(hand));
  listeners.forEach((listener) => listener());
}

function readHand(): Hand {
  const text = localStorage.getItem(KEY) ?? "";
  if (text === lastText) return lastHand;
  lastText = text;
  try {
    lastHand = text === "" ? EMPTY : (JSON.parse(text) as Hand);
  } catch {
    lastHand = EMPTY;
  }
  return lastHand;
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** The vehicle that the address names, or else the one in hand, or else the first; undefined while reading, null when there is none. */
export function useVehicleInHand(): Vehicle | null | undefined {
  const named = useSearchParams().get("id");
  const hand = useHand();
  const jobs = useCollection("jobs");
  const vehicles = useCollection("vehicles");
  const vehicle = vehicles && (vehicles.find(({ id }) => id === named) ?? vehicles.find(({ id }) => id === hand.vehicleId) ?? oldest(vehicles) ?? null);
  const jobStays = jobs?.find(({ id }) => id === hand.jobId)?.vehicleId === vehicle?.id;
  useEffect(() => {
    if (vehicle && jobs && (hand.vehicleId !== vehicle.id || (hand.jobId && !jobStays))) {
      takeInHand({ vehicleId: vehicle.id, ...(jobStays && hand.jobId ? { jobId: hand.jobId } : {}) });
    }
  }, [vehicle, jobs, hand, jobStays]);
  return vehicle;
}

function oldest(vehicles: Vehicle[]): Vehicle | undefined {
  return [...vehicles].sort((a, b) => a.createdAt.localeCompare(b.createdAt))[0];
}

/** The job that the address names, or else the one in hand, with its vehicle; undefined while reading, null when there is none. */
export function useJobInHand(): { job: Job; vehicle: Vehicle } | null | undefined {
  const named = useSearchParams().get("id");
  const hand = useHand();
  const jobs = useCollection("jobs");
  const vehicles = useCollection("vehicles");
  const job = jobs?.find(({ id }) => id === named) ?? jobs?.find(({ id }) => id === hand.jobId);
  const vehicle = vehicles?.find(({ id }) => id === job?.vehicleId);
  useEffect(() => {
    if (job && job.id !== hand.jobId) takeInHand({ vehicleId: job.vehicleId, jobId: job.id });
  }, [job, hand.jobId]);
  if (!jobs || !vehicles) return undefined;
  return job && vehicle ? { job, vehicle } : null;
}

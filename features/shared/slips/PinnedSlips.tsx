"use client";

import dynamic from "next/dynamic";
import type { PinnedSlip } from "@/core/model/job";

/** With every calculation of the Bench: fetched where one is pinned. */
const PinnedSheet = dynamic(() => import("./PinnedSheet").then((module) => module.PinnedSheet), {
  ssr: false,
});

/** The slips pinned to a step. `onUnpin` where they can be taken off. */
export function PinnedSlips({
  slips,
  onUnpin,
}: {
  slips: readonly PinnedSlip[] | undefined;
  onUnpin?: (slip: PinnedSlip) => void;
}) {
  return slips && slips.length > 0 ? <PinnedSheet slips={slips} onUnpin={onUnpin} /> : null;
}

"use client";

import type { Owned } from "@/core/slip/field";
import { useCollection } from "@/data/hooks";
import { useHand } from "../../shell/hand";
import { useMoney } from "../money/use-money";

/** What the slips may draw on; undefined while it is being read. */
export function useOwned(): Owned | undefined {
  const tools = useCollection("tools");
  const vehicles = useCollection("vehicles");
  const [hand] = useHand();
  const money = useMoney();
  if (!tools || !vehicles || !hand) return undefined;
  const inHand = vehicles.find(({ id }) => id === hand.vehicleId);
  return { tools, vehicles, vehicleId: inHand?.id, torqueUnit: inHand?.torqueUnit ?? "N.m", money };
}

"use client";

import { formatTorque } from "@/core/quantity/torque-quantity";
import { type How } from "@/core/work/progress";
import { Button } from "@/ui/Button";
import { ActionBar } from "./ActionBar";
import type { FaceProps } from "./face";
import { type Pulling, boltButton } from "./torque-words";

interface TickBarProps extends Pick<Pulling, "current" | "pull"> {
  bar: FaceProps["bar"];
  /** No wrench of the chest will do. */
  byFeel: boolean;
  /** Nothing stands between a wrench and the bolt. */
  straight: boolean;
  /** Undefined when every bolt has been tightened. */
  onTick: ((by?: How) => void) | undefined;
  onGoOn: () => void;
}

/** What was just done at a bolt; without a wrench for it, by feel or with a borrowed one, and the log says which. */
export function TickBar({ bar, current, pull, byFeel, straight, onTick, onGoOn }: TickBarProps) {
  if (!onTick || !byFeel || current.kind !== "torque")
    return (
      <ActionBar
        bar={bar}
        says={boltButton(onTick === undefined, { current, pull })}
        onPrimary={() => (onTick ? onTick() : onGoOn())}
      />
    );
  // Through a crowfoot another wrench has another setting, which nobody has worked out.
  const borrowed: How = straight
    ? { by: "another wrench", set: current.given, boltNm: current.target.aimNm }
    : { by: "another wrench" };
  return (
    <ActionBar
      bar={bar}
      says="Tight, by feel"
      onPrimary={() => onTick()}
      others={
        <Button size="work" flex={{ base: "1 1 100%", lg: "none" }} onClick={() => onTick(borrowed)}>
          {straight ? `Borrowed wrench, set to ${formatTorque(current.given)}` : "With a borrowed wrench"}
        </Button>
      }
    />
  );
}

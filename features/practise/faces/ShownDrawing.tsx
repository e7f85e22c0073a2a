"use client";

import type { Shown } from "@/core/practise/drill";
import { AdapterDrawing } from "@/ui/drawing/AdapterDrawing";
import { FitDrawing } from "@/ui/drawing/FitDrawing";

/** What stands beside a question. */
export function ShownDrawing({ shown }: { shown: Shown }) {
  if (shown.kind === "adapter")
    return (
      <AdapterDrawing
        gripLengthMm={shown.gripLengthMm}
        adapters={[{ offsetMm: shown.offsetMm, angleDeg: shown.angleDeg }]}
      />
    );
  return (
    <FitDrawing toolMm={shown.toolMm} headMm={shown.headMm} isKey={shown.isKey} turnedDeg={shown.turnedDeg} />
  );
}

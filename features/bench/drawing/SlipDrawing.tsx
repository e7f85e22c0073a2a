"use client";

import type { Drawing } from "@/core/slip/drawing";
import type { Typed } from "@/core/slip/field";
import { AdapterDrawing } from "@/ui/drawing/AdapterDrawing";
import { FitDrawing } from "@/ui/drawing/FitDrawing";
import { BandDrawing } from "./BandDrawing";
import { CastleDrawing } from "./CastleDrawing";
import { ChainDrawing } from "./ChainDrawing";
import { ClampDrawing } from "./ClampDrawing";
import { ClockDrawing } from "./ClockDrawing";
import { LevelsDrawing } from "./LevelsDrawing";
import { PatternDrawing } from "./PatternDrawing";
import { ScalesDrawing } from "./ScalesDrawing";
import { StandsDrawing } from "./StandsDrawing";
import { StudDrawing } from "./StudDrawing";
import { ToeDrawing } from "./ToeDrawing";
import { TurnsDrawing } from "./TurnsDrawing";

interface SlipDrawingProps {
  drawing: Drawing;
  typed: Typed;
  onType: (typed: Typed) => void;
}

/** The drawing of a slip, moving as its inputs change. */
export function SlipDrawing({ drawing, typed, onType }: SlipDrawingProps) {
  switch (drawing.kind) {
    case "nothing":
      return null;
    case "scales":
      return <ScalesDrawing {...drawing} />;
    case "adapter":
      return <AdapterDrawing {...drawing} />;
    case "band":
      return <BandDrawing {...drawing} />;
    case "clamp":
      return <ClampDrawing {...drawing} />;
    case "fit":
      return <FitDrawing {...drawing} />;
    case "chain":
      return <ChainDrawing {...drawing} />;
    case "pattern":
      return <PatternDrawing {...drawing} onPoints={(points) => onType({ ...typed, points })} />;
    case "clock":
      return <ClockDrawing {...drawing} />;
    case "castle":
      return <CastleDrawing {...drawing} />;
    case "turns":
      return <TurnsDrawing {...drawing} />;
    case "toe":
      return <ToeDrawing {...drawing} />;
    case "stud":
      return <StudDrawing {...drawing} />;
    case "levels":
      return <LevelsDrawing {...drawing} />;
    case "stands":
      return <StandsDrawing {...drawing} />;
  }
}

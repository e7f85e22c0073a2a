"use client";

import { shown } from "@/core/quantity/shown";
import { EDGE, LINE, Paper, RAISED, STOP, Say, WIDTH, polygon } from "./Paper";

const HEIGHT = 190;
const ROOT3 = Math.sqrt(3);

interface FitDrawingProps {
  toolMm: number;
  headMm: number;
  isKey: boolean;
  /** How far it turns before it touches; undefined where they do not go together. */
  turnedDeg: number | undefined;
}

/** Head and tool to one scale, the tool turned until it touches. */
export function FitDrawing({ toolMm, headMm, isKey, turnedDeg }: FitDrawingProps) {
  const scale = 150 / Math.max(toolMm, headMm);
  const corner = (acrossMm: number) => (acrossMm / ROOT3) * scale;
  const middle = { x: 96, y: HEIGHT / 2 };
  const [solid, line] = isKey ? [toolMm, headMm] : [headMm, toolMm];
  const turnSolid = isKey ? (turnedDeg ?? 0) : 0;
  const turnLine = isKey ? 0 : (turnedDeg ?? 0);
  const bad = turnedDeg === undefined;
  return (
    <Paper
      height={HEIGHT}
      says={
        bad
          ? `Tool ${shown(toolMm, 4)} mm and head ${shown(headMm, 4)} mm do not go together`
          : `Tool ${shown(toolMm, 4)} mm on head ${shown(headMm, 4)} mm, turned ${shown(turnedDeg)} degrees until it touches`
      }
    >
      {!isKey && <circle cx={middle.x} cy={middle.y} r={corner(toolMm) + 9} fill={RAISED} stroke={EDGE} />}
      <polygon points={polygon(middle.x, middle.y, corner(solid), 6, turnSolid)} fill={EDGE} stroke={LINE} />
      <polygon
        points={polygon(middle.x, middle.y, corner(line), 6, turnLine)}
        stroke={bad ? STOP : LINE}
        strokeWidth={2.5}
        strokeDasharray={bad ? "6 4" : undefined}
      />
      <Say x={200} y={62} bold>
        {isKey ? "recess" : "tool"}, outline
      </Say>
      <Say x={200} y={80}>
        {shown(isKey ? headMm : toolMm, 5)} mm
      </Say>
      <Say x={200} y={110} bold>
        {isKey ? "key" : "head"}, filled
      </Say>
      <Say x={200} y={128}>
        {shown(isKey ? toolMm : headMm, 5)} mm
      </Say>
      {turnedDeg !== undefined && (
        <Say x={WIDTH - 120} y={158}>
          turned {shown(turnedDeg, 3)}°
        </Say>
      )}
    </Paper>
  );
}

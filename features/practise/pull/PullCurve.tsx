"use client";

import type { Pull } from "@/core/joint/pull";
import { shownTorque } from "@/core/quantity/shown";
import type { TorqueUnit } from "@/core/quantity/torque-unit";
import type { TorqueTarget } from "@/core/torque/target";
import { EDGE, GOOD, INK, LINE, Paper, RAISED, SOFT, Say, WIDTH } from "@/ui/drawing/Paper";

const LEFT = 12;
const TOP = 14;
const BOTTOM = 150;

/** A pull as torque over angle, with the band that was wanted, and the clamping force under it. */
export function PullCurve({ pull, target, unit }: { pull: Pull; target: TorqueTarget; unit: TorqueUnit }) {
  const { curve, fromDeg } = pull;
  const lastDeg = Math.max(10, (curve.at(-1)?.angleDeg ?? 0) - fromDeg);
  const mostNm = Math.max(target.highNm * 1.2, pull.peakNm * 1.05);
  const mostN = Math.max(1, pull.peakClampN * 1.25);
  const x = (deg: number) => LEFT + ((deg - fromDeg) / lastDeg) * (WIDTH - 2 * LEFT);
  const y = (share: number) => BOTTOM - share * (BOTTOM - TOP);
  const line = (of: (point: (typeof curve)[number]) => number) =>
    curve.map((point) => `${x(point.angleDeg).toFixed(1)},${y(of(point)).toFixed(1)}`).join(" ");
  return (
    <Paper
      height={190}
      says={`Torque over ${lastDeg.toFixed(0)} degrees: at most ${shownTorque(Math.max(pull.peakNm, 0.01), unit)} at the bolt`}
    >
      <rect
        x={LEFT}
        y={y(Math.min(1, target.highNm / mostNm))}
        width={WIDTH - 2 * LEFT}
        height={Math.max(2, y(target.lowNm / mostNm) - y(target.highNm / mostNm))}
        fill={RAISED}
        stroke={GOOD}
        strokeWidth={1.5}
        strokeDasharray="5 4"
      />
      <line x1={LEFT} y1={BOTTOM} x2={WIDTH - LEFT} y2={BOTTOM} stroke={EDGE} />
      <polyline
        points={line(({ clampN }) => clampN / mostN)}
        stroke={SOFT}
        strokeWidth={2}
        strokeDasharray="3 4"
      />
      <polyline points={line(({ torqueNm }) => torqueNm / mostNm)} stroke={LINE} strokeWidth={3} />
      <Say x={LEFT} y={172} colour={INK} bold>
        — torque
      </Say>
      <Say x={LEFT + 80} y={172} colour={SOFT}>
        ··· clamping force
      </Say>
      <Say x={WIDTH - LEFT} y={172} at="end" colour={SOFT}>
        {lastDeg.toFixed(0)}°
      </Say>
    </Paper>
  );
}

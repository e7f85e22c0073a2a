"use client";

import { formatBand } from "@/core/quantity/torque-band";
import { type TorqueUnit, fromNm, torqueSymbol } from "@/core/quantity/torque-unit";
import type { TorqueTarget } from "@/core/torque/target";
import { EDGE, GOOD, INK, RAISED, SOFT, STOP, WIDTH } from "./Paper";

/**
 * The torque at the bolt as it is pulled, on a scale that ends a third above what is asked, with the band
 * that is wanted.
 */
export function PullBar({ nowNm, target, unit }: { nowNm: number; target: TorqueTarget; unit: TorqueUnit }) {
  const end = target.highNm * 1.35;
  const x = (nm: number) => 8 + (Math.min(nm, end) / end) * (WIDTH - 16);
  const over = nowNm > target.highNm;
  const wanted = target.isMaximum
    ? `at most ${fromNm(target.highNm, unit).toFixed(1)} ${torqueSymbol(unit)}`
    : formatBand([target.lowNm, target.highNm], unit);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 58`}
      width="100%"
      role="img"
      aria-label={`${fromNm(nowNm, unit).toFixed(1)} ${torqueSymbol(unit)} at the bolt; wanted: ${wanted}`}
      style={{ display: "block", maxWidth: 640, fontSize: 13 }}
    >
      <rect x="8" y="10" width={WIDTH - 16} height="24" rx="4" fill={RAISED} stroke={EDGE} strokeWidth="2" />
      <rect
        x={x(target.lowNm)}
        y="6"
        width={x(target.highNm) - x(target.lowNm)}
        height="32"
        fill="none"
        stroke={GOOD}
        strokeWidth="3"
      />
      <rect x="8" y="13" width={Math.max(0, x(nowNm) - 8)} height="18" rx="2" fill={over ? STOP : INK} />
      <text x={(x(target.lowNm) + x(target.highNm)) / 2} y="53" textAnchor="middle" fill={SOFT}>
        {wanted}
      </text>
    </svg>
  );
}

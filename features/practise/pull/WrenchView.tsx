"use client";

import { type PointerEvent, useRef } from "react";
import { fromNm, torqueSymbol, type TorqueUnit } from "@/core/quantity/torque-unit";
import { EDGE, GOOD, INK, LINE, RAISED, SHEET, SOFT, STOP, polygon } from "@/ui/drawing/Paper";
import type { Puller } from "./use-pull";

const X = 160;
const Y = 150;
/** The middle of the grip is drawn so far from the bolt. */
const GRIP = 118;
const LOW = 0.6;
const HIGH = 1.15;

interface WrenchViewProps {
  puller: Puller;
  unit: TorqueUnit;
  /** What it is called for who does not see it. */
  says: string;
}

/** The wrench from above on its bolt: taken by its handle and swung. */
export function WrenchView({ puller, unit, says }: WrenchViewProps) {
  const { pull, hand, isHeld } = puller;
  const { gripMm } = pull.on;
  const from = useRef<{ deg: number; swung: number }>(undefined);
  const turned = hand.swungDeg;
  /** Where a pointer is on the drawing, as an angle and as a place along the handle, mm. */
  const spot = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const [x, y] = [
      ((event.clientX - box.left) / box.width) * 320 - X,
      ((event.clientY - box.top) / box.height) * 300 - Y,
    ];
    const share = Math.min(HIGH, Math.max(LOW, Math.hypot(x, y) / GRIP));
    return { deg: (Math.atan2(y, x) * 180) / Math.PI, atMm: gripMm * share };
  };
  const down = (event: PointerEvent<SVGSVGElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    const { deg, atMm } = spot(event);
    from.current = { deg, swung: 0 };
    puller.take(atMm);
  };
  const move = (event: PointerEvent<SVGSVGElement>) => {
    const start = from.current;
    if (!start) return;
    const { deg } = spot(event);
    // The shorter way from the last place, so that it may go round.
    const step = ((deg - start.deg + 540) % 360) - 180;
    from.current = { deg, swung: start.swung + step };
    puller.swing(start.swung + step);
  };
  const up = () => {
    from.current = undefined;
    puller.letGo();
  };
  const along = (hand.atMm / gripMm) * GRIP;
  return (
    <svg
      viewBox="0 0 320 300"
      width="100%"
      role="img"
      aria-label={says}
      style={{
        display: "block",
        maxHeight: 380,
        touchAction: "none",
        cursor: isHeld ? "grabbing" : "grab",
        fontSize: 13,
      }}
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={up}
      fill="none"
    >
      <circle cx={X} cy={Y} r={GRIP} stroke={EDGE} strokeDasharray="3 7" />
      {/* The bolt's head, with a paint mark. */}
      <g transform={`rotate(${pull.boltDeg} ${X} ${Y})`}>
        <polygon points={polygon(X, Y, 30, 6)} fill={RAISED} stroke={LINE} strokeWidth={2.5} />
        <line x1={X} y1={Y - 10} x2={X} y2={Y - 26} stroke={STOP} strokeWidth={5} />
      </g>
      <g transform={`rotate(${turned} ${X} ${Y})`}>
        <circle cx={X} cy={Y} r={22} fill={SHEET} stroke={LINE} strokeWidth={3} />
        <rect x={X - 8} y={Y - 8} width={16} height={16} fill={RAISED} stroke={LINE} strokeWidth={2} />
        <path d={`M ${X + 22} ${Y - 6} h 52 v 12 h -52 Z`} fill={RAISED} stroke={LINE} strokeWidth={2} />
        <rect x={X + 74} y={Y - 11} width={72} height={22} rx={9} fill={LINE} stroke={LINE} />
        <circle
          cx={X + along}
          cy={Y}
          r={isHeld ? 17 : 14}
          fill={isHeld ? INK : SHEET}
          stroke={INK}
          strokeWidth={3}
        />
      </g>
      {!isHeld && (
        <path
          d={`M ${X + 132} ${Y + 26} A 140 140 0 0 1 ${X + 92} ${Y + 92} l 2 -12 m -2 12 l 12 -3`}
          stroke={INK}
          strokeWidth={3}
        />
      )}
      <Face puller={puller} unit={unit} />
    </svg>
  );
}

/** A setting as it stands on a scale, whose finest step is a quarter: "26.5 lb·ft". */
const settingSays = (nm: number, unit: TorqueUnit) =>
  `${Number(fromNm(nm, unit).toFixed(2))} ${torqueSymbol(unit)}`;

/** What the wrench shows: each kind its own way. */
function Face({ puller, unit }: { puller: Puller; unit: TorqueUnit }) {
  const { pull, readingNm = 0 } = puller;
  const { face, setNm, fullNm } = pull.on;
  switch (face) {
    case "click":
      return (
        <g stroke="none" fontFamily="var(--chakra-fonts-heading)" fontWeight={600}>
          <text x={12} y={30} fill={INK} fontSize={22}>
            set {settingSays(setNm, unit)}
          </text>
          <text
            x={308}
            y={30}
            textAnchor="end"
            fill={pull.click ? GOOD : SOFT}
            fontSize={pull.click ? 34 : 18}
          >
            {pull.click ? "● click" : "no click yet"}
          </text>
        </g>
      );
    case "digital": {
      const there = readingNm >= setNm;
      return (
        <g stroke="none" fontFamily="var(--chakra-fonts-heading)" fontWeight={600}>
          <text x={12} y={30} fill={INK} fontSize={22}>
            to {settingSays(setNm, unit)}
          </text>
          <text x={308} y={36} textAnchor="end" fill={there ? GOOD : INK} fontSize={40}>
            {there ? "● " : ""}
            {fromNm(readingNm, unit).toFixed(1)}
          </text>
        </g>
      );
    }
    case "dial":
    case "beam":
      return <Scale nm={readingNm} setNm={setNm} fullNm={fullNm} unit={unit} isBeam={face === "beam"} />;
  }
}

const SCALE_X = 160;
const SCALE_Y = 296;
const OPENS = 52;

/** A pointer over a scale: read off by the eye, and by nothing else. */
function Scale({
  nm,
  setNm,
  fullNm,
  unit,
  isBeam,
}: {
  nm: number;
  setNm: number;
  fullNm: number;
  unit: TorqueUnit;
  isBeam: boolean;
}) {
  const turn = (of: number) => -OPENS + (Math.min(of, fullNm * 1.05) / fullNm) * OPENS * 2;
  const steps = Array.from({ length: 11 }, (_, i) => (fullNm * i) / 10);
  const radius = isBeam ? 92 : 78;
  return (
    <g transform="translate(0 -6)">
      <path
        d={`M ${SCALE_X - 150} ${SCALE_Y} v -58 Q ${SCALE_X} ${SCALE_Y - 140} ${SCALE_X + 150} ${SCALE_Y - 58} v 58 Z`}
        fill={SHEET}
        stroke={EDGE}
      />
      {steps.map((step) => (
        <g key={step} transform={`rotate(${turn(step)} ${SCALE_X} ${SCALE_Y})`}>
          <line
            x1={SCALE_X}
            y1={SCALE_Y - radius}
            x2={SCALE_X}
            y2={SCALE_Y - radius + 9}
            stroke={LINE}
            strokeWidth={2}
          />
          <text x={SCALE_X} y={SCALE_Y - radius - 3} textAnchor="middle" fill={SOFT} fontSize={11}>
            {fromNm(step, unit).toFixed(0)}
          </text>
        </g>
      ))}
      <g transform={`rotate(${turn(setNm)} ${SCALE_X} ${SCALE_Y})`}>
        <path d={`M ${SCALE_X - 5} ${SCALE_Y - radius + 22} l 5 -11 l 5 11 Z`} fill={GOOD} />
      </g>
      <g transform={`rotate(${turn(nm)} ${SCALE_X} ${SCALE_Y})`}>
        <line x1={SCALE_X} y1={SCALE_Y} x2={SCALE_X} y2={SCALE_Y - radius + 4} stroke={INK} strokeWidth={3} />
      </g>
      <text
        x={12}
        y={SCALE_Y - 266}
        fill={INK}
        fontSize={22}
        fontFamily="var(--chakra-fonts-heading)"
        fontWeight={600}
      >
        to {settingSays(setNm, unit)}
      </text>
    </g>
  );
}

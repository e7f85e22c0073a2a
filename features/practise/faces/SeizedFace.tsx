"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { capital } from "@/core/capital";
import { REMEDIES, type Remedy, type Seized, leanOn, remedied, twistDeg } from "@/core/joint/seized";
import { judgeSeized } from "@/core/practise/judge";
import { fromNm, torqueSymbol } from "@/core/quantity/torque-unit";
import { Button } from "@/ui/Button";
import { EDGE, INK, LINE, Paper, RAISED, SOFT, STOP, Say, polygon } from "@/ui/drawing/Paper";
import type { TaskFaceProps } from "./face";

/** A bolt that is leant on harder and harder; how far its head turns tells whether it twists. */
export function SeizedFace({ task, isOver, onDone }: TaskFaceProps<"seized">) {
  const { stepNm, luck, unit } = task;
  const [bolt, setBolt] = useState(task.bolt);
  const [leans, setLeans] = useState<readonly { nm: number; deg: number }[]>([]);
  const nowNm = leans.at(-1)?.nm ?? 0;
  const settle = (next: Seized) => {
    setBolt(next);
    if (next.fate !== "stuck") onDone(judgeSeized(task, next));
  };
  const lean = () => {
    const nm = nowNm + stepNm;
    setLeans([...leans, { nm, deg: twistDeg(bolt, Math.min(nm, bolt.freesNm)) }]);
    settle(leanOn(bolt, nm));
  };
  const treat = (remedy: Remedy) => {
    setLeans([]);
    settle(remedied(bolt, remedy, luck));
  };
  const [last, before] = [leans.at(-1), leans.at(-2)];
  const gives = (last?.deg ?? 0) - (before?.deg ?? 0);
  return (
    <Box display="grid" gap="3">
      <Box maxWidth="420px">
        <Twist leans={leans} mostNm={bolt.snapsNm * 1.1} fate={bolt.fate} />
      </Box>
      <Box display="flex" gap="4" alignItems="baseline" flexWrap="wrap" role="status" aria-live="polite">
        <Box fontFamily="heading" fontWeight="700" fontSize="44px" lineHeight="1">
          {fromNm(nowNm, unit).toFixed(nowNm < 30 ? 1 : 0)} {torqueSymbol(unit)}
        </Box>
        <span>
          {fateSays(bolt.fate, last === undefined, gives)}
          {bolt.tried.length > 0 && bolt.fate === "stuck" ? ` Done: ${bolt.tried.join(", ")}.` : ""}
        </span>
      </Box>
      {!isOver && (
        <>
          <Button look="primary" size="work" onClick={lean}>
            Lean a little harder
          </Button>
          <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="2">
            {REMEDIES.map((remedy) => (
              <Button key={remedy} minHeight="56px" onClick={() => treat(remedy)}>
                {capital(remedy)}
              </Button>
            ))}
          </Box>
          <Button minHeight="56px" onClick={() => onDone(judgeSeized(task, bolt))}>
            Stop here, and leave it whole
          </Button>
        </>
      )}
    </Box>
  );
}

/** A head that turns this much further for one more step of the bar is not turning out: its shank twists. */
const TWISTS_DEG = 4;

function fateSays(fate: Seized["fate"], isRested: boolean, gives: number): string {
  if (fate === "free") return "● A crack, and it turns.";
  if (fate === "snapped") return "■ It snapped.";
  if (isRested) return "The bar is at rest.";
  return gives > TWISTS_DEG
    ? `▲ The head went on by ${gives.toFixed(0)}° for that.`
    : `The head moved by ${gives.toFixed(1)}°.`;
}

/** How far the head has turned for each pull: a straight line while it springs, flat where it twists. */
function Twist({
  leans,
  mostNm,
  fate,
}: {
  leans: readonly { nm: number; deg: number }[];
  mostNm: number;
  fate: Seized["fate"];
}) {
  const x = (deg: number) => 130 + (deg / 60) * 170;
  const y = (nm: number) => 140 - (nm / mostNm) * 120;
  const points = [{ nm: 0, deg: 0 }, ...leans];
  const turned = leans.at(-1)?.deg ?? 0;
  return (
    <Paper height={165} says={`The head has turned ${turned.toFixed(0)} degrees`}>
      <g transform={`rotate(${-turned} 60 80)`}>
        <polygon points={polygon(60, 80, 44, 6)} fill={RAISED} stroke={LINE} strokeWidth={2.5} />
        <line x1={60} y1={62} x2={60} y2={42} stroke={STOP} strokeWidth={5} />
      </g>
      <line x1={130} y1={140} x2={304} y2={140} stroke={EDGE} />
      <line x1={130} y1={16} x2={130} y2={140} stroke={EDGE} />
      <polyline
        points={points.map(({ deg, nm }) => `${x(deg).toFixed(1)},${y(nm).toFixed(1)}`).join(" ")}
        stroke={fate === "snapped" ? STOP : INK}
        strokeWidth={3}
      />
      <Say x={304} y={157} at="end" colour={SOFT}>
        how far the head has turned
      </Say>
      <Say x={136} y={24} colour={SOFT}>
        pull
      </Say>
    </Paper>
  );
}

"use client";

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { judgeCount } from "@/core/practise/judge";
import { Button } from "@/ui/Button";
import { EDGE, INK, LINE, Paper, RAISED, STOP, polygon } from "@/ui/drawing/Paper";
import { useKey } from "../../shell/keys";
import type { TaskFaceProps } from "./face";

/** A nut off and on again, half a turn a press, while somebody talks: nothing counts along. */
export function CountFace({ task, isOver, onDone }: TaskFaceProps<"count">) {
  const { halfTurns, distractions } = task;
  const [off, setOff] = useState(0);
  const [on, setOn] = useState(0);
  const [answered, setAnswered] = useState(0);
  const isOff = off >= halfTurns;
  const asks = distractions[answered];
  const asked = asks !== undefined && off >= asks.after ? asks : undefined;
  const turn = () => {
    if (asked || isOver) return;
    if (isOff) setOn(on + 1);
    else setOff(off + 1);
  };
  useKey("more", turn, !isOver);
  return (
    <Box display="grid" gap="3" justifyItems="center">
      <Paper height={150} says={isOff ? "The nut goes back on" : "The nut comes off"}>
        <rect x={148} y={20} width={24} height={110} fill={EDGE} stroke={LINE} />
        <g transform={`rotate(${(isOff ? on : -off) * 180} 160 75)`}>
          <polygon points={polygon(160, 75, 56, 6)} fill={RAISED} stroke={LINE} />
          <circle cx={160} cy={75} r={22} stroke={INK} />
          <line x1={160} y1={42} x2={160} y2={24} stroke={STOP} strokeWidth={5} />
        </g>
      </Paper>
      <Box
        fontSize="20px"
        fontWeight="600"
        role="status"
        aria-live="assertive"
        textAlign="center"
        minHeight="30px"
      >
        {asked?.says ?? (isOff ? "It is off. Now on again, by the same turns." : "It comes off.")}
      </Box>
      {asked ? (
        <Box display="flex" gap="2" flexWrap="wrap">
          {asked.choices.map((choice) => (
            <Button key={choice} size="work" onClick={() => setAnswered(answered + 1)}>
              {choice}
            </Button>
          ))}
        </Box>
      ) : (
        !isOver && (
          <Box display="flex" gap="2" flexWrap="wrap" justifyContent="center">
            <Button look="primary" size="work" minHeight="80px" data-testid="half-turn" onClick={turn}>
              Half a turn {isOff ? "on" : "off"}
            </Button>
            {isOff && (
              <Button
                size="work"
                minHeight="80px"
                disabled={on === 0}
                onClick={() => onDone(judgeCount(task, on))}
              >
                It is back where it was
              </Button>
            )}
          </Box>
        )
      )}
    </Box>
  );
}

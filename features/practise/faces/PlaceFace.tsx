"use client";

import { Box } from "@chakra-ui/react";
import { type ReactNode, useState } from "react";
import { SPOTS, type Spot } from "@/core/practise/drill";
import { judgePlace } from "@/core/practise/judge";
import { Button } from "@/ui/Button";
import { EDGE, INK, LINE, RAISED, SHEET, SOFT } from "@/ui/drawing/Paper";
import type { TaskFaceProps } from "./face";

/** Nose to the left; the driver's left is below. */
const AT: Readonly<Record<Spot, { x: number; y: number }>> = {
  "left front": { x: 92, y: 196 },
  "right front": { x: 92, y: 44 },
  "left rear": { x: 292, y: 196 },
  "right rear": { x: 292, y: 44 },
};

/** Stands and chocks put where they belong on the drawn vehicle, and shaken. */
export function PlaceFace({ task, isOver, onDone }: TaskFaceProps<"place">) {
  const [stands, setStands] = useState<readonly Spot[]>([]);
  const [chocks, setChocks] = useState<readonly Spot[]>([]);
  const toggle = (list: readonly Spot[], spot: Spot) =>
    list.includes(spot) ? list.filter((one) => one !== spot) : [...list, spot];
  const [shaken, setShaken] = useState<"stands" | "tips">();
  const done = (leftDown: boolean) => {
    const outcome = judgePlace(task, { stands, chocks, leftDown });
    if (!leftDown) setShaken(outcome.grade === "wrong" ? "tips" : "stands");
    onDone(outcome);
  };
  return (
    <Box display="grid" gap="3">
      <Shaken how={shaken}>
        <path
          d="M 34 120 Q 34 66 84 64 L 320 64 Q 350 66 352 120 Q 350 174 320 176 L 84 176 Q 34 174 34 120 Z"
          fill={RAISED}
          stroke={LINE}
        />
        <path
          d="M 128 80 Q 114 120 128 160 L 156 150 L 156 90 Z M 284 86 L 284 154 L 314 164 Q 322 120 314 76 Z"
          stroke={EDGE}
        />
        {SPOTS.map((spot) => (
          <g key={spot}>
            <rect x={AT[spot].x - 26} y={AT[spot].y - 9} width={52} height={18} rx={5} fill={INK} />
            <Toggle
              says={`Stand, ${spot}`}
              isOn={stands.includes(spot)}
              isOver={isOver}
              onPress={() => setStands(toggle(stands, spot))}
              x={AT[spot].x + (spot.endsWith("front") ? 52 : -52)}
              y={AT[spot].y > 120 ? 148 : 92}
              draw="M -17 14 L 0 -16 L 17 14 Z"
            />
            <Toggle
              says={`Chocks, ${spot}`}
              isOn={chocks.includes(spot)}
              isOver={isOver}
              onPress={() => setChocks(toggle(chocks, spot))}
              x={AT[spot].x}
              y={AT[spot].y > 120 ? 216 : 24}
              draw="M -34 9 h 26 v -20 Z M 34 9 h -26 v -20 Z"
            />
          </g>
        ))}
        <text x={192} y={22} textAnchor="middle" fill={SOFT} fontSize={14}>
          {task.slopes === "level" ? "◀ nose" : `◀ ${task.slopes}`}
        </text>
      </Shaken>
      <Box color="soft" fontSize="15px">
        ▲ a stand under the sill or the axle there, ◣◢ chocks before and behind that wheel. Touch to put,
        touch again to take away.
      </Box>
      {!isOver && (
        <Box display="flex" gap="2" flexWrap="wrap">
          <Button look="primary" size="work" flex="2 1 160px" onClick={() => done(false)}>
            Raise it and shake it
          </Button>
          <Button size="work" flex="1 1 130px" onClick={() => done(true)}>
            Leave it down
          </Button>
        </Box>
      )}
    </Box>
  );
}

const SHAKES = {
  stands: {
    "0%, 100%": { transform: "none" },
    "30%, 70%": { transform: "translateX(2px)" },
    "50%": { transform: "translateX(-2px)" },
  },
  tips: { from: { transform: "none" }, to: { transform: "rotate(4deg) translateX(14px)" } },
} as const;

/** The vehicle from above; shaken it stands, or goes. */
function Shaken({ how, children }: { how: keyof typeof SHAKES | undefined; children: ReactNode }) {
  return (
    <Box
      css={
        how && {
          "@media (prefers-reduced-motion: no-preference)": {
            animation: `shaken-${how} 600ms ease-in-out forwards`,
            [`@keyframes shaken-${how}`]: SHAKES[how],
          },
        }
      }
    >
      <svg viewBox="0 0 384 240" width="100%" style={{ maxHeight: 340 }} fill="none" strokeWidth={2}>
        {children}
      </svg>
    </Box>
  );
}

interface ToggleProps {
  says: string;
  isOn: boolean;
  isOver: boolean;
  onPress: () => void;
  x: number;
  y: number;
  draw: string;
}

/** Something that is there or not; dashed where it could be. */
function Toggle({ says, isOn, isOver, onPress, x, y, draw }: ToggleProps) {
  const press = () => !isOver && onPress();
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={isOn}
      aria-label={says}
      transform={`translate(${x} ${y})`}
      style={{ cursor: "pointer" }}
      onClick={press}
      onKeyDown={(event) => {
        if (event.key !== "Enter" && event.key !== " ") return;
        event.preventDefault();
        press();
      }}
    >
      <rect x={-40} y={-23} width={80} height={46} fill="transparent" stroke="none" />
      <path
        d={draw}
        fill={isOn ? LINE : SHEET}
        stroke={LINE}
        strokeWidth={2}
        strokeDasharray={isOn ? undefined : "4 3"}
      />
    </g>
  );
}

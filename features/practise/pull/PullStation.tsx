"use client";

import { Box, chakra } from "@chakra-ui/react";
import { useEffect, useRef, useState } from "react";
import type { OnBolt, Pull } from "@/core/joint/pull";
import { STANDARD_GRAVITY } from "@/core/quantity/gravity";
import { shown } from "@/core/quantity/shown";
import type { TorqueUnit } from "@/core/quantity/torque-unit";
import { useSetting } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { useMotion } from "./use-motion";
import { type Puller, usePull } from "./use-pull";
import { WrenchView } from "./WrenchView";

const Slider = chakra("input", {
  base: { width: "100%", minHeight: "44px", accentColor: "var(--chakra-colors-drawing)" },
});

/** How fast the hand of a key or a button swings, degrees a second: from with care to in a hurry. */
const SLOW = 20;
const FAST = 160;
/** An eye begins beside a beam's pointer, and a hand beside its pin, as they do. */
const BESIDE_DEG = 18;
const OFF_PIN = 0.93;

interface PullStationProps {
  on: OnBolt;
  /** What the wrench is marked in. */
  unit: TorqueUnit;
  onLetGo: (pull: Pull) => void;
  /** What else can be done with the bolt. */
  children?: React.ReactNode;
}

/** A wrench on a bolt: pulled by its handle, by a button that is held, by the space bar, or by the phone itself. */
export function PullStation({ on, unit, onLetGo, children }: PullStationProps) {
  const isBeam = on.face === "beam";
  const puller = usePull(
    on,
    { atMm: isBeam ? on.gripMm * OFF_PIN : on.gripMm, eyeDeg: isBeam ? BESIDE_DEG : 0 },
    onLetGo,
  );
  const [degPerS, setDegPerS] = useState(SLOW + 10);
  const { swing, take, letGo, drive } = puller;
  const motion = useMotion(swing);
  const begin = () => {
    take(on.gripMm);
    if (motion.motion === "on") motion.zero();
    else drive(degPerS);
  };
  useSpace(begin, letGo);
  const force = puller.pull.torqueNm / (puller.hand.atMm / 1000);
  return (
    <Box display="grid" gap="2">
      <WrenchView
        puller={puller}
        unit={unit}
        says={`A ${on.face} wrench on its bolt. Hold the button or the space bar to pull.`}
      />
      <ForceBar force={force} puller={puller} />
      <Box aria-live="assertive" srOnly>
        {puller.pull.click ? "Click." : ""}
      </Box>
      <Box display="flex" gap="2" flexWrap="wrap">
        <Button
          look="primary"
          size="work"
          flex={{ base: "1 1 100%", md: "2" }}
          data-testid="hold-to-pull"
          style={{ touchAction: "none" }}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            begin();
          }}
          onPointerUp={letGo}
          onPointerCancel={letGo}
          onContextMenu={(event) => event.preventDefault()}
          onKeyDown={(event) => event.key === " " && event.preventDefault()}
        >
          Hold to pull
        </Button>
        {children}
      </Box>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} columnGap="4">
        <label>
          How fast the button pulls: {speedSays(degPerS)}
          <Slider
            type="range"
            min={SLOW}
            max={FAST}
            step={10}
            value={degPerS}
            aria-valuetext={`${degPerS} degrees a second`}
            onChange={(event) => setDegPerS(Number(event.target.value))}
          />
        </label>
        {isBeam && (
          <label>
            Where your eye is: {eyeSays(puller.hand.eyeDeg)}
            <Slider
              type="range"
              min={-25}
              max={25}
              value={puller.hand.eyeDeg}
              aria-valuetext={eyeSays(puller.hand.eyeDeg)}
              onChange={(event) => puller.look(Number(event.target.value))}
            />
          </label>
        )}
      </Box>
      <Heard motion={motion} />
    </Box>
  );
}

function speedSays(degPerS: number): string {
  if (degPerS < 60) return "with care";
  return degPerS < 110 ? "briskly" : "in a hurry";
}

const eyeSays = (deg: number): string => {
  if (Math.abs(deg) <= 2) return "straight above";
  return `${Math.abs(deg)}° ${deg > 0 ? "to the low end" : "to the high end"}`;
};

/** The space bar pulls while it is held, wherever nothing else wants it. */
function useSpace(begin: () => void, letGo: () => void): void {
  const latest = useRef(begin);
  useEffect(() => {
    latest.current = begin;
  });
  useEffect(() => {
    const down = (event: KeyboardEvent) => {
      const elsewhere =
        event.target instanceof Element &&
        event.target.closest("input, textarea, select, dialog, button:not([data-testid=hold-to-pull]), a");
      if (event.key !== " " || event.repeat || elsewhere) return;
      event.preventDefault();
      latest.current();
    };
    const up = (event: KeyboardEvent) => event.key === " " && letGo();
    document.addEventListener("keydown", down);
    document.addEventListener("keyup", up);
    return () => {
      document.removeEventListener("keydown", down);
      document.removeEventListener("keyup", up);
    };
  }, [letGo]);
}

/** How hard the hand pulls, as a bar and a number; a bolt's torque it does not tell. */
function ForceBar({ force, puller }: { force: number; puller: Puller }) {
  const { on } = puller.pull;
  const full = (on.setNm / (on.gripMm / 1000)) * 1.6;
  return (
    <Box display="flex" alignItems="center" gap="3">
      <Box
        flex="1"
        height="14px"
        background="raised"
        border="1px solid"
        borderColor="edge"
        borderRadius="sheet"
        overflow="hidden"
        aria-hidden
      >
        <div
          style={{
            height: "100%",
            width: `${Math.min(100, (force / full) * 100)}%`,
            background: "var(--chakra-colors-ink)",
          }}
        />
      </Box>
      <Box minWidth="132px" textAlign="right" fontVariantNumeric="tabular-nums" data-testid="pull-force">
        {shown(force, 2)} N, {(force / STANDARD_GRAVITY).toFixed(1)} kg
      </Box>
    </Box>
  );
}

/** What is heard, and whether the phone is the handle. */
function Heard({ motion: { motion, begin, end } }: { motion: ReturnType<typeof useMotion> }) {
  const [heard, save] = useSetting("practise");
  const is = { sound: heard?.sound ?? true, tone: heard?.tone ?? false };
  return (
    <Box display="flex" gap="4" flexWrap="wrap" fontSize="15px" alignItems="center">
      <chakra.label display="flex" gap="2" alignItems="center" minHeight="44px">
        <input
          type="checkbox"
          checked={is.sound}
          onChange={(event) => void save({ ...is, sound: event.target.checked })}
        />
        Hear the click
      </chakra.label>
      <chakra.label display="flex" gap="2" alignItems="center" minHeight="44px">
        <input
          type="checkbox"
          checked={is.tone}
          onChange={(event) => void save({ ...is, tone: event.target.checked })}
        />
        Hear the pull as a tone
      </chakra.label>
      {motion !== "none" && (
        <Button look="quiet" onClick={() => (motion === "on" ? end() : void begin())}>
          {motion === "on" ? "The phone is the handle: put it back" : "Hold the phone as the handle"}
        </Button>
      )}
      {(motion === "refused" || motion === "silent") && (
        <Box role="status" color="watch">
          ▲ {motion === "refused" ? "The browser was not allowed to feel" : "This device does not tell"} how
          it is turned. Pull with the button.
        </Box>
      )}
    </Box>
  );
}

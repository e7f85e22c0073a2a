"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { type Hand, type OnBolt, type Pull, pullOn, readOff, takeHold } from "@/core/joint/pull";
import { useSetting } from "@/data/hooks";
import { type Sounds, makeSounds } from "./sounds";

/** What is drawn of a pull, frame by frame. */
export interface Pulling {
  pull: Pull;
  /** What the wrench shows, N·m; undefined on one that only clicks. */
  readingNm: number | undefined;
  hand: Hand;
  isHeld: boolean;
}

export interface Puller extends Pulling {
  /** A hand takes hold at a place of the handle, mm from the square. */
  take: (atMm: number) => void;
  /** It has swung so far since, degrees. */
  swing: (deg: number) => void;
  /** It swings by itself from now on, degrees a second: the one of a key or a button. */
  drive: (degPerS: number) => void;
  letGo: () => void;
  /** The eye moves beside the straight look, degrees. */
  look: (eyeDeg: number) => void;
}

/** A frame that comes late is not made up for: the hand did not pull meanwhile. */
const LONGEST_FRAME_S = 0.05;

/**
 * A bolt under a simulated wrench, a frame at a time while a hand holds it. Told each pull when it is let go; the bolt
 * stays where it was turned to.
 */
export function usePull(
  on: OnBolt,
  startsWith: Pick<Hand, "atMm" | "eyeDeg">,
  onLetGo: (pull: Pull) => void,
): Puller {
  const [heard] = useSetting("practise");
  const hand = useRef<Hand>({ swungDeg: 0, ...startsWith });
  const driven = useRef(0);
  const pull = useRef<Pull>(takeHold(on));
  const sounds = useRef<Sounds>(undefined);
  const frame = useRef(0);
  const held = useRef(false);
  const [shown, setShown] = useState<Pulling>(() => ({
    pull: takeHold(on),
    readingNm: undefined,
    hand: { swungDeg: 0, ...startsWith },
    isHeld: false,
  }));
  const show = useCallback(
    () =>
      setShown({
        pull: pull.current,
        readingNm: readOff(pull.current, hand.current),
        hand: hand.current,
        isHeld: held.current,
      }),
    [],
  );
  const told = useRef(onLetGo);
  useEffect(() => {
    told.current = onLetGo;
  });

  const letGo = useCallback(() => {
    if (!held.current) return;
    held.current = false;
    driven.current = 0;
    cancelAnimationFrame(frame.current);
    sounds.current?.end();
    sounds.current = undefined;
    const whole = pull.current;
    hand.current = { ...hand.current, swungDeg: 0 };
    pull.current = { ...takeHold(on, whole.boltDeg) };
    show();
    told.current(whole);
  }, [on, show]);

  const take = useCallback(
    (atMm: number) => {
      if (held.current) return;
      held.current = true;
      hand.current = { ...hand.current, swungDeg: 0, atMm };
      pull.current = takeHold(on, pull.current.boltDeg);
      sounds.current = makeSounds({ sound: heard?.sound ?? true, tone: heard?.tone ?? false });
      let last = performance.now();
      const tick = (now: number) => {
        const seconds = Math.min(LONGEST_FRAME_S, (now - last) / 1000);
        last = now;
        if (driven.current > 0)
          hand.current = { ...hand.current, swungDeg: hand.current.swungDeg + driven.current * seconds };
        const before = pull.current;
        pull.current = pullOn(before, hand.current, seconds);
        tell(sounds.current, before, pull.current, hand.current);
        show();
        frame.current = requestAnimationFrame(tick);
      };
      frame.current = requestAnimationFrame(tick);
    },
    [on, heard, show],
  );

  useEffect(() => {
    // A hand that leaves the window lets go.
    window.addEventListener("blur", letGo);
    return () => {
      window.removeEventListener("blur", letGo);
      cancelAnimationFrame(frame.current);
      sounds.current?.end();
      sounds.current = undefined;
      held.current = false;
    };
  }, [letGo]);

  return {
    ...shown,
    take,
    letGo,
    swing: useCallback((deg: number) => {
      hand.current = { ...hand.current, swungDeg: Math.max(0, deg) };
    }, []),
    drive: useCallback((degPerS: number) => {
      driven.current = degPerS;
    }, []),
    look: useCallback(
      (eyeDeg: number) => {
        hand.current = { ...hand.current, eyeDeg };
        show();
      },
      [show],
    ),
  };
}

/** What is heard of a moment. */
function tell(sounds: Sounds | undefined, before: Pull, now: Pull, hand: Hand): void {
  const { setNm, face } = now.on;
  sounds?.strain(now.torqueNm / setNm);
  if (now.click && !before.click) sounds?.click();
  const [was, is] = [readOff(before, hand) ?? 0, readOff(now, hand) ?? 0];
  if (face === "digital" && was < setNm && is >= setNm) sounds?.beep();
}

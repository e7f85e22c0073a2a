import { type Joint, torqueAtNm } from "@/core/joint/joint";
import type { DigitalWrench, PullSample, WrenchListener } from "@/core/torque/digital-wrench";
import { jointFor, moodOf } from "./joint";

const SAMPLE_MS = 20;
const TURN_DEG_PER_S = 36;
/** How fast the hand leans in on a bolt that does not turn yet: the share of the aim in a second. */
const LEAN_PER_S = 1.1;
const SEED = 11;

interface Bolt {
  joint: Joint;
  aimNm: number;
  leverRatio: number;
  turnedDeg: number;
}

/** Where time comes from, so that a test need not wait. */
export interface Ticker {
  every: (ms: number, tick: () => void) => () => void;
}

const realTime: Ticker = {
  every: (ms, tick) => {
    const timer = setInterval(tick, ms);
    return () => clearInterval(timer);
  },
};

/**
 * A digital wrench without a wrench: its hand leans in while the bolt holds, then turns it against a joint
 * that runs down, seats, rises with a friction of its own and at last yields. A bolt keeps how far it was
 * turned.
 */
export function simulatedWrench(ticker: Ticker = realTime): DigitalWrench {
  const listeners = new Set<WrenchListener>();
  const bolts = new Map<string, Bolt>();
  let bolt: Bolt | undefined;
  let stop: (() => void) | undefined;
  let pull: PullSample[] = [];

  const letGo = () => {
    if (!stop) return;
    stop();
    stop = undefined;
    const whole = pull;
    pull = [];
    listeners.forEach(({ onReleased }) => onReleased(whole));
  };
  return {
    name: "Simulated wrench",
    gripLengthMm: 380,
    stepNm: 0.1,
    listen: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    disconnect: () => {
      letGo();
      listeners.clear();
    },
    hand: {
      takeBolt: ({ key, aimNm, leverRatio }) => {
        letGo();
        bolt = bolts.get(key) ?? {
          joint: jointFor(aimNm, SEED, key, moodOf(SEED, key)),
          aimNm,
          leverRatio,
          turnedDeg: 0,
        };
        bolt.leverRatio = leverRatio;
        bolts.set(key, bolt);
      },
      pull: () => {
        const on = bolt;
        if (stop || !on) return;
        const from = on.turnedDeg;
        let leantNm = 0;
        stop = ticker.every(SAMPLE_MS, () => {
          const heldNm = torqueAtNm(on.joint, on.turnedDeg);
          leantNm += (on.aimNm * LEAN_PER_S * SAMPLE_MS) / 1000;
          if (leantNm >= heldNm) on.turnedDeg += (TURN_DEG_PER_S * SAMPLE_MS) / 1000;
          const atBoltNm = Math.min(leantNm, torqueAtNm(on.joint, on.turnedDeg));
          const sample = { torqueNm: atBoltNm / on.leverRatio, angleDeg: on.turnedDeg - from };
          pull.push(sample);
          listeners.forEach(({ onSample }) => onSample(sample));
        });
      },
      letGo,
    },
  };
}

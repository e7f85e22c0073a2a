import { torqueAtNm } from "@/core/joint/joint";
import type { PullSample } from "@/core/torque/digital-wrench";
import { judgePull } from "@/core/torque/judge-pull";
import { targetFor } from "@/core/torque/target";
import { JOINT_MOODS, jointFor, moodOf } from "./joint";
import { type Ticker, simulatedWrench } from "./simulated-wrench";

const NAMES = Array.from({ length: 300 }, (_, i) => `bolt ${i}`);

/** A ticker that is turned by hand. */
function byHand(): Ticker & { run: (ticks: number) => void } {
  let on: (() => void) | undefined;
  return {
    every: (_, tick) => {
      on = tick;
      return () => (on = undefined);
    },
    run: (ticks) => {
      for (let i = 0; i < ticks; i++) on?.();
    },
  };
}

test("a sound joint runs down, rises and yields; its rise scatters from bolt to bolt", () => {
  const joint = jointFor(40, 1, "a", "sound");
  expect(torqueAtNm(joint, joint.runDownDeg / 2)).toBe(joint.prevailingNm);
  expect(torqueAtNm(joint, joint.runDownDeg + 70)).toBeGreaterThan(40);
  const rises = NAMES.map((name) => jointFor(40, 1, name, "sound").clampPerDeg);
  expect(Math.max(...rises) / Math.min(...rises)).toBeGreaterThan(1.3);
  expect(Math.max(...rises) / Math.min(...rises)).toBeLessThan(0.15 + 1.25);
});

test("nearly all bolts are sound, and each of the other moods is met", () => {
  const moods = NAMES.map((name) => moodOf(3, name));
  expect(new Set(moods)).toEqual(new Set(JOINT_MOODS));
  expect(moods.filter((mood) => mood === "sound").length).toBeGreaterThan(240);
});

/** Turned without a stop until the torque is there, or for two turns. */
function pulledTo(mood: (typeof JOINT_MOODS)[number], name: string, aimNm: number): PullSample[] {
  const joint = jointFor(aimNm, 5, name, mood);
  const pull: PullSample[] = [];
  for (let angleDeg = 0; angleDeg < 720; angleDeg += 0.5) {
    const torqueNm = torqueAtNm(joint, angleDeg);
    pull.push({ angleDeg, torqueNm });
    if (torqueNm >= aimNm) break;
  }
  return pull;
}

test.each([
  ["sound", undefined],
  ["soft", "too soft"],
  ["early", "too early"],
  ["stripped", "no rise"],
] as const)("a %s joint feels %s, whatever its friction and torque", (mood, feel) => {
  for (const aimNm of [9, 40, 110])
    for (const name of NAMES.slice(0, 60))
      expect([aimNm, name, judgePull(pulledTo(mood, name, aimNm), targetFor(aimNm), true).feel]).toEqual([
        aimNm,
        name,
        feel,
      ]);
});

test("the wrench reads less than the bolt gets through a crowfoot, keeps its bolts apart, and tells the pull when let go", () => {
  const ticker = byHand();
  const wrench = simulatedWrench(ticker);
  const pulls: (readonly PullSample[])[] = [];
  const stop = wrench.listen({ onSample: () => undefined, onReleased: (pull) => pulls.push(pull) });
  wrench.hand?.pull();
  ticker.run(10);
  expect(pulls).toEqual([]);
  const sound = NAMES.find((name) => moodOf(11, name) === "sound") ?? "";
  wrench.hand?.takeBolt({ key: sound, aimNm: 40, leverRatio: 1.1 });
  wrench.hand?.pull();
  ticker.run(100);
  wrench.hand?.letGo();
  const first = Math.max(...(pulls[0] ?? []).map(({ torqueNm }) => torqueNm));
  expect(first).toBeGreaterThan(15);
  // The same bolt again: it does not turn before the hand leans as hard as the joint holds.
  wrench.hand?.pull();
  ticker.run(5);
  wrench.hand?.letGo();
  expect(pulls[1]?.at(-1)).toMatchObject({ angleDeg: 0 });
  expect(pulls[1]?.at(-1)?.torqueNm).toBeCloseTo((40 * 1.1 * 0.1) / 1.1);
  stop();
  wrench.disconnect();
  expect(pulls).toHaveLength(2);
});

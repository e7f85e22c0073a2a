import type { Luck } from "../../chance";
import { type JointKind, jointOf } from "../../joint/joint";
import type { WrenchFace } from "../../joint/pull";
import type { Level } from "../../model/drill";
import type { TorqueUnit } from "../../quantity/torque-unit";
import { fromNm, torqueSymbol } from "../../quantity/torque-unit";
import { usualTorque } from "../../thread/likely";
import { formatThread, readThread } from "../../thread/thread";
import { targetFor } from "../../torque/target";
import type { Drill } from "../drill";

const THREADS = ["M6", "M8", "M10", "M12"] as const;

/** What is met at each level: the wrench first, then what the bolt goes into, then what is wrong with it. */
const FACES: Readonly<Record<Level, readonly WrenchFace[]>> = {
  1: ["click"],
  2: ["click", "digital"],
  3: ["click", "dial", "digital"],
  4: ["click", "beam", "dial"],
  5: ["click", "beam"],
};
const SOUND: Readonly<Record<Level, readonly JointKind[]>> = {
  1: ["steel"],
  2: ["steel", "aluminium", "plated"],
  3: ["gasket", "oiled", "locking nut", "aluminium"],
  4: ["gasket", "locking nut", "oiled", "dirty"],
  5: ["gasket", "to yield", "dirty"],
};
const UNSOUND: readonly JointKind[] = ["cross-threaded", "bottomed", "stripped"];
/** How many of ten bolts are not sound. */
const UNSOUND_OF_TEN: Readonly<Record<Level, number>> = { 1: 0, 2: 0, 3: 3, 4: 4, 5: 5 };

const GRIP_MM: Readonly<Record<(typeof THREADS)[number], number>> = { M6: 220, M8: 320, M10: 400, M12: 480 };

/** What a bolt goes into, as it is told before the pull. */
export const JOINT_SAID: Readonly<Record<JointKind, string>> = {
  steel: "into steel",
  aluminium: "into aluminium",
  gasket: "on a gasket",
  plated: "plated, into steel",
  oiled: "oiled, into steel",
  "locking nut": "with a locking nut",
  "to yield": "a bolt that stretches",
  dirty: "a thread that was not cleaned",
  "cross-threaded": "into steel",
  bottomed: "into a blind hole",
  stripped: "into aluminium",
};

/** A bolt and a wrench of a level. */
function bolt(level: Level, luck: Luck) {
  const isSound = luck.whole(1, 10) > UNSOUND_OF_TEN[level];
  const kind = luck.pick(isSound ? SOUND[level] : UNSOUND);
  const name = luck.pick(THREADS);
  const thread = readThread(name);
  const aimNm = Number(usualTorque(thread, { strength: "8.8" }).nm.toFixed(0));
  return { isSound, kind, name, thread, aimNm };
}

export const pullDrill: Drill = {
  skill: "pull",
  title: "The pull",
  about: "Feel for the click, for speed, and for a joint that is not sound",
  task: (level, luck) => {
    const { isSound, kind, name, thread, aimNm } = bolt(level, luck);
    const face = luck.pick(FACES[level]);
    const unit: TorqueUnit = "N.m";
    const gripMm = GRIP_MM[name];
    const joint = jointOf({ kind, thread, strength: "8.8", aimNm }, luck);
    return {
      kind: "pull",
      asks: `Do it up to ${fromNm(aimNm, unit).toFixed(0)} ${torqueSymbol(unit)}`,
      detail: `${formatThread(thread)}, ${JOINT_SAID[kind]}. Let go where it is enough, or where it does not feel right.`,
      on: {
        joint,
        face,
        setNm: aimNm,
        fullNm: Math.ceil((aimNm * 2) / 10) * 10,
        gripMm,
        addsMm: 0,
        reads: luck.normal(1, 0.01),
      },
      target: targetFor(aimNm),
      scaleUnit: unit,
      unit,
      isSound,
    };
  },
};

import type { Luck } from "../../chance";
import { judgeFit } from "../../fit/judge-fit";
import { type NearSize, nearSizes } from "../../fit/near-sizes";
import type { Level } from "../../model/drill";
import { inchFraction } from "../../quantity/inch-fraction";
import { INCH_MM } from "../../quantity/measure";
import { shown } from "../../quantity/shown";
import { threadsOfHead } from "../../thread/head-threads";
import { usualTorque } from "../../thread/likely";
import type { Drill } from "../drill";

type Head = { size: number; unit: "mm" | "in" };

const METRIC: readonly Head[] = [8, 10, 13, 15, 16, 17, 18, 19, 21, 24].map((size) => ({ size, unit: "mm" }));
const INCH: readonly Head[] = [7 / 16, 1 / 2, 9 / 16, 5 / 8, 11 / 16, 3 / 4, 7 / 8].map((size) => ({
  size,
  unit: "in",
}));

const sizeSaid = ({ size, unit }: Head) => (unit === "mm" ? `${size} mm` : `${inchFraction(size)} in`);

export const fitDrill: Drill = {
  skill: "fit",
  title: "Which socket on this head",
  about: "How far it rocks, and whether that rounds the corners",
  slip: "fit",
  task: (level, luck) => {
    for (;;) {
      const task = asked(level, luck);
      if (task) return task;
    }
  },
};

/** A head for which one of some sockets fits best; undefined where two do as well as each other. */
function asked(level: Level, luck: Luck): ReturnType<Drill["task"]> | undefined {
  const head = luck.pick(level < 3 ? METRIC : [...METRIC, ...INCH]);
  const headMm = head.unit === "mm" ? head.size : head.size * INCH_MM;
  const threads = threadsOfHead({ profile: "hexagon", ...head });
  const [thread] = threads;
  if (!thread) return undefined;
  const torqueNm = usualTorque(thread, {}).nm;
  const near = nearSizes(headMm);
  // From the third level on its own size is not in the box: a stand-in has to do, or none may.
  const box = near.filter((one) => level < 3 || Math.abs(one.acrossMm - headMm) > 0.01);
  const offered = luck.shuffled(box.slice(0, 4)).slice(0, level < 2 ? 3 : 4);
  const verdicts = offered.map((one) => ({ one, verdict: judgeFit(one.fit, torqueNm, threads, headMm) }));
  const good = verdicts.filter(({ verdict }) => verdict === "snug" || verdict === "usable");
  if (offered.length < 3 || good.length > 1 || (level < 3 && good.length === 0)) return undefined;
  return {
    kind: "pick",
    asks: `A ${sizeSaid(head)} head, done up to ${shown(torqueNm, 2)} N·m. Which of these?`,
    detail: level < 3 ? "Six-point sockets." : "Six-point sockets; its own size is lent out.",
    choices: [
      ...verdicts.map(({ one, verdict }) => ({
        says: `${sizeSaid(one)} socket`,
        isRight: good.some((fits) => fits.one === one),
        why: fitSays(one, verdict),
        shows: {
          kind: "head" as const,
          toolMm: one.acrossMm,
          headMm,
          isKey: false,
          turnedDeg: one.fit.freePlayDeg,
        },
      })),
      ...(level < 3
        ? []
        : [
            {
              says: "None of them",
              isRight: good.length === 0,
              why:
                good.length === 0
                  ? "Each of them would round it at that torque: fetch its own size."
                  : `The ${sizeSaid(good[0]?.one ?? head)} socket sits well enough.`,
            },
          ]),
    ],
  };
}

/** Less play than this is none. */
const LEAST_PLAY_DEG = 0.01;

function fitSays({ fit: { freePlayDeg, mayGoOn } }: NearSize, verdict: string): string {
  if (freePlayDeg === undefined) return "It does not go on, or spins.";
  if (freePlayDeg < LEAST_PLAY_DEG) return mayGoOn ? "It just goes on: snug." : "It is its own size.";
  const rocks = `It rocks ${shown(freePlayDeg, 2)}° each way`;
  return `${rocks}: ${verdict}.`;
}

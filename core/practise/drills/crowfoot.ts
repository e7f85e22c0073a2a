import type { Level } from "../../model/drill";
import { convertTorque, formatTorque } from "../../quantity/torque-quantity";
import { wrenchTorqueNm } from "../../torque/adapter";
import type { Drill } from "../drill";

const ANGLES: Readonly<Record<Level, readonly number[]>> = {
  1: [0, 90],
  2: [0, 90, 180],
  3: [0, 45, 90],
  4: [30, 45, 60, 135],
  5: [30, 60, 120, 150],
};

const SAID: Readonly<Record<number, string>> = {
  0: "in line with the handle",
  90: "square to the handle",
  180: "folded back along the handle",
};

export const crowfootDrill: Drill = {
  skill: "crowfoot",
  title: "Crowfoot at an angle",
  about: "What to set, so that the bolt gets its figure",
  slip: "adapter",
  task: (level, luck) => {
    const angleDeg = luck.pick(ANGLES[level]);
    const offsetMm = luck.whole(6, 14) * 5;
    const gripLengthMm = luck.whole(12, 24) * 20;
    const bolt = { value: luck.whole(4, 22) * 5, unit: "N.m" as const, decimals: 0 };
    const setNm = wrenchTorqueNm(bolt.value, { gripLengthMm, adapters: [{ offsetMm, angleDeg }] });
    const adds = offsetMm * Math.cos((angleDeg * Math.PI) / 180);
    const set = { value: setNm, unit: "N.m" as const, decimals: 1 };
    return {
      kind: "figure",
      asks: `The bolt is to get ${formatTorque(bolt)}. What do you set?`,
      detail: `Handle ${gripLengthMm} mm to the middle of the grip; crowfoot ${offsetMm} mm, ${SAID[angleDeg] ?? `at ${angleDeg}° to the handle`}.`,
      shows: { kind: "adapter", gripLengthMm, offsetMm, angleDeg },
      unit: "N.m",
      wants: { form: "value", torque: set },
      within: [0.015, 0.04],
      why: `${bolt.value} · ${gripLengthMm} / (${gripLengthMm} ${adds < 0 ? "−" : "+"} ${Math.abs(adds).toFixed(0)}) = ${formatTorque(convertTorque(set, "N.m"))}.`,
    };
  },
};

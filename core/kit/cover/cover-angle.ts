import type { Chest } from "../../chest/chest";
import type { Fastener } from "../../model/job";
import { highestNm } from "../needs/highest-torque";
import type { Cover } from "../needs/need";
import { coverBar } from "./cover-bar";

/**
 * A bar that turns it so far, and a gauge where there is one: a paint mark and the flats of the hexagon do as
 * well. Example: 90° without a gauge → stand-in, "1.5 flats of a hexagon".
 */
export function coverAngle(fastener: Fastener, angleDeg: number, chest: Chest): Cover {
  const most = highestNm(fastener);
  const bar =
    most === undefined
      ? undefined
      : coverBar({ kind: "bar", fastener, torqueNm: [most, most] }, chest, "do up");
  if (bar?.kind === "missing") return bar;
  const [tools, pull] = bar?.kind === "owned" ? [bar.tools, bar.says] : [[], undefined];
  const [gauge] = chest.ofKind("angle gauge");
  if (gauge) return { kind: "owned", tools: [gauge, ...tools], ...(pull ? { says: pull } : {}) };
  const flats = angleDeg / 60;
  const mark = `A paint mark and the head itself show it: ${Number(flats.toFixed(2))} ${flats === 1 ? "flat" : "flats"} of a hexagon.`;
  return { kind: "stand-in", tools, says: pull ? `${mark} ${pull}` : mark };
}
